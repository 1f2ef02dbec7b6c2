import { handsHidden, onDial } from '../../clock'
import {
  type Drawing,
  GOLD,
  type Shape,
  bodyArea,
  flowPages,
  makePage,
  paragraph,
  stack,
  line,
  circle,
} from '../../drawing'
import { RefusedValue } from '../../errors'
import { type Random, draw, drawInt, drawUnit, randomFrom, shuffled } from '../../random'
import { type Item, misreadings, wrongAnswers } from '../../teaching'
import { barText, languages, nameIn, printedAs, sayDuration } from '../../wording'
import { childPage, dialAt, figures, keyFooter, keyTitle, part, printFooter, textFrom, titleOr } from '../kit/frame'
import { LATTICE, TRAIL_PICTURES, type TrailPicture } from './trailPictures'
import { definePrintable } from '../kit/definePrintable'
import type { PrintOptions } from '../kit/options'

const CLOCKS = 12
const MOST_DECOYS = 8
/** Steps of a mixed trail, minutes: from five minutes to several hours. */
const STEPS = [5, 10, 15, 20, 25, 30, 35, 40, 45, 50, 55, 60, 75, 90, 95, 130, 185, 250] as const
/** Above the clocks, mm: the steps in three rows. */
const STEPS_ROOM_MM = 24
/** How far a clock may lie off its place, mm: less where the ring of fives makes the clocks wider. */
const jitterOf = ({ helps = 0 }: PrintOptions) => (helps > 0 ? 0.7 : 1.5)

/** A clock on the page: its time and its corner of the lattice. */
interface Place {
  readonly minute: number
  readonly column: number
  readonly row: number
  /** Off the lattice, mm, so that it does not look like a table. */
  readonly dx: number
  readonly dy: number
}

interface Trail {
  readonly picture: TrailPicture
  readonly items: readonly Item[]
  /** Those of the picture in their order, then the decoys. */
  readonly places: readonly Place[]
}

/** How often a child joins a wrong clock and goes back: our estimate, for the length of the game only. */
const WRONG_STEPS = 0.15

/**
 * Clocks all over the page: from the start, find each "so much later" and join them; the picture comes out only if
 * every step is right.
 */
export const trail = definePrintable({
  id: 'trail',
  kind: 'game',
  name: 'Trail',
  purpose: 'Find each clock so much later and join them: a picture comes out only if every step is right',
  stage: 'pictorial',
  counts: 'clocks on the trail',
  leastItems: CLOCKS,
  mostItems: CLOCKS,
  usualItems: CLOCKS,
  timesOn: () => CLOCKS,
  suits: (rung) => rung === 'later',
  takes: ['helps', 'by', 'weights'],
  needs: ['pencils', 'ruler'],
  cautions: [],
  play: (random) =>
    Array.from({ length: CLOCKS - 1 }).reduce<number>((turns) => turns + (drawUnit(random) < WRONG_STEPS ? 2 : 1), 0),
  notes: (options, seed) => [
    `It shows a ${trailOf(options, seed).picture}. Every clock on the page is different, so each step has one right clock; the others are where common mistakes lead.`,
  ],
  make(options, seed) {
    const made = trailOf(options, seed)
    const footer = printFooter('Trail', options, seed)
    const { phrases } = languages[options.wording.language]
    return {
      items: made.items,
      pages: [childPage(options, titleOr(options, phrases.findNext), footer, page(made, options, false))],
      key: [
        childPage(
          options,
          `${keyTitle('Trail', options)}, ${nameIn(options.wording, made.picture)}`,
          keyFooter(footer, options),
          page(made, options, true),
        ),
        ...trapsPages(made, options, keyFooter(footer, options)),
      ],
    }
  },
})

function trailOf(options: PrintOptions, seed: number): Trail {
  const random = randomFrom(seed)
  const picture = draw(random, Object.keys(TRAIL_PICTURES) as TrailPicture[])
  const items = stepsOf(random, options.by)
  const first = (items[0] as Item).shown.minute
  const times = [first, ...items.map(({ answer }) => (answer.kind === 'time' ? answer.minute : NaN))]
  const corners = TRAIL_PICTURES[picture]
  const most = jitterOf(options)
  const jitter = () => ({ dx: (drawUnit(random) * 2 - 1) * most, dy: (drawUnit(random) * 2 - 1) * most })
  const onTrail = corners.map(([column, row], i): Place => ({ minute: times[i] as number, column, row, ...jitter() }))
  const free = shuffled(
    random,
    latticeCorners().filter(({ column, row }) => !corners.some(([c, r]) => c === column && r === row)),
  )
  const decoys = decoysOf(random, items, times, options).map((minute, i): Place => ({
    minute,
    ...(free[i] as { column: number; row: number }),
    ...jitter(),
  }))
  return { picture, items, places: [...onTrail, ...decoys] }
}

function latticeCorners(): { column: number; row: number }[] {
  return Array.from({ length: LATTICE.columns * LATTICE.rows }, (_, i) => ({
    column: i % LATTICE.columns,
    row: Math.floor(i / LATTICE.columns),
  }))
}

/**
 * Eleven steps over twelve different times whose hands are apart. Throws RefusedValue where a step cannot reach
 * twelve.
 */
function stepsOf(random: Random, by: number | undefined): Item[] {
  for (const start of shuffled(
    random,
    Array.from({ length: 144 }, (_, i) => i * 5),
  )) {
    const items: Item[] = []
    const used = new Set([start])
    let now = start
    while (items.length < CLOCKS - 1 && !handsHidden(start)) {
      const step = (by === undefined ? shuffled(random, STEPS) : [by]).find(
        (each) => !used.has(onDial(now + each)) && !handsHidden(onDial(now + each)),
      )
      if (step === undefined) break
      const next = onDial(now + step)
      items.push({
        rung: 'later',
        ask: 'later',
        shown: { as: 'shift', minute: now, by: step },
        answer: { kind: 'time', minute: next },
        lures: [],
      })
      used.add(next)
      now = next
    }
    if (items.length === CLOCKS - 1) return items
  }
  throw new RefusedValue(
    'by',
    `such that ${CLOCKS} clocks in a row are different and can be read: 5 to 55, 65 or 95, say`,
    by,
  )
}

/**
 * Times that misreadings of the steps lead to and that are not on the trail. Those that are likelier for this child
 * come first.
 */
function decoysOf(
  random: Random,
  items: readonly Item[],
  times: readonly number[],
  { weights = {} }: PrintOptions,
): number[] {
  const wrong = items
    .flatMap((item) => wrongTimes(item))
    .map(({ minute, misreading }) => ({ minute, key: drawUnit(random) ** (1 / (weights[misreading] ?? 1)) }))
    .sort((a, b) => b.key - a.key)
    .map(({ minute }) => minute)
  // A few more where misreadings lead to too few: any other time will do.
  const others = Array.from({ length: 40 }, () => drawInt(random, 0, 143) * 5)
  const fit = [...wrong, ...others].filter((minute) => !times.includes(minute) && !handsHidden(minute))
  return [...new Set(fit)].slice(0, MOST_DECOYS)
}

function wrongTimes(item: Item) {
  return misreadings.flatMap((misreading) =>
    wrongAnswers(misreading, item).flatMap((value) =>
      value.kind === 'time' ? [{ minute: onDial(value.minute), misreading: misreading.id, does: misreading.does }] : [],
    ),
  )
}

function page({ items, places }: Trail, options: PrintOptions, isKey: boolean): Shape[] {
  const area = bodyArea(options.paper)
  const { phrases } = languages[options.wording.language]
  const wide = area.width / LATTICE.columns
  const high = (area.height - STEPS_ROOM_MM) / LATTICE.rows
  const room = Math.min(wide, high) / 2 - 1 - jitterOf(options)
  const at = ({ column, row, dx, dy }: Place) => ({
    x: area.x + (column + 0.5) * wide + dx,
    y: area.y + STEPS_ROOM_MM + (row + 0.5) * high + dy,
  })
  // What the ring means stands before the steps, and not on the clock, where it would lie on the hands.
  const slot = (i: number) => ({ x: area.x + ((i % 4) * area.width) / 4, y: area.y + 5 + Math.floor(i / 4) * 7 })
  const steps = items.map(({ shown }, i) => {
    const text = `${i + 1}. ${shown.as === 'shift' ? phrases.laterBy(sayDuration(shown.by)) : ''}`
    const { x, y } = slot(i + 1)
    return part(`step-${i}`, [textFrom(text, { x, y }, { width: area.width / 4 - 3, most: 4.6 })])
  })
  const { x, y } = slot(0)
  const legend = part('legend', [
    goldRing(x + 3, y - 1.6, 2.4),
    textFrom(phrases.start, { x: x + 8, y }, { width: area.width / 4 - 11, most: 4.6 }),
  ])
  const start = at(places[0] as Place)
  const flag = part('start', [goldRing(start.x, start.y, room + 0.6)])
  const joined = places.slice(0, CLOCKS).map((place, i) => {
    const from = at(place)
    const to = at(places[(i + 1) % CLOCKS] as Place)
    return part('join', [line(from, to, { stroke: GOLD, strokeMm: 1.2 })])
  })
  const clocks = places.map((place, i) => {
    const { x, y } = at(place)
    return part(`clock-${i}`, [dialAt(place.minute, { x, y, room }, options)])
  })
  // Drawn in the order of the dial, so that nothing in the file tells the trail.
  const mixed = [...clocks.keys()]
    .sort((a, b) => (places[a]?.minute ?? 0) - (places[b]?.minute ?? 0))
    .map((i) => clocks[i] as Shape)
  return [legend, ...steps, ...mixed, flag, ...(isKey ? joined : [])]
}

function goldRing(cx: number, cy: number, r: number): Shape {
  return circle({ x: cx, y: cy }, r, { fill: 'none', stroke: GOLD, strokeMm: 1.2 })
}

/** For each step the right clock, and where each mistake leads: to a clock that is there, or to none. */
function trapsPages({ items, places }: Trail, options: PrintOptions, footer: string): Drawing[] {
  const { paper } = options
  const { phrases } = languages[options.wording.language]
  const blocks = items.map((item, i) => {
    const { shown, answer } = item
    const by = shown.as === 'shift' ? phrases.laterBy(sayDuration(shown.by)) : ''
    const right = answer.kind === 'time' ? figures(answer.minute, options) : ''
    const wrong = wrongTimes(item).map(({ minute, does }) => {
      const isThere = places.some((place) => place.minute === minute)
      return paragraph(
        paper,
        printedAs(
          isThere ? '{0}, which is there: {1}' : '{0}, which is not on the page: {1}',
          options.wording,
          figures(minute, options),
          nameIn(options.wording, does),
        ),
        { size: 3.8, indent: 8 },
      )
    })
    return stack([
      paragraph(paper, `${i + 1}. ${figures(shown.minute, options)}, ${by}: ${right}`, {
        size: 4.4,
        weight: 'bold',
        above: 2,
      }),
      ...wrong,
    ])
  })
  return flowPages(paper, blocks).map((body) =>
    makePage({
      paper,
      bar: barText(options.wording),
      title: printedAs('Key: each step, and where mistakes lead', options.wording),
      footer,
      body,
    }),
  )
}
