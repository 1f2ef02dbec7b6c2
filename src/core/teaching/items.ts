import { dialHour, handAngles, handsHidden, minutesPast, signedGap } from '../clock'
import { RefusedValue, requireInteger } from '../errors'
import { type Random, shuffled } from '../random'
import { type Wording, say } from '../wording'
import { type RungId, rungOf } from './rungs'
import type { MisreadingId } from './misreadings/types'
import { HAND_SET_TOLERANCE_DEG, type Value, sameValue, sayValue } from './values'

/** Which way the question goes: read a dial, set the hands, match a dial to a form, write figures. */
export type Ask = 'read' | 'set' | 'match' | 'write'

/** What the child is shown; `minute` is a dial time, 0 to 719. */
export type Shown =
  | { readonly as: 'dial'; readonly minute: number; readonly hands: 'both' | 'hour' | 'minute' }
  | { readonly as: 'words'; readonly minute: number }
  | { readonly as: 'figures'; readonly minute: number }

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

/** The dial time that an item is about, 0 to 719. */
export function minuteOf(item: Item): number {
  return item.shown.minute
}

/** The rungs that questions can be made for: those whose times are read off a dial. */
export function hasItems(rung: RungId): boolean {
  return rungOf(rung).minutes.length > 0
}

/** Whether two hands are drawn, so that one may hide the other. */
function drawsBothHands(rung: RungId): boolean {
  return rung !== 'hour-hand' && rung !== 'fives'
}

/**
 * Every dial time of a rung, 0 to 719. The ring of fives has one hand, so each count comes once.
 * Times whose hands hide each other are left out unless asked for.
 *
 * rungTimes('oclock', {}).length //=> 11
 * rungTimes('oclock', { hiddenHands: true }).length //=> 12
 */
export function rungTimes(rung: RungId, { hiddenHands = false }: { hiddenHands?: boolean }): number[] {
  const { minutes } = rungOf(rung)
  if (minutes.length === 0) throw new RefusedValue('rung', 'one whose times are read off a dial', rung)
  const hours = rung === 'fives' ? [0] : Array.from({ length: 12 }, (_, hour) => hour)
  const times = hours.flatMap((hour) => minutes.map((minute) => hour * 60 + minute))
  return hiddenHands || !drawsBothHands(rung) ? times : times.filter((time) => !handsHidden(time))
}

/** The question about one time, without wrong choices. */
export function itemAt(rung: RungId, ask: Ask, minute: number): Item {
  const isSet = ask === 'set'
  if (rung === 'fives')
    return {
      rung,
      ask: 'read',
      shown: { as: 'dial', minute, hands: 'minute' },
      answer: { kind: 'minutes', minutes: minutesPast(minute) },
      lures: [],
    }
  if (rung === 'hour-hand')
    return {
      rung,
      ask: 'read',
      shown: { as: 'dial', minute, hands: 'hour' },
      answer: { kind: 'about', minute },
      lures: [],
    }
  return {
    rung,
    ask,
    shown: isSet ? { as: 'words', minute } : { as: 'dial', minute, hands: 'both' },
    answer: { kind: 'time', minute },
    lures: [],
  }
}

export interface ItemsRequest {
  readonly rung: RungId
  readonly ask: Ask
  /** 1 or more, and no more than the rung has times. */
  readonly count: number
  readonly hiddenHands?: boolean
}

/**
 * Questions for a rung: no time twice, hours and both halves of the face spread, hidden hands left
 * out unless asked. Throws RefusedValue, saying what is possible, for more than the rung has.
 */
export function makeItems(random: Random, { rung, ask, count, hiddenHands = false }: ItemsRequest): Item[] {
  const pool = shuffled(random, rungTimes(rung, { hiddenHands }))
  requireInteger(`count of ${rungOf(rung).name} times`, count, 1, pool.length)
  const picked: number[] = []
  while (picked.length < count) {
    const next = leastUsed(pool, picked)
    picked.push(next)
    pool.splice(pool.indexOf(next), 1)
  }
  return picked.map((minute) => itemAt(rung, ask, minute))
}

/** The first of the shuffled pool whose hour, minutes and half of the face have come least so far. */
function leastUsed(pool: readonly number[], picked: readonly number[]): number {
  const cost = (time: number) =>
    picked.reduce(
      (sum, other) =>
        sum +
        (dialHour(other) === dialHour(time) ? 4 : 0) +
        (minutesPast(other) === minutesPast(time) ? 2 : 0) +
        (minutesPast(other) >= 30 === minutesPast(time) >= 30 ? 1 : 0),
      0,
    )
  let best = pool[0] as number
  let bestCost = cost(best)
  for (const time of pool) {
    const timeCost = cost(time)
    if (timeCost < bestCost) [best, bestCost] = [time, timeCost]
  }
  return best
}

/** Before half past, an hour hand within half an hour's travel passes: the child has not met "between" yet. */
const LENIENT_TOLERANCE_DEG = 15

/** Is this answer right? Freely set hands may be a mark out, and the hour hand more so before `half`. */
export function isRight(item: Item, given: Value): boolean {
  if (given.kind === 'hands' && item.answer.kind === 'time') {
    const due = handAngles(item.answer.minute)
    const hourTolerance = item.rung === 'oclock' ? LENIENT_TOLERANCE_DEG : HAND_SET_TOLERANCE_DEG + 1
    return (
      Math.abs(signedGap(due.minute, given.minute)) < HAND_SET_TOLERANCE_DEG / 2 &&
      Math.abs(signedGap(due.hour, given.hour)) <= hourTolerance
    )
  }
  return sameValue(item.answer, given)
}

/**
 * The group's wording as a rung practises it: past by fives is always said with "past" and never with
 * "to", minutes to is never said with "past", and the digital form stands in figures.
 */
export function wordingOn(rung: RungId, wording: Wording): Wording {
  if (rung === 'digital') return { ...wording, form: 'digital' }
  if (rung === 'past-fives' && wording.form === 'turns') return { ...wording, form: 'minutes-past' }
  if (rung === 'to-fives' && wording.form === 'minutes-past') return { ...wording, form: 'turns' }
  return wording
}

/** An answer to an item, right or wrong, as the group says it on the item's rung. */
export function sayAnswer(item: Item, value: Value, wording: Wording): string {
  return sayValue(value, wordingOn(item.rung, wording))
}

/** What is asked, in words for the adult to read out. */
export function askInWords(item: Item, wording: Wording): string {
  if (item.rung === 'fives') return 'How many minutes past?'
  if (item.rung === 'hour-hand') return 'What does the hour hand tell you?'
  if (item.ask === 'set') return `Show me ${say(minuteOf(item), wordingOn(item.rung, wording))}.`
  if (item.ask === 'write') return 'Write this time in figures.'
  return 'What time is it?'
}
