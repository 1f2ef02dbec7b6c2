import { type Drawing, FAINT, MOSS, cutLength, flowPages, makePage, paragraph, stack } from '../drawing'
import { type CautionId, FOLLOW_LOCAL_RULES, cautions } from './cautions'
import { hasPaperHands, isFourUp, layOut } from './parts'
import { clocksOf, recipePages } from './pages'
import { type Measures, RECIPE_KINDS, type Recipe } from './recipe'
import { solveRecipe } from './solve'
import { backings, fasteners } from './stock'

export interface Amount {
  readonly name: string
  readonly count: number
  readonly unit: string
}

export interface Amounts {
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

/** How fast young hands cut, mm/s; from eight years on half as fast again. */
export const CUT_MM_PER_SECOND = { straight: 12, curved: 8 } as const
const OLDER_FROM = 8
const OLDER_SPEED = 1.5
const MINUTES_A_HOLE = 0.5

/** What so many clocks take, spares included, and how long the cutting and the holes take. */
export function amountsFor(recipe: Recipe): Amounts {
  const clocks = recipe.children + recipe.spares
  const pages = recipePages({ ...recipe, tile: true })
  const { straight, curved } = cutLength(pages.flatMap((page) => page.shapes))
  const speed = recipe.age >= OLDER_FROM ? OLDER_SPEED : 1
  const seconds = straight / CUT_MM_PER_SECOND.straight + curved / CUT_MM_PER_SECOND.curved
  const dials = clocksOf(recipe).length
  const holes = dials * holesOf(recipe)
  const list: Amount[] = [
    { name: `pages on ${recipe.gsm} g/m²`, count: pages.length * clocks, unit: 'page' },
    ...fastening(recipe, dials * clocks),
    ...(recipe.backing === 'none'
      ? []
      : [
          {
            name: recipe.backing === 'plate' ? 'paper plates' : `backing, ${backings[recipe.backing].name}`,
            count: dials * clocks,
            unit: recipe.backing === 'plate' ? 'plate' : 'sheet',
          },
        ]),
    ...(recipe.backing === 'none'
      ? []
      : [{ name: 'glue sticks, one for four', count: Math.ceil((dials * clocks) / 4), unit: 'stick' }]),
    ...(recipe.kind === 'dough' ? [{ name: 'dough, a ball of 25 mm', count: dials * clocks, unit: 'ball' }] : []),
  ]
  return {
    clocks,
    list,
    cuttingMinutes: recipe.cuttingMinutes ?? Math.ceil(seconds / 60 / speed),
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

function fastening(recipe: Recipe, dials: number): Amount[] {
  if (isFourUp(recipe)) return []
  if (recipe.fastener === 'hairpins') return [{ name: 'hairpins, two a clock', count: 2 * dials, unit: 'hairpin' }]
  if (recipe.fastener === 'pushpin')
    return [
      { name: 'pushpins', count: dials, unit: 'pushpin' },
      { name: 'erasers of 8 mm or more', count: dials, unit: 'eraser' },
    ]
  if (recipe.fastener === 'pipe-cleaner')
    return [{ name: 'pipe cleaners', count: dials * (recipe.hands === 'both' ? 2 : 1), unit: 'pipe cleaner' }]
  return [{ name: 'paper fasteners', count: dials, unit: 'fastener' }]
}

const HANDS_IN_ORDER: Record<Recipe['hands'], string> = {
  both: 'Hour hand on the face, minute hand on top',
  hour: 'The hour hand on the face',
  minute: 'The minute hand on the face',
  pair: 'The hour hand on one face, the minute hand on the other',
}

/** "a pipe cleaner along each bar: minute hand 66 mm, hour hand 40 mm". */
function stripsInWords({ hands }: Recipe, m: Measures): string {
  const minute = `minute hand ${Math.round(m.minuteHandMm)} mm`
  const hour = `hour hand ${Math.round(m.hourHandMm)} mm`
  return `a pipe cleaner along each bar: ${hands === 'hour' ? hour : hands === 'minute' ? minute : `${minute}, ${hour}`}`
}

/** The order of the work, as the adult does it. */
export function makingSteps(recipe: Recipe, m: Measures): string[] {
  const { kind, backing, fastener } = recipe
  const { holeMm, name, isSharp } = fasteners[fastener]
  const isDrawn = kind === 'draw'
  const fourUp = isFourUp(recipe)
  const steps = ['Print at 100 % and hold a ruler to the bar at the foot: it must be 100 mm.']
  if (fourUp) steps.push('Fold along the dashed lines, or cut the page in four.')
  if (isDrawn)
    steps.push(
      'Children draw: quarter marks first, then the hour marks between, then the numerals 12, 6, 3, 9, then the rest.',
    )
  else steps.push('Children colour the face and the hands, a different colour for each hand.')
  if (!layOut(recipe, m)) steps.push('Join the parts of the face: lay the dashed lines on each other and glue.')
  if (backing !== 'none')
    steps.push(
      `Glue the face to the ${backing === 'plate' ? 'plate, in the middle of its flat' : 'backing'} and cut wide round it.`,
    )
  if (!fourUp) steps.push('Children cut out the parts, seated, with blunt-ended scissors.')
  if (kind === 'layered')
    steps.push(
      'Lay the middle circle on the outer one, its marks between the numerals, and the hub on top of the hands.',
    )
  if (!fourUp)
    steps.push(
      `An adult makes the ${holeMm} mm ${fastener === 'hairpins' ? 'slits' : 'holes'} at the crosses, over an eraser.`,
    )
  if (kind === 'dough')
    steps.push(`Cut ${stripsInWords(recipe, m)}. Fold each end in. Press the dough on the middle and the wire into it.`)
  else if (hasPaperHands(recipe))
    steps.push(`${HANDS_IN_ORDER[recipe.hands]}; join with ${name.toLowerCase()}, ${Math.round(m.legMm * 10) / 10} mm.`)
  if (isSharp) steps.push('Push the point into the eraser before a child holds the clock.')
  steps.push('Check that 12 is at the top' + (fourUp ? '.' : ' and the hands turn.'))
  return steps
}

export function makingCautions(recipe: Recipe): CautionId[] {
  const fourUp = isFourUp(recipe)
  return [
    ...(fourUp ? [] : (['holes', 'scissors', 'small-parts'] as const)),
    ...(recipe.kind === 'dough' ? (['dough', 'pipe-cleaners'] as const) : []),
    ...(recipe.backing === 'none' ? [] : (['glue'] as const)),
  ]
}

/** "paper plates: 7 plates". */
export function amountInWords({ name, count, unit }: Amount): string {
  return `${name}: ${count} ${count === 1 ? unit : `${unit}s`}`
}

/** The adult's card: what to fetch, how long it takes, the order of the work, what to mind. */
export function makingCard(recipe: Recipe): Drawing[] {
  const { paper } = recipe
  const amounts = amountsFor(recipe)
  const line = (text: string) => paragraph(paper, text, { size: 4.4, above: 0.8 })
  const head = (text: string) => paragraph(paper, text, { size: 5.4, weight: 'bold', above: 3, fill: MOSS })
  const holes = amounts.holeMinutes > 0 ? [line(`Your own minutes for the holes: about ${amounts.holeMinutes}.`)] : []
  const blocks = [
    stack([head('Fetch'), ...amounts.list.map((amount) => line(`–  ${amountInWords(amount)}`))]),
    stack([head('Time'), line(`Cutting: about ${amounts.cuttingMinutes} min a child.`), ...holes]),
    stack([
      head('In this order'),
      ...makingSteps(recipe, solveRecipe(recipe)).map((step, i) => line(`${i + 1}.  ${step}`)),
    ]),
    stack([
      head('Mind'),
      ...makingCautions(recipe).map((id) => line(`–  ${cautions[id]}`)),
      paragraph(paper, FOLLOW_LOCAL_RULES, { size: 3.6, fill: FAINT, above: 1 }),
    ]),
  ]
  const count = `${amounts.clocks} ${amounts.clocks === 1 ? 'clock' : 'clocks'}`
  return flowPages(paper, blocks).map((body) =>
    makePage({
      paper,
      title: `${RECIPE_KINDS[recipe.kind].name}: ${count}`,
      footer: 'Ripe Acorn · for the adult',
      body,
    }),
  )
}
