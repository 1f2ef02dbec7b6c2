import { type Drawing, FAINT, flowPages, makePage, MOSS, paragraph, stack } from '../drawing'
import { barText, IN_ENGLISH, nameIn, nameWithin, printedAs, type PrintedPhrase, type Wording } from '../wording'
import { type CautionId, cautions, FOLLOW_LOCAL_RULES } from './cautions'
import { hasPaperHands, isFourUp } from './paperHands'
import { layOut } from './parts'
import { type Measures, type Recipe, RECIPE_KINDS } from './recipe'
import { solveRecipe } from './solve'
import { fasteners } from './stock'
import { amountInWords, amountsFor } from './amounts'
import { tenth } from '../clock'

const HANDS_IN_ORDER = {
  both: 'Hour hand on the face, minute hand on top; join with {0}, {1} mm.',
  hour: 'The hour hand on the face; join with {0}, {1} mm.',
  minute: 'The minute hand on the face; join with {0}, {1} mm.',
  pair: 'The hour hand on one face, the minute hand on the other; join with {0}, {1} mm.',
} as const satisfies Record<Recipe['hands'], PrintedPhrase>

/** "minute hand 66 mm, hour hand 40 mm". */
function stripsInWords({ hands }: Recipe, m: Measures, wording: Wording): string {
  const minute = printedAs('minute hand {0} mm', wording, Math.round(m.minuteHandMm))
  const hour = printedAs('hour hand {0} mm', wording, Math.round(m.hourHandMm))
  return hands === 'hour' ? hour : hands === 'minute' ? minute : `${minute}, ${hour}`
}

/** The order of the work, as the adult does it. */
export function makingSteps(recipe: Recipe, m: Measures, wording: Wording = IN_ENGLISH): string[] {
  const as = (phrase: PrintedPhrase, ...values: (string | number)[]) => printedAs(phrase, wording, ...values)
  const { kind, backing, fastener } = recipe
  const { holeMm, name, isSharp } = fasteners[fastener]
  const isDrawn = kind === 'draw'
  const fourUp = isFourUp(recipe)
  const steps = [as('Print at 100 % and hold a ruler to the bar at the foot: it must be 100 mm.')]
  if (fourUp) steps.push(as('Fold along the dashed lines, or cut the page in four.'))
  if (isDrawn)
    steps.push(
      as(
        'Children draw: quarter marks first, then the hour marks between, then the numbers 12, 6, 3, 9, then the rest.',
      ),
    )
  else steps.push(as('Children colour the face and the hands, a different colour for each hand.'))
  if (!layOut(recipe, m)) steps.push(as('Join the parts of the face: lay the dashed lines on each other and glue.'))
  if (backing !== 'none')
    steps.push(
      backing === 'plate'
        ? as('Glue the face to the plate, in the middle of its flat part, and cut wide round it.')
        : as('Glue the face to the backing and cut wide round it.'),
    )
  if (!fourUp) steps.push(as('Children cut out the parts, seated, with blunt-ended scissors.'))
  if (kind === 'layered')
    steps.push(
      as('Lay the middle circle on the outer one, its marks between the numbers, and the hub on top of the hands.'),
    )
  if (!fourUp)
    steps.push(
      fastener === 'hairpins'
        ? as('An adult makes the {0} mm slits at the crosses, over an eraser.', holeMm)
        : as('An adult makes the {0} mm holes at the crosses, over an eraser.', holeMm),
    )
  if (kind === 'dough')
    steps.push(
      as(
        'Cut a pipe cleaner along each bar: {0}. Fold each end in. Press the dough on the middle and the wire into it.',
        stripsInWords(recipe, m, wording),
      ),
    )
  else if (hasPaperHands(recipe))
    steps.push(as(HANDS_IN_ORDER[recipe.hands], nameWithin(wording, name), tenth(m.legMm)))
  if (isSharp) steps.push(as('Push the point into the eraser before a child holds the clock.'))
  steps.push(fourUp ? as('Check that 12 is at the top.') : as('Check that 12 is at the top and the hands turn.'))
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

/** The adult's card: what to fetch, how long it takes, the order of the work, what to mind. */
export function makingCard(recipe: Recipe, wording: Wording = IN_ENGLISH): Drawing[] {
  const { paper } = recipe
  const amounts = amountsFor(recipe)
  const as = (phrase: PrintedPhrase, ...values: (string | number)[]) => printedAs(phrase, wording, ...values)
  const line = (text: string) => paragraph(paper, text, { size: 4.4, above: 0.8 })
  const head = (text: string) => paragraph(paper, text, { size: 5.4, weight: 'bold', above: 3, fill: MOSS })
  const holes =
    amounts.holeMinutes > 0 ? [line(as('Your own minutes for the holes: about {0}.', amounts.holeMinutes))] : []
  const blocks = [
    stack([head(as('What you need')), ...amounts.list.map((amount) => line(`–  ${amountInWords(amount, wording)}`))]),
    stack([head(as('Time')), line(as('Cutting: about {0} min a child.', amounts.cuttingMinutes)), ...holes]),
    stack([
      head(as('In this order')),
      ...makingSteps(recipe, solveRecipe(recipe), wording).map((step, i) => line(`${i + 1}.  ${step}`)),
    ]),
    stack([
      head(as('Mind')),
      ...makingCautions(recipe).map((id) => line(`–  ${nameIn(wording, cautions[id])}`)),
      paragraph(paper, nameIn(wording, FOLLOW_LOCAL_RULES), { size: 3.6, fill: FAINT, above: 1 }),
    ]),
  ]
  const kind = nameIn(wording, RECIPE_KINDS[recipe.kind].name)
  const { clocks } = amounts
  return flowPages(paper, blocks).map((body) =>
    makePage({
      paper,
      title: clocks === 1 ? as('{0}: 1 clock', kind) : as('{0}: {1} clocks', kind, clocks),
      footer: `Ripe Acorn · ${as('for the adult')}`,
      bar: barText(wording),
      body,
    }),
  )
}
