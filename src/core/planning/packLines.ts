import type { PictureId } from '../days'
import { RefusedValue, requireInteger } from '../errors'
import {
  checkOwnPlan,
  type PrintableId,
  printableOf,
  OPTION_IDS,
  type OptionId,
  type PrintChoices,
  type PrintLooks,
  type PrintOptions,
} from '../printables'
import { type RungId, rungOf, type MisreadingId } from '../teaching'
import { IN_ENGLISH, nameWithin, printedAs, type Wording, told, asPart } from '../wording'
import { rungFor } from './need'
import type { AnswerWay } from './paperWay'

/** A pack names each child, leans to that child's misreadings and follows the house rules by itself. */
const SET_BY_PACK = ['owner', 'picture', 'weights', 'lowInk', 'grey', 'look'] as const satisfies readonly OptionId[]
type SetByPack = (typeof SET_BY_PACK)[number]
/** The options that are chosen for a whole pack. */
export const PACK_OPTION_IDS: readonly OptionId[] = OPTION_IDS.filter((id) => !SET_BY_PACK.some((own) => own === id))

/** Of what was chosen for one print, that which is chosen for a whole pack. */
export function packChoices(chosen: PrintChoices): Omit<PrintChoices, SetByPack> {
  return Object.fromEntries(PACK_OPTION_IDS.map((id) => [id, chosen[id]]))
}

/** Something that every child of a pack gets, in a version of their own. */
export interface PackThing extends Omit<PrintChoices, SetByPack> {
  readonly printable: PrintableId
  /** Left out, it is as many as is usual. It is never more than a child's rung has. */
  readonly count?: number
}

export interface PackChild {
  readonly name: string
  readonly picture?: PictureId
  /** The rung that the child works on. */
  readonly rung: RungId
  readonly weights: Partial<Record<MisreadingId, number>>
}

export interface PackWish extends Pick<PrintOptions, 'paper' | 'wording' | keyof PrintLooks> {
  readonly title: string
  readonly children: readonly PackChild[]
  readonly things: readonly PackThing[]
  /** The school's order: easier rungs are found in it. */
  readonly order: readonly RungId[]
  readonly seed: number
  readonly answersOnPaper: AnswerWay
}

/** One child's version of one thing. */
export interface PackLine {
  readonly child: string
  readonly printable: PrintableId
  readonly rung: RungId
  readonly seed: number
  /** The child's own rung, where the print does not suit it. */
  readonly instead?: RungId
}

export const MOST_PACK_THINGS = 5

/**
 * What each child gets. Throws RefusedValue for nobody, nothing to print, or rows of one's own day that are none.
 */
export function packLines({ children, things, order, seed }: PackWish): PackLine[] {
  if (children.length === 0)
    throw new RefusedValue(told('children'), told('at least one child to print for'), asPart(told('none')))
  requireInteger(told('things in a pack'), things.length, 1, MOST_PACK_THINGS)
  for (const { rows } of things) if (rows) checkOwnPlan(rows)
  return children.flatMap((child, i) =>
    things.map(({ printable }, at): PackLine => {
      const rung = rungFor(printableOf(printable), child.rung, { order })
      const instead = rung === child.rung ? undefined : child.rung
      return { child: child.name, printable, rung, seed: seed + i * MOST_PACK_THINGS + at, instead }
    }),
  )
}

/** Why a child's print is not at the child's own rung, where it is not. */
export function packNote({ child, instead }: PackLine, wording: Wording = IN_ENGLISH): string | undefined {
  if (!instead) return undefined
  const own = nameWithin(wording, rungOf(instead).name)
  return printedAs('{0} works on {1}, for which there is no such sheet', wording, child, own)
}
