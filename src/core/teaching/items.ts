import { told, asPart } from '../wording'
import { dialHour, HAND_SET_TOLERANCE_DEG, handAngles, handsHidden, minutesPast, signedGap } from '../clock'
import { RefusedValue, requireInteger } from '../errors'
import { type Random, shuffled } from '../random'
import type { MisreadingId } from './misreadings/ids'
import { type RungId, hourToleranceOn, rungOf } from './rungs'
import { type Shown, shownKey } from './shown'
import type { Ask } from './ways'
import { sameValue } from './sameValue'
import type { Value } from './values'

/** A wrong choice, with the misreading that it comes from (none for a mere neighbour). */
export interface Lure {
  readonly value: Value
  readonly misreading?: MisreadingId
}

/** A question: what is shown, what is asked, the true answer, and the wrong choices offered. */
export interface Item {
  readonly rung: RungId
  readonly ask: Ask
  readonly shown: Shown
  readonly answer: Value
  readonly lures: readonly Lure[]
}

/** The time that an item's clock shows: 0 to 719, or 0 to 1439 where the half of the day matters. */
export function minuteOf(item: Item): number {
  return item.shown.minute
}

/** What is asked about, the same for the same question whichever way it is asked. */
export function itemKey(item: Item): string {
  return `${item.rung} ${item.shown.as === 'words' || item.shown.as === 'figures' ? `dial ${item.shown.minute} both` : shownKey(item.shown)}`
}

/** The rungs whose questions are dial times: sheets of dials and match cards can be made for them. */
export function hasDialTimes(rung: RungId): boolean {
  return rungOf(rung).dial !== undefined
}

/** The rungs whose times are read off two hands. */
export function isTwoHanded(rung: RungId): boolean {
  return rungOf(rung).dial?.hands === 'both'
}

/** The ways in which a rung is asked, the most usual first. */
export function asksOf(rung: RungId): readonly Ask[] {
  return rungOf(rung).asks
}

/**
 * Every dial time of a rung, 0 to 719. With the minute hand alone, each count comes once.
 * Times whose hands hide each other are left out unless asked for.
 *
 * rungTimes('oclock', {}).length //=> 11
 * rungTimes('oclock', { hiddenHands: true }).length //=> 12
 */
export function rungTimes(rung: RungId, { hiddenHands = false }: { hiddenHands?: boolean }): number[] {
  const key = `${rung} ${hiddenHands}` as const
  const known = remembered.get(key) ?? allTimes(rung, hiddenHands)
  remembered.set(key, known)
  return [...known]
}

/** A quick check asks for the times of its rung hundreds of times. */
const remembered = new Map<`${RungId} ${boolean}`, readonly number[]>()

function allTimes(rung: RungId, hiddenHands: boolean): number[] {
  const { minutes, hands } = dialOf(rung)
  const hours = hands === 'minute' ? [0] : Array.from({ length: 12 }, (_, hour) => hour)
  const times = hours.flatMap((hour) => minutes.map((minute) => hour * 60 + minute))
  return hiddenHands || hands !== 'both' ? times : times.filter((time) => !handsHidden(time))
}

function dialOf(rung: RungId) {
  const { dial } = rungOf(rung)
  if (!dial) throw new RefusedValue(told('rung'), told('one whose times are read off a dial'), rung)
  return dial
}

/** The question about one time of a rung with dial times, without wrong choices. One hand alone can only be read. */
export function itemAt(rung: RungId, ask: Ask, minute: number): Item {
  const { hands, answerAt } = dialOf(rung)
  const answer: Value = answerAt?.(minute) ?? { kind: 'time', minute }
  if (hands !== 'both') return { rung, ask: 'read', shown: { as: 'dial', minute, hands }, answer, lures: [] }
  return { rung, ask, shown: shownFor(ask, minute), answer, lures: [] }
}

function shownFor(ask: Ask, minute: number): Shown {
  if (ask === 'set') return { as: 'words', minute }
  return ask === 'say' ? { as: 'figures', minute } : { as: 'dial', minute, hands: 'both' }
}

export interface ItemsRequest {
  readonly rung: RungId
  readonly ask: Ask
  /** 1 or more, and no more than the rung has times. */
  readonly count: number
  readonly hiddenHands?: boolean
}

/** All questions that a rung has for one way of asking, in a drawn order. Made-up questions come as some dozens. */
export function itemPool(random: Random, { rung, ask, hiddenHands = false }: Omit<ItemsRequest, 'count'>): Item[] {
  const { pool } = rungOf(rung)
  if (pool) return pool(random).map((question) => ({ rung, ...question, lures: [] }))
  return shuffled(random, rungTimes(rung, { hiddenHands })).map((minute) => itemAt(rung, ask, minute))
}

/**
 * Questions for a rung: no time twice, hours and both halves of the face spread, hidden hands left
 * out unless asked. Throws RefusedValue, saying what is possible, for more than the rung has.
 */
export function makeItems(random: Random, { rung, ask, count, hiddenHands = false }: ItemsRequest): Item[] {
  const pool = itemPool(random, { rung, ask, hiddenHands })
  requireInteger(told('count of {0} times', asPart(rungOf(rung).name)), count, 1, pool.length)
  const picked: Item[] = []
  while (picked.length < count) {
    const next = leastUsed(pool, picked)
    picked.push(next)
    pool.splice(pool.indexOf(next), 1)
  }
  return picked
}

/** How much a time is like those before it: in its hour, its minutes and its half of the face. */
export function likeness(minute: number, before: readonly number[]): number {
  return before.reduce(
    (sum, other) =>
      sum +
      (dialHour(other) === dialHour(minute) ? 4 : 0) +
      (minutesPast(other) === minutesPast(minute) ? 2 : 0) +
      (minutesPast(other) >= 30 === minutesPast(minute) >= 30 ? 1 : 0),
    0,
  )
}

/** The first of the shuffled pool whose hour, minutes and half of the face have come least so far. */
function leastUsed(pool: readonly Item[], picked: readonly Item[]): Item {
  const before = picked.map(minuteOf)
  let best = pool[0] as Item
  let bestCost = likeness(minuteOf(best), before)
  for (const item of pool) {
    const cost = likeness(minuteOf(item), before)
    if (cost < bestCost) [best, bestCost] = [item, cost]
  }
  return best
}

/** Is this answer right? Freely set hands may be a mark out, and the hour hand more so before `half`. */
export function isRight(item: Item, given: Value): boolean {
  if (given.kind === 'hands' && item.answer.kind === 'time') {
    const due = handAngles(item.answer.minute)
    return (
      Math.abs(signedGap(due.minute, given.minute)) < HAND_SET_TOLERANCE_DEG / 2 &&
      Math.abs(signedGap(due.hour, given.hour)) <= hourToleranceOn(item.rung)
    )
  }
  return sameValue(item.answer, given)
}
