import { MINUTES_PER_DAY, modulo, onDial } from '../clock'
import { requireInteger } from '../errors'
import { type Random, drawUnit, randomFrom, shuffled } from '../random'
import { type Item, type Lure, hasDialTimes, isRight, minuteOf, rungTimes } from './items'
import { type MisreadingId, misreadings, wrongAnswers } from './misreadings'
import { CLOCK_PARTS } from './shown'
import { type Value, durationOf, minutesOfDuration, sameValue } from './values'

export interface LuresRequest {
  /** How many wrong choices are wanted, 0 to 10. Fewer come back only where the rung has no more times. */
  readonly count: number
  readonly seed: number
  /** How likely each misreading is for this child (1 where it is not named): a larger weight comes sooner. */
  readonly weights?: Partial<Record<MisreadingId, number>>
}

/**
 * Wrong choices for an item: those that misreadings lead to first, then other times of the rung.
 * Distinct, never right, and of the same kind as the answer, so that none can be told by its look.
 */
export function luresFor(item: Item, { count, seed, weights = {} }: LuresRequest): Lure[] {
  requireInteger('count', count, 0, 10)
  const random = randomFrom(seed)
  const fromMisreadings = misreadings
    .flatMap((misreading) =>
      wrongAnswers(misreading, item)
        .filter((value) => value.kind === item.answer.kind)
        .map((value) => ({ value, misreading: misreading.id })),
    )
    // Weighted order without replacement: the key u^(1/w) of Efraimidis and Spirakis, largest first.
    .map((lure) => ({ lure, key: drawUnit(random) ** (1 / (weights[lure.misreading] ?? 1)) }))
    .sort((a, b) => b.key - a.key)
    .map(({ lure }): Lure => lure)
  const chosen: Lure[] = []
  for (const lure of [...fromMisreadings, ...neighbours(random, item)]) {
    if (chosen.length === count) break
    if (isRight(item, lure.value) || chosen.some((other) => sameValue(other.value, lure.value))) continue
    chosen.push(lure)
  }
  return chosen
}

/**
 * Wrong answers of the same kind that no misreading leads to, in a drawn order: other times of the rung, other
 * lengths, …
 */
export function neighbours(random: Random, item: Item): Lure[] {
  return shuffled(random, near(item)).map((value): Lure => ({ value }))
}

const NEAR_MINUTES = [-60, -30, -20, -15, -10, -5, 5, 10, 15, 20, 30, 60]

/**
 * For the 24-hour rung, the time ten hours away instead of twelve. For the halves of the day, the hour before or
 * after, in either half.
 */
const TEN_OFF = [-600, 600, -60, 60, 120]
const HOUR_OFF = [-60, 60, 660, 780]

function near({ rung, answer }: Item): Value[] {
  switch (answer.kind) {
    case 'minutes':
      return rungTimes(rung, { hiddenHands: true }).map((minute) => ({ kind: 'minutes', minutes: minute % 60 }))
    case 'about':
      return rungTimes(rung, { hiddenHands: true }).map((minute) => ({ kind: 'about', minute: onDial(minute) }))
    case 'time': {
      const times = hasDialTimes(rung)
        ? rungTimes(rung, { hiddenHands: true })
        : NEAR_MINUTES.map((by) => answer.minute + by)
      return times.map((minute) => ({ kind: 'time', minute: onDial(minute) }))
    }
    case 'duration':
      return NEAR_MINUTES.map((by) => minutesOfDuration(answer) + by)
        .filter((minutes) => minutes > 0)
        .map(durationOf)
    case 'day':
      return (rung === 'day-24' ? TEN_OFF : HOUR_OFF).map((by) => ({
        kind: 'day',
        minute: modulo(answer.minute + by, MINUTES_PER_DAY),
      }))
    case 'part':
      return CLOCK_PARTS.map((part) => ({ kind: 'part', part }))
    case 'hands':
    case 'written':
      return []
  }
}

/** The item with its wrong choices, and the choices in a shuffled order with the true one among them. */
export function withChoices(item: Item, request: LuresRequest): { item: Item; choices: Value[] } {
  const lures = luresFor(item, request)
  const choices = shuffled(randomFrom(request.seed + minuteOf(item)), [item.answer, ...lures.map((lure) => lure.value)])
  return { item: { ...item, lures }, choices }
}
