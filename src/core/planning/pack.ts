import { type Drawing, INK, flowPages, makePage, paragraph, type FlowBlock, stack } from '../drawing'
import { RefusedValue, requireInteger } from '../errors'
import {
  type Print,
  OPTION_IDS,
  type OptionId,
  type PrintChoices,
  type PrintOptions,
  type PrintableId,
  countsOn,
  ownPlan,
  printableOf,
  takenChoices,
} from '../printables'
import { type MisreadingId, type RungId, rungOf } from '../teaching'
import { IN_ENGLISH, type Wording, barText, nameIn, nameWithin, printedAs } from '../wording'
import { rungFor } from './need'

/** A pack names each child, leans to that child's misreadings and follows the house rules by itself. */
const SET_BY_PACK = ['owner', 'weights', 'lowInk'] as const satisfies readonly OptionId[]
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
  /** The rung that the child works on. */
  readonly rung: RungId
  readonly weights: Partial<Record<MisreadingId, number>>
}

export interface PackWish extends Pick<PrintOptions, 'paper' | 'wording' | 'lowInk'> {
  readonly title: string
  readonly children: readonly PackChild[]
  readonly things: readonly PackThing[]
  /** The school's order: easier rungs are found in it. */
  readonly order: readonly RungId[]
  readonly seed: number
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
 * What each child gets. Throws RefusedValue for nobody, nothing to print, or a day of one's own that cannot be read.
 */
export function packLines({ children, things, order, seed, wording }: PackWish): PackLine[] {
  if (children.length === 0) throw new RefusedValue('children', 'at least one child to print for', 'none')
  requireInteger('things in a pack', things.length, 1, MOST_PACK_THINGS)
  for (const { rows } of things) if (rows) ownPlan(rows, wording.language)
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

export interface Pack {
  readonly pages: readonly Drawing[]
  readonly keys: readonly Drawing[]
  readonly cover: readonly Drawing[]
}

/** Makes a pack piece by piece: after each print it is told how many of them are done. */
export function makePack(wish: PackWish, onPrint: (done: number, total: number) => void = () => undefined): Pack {
  const lines = packLines(wish)
  const made = lines.map((line, i) => {
    const print = printOf(line, wish, i)
    onPrint(i + 1, lines.length)
    return { line, print }
  })
  const coverLength = coverPages(wish, made, 1).length
  return {
    cover: coverPages(wish, made, coverLength + 1),
    pages: made.flatMap(({ print }) => print.pages),
    keys: made.flatMap(({ print }) => print.key),
  }
}

function printOf({ printable: id, rung, seed }: PackLine, wish: PackWish, place: number): Print {
  const { paper, wording, lowInk, children, things } = wish
  const child = children[Math.floor(place / things.length)] as PackChild
  const thing = things[place % things.length] as PackThing
  const printable = printableOf(id)
  const counts = countsOn(printable, rung)
  const count = Math.min(thing.count ?? counts.usual, counts.most)
  const choices = takenChoices(printable, rung, {
    ...packChoices(thing),
    lowInk,
    owner: child.name,
    weights: child.weights,
  })
  return printable.make({ paper, wording, rung, count, ...choices }, seed)
}

/** Who gets what, on which pages of the whole, and where the keys begin. */
function coverPages(
  { paper, title, things, wording }: PackWish,
  made: readonly { line: PackLine; print: Print }[],
  first: number,
): Drawing[] {
  let at = first
  const entries = made.map(({ line, print }) => {
    const from = at
    at += print.pages.length
    const isOne = from === at - 1
    return {
      line,
      pages: isOne ? printedAs('page {0}', wording, from) : printedAs('pages {0} to {1}', wording, from, at - 1),
    }
  })
  const blocks = Array.from({ length: entries.length / things.length }, (_, i): FlowBlock => {
    const own = entries.slice(i * things.length, (i + 1) * things.length)
    const heading = paragraph(paper, own[0]?.line.child ?? '', { size: 5, weight: 'bold', above: 4, fill: INK })
    const rows = own.map(({ line, pages }) => {
      const note = packNote(line, wording)
      const what = `${nameIn(wording, printableOf(line.printable).name)}, ${nameWithin(wording, rungOf(line.rung).name)}`
      const where = `${pages}, ${printedAs('no. {0}', wording, line.seed)}${note ? ` (${note})` : ''}`
      return paragraph(paper, printedAs('{0}: {1}', wording, what, where), { size: 4.2, indent: 6 })
    })
    return stack([heading, ...rows])
  })
  const end = paragraph(paper, printedAs('Keys, in the same order: from page {0}', wording, at), {
    size: 5,
    weight: 'bold',
    above: 6,
  })
  return flowPages(paper, [...blocks, end]).map((body) =>
    makePage({
      paper,
      title: printedAs('Who gets what: {0}', wording, title),
      footer: `Ripe Acorn · ${printedAs('pack', wording)}`,
      bar: barText(wording),
      body,
    }),
  )
}
