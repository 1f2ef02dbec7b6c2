import type { RungId } from './rungs'

export type SchoolId = 'turns-first' | 'fives-first'

export interface School {
  readonly id: SchoolId
  readonly name: string
  readonly why: string
  /** The rungs that are taught and checked by the dial, in this school's order. */
  readonly order: readonly RungId[]
}

/**
 * What follows o'clock is where schools differ. Turns first is the default, since early-years aims
 * start with halves; fives first leaves "to" until the child starts it.
 */
export const schools: Record<SchoolId, School> = {
  'turns-first': {
    id: 'turns-first',
    name: 'Turns first',
    why: 'half and quarter turns, then the ring of fives',
    order: ['hour-hand', 'oclock', 'half', 'quarters', 'fives', 'past-fives', 'to-fives', 'digital', 'minute'],
  },
  'fives-first': {
    id: 'fives-first',
    name: 'Fives first',
    why: 'the ring of fives and “minutes past” for months; “to” only when the child starts it',
    order: ['hour-hand', 'oclock', 'fives', 'past-fives', 'digital', 'half', 'quarters', 'minute', 'to-fives'],
  },
}

/** Rungs beside the school's order. They come whenever they are wanted, since no school puts them in one place. */
export const BESIDE_THE_ORDER: readonly RungId[] = [
  'parts',
  'day-halves',
  'day-24',
  'rounding',
  'later',
  'elapsed',
  'work-back',
  'timetable',
]
