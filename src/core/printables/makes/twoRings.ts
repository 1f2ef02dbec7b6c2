import {
  bodyArea,
  circle,
  circlePath,
  type Drawing,
  group,
  INK,
  line,
  makePage,
  MOSS,
  OAK,
  path,
  type PathCommand,
  pointOnDial,
  type Shape,
  SLATE,
} from '../../drawing'
import { randomFrom, shuffled } from '../../random'
import { handsHidden } from '../../clock'
import { isTwoHanded, itemAt, type RungId, rungOf } from '../../teaching'
import { barText, printedAs, told } from '../../wording'
import { definePrintable } from '../kit/definePrintable'
import { keyFooter, keyTitle, printFooter } from '../kit/footers'
import { cutPage, figures, inWords, part } from '../kit/frame'
import { pictureSteps, stepsOf } from '../kit/pictureSteps'
import { tintOf } from '../kit/tints'
import { textFrom, wordsIn } from '../kit/wordLists'
import type { PrintOptions } from '../kit/choices'
import { THIN } from '../kit/looks'

/** Of the whole, and of the hours inside, mm. */
const [RADIUS_MM, HOURS_MM] = [86, 50]
const HOURS = 12
const STEP_HALF_MM = 13

const minutesOf = (rung: RungId): readonly number[] => rungOf(rung).dial?.minutes ?? []

/** Hours and minutes on one spinner: two flicks make a time. */
export const twoRings = definePrintable({
  id: 'two-rings',
  kind: 'make',
  name: told('Two-ring spinner'),
  purpose: told('Hours inside and minutes outside: two flicks make a time to set and to say'),
  stage: 'abstract',
  counts: told('How many minutes on the outer ring'),
  leastItems: 2,
  mostItems: 12,
  usualItems: 12,
  timesOn: (rung) => minutesOf(rung).length,
  suits: (rung) => isTwoHanded(rung) && minutesOf(rung).length > 1,
  takes: [],
  needs: ['clip', 'clock', 'scissors'],
  cautions: ['scissors', 'small-parts'],
  notes: ({ count }) => [
    told('All hours are as wide as each other, and all minutes: each of {0} times is as likely.', count * HOURS),
    told('Set each time on a clock to turn, or on one made of paper.'),
  ],
  make(options, seed) {
    const { rung, count } = options
    const minutes = shuffled(randomFrom(seed), minutesOf(rung))
      .slice(0, count)
      .sort((a, b) => a - b)
    const footer = printFooter(told('Two-ring spinner'), options, seed)
    const times = Array.from({ length: HOURS }, (_, hour) => minutes.map((minute) => (hour * 60 + minute) % 720))
    return {
      items: times
        .flat()
        .filter((minute) => !handsHidden(minute))
        .map((minute) => itemAt(rung, 'set', minute)),
      pages: [spinnerPage(minutes, options, footer)],
      key: [keyPage(times, options, keyFooter(footer, options))],
    }
  },
})

const EDGE = { stroke: INK, strokeMm: 0.4 } as const

/** Equal sectors between two radii: their grounds, the lines between them and what stands in them. */
function ring(
  texts: readonly string[],
  { from, to, size, fill, name }: { from: number; to: number; size: number; fill: string; name: string },
  { lowInk = false }: PrintOptions,
): Shape[] {
  const step = 360 / texts.length
  return texts.flatMap((text, i): Shape[] => {
    const [left, right] = [(i - 0.5) * step, (i + 0.5) * step]
    const at = pointOnDial(i * step, (from + to) / 2)
    return [
      ...(lowInk ? [] : [path(sector(left, right, from, to), { fill: tintOf(i, texts.length) })]),
      line(pointOnDial(left, from), pointOnDial(left, to), EDGE),
      part(
        `${name}-${i}`,
        wordsIn(text, at, { width: to - from - 4, most: size }).map((shape) => tinted(shape, fill)),
      ),
    ]
  })
}

const tinted = (shape: Shape, fill: string): Shape =>
  shape.type === 'text' ? { ...shape, fill, weight: 'bold' } : shape

function sector(left: number, right: number, from: number, to: number): PathCommand[] {
  const large = right - left > 180
  return [
    { op: 'M', ...pointOnDial(left, from) },
    { op: 'L', ...pointOnDial(left, to) },
    { op: 'A', r: to, large, sweep: true, ...pointOnDial(right, to) },
    { op: 'L', ...pointOnDial(right, from) },
    { op: 'A', r: from, large, sweep: false, ...pointOnDial(left, from) },
    { op: 'Z' },
  ]
}

function spinnerPage(minutes: readonly number[], options: PrintOptions, footer: string): Drawing {
  const { wording, paper } = options
  const area = bodyArea(paper)
  const y = area.y + RADIUS_MM + 1
  const hours = Array.from({ length: HOURS }, (_, i) => String(i === 0 ? HOURS : i))
  const spinner = [
    ...ring(
      minutes.map(minuteLabel),
      { from: HOURS_MM, to: RADIUS_MM, size: 11, fill: SLATE, name: 'minutes' },
      options,
    ),
    ...ring(hours, { from: 9, to: HOURS_MM, size: 11, fill: OAK, name: 'hour' }, options),
    path(circlePath(0, 0, HOURS_MM), { stroke: INK, strokeMm: 0.9 }),
    path(circlePath(0, 0, RADIUS_MM), { layer: 'cut', stroke: INK, strokeMm: 0.5 }),
    circle({ x: 0, y: 0 }, 1.2, { fill: INK }),
  ]
  const doing = [
    printedAs('Hold a clip at the middle with a pencil. Flick: that is the hour.', wording),
    printedAs('Flick again: those are the minutes.', wording),
    printedAs('Set the time on a clock and say it.', wording),
  ]
  const steps = stepsOf(stepPictures(STEP_HALF_MM), doing)
  return cutPage(options, told('Two-ring spinner'), {
    footer,
    body: [
      part('rings', spinner, area.x + area.width / 2, y),
      pictureSteps(steps, { x: area.x, y: y + RADIUS_MM + 5, width: area.width, half: STEP_HALF_MM }),
    ],
  })
}

const minuteLabel = (minute: number): string => `:${String(minute).padStart(2, '0')}`

/** A clip that points somewhere, about the middle. */
function clip(turn: number, length: number): Shape {
  const [wide, looks] = [1.6, { stroke: MOSS, strokeMm: 0.6 }]
  return group(
    [
      path(
        [
          { op: 'M', x: -wide, y: wide },
          { op: 'L', x: -wide, y: -length },
          { op: 'A', r: wide, large: false, sweep: true, x: wide, y: -length },
          { op: 'L', x: wide, y: wide },
          { op: 'A', r: wide, large: false, sweep: true, x: -wide, y: wide },
        ],
        looks,
      ),
    ],
    { turn },
  )
}

/** A flick for the hours, one for the minutes, and the clock that is set. */
function stepPictures(half: number): readonly (readonly Shape[])[] {
  const inner = (half * HOURS_MM) / RADIUS_MM
  const rings = (fills: readonly [string, string]) => [
    circle({ x: 0, y: 0 }, half, { ...THIN, fill: fills[1] }),
    circle({ x: 0, y: 0 }, inner, { ...THIN, fill: fills[0] }),
  ]
  const hands = [
    line({ x: 0, y: 0 }, pointOnDial(115, half * 0.5), { stroke: OAK, strokeMm: 1.2 }),
    line({ x: 0, y: 0 }, pointOnDial(270, half * 0.8), { stroke: SLATE, strokeMm: 0.8 }),
  ]
  return [
    [...rings(['#F7E6C9', '#FFFFFF']), clip(100, inner * 0.6)],
    [...rings(['#FFFFFF', '#DCEAF0']), clip(270, inner * 0.6)],
    [
      circle({ x: 0, y: 0 }, half, THIN),
      ...Array.from({ length: 12 }, (_, i) =>
        line(pointOnDial(30 * i, half * 0.86), pointOnDial(30 * i, half * 0.96), THIN),
      ),
      ...hands,
    ],
  ]
}

/** Every time that two flicks make, hour by hour, in figures and in words. */
function keyPage(times: readonly (readonly number[])[], options: PrintOptions, footer: string): Drawing {
  const area = bodyArea(options.paper)
  const columns = 3
  const [width, rows] = [area.width / columns, times.length / columns]
  const blockHeight = area.height / rows
  const perHour = times[0]?.length ?? 1
  const lineHeight = Math.min(7, (blockHeight - 3) / perHour)
  const size = Math.min(4, lineHeight / 1.3)
  const body = times.flatMap((own, hour) =>
    own.map((minute, i) =>
      part(`time-${hour * perHour + i}`, [
        textFrom(
          `${figures(minute, options)}  ${inWords(minute, options)}`,
          {
            x: area.x + Math.floor(hour / rows) * width,
            y: area.y + (hour % rows) * blockHeight + (i + 0.8) * lineHeight,
          },
          { width: width - 3, most: size },
        ),
      ]),
    ),
  )
  return makePage({
    paper: options.paper,
    bar: barText(options.wording),
    title: keyTitle(told('Two-ring spinner'), options),
    footer,
    body,
  })
}
