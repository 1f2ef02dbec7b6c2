import { countJumps, handsHidden, onDial, roundToStep, shiftTime, timeAt, workBack } from '../clock'
import { RefusedValue } from '../errors'
import { type Random, draw, drawInt, shuffled } from '../random'
import type { DoingId } from '../wording'
import type { Item } from './items'
import type { RungId } from './rungs'
import { CLOCK_PARTS } from './shown'
import { durationOf } from './values'

/* Questions of the rungs that are more than one dial time: parts, halves of the day, rounding, later, how long, … */

/** When things are usually done; noon and midnight among them, since they confuse. */
export const DOING_TIMES: Readonly<Record<DoingId, readonly number[]>> = {
  'wake-up': [timeAt(6, 30), timeAt(7, 0), timeAt(7, 15)],
  breakfast: [timeAt(7, 30), timeAt(8, 0)],
  school: [timeAt(8, 50), timeAt(9, 0)],
  lunch: [timeAt(12, 0), timeAt(12, 30)],
  play: [timeAt(15, 30), timeAt(16, 15)],
  supper: [timeAt(18, 0), timeAt(18, 30)],
  story: [timeAt(19, 15), timeAt(19, 45)],
  asleep: [timeAt(0, 0), timeAt(2, 0), timeAt(23, 0)],
}

const POOL = 36
const SHIFTS = [5, 10, 15, 20, 25, 30, 35, 40, 45, 50, 60, 75, 90]

/** Some dozens of different questions of a rung whose questions are made up, in a drawn order. */
export function storyItems(random: Random, rung: RungId): Item[] {
  switch (rung) {
    case 'parts':
      return shuffled(random, CLOCK_PARTS).map((part) => ({
        rung,
        ask: 'name',
        shown: { as: 'part', minute: 610, part },
        answer: { kind: 'part', part },
        lures: [],
      }))
    case 'day-halves':
      return shuffled(random, Object.entries(DOING_TIMES) as [DoingId, readonly number[]][])
        .flatMap(([doing, minutes]) => minutes.map((minute) => ({ doing, minute })))
        .map(({ doing, minute }) => ({
          rung,
          ask: 'half-of-day',
          shown: { as: 'doing', minute, doing },
          answer: { kind: 'day', minute },
          lures: [],
        }))
    case 'day-24':
      return distinct(() => day24(drawInt(random, 0, 287) * 5))
    case 'rounding':
      return distinct(() => rounding(drawInt(random, 0, 719)))
    case 'later':
      return distinct(() =>
        later(drawInt(random, 0, 143) * 5, draw(random, SHIFTS) * (draw(random, [1, 1, -1]) as 1 | -1)),
      )
    case 'elapsed':
      return distinct(() =>
        elapsed(drawInt(random, 84, 168) * 5, draw(random, [...SHIFTS, 105, 130, 165, 190, 220, 275])),
      )
    case 'work-back':
      return distinct(() =>
        steps(
          drawInt(random, 96, 228) * 5,
          Array.from({ length: drawInt(random, 2, 3) }, () => draw(random, [5, 10, 15, 20, 25])),
        ),
      )
    case 'timetable':
      return distinct(() => lookUp(random))
    default:
      throw new RefusedValue('rung', 'one whose questions are made up', rung)
  }
}

/** Different clocks, hands not hiding each other; fewer than the pool only where there are no more. */
function distinct(make: () => Item | undefined): Item[] {
  const items: Item[] = []
  for (let tries = 0; items.length < POOL && tries < POOL * 30; tries++) {
    const item = make()
    if (!item || handsHidden(item.shown.minute) || (item.shown.as === 'span' && handsHidden(item.shown.to))) continue
    // The clock that follows is drawn too; a rounded time is only said.
    if (item.answer.kind === 'time' && item.ask !== 'round' && handsHidden(item.answer.minute)) continue
    if (!items.some((other) => onDial(other.shown.minute) === onDial(item.shown.minute))) items.push(item)
  }
  return items
}

function day24(minute: number): Item {
  return { rung: 'day-24', ask: 'write-24', shown: { as: 'day', minute }, answer: { kind: 'day', minute }, lures: [] }
}

function rounding(minute: number): Item | undefined {
  if (minute % 5 === 0) return undefined
  const answer = { kind: 'time', minute: onDial(roundToStep(minute, 5).minute) } as const
  return { rung: 'rounding', ask: 'round', shown: { as: 'dial', minute, hands: 'both' }, answer, lures: [] }
}

function later(minute: number, by: number): Item {
  const answer = { kind: 'time', minute: onDial(shiftTime(minute, by).minute) } as const
  return { rung: 'later', ask: 'later', shown: { as: 'shift', minute, by }, answer, lures: [] }
}

function elapsed(from: number, minutes: number): Item | undefined {
  const to = from + minutes
  if (to > 1439) return undefined
  const answer = durationOf(countJumps(from, to).minutes)
  return { rung: 'elapsed', ask: 'how-long', shown: { as: 'span', minute: from, to }, answer, lures: [] }
}

function steps(deadline: number, lengths: readonly number[]): Item {
  const answer = { kind: 'time', minute: onDial(workBack(deadline, lengths).start) } as const
  return {
    rung: 'work-back',
    ask: 'work-back',
    shown: { as: 'steps', minute: deadline, steps: lengths },
    answer,
    lures: [],
  }
}

const ROWS = 4

function lookUp(random: Random): Item {
  const rows = shuffled(random, Object.keys(DOING_TIMES) as DoingId[])
    .slice(0, ROWS)
    .map((doing) => ({ doing, minute: draw(random, DOING_TIMES[doing]) + drawInt(random, -1, 1) * 5 }))
    .filter(({ minute }) => minute >= 0)
    .sort((a, b) => a.minute - b.minute)
  const { minute } = draw(random, rows)
  return {
    rung: 'timetable',
    ask: 'look-up',
    shown: { as: 'rows', minute, rows },
    answer: { kind: 'time', minute: onDial(minute) },
    lures: [],
  }
}
