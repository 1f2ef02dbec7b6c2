import { cutLength, type Shape } from '../drawing'
import { IN_ENGLISH, nameIn, printedAs, type Wording, type Told, told, unitFor, asPart } from '../wording'
import { hasPaperHands, isFourUp } from './paperHands'
import { clocksOf, recipePages } from './pages'
import type { Recipe } from './recipe'
import { backings } from './backings'

/** How fast young hands cut, mm/s; from eight years on half as fast again. */
const CUT_MM_PER_SECOND = { straight: 12, curved: 8 } as const
export const OLDER_FROM = 8
const OLDER_SPEED = 1.5
const MINUTES_A_HOLE = 0.5

/**
 * How many minutes young hands take to cut along the cut lines of some shapes; never less than one where there are any.
 * The speeds are those of 4 to 7 years, half as fast again from 8 on.
 */
export function minutesOfCutting(shapes: readonly Shape[], age: number): number {
  const { straight, curved } = cutLength(shapes)
  const speed = age >= OLDER_FROM ? OLDER_SPEED : 1
  return Math.ceil((straight / CUT_MM_PER_SECOND.straight + curved / CUT_MM_PER_SECOND.curved) / 60 / speed)
}

/** What so many clocks take, spares included, and how long the cutting and the holes take. */
export function amountsFor(recipe: Recipe): Amounts {
  const clocks = recipe.children + recipe.spares
  const pages = recipePages({ ...recipe, tile: true })
  const shapes = pages.flatMap((page) => page.shapes)
  const { straight, curved } = cutLength(shapes)
  const dials = clocksOf(recipe).length
  const holes = dials * holesOf(recipe)
  const list: Amount[] = [
    { name: told('pages on {0} g/m²', recipe.gsm), count: pages.length * clocks, unit: told('page') },
    ...fastening(recipe, dials * clocks),
    ...(recipe.backing === 'none'
      ? []
      : [
          {
            name:
              recipe.backing === 'plate'
                ? told('paper plates')
                : told('backing, {0}', asPart(backings[recipe.backing].name)),
            count: dials * clocks,
            unit: recipe.backing === 'plate' ? told('plate') : told('sheet'),
          },
        ]),
    ...(recipe.backing === 'none'
      ? []
      : [{ name: told('glue sticks, one for four'), count: Math.ceil((dials * clocks) / 4), unit: told('stick') }]),
    ...(recipe.kind === 'dough'
      ? [{ name: told('dough, a ball of 25 mm'), count: dials * clocks, unit: told('ball') }]
      : []),
  ]
  return {
    clocks,
    list,
    cuttingMinutes: recipe.cuttingMinutes ?? minutesOfCutting(shapes, recipe.age),
    holeMinutes: Math.ceil(holes * clocks * MINUTES_A_HOLE),
    straightMm: straight,
    curvedMm: curved,
  }
}

/** Holes of one dial: in the face and each hand, and in each circle of a layered one. */
function holesOf(recipe: Recipe): number {
  if (isFourUp(recipe)) return 0
  const hands = hasPaperHands(recipe) ? (recipe.hands === 'both' ? 2 : 1) + (recipe.secondHand ? 1 : 0) : 0
  return 1 + hands + (recipe.kind === 'layered' ? 2 : 0)
}

interface Amount {
  readonly name: Told
  readonly count: number
  readonly unit: Told
}

interface Amounts {
  readonly clocks: number
  readonly list: readonly Amount[]
  /** Of cutting, for one child, by the length of the cuts. */
  readonly cuttingMinutes: number
  /** Of the adult, for all holes. */
  readonly holeMinutes: number
  /** Of all cut lines of one clock, mm. */
  readonly straightMm: number
  readonly curvedMm: number
}

/** What `dials` clocks of a recipe are fastened with. */
function fastening(recipe: Recipe, dials: number): Amount[] {
  if (isFourUp(recipe)) return []
  if (recipe.fastener === 'hairpins')
    return [{ name: told('hairpins, two a clock'), count: 2 * dials, unit: told('hairpin') }]
  if (recipe.fastener === 'pushpin')
    return [
      { name: told('pushpins'), count: dials, unit: told('pushpin') },
      { name: told('erasers of 8 mm or more'), count: dials, unit: told('eraser') },
    ]
  if (recipe.fastener === 'pipe-cleaner')
    return [
      { name: told('pipe cleaners'), count: dials * (recipe.hands === 'both' ? 2 : 1), unit: told('pipe cleaner') },
    ]
  return [{ name: told('paper fasteners'), count: dials, unit: told('fastener') }]
}

/** "paper plates: 7 plates". */
export function amountInWords({ name, count, unit }: Amount, wording: Wording = IN_ENGLISH): string {
  return printedAs('{0}: {1} {2}', wording, nameIn(wording, name), count, nameIn(wording, unitFor(unit, count)))
}
