import { told } from '../../wording'
import { handsHidden, onDial } from '../../clock'
import { RefusedValue } from '../../errors'
import { draw, drawInt, drawUnit, type Random, randomFrom, shuffled } from '../../random'
import { type Item, misreadings, wrongAnswers } from '../../teaching'
import type { PrintOptions } from '../kit/choices'
import { LATTICE, TRAIL_PICTURES, type TrailPicture } from './trailPictures'

export const CLOCKS = 12
const MOST_DECOYS = 8
/** Steps of a mixed trail, minutes: from five minutes to several hours. */
const STEPS = [5, 10, 15, 20, 25, 30, 35, 40, 45, 50, 55, 60, 75, 90, 95, 130, 185, 250] as const
/** How far a clock may lie off its place, mm: less where the ring of fives makes the clocks wider. */
export const jitterOf = ({ helps = 0 }: PrintOptions) => (helps > 0 ? 0.7 : 1.5)

/** A clock on the page: its time and its corner of the lattice. */
export interface TrailPlace {
  readonly minute: number
  readonly column: number
  readonly row: number
  /** Off the lattice, mm, so that it does not look like a table. */
  readonly dx: number
  readonly dy: number
}

export interface Trail {
  readonly picture: TrailPicture
  readonly items: readonly Item[]
  /** Those of the picture in their order, then the decoys. */
  readonly places: readonly TrailPlace[]
}

/** The clocks of a trail and where they lie, drawn by the seed. */
export function trailOf(options: PrintOptions, seed: number): Trail {
  const random = randomFrom(seed)
  const picture = draw(random, Object.keys(TRAIL_PICTURES) as TrailPicture[])
  const items = stepsOf(random, options.by)
  const first = (items[0] as Item).shown.minute
  const times = [first, ...items.map(({ answer }) => (answer.kind === 'time' ? answer.minute : NaN))]
  const corners = TRAIL_PICTURES[picture]
  const most = jitterOf(options)
  const jitter = () => ({ dx: (drawUnit(random) * 2 - 1) * most, dy: (drawUnit(random) * 2 - 1) * most })
  const onTrail = corners.map(([column, row], i): TrailPlace => ({
    minute: times[i] as number,
    column,
    row,
    ...jitter(),
  }))
  const free = shuffled(
    random,
    latticeCorners().filter(({ column, row }) => !corners.some(([c, r]) => c === column && r === row)),
  )
  const decoys = decoysOf(random, items, times, options).map((minute, i): TrailPlace => ({
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
    told('by'),
    told('such that {0} clocks in a row are different and can be read: 5 to 55, 65 or 95, say', CLOCKS),
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

/** The times that misreadings would take an item for. */
export function wrongTimes(item: Item) {
  return misreadings.flatMap((misreading) =>
    wrongAnswers(misreading, item).flatMap((value) =>
      value.kind === 'time' ? [{ minute: onDial(value.minute), misreading: misreading.id, does: misreading.does }] : [],
    ),
  )
}
