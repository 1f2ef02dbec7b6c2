import {
  bodyArea,
  CAP_HEIGHT,
  centredText,
  FAINT,
  group,
  INK,
  line,
  MOSS,
  path,
  rectanglePath,
  scaledShape,
  type Drawing,
  type Shape,
} from '../../drawing'
import { minutesPast } from '../../clock'
import { NUMBER_LINE, numberLine } from '../../faces'
import { randomFrom } from '../../random'
import { isTwoHanded, type Item, makeItems, minuteOf } from '../../teaching'
import { languages, printedAs, told } from '../../wording'
import { dialCard } from '../cards/matchFaces'
import { cardPages } from '../kit/cards'
import { controlCards } from '../kit/controlCard'
import { definePrintable } from '../kit/definePrintable'
import { cutTitle, keyFooter, printFooter } from '../kit/footers'
import { cutPage, part, wordsFor } from '../kit/frame'
import { pictureSteps, stepsOf } from '../kit/pictureSteps'
import type { PrintOptions } from '../kit/choices'
import { CUT, THIN } from '../kit/looks'

/*
 * A strip with the minutes of an hour goes through two slits of a pointer: behind its edges, before its middle. All in mm.
 */

/** From 0 to 60. */
const HOUR_MM = 152
const SCALE = HOUR_MM / (NUMBER_LINE.to - NUMBER_LINE.from)
const STRIP_HIGH = 34
/** From the pointer's middle to a slit, and how much longer a slit is than the strip is high. */
const [TO_SLIT, LOOSE] = [13, 1.5] as const
/** Beyond either end of the hour, so that the pointer holds on at 0 and at 60. */
const BEYOND = TO_SLIT + 4
const POINTER = { width: 2 * TO_SLIT + 24, height: STRIP_HIGH + 26 } as const
const STEP_HALF_MM = 14

/** The minutes of an hour on a strip, and a pointer that slides along them. */
export const minuteSleeve = definePrintable({
  id: 'minute-sleeve',
  kind: 'make',
  name: told('Minute slider'),
  purpose: told('A strip with the minutes of an hour, a pointer that slides along it, and clocks to find on it'),
  stage: 'pictorial',
  counts: told('How many clocks'),
  leastItems: 4,
  mostItems: 12,
  usualItems: 8,
  suits: (rung) => isTwoHanded(rung) && rung !== 'oclock',
  takes: [],
  needs: ['card', 'scissors'],
  cautions: ['scissors', 'holes'],
  notes: () => [
    told('An adult cuts the two slits.'),
    told('Read above the line how many minutes are past, and below it how many are left.'),
  ],
  make(options, seed) {
    const items = makeItems(randomFrom(seed), { rung: options.rung, ask: 'read', count: options.count })
    const footer = printFooter(told('Minute slider'), options, seed)
    const title = cutTitle(told('Minute slider'), options)
    return {
      items,
      pages: [
        sliderPage(options, footer),
        ...cardPages(
          { fronts: items.map((item) => dialCard(item, options)), columns: 3, rows: 4, title, footer },
          options,
        ),
      ],
      key: controlCards(
        {
          what: told('Minute slider'),
          items,
          footer: keyFooter(footer, options),
          beside: (item) => wordsFor(item, options),
          figuresOf: minutesOn,
        },
        options,
      ),
    }
  },
})

/** Where the pointer stands for a clock. */
const minutesOn = (item: Item): string => String(minutesPast(minuteOf(item)))

function sliderPage(options: PrintOptions, footer: string): Drawing {
  const { wording, paper, lowInk } = options
  const area = bodyArea(paper)
  const doing = [
    printedAs('Cut out the strip and the pointer. An adult cuts the slits.', wording),
    printedAs('Push the strip through both slits: behind, in front, behind.', wording),
    printedAs('Take a clock. Slide the pointer to its minutes.', wording),
    printedAs('Say the time, and look at the control card.', wording),
  ]
  const steps = stepsOf(sleevePictures(STEP_HALF_MM), doing)
  const words = languages[wording.language].phrases.onDial
  const strip = numberLine(0, words, { isBlank: true, lowInk }).shapes.map(onStrip)
  const middle = area.x + area.width / 2
  const left = -HOUR_MM / 2 - BEYOND
  return cutPage(options, told('Minute slider'), {
    footer,
    body: [
      part(
        'strip',
        [
          path(rectanglePath(left, 0, HOUR_MM + 2 * BEYOND, STRIP_HIGH), CUT),
          group(strip, { part: 'number-line', x: -HOUR_MM / 2 - NUMBER_LINE.from * SCALE, y: 2 }),
        ],
        middle,
        area.y + 4,
      ),
      part('pointer', pointerShapes(), middle, area.y + 4 + STRIP_HIGH + 12),
      pictureSteps(steps, {
        x: area.x,
        y: area.y + STRIP_HIGH + POINTER.height + 26,
        width: area.width,
        half: STEP_HALF_MM,
      }),
    ],
  })
}

/** Letters that a child reads are no smaller, em in mm. */
const LEAST_LETTER_MM = 3.2

/** A shape of the number line as large as the strip has it, its letters about the middles where they were. */
function onStrip(shape: Shape): Shape {
  const scaled = scaledShape(shape, SCALE)
  if (scaled.type !== 'text' || scaled.size >= LEAST_LETTER_MM) return scaled
  const lower = ((LEAST_LETTER_MM - scaled.size) * CAP_HEIGHT) / 2
  return { ...scaled, size: LEAST_LETTER_MM, y: scaled.y + lower }
}

/** The pointer below the middle of its upper edge: two slits, and between them an arrow down to where the strip will be. */
function pointerShapes(): Shape[] {
  const { width, height } = POINTER
  const slitTop = height - STRIP_HIGH - LOOSE - 8
  const slits = [-TO_SLIT, TO_SLIT].map((x) => line({ x, y: slitTop }, { x, y: slitTop + STRIP_HIGH + LOOSE }, CUT))
  const arrow = path(
    [
      { op: 'M', x: -4, y: slitTop - 9 },
      { op: 'L', x: 4, y: slitTop - 9 },
      { op: 'L', x: 0, y: slitTop - 0.5 },
      { op: 'Z' },
    ],
    { fill: MOSS },
  )
  return [
    path(rectanglePath(-width / 2, 0, width, height), CUT),
    ...slits.map((slit, i) => group([slit], { part: `slit-${i}` })),
    group([arrow], { part: 'arrow' }),
  ]
}

/** How it is made and used, in small. */
function sleevePictures(half: number): readonly (readonly Shape[])[] {
  const k = (2 * half) / (HOUR_MM + 2 * BEYOND)
  const larger = (1.5 * half) / POINTER.height
  const strip = (y: number, scale: number, x = 0): Shape[] => {
    const [wide, high] = [(HOUR_MM / 2 + BEYOND) * scale, (STRIP_HIGH / 2) * scale]
    return [
      path(rectanglePath(x - wide, y - high, 2 * wide, 2 * high), THIN),
      ...Array.from({ length: 13 }, (_, i) => {
        const at = x + (i / 12 - 0.5) * HOUR_MM * scale
        return line({ x: at, y: y - high * 0.4 }, { x: at, y: y + high * 0.4 }, { stroke: INK, strokeMm: 0.3 })
      }),
    ]
  }
  const pointer = (y: number, scale: number, x = 0): Shape[] => {
    const [wide, high] = [(POINTER.width / 2) * scale, (POINTER.height / 2) * scale]
    const slit = (STRIP_HIGH / 2) * scale
    return [
      path(rectanglePath(x - wide, y - high, 2 * wide, 2 * high), { ...THIN, fill: '#DDEBDD' }),
      ...[-1, 1].map((side) =>
        line(
          { x: x + side * TO_SLIT * scale, y: y - slit },
          { x: x + side * TO_SLIT * scale, y: y + slit },
          { stroke: INK, strokeMm: 0.5 },
        ),
      ),
    ]
  }
  // The strip before the middle of the pointer, behind its edges.
  const threaded = (scale: number, at: number): Shape[] => {
    const [inner, high] = [TO_SLIT * scale, (STRIP_HIGH / 2) * scale]
    return [
      ...strip(0, scale),
      ...pointer(0, scale, at),
      path(rectanglePath(at - inner, -high, 2 * inner, 2 * high), THIN),
      line({ x: at, y: -high * 0.4 }, { x: at, y: high * 0.4 }, { stroke: INK, strokeMm: 0.3 }),
      path(
        [
          { op: 'M', x: at - 1.4, y: -high - 3 },
          { op: 'L', x: at + 1.4, y: -high - 3 },
          { op: 'L', x: at, y: -high - 0.4 },
          { op: 'Z' },
        ],
        { fill: MOSS },
      ),
    ]
  }
  const clock = [
    circleOf(-half * 0.45, half * 0.45),
    line({ x: 0, y: -half * 0.45 }, { x: half * 0.3, y: -half * 0.3 }, { stroke: INK, strokeMm: 0.8 }),
    line({ x: 0, y: -half * 0.45 }, { x: half * 0.4, y: -half * 0.45 }, { stroke: FAINT, strokeMm: 0.6 }),
  ]
  return [
    [...strip(-half * 0.55, k), ...pointer(half * 0.35, larger * 0.75)],
    threaded(k * 1.5, 0),
    [...clock, group(threaded(k, half * -0.4), { y: half * 0.55 })],
    [...clock, centredText('?', { x: 0, y: half * 0.55 }, { size: 9, fill: MOSS, weight: 'bold' })],
  ]
}

const circleOf = (y: number, r: number): Shape => ({ type: 'circle', layer: 'ink', cx: 0, cy: y, r, ...THIN })
