import { told, type Told } from '../wording'
import type { RungId } from './rungs'

export type SchoolId = 'turns-first' | 'fives-first'

export interface School {
  readonly id: SchoolId
  readonly name: Told
  readonly why: Told
  /** The rungs that are taught and checked by the dial, in this school's order. */
  readonly order: readonly RungId[]
}

/**
 * The rungs beside a school's order, each with the rung after which it fits: as soon as that one is firm, it can come
 * as a side path. Where that is says only what it needs (a.m. and p.m. needs whole hours, rounding needs single
 * minutes); a school may put it later.
 */
const SIDE_PATHS: readonly (readonly [side: RungId, after: RungId | undefined])[] = [
  ['parts', undefined],
  ['day-halves', 'oclock'],
  ['later', 'past-fives'],
  ['elapsed', 'later'],
  ['timetable', 'digital'],
  ['day-24', 'digital'],
  ['rounding', 'minute'],
  ['work-back', 'elapsed'],
]

/**
 * What follows o'clock is where schools differ. Turns first is the default, since early-years aims
 * start with halves; fives first leaves "to" until the child starts it.
 */
export const schools: Record<SchoolId, School> = {
  'turns-first': {
    id: 'turns-first',
    name: told('Half and quarter first'),
    why: told('half and quarter turns, then the ring of fives'),
    order: ['hour-hand', 'oclock', 'half', 'quarters', 'fives', 'past-fives', 'to-fives', 'digital', 'minute'],
  },
  'fives-first': {
    id: 'fives-first',
    name: told('Counting in fives first'),
    why: told('the ring of fives and “minutes past” for months; “to” only when the child starts it'),
    order: ['hour-hand', 'oclock', 'fives', 'past-fives', 'digital', 'half', 'quarters', 'minute', 'to-fives'],
  },
}

/** Rungs beside the school's order. They come as side paths, or when they are wanted. */
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

/** Every rung in the order in which this school comes to it: its own order, each side path behind what it needs. */
export function pathOf(school: Pick<School, 'order'>): RungId[] {
  const path = [...school.order]
  for (const [side, after] of SIDE_PATHS) path.splice(after ? path.indexOf(after) + 1 : 0, 0, side)
  return path
}

/** The rungs that must be firm before a side path: the one that it needs, and what that one needs. */
export function neededFor(side: RungId): RungId[] {
  const after = SIDE_PATHS.find(([id]) => id === side)?.[1]
  return after ? [after, ...neededFor(after)] : []
}
