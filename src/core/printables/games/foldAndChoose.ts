import { bodyArea, type Drawing, group, type Shape } from '../../drawing'
import { randomFrom } from '../../random'
import { hasDialTimes, isTwoHanded, type Item, makeItems, sayAnswer } from '../../teaching'
import { printedAs, told } from '../../wording'
import { controlCards } from '../kit/controlCard'
import { definePrintable } from '../kit/definePrintable'
import { itemDial } from '../kit/dialPlace'
import { keyFooter, printFooter } from '../kit/footers'
import { cutPage, part } from '../kit/frame'
import { pictureSteps } from '../kit/pictureSteps'
import { wordsIn } from '../kit/wordLists'
import type { PrintOptions } from '../kit/choices'
import {
  FLAP_WORDS,
  foldLines,
  outerTint,
  foldSteps,
  STEP_HALF_MM,
  HALF_MM,
  HALVES,
  onFlap,
  OUTER,
  OUTER_ROOM_MM,
  SIDES,
  UNDER_ROOM_MM,
  underFlap,
} from './foldSquare'

const OUTSIDE = 4
/** On the flaps, with their clocks beneath. */
const INSIDE = 8

/** A square to fold: a clock outside, a time on a flap, and under the flap its clock. */
export const foldAndChoose = definePrintable({
  id: 'fold-and-choose',
  kind: 'make',
  name: told('Fold and choose'),
  purpose: told('A square folded into flaps: clocks outside, times inside, and under each time its clock'),
  stage: 'pictorial',
  counts: told('How many squares'),
  leastItems: 1,
  mostItems: 8,
  usualItems: 1,
  suits: (rung) => hasDialTimes(rung) && isTwoHanded(rung),
  takes: [],
  needs: ['scissors'],
  cautions: ['scissors'],
  notes: () => [
    told('Thin paper folds best. Crease each fold with a fingernail.'),
    told('Each time has its clock on the back of the same flap.'),
  ],
  make(options, seed) {
    const random = randomFrom(seed)
    const footer = printFooter(told('Fold and choose'), options, seed)
    // Apart from each other: there are eleven times on the hour with hands that can be told apart.
    const squares = Array.from({ length: options.count }, () =>
      [OUTSIDE, INSIDE].flatMap((count) => makeItems(random, { rung: options.rung, ask: 'read', count })),
    )
    const items = squares.flat()
    return {
      items,
      pages: squares.map((own, i) => squarePage(own, i * (OUTSIDE + INSIDE), options, footer)),
      key: controlCards({ what: told('Fold and choose'), items, footer: keyFooter(footer, options) }, options),
    }
  },
})

function squarePage(items: readonly Item[], from: number, options: PrintOptions, footer: string): Drawing {
  const area = bodyArea(options.paper)
  const steps = { x: area.x, y: area.y + 2 * HALF_MM + 4, width: area.width, half: STEP_HALF_MM }
  const middle = { x: area.x + area.width / 2, y: area.y + HALF_MM }
  return cutPage(options, told('Fold and choose'), {
    footer,
    body: [
      part('fold-lines', foldLines(), middle.x, middle.y),
      ...SIDES.map((turn, side) =>
        group(onSide(items, side, from, options), { part: `side-${side}`, ...middle, turn }),
      ),
      part('rules', rules(options), middle.x, middle.y),
      pictureSteps(foldSteps(options), steps),
    ],
  })
}

/** What stands on the right, for each of the four sides. */
function onSide(items: readonly Item[], side: number, from: number, options: PrintOptions): Shape[] {
  const outer = items[side]
  return [
    ...(options.lowInk ? [] : [part('tint', [outerTint(side)])]),
    ...(outer
      ? [
          group([itemDial(outer, { x: 0, y: 0, room: OUTER_ROOM_MM }, options)], {
            part: `outer-${from + side}`,
            ...OUTER.at,
            turn: OUTER.turn,
          }),
        ]
      : []),
    ...HALVES.flatMap((half, i): Shape[] => {
      const place = OUTSIDE + 2 * side + i
      const item = items[place]
      if (!item) return []
      const [top, under] = [onFlap(half), underFlap(half)]
      const words = sayAnswer(item, item.answer, options.wording)
      return [
        group(wordsIn(words, { x: 0, y: 0 }, { ...FLAP_WORDS, most: 6 }), {
          part: `flap-${from + place}`,
          ...top.at,
          turn: top.turn,
        }),
        group([itemDial(item, { x: 0, y: 0, room: UNDER_ROOM_MM }, options)], {
          part: `under-${from + place}`,
          ...under.at,
          turn: under.turn,
        }),
      ]
    }),
  ]
}

/** In the middle, where the opened flaps leave room. */
function rules({ wording }: PrintOptions): Shape[] {
  const lines = [
    printedAs('Choose a clock. Say its time, then open and close as often as its hour says.', wording),
    printedAs('Choose a time inside. Think: where do the hands point?', wording),
    printedAs('Lift it and look. Then show it with your arms.', wording),
  ]
  const height = (0.9 * HALF_MM) / lines.length
  return lines.flatMap((text, i) =>
    wordsIn(
      `${i + 1}. ${text}`,
      { x: 0, y: (i - (lines.length - 1) / 2) * height },
      { width: 0.84 * HALF_MM, most: 5.2, height: height - 2 },
    ),
  )
}
