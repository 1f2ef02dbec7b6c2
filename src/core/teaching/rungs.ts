import { RefusedValue } from '../errors'

export type RungId =
  | 'parts'
  | 'hour-hand'
  | 'oclock'
  | 'half'
  | 'fives'
  | 'quarters'
  | 'past-fives'
  | 'to-fives'
  | 'minute'
  | 'digital'
  | 'day-halves'
  | 'day-24'
  | 'rounding'
  | 'later'
  | 'elapsed'
  | 'work-back'
  | 'timetable'

/** How a rung is met: with the hands, in pictures, in signs. In this order inside a rung. */
export const STAGES = ['concrete', 'pictorial', 'abstract'] as const
export type Stage = (typeof STAGES)[number]

export interface Rung {
  readonly id: RungId
  readonly name: string
  /** What a child who is on it can do. */
  readonly can: string
  /** The usual trap. */
  readonly trap: string
  /** Minutes past the hour that its times have; empty where the rung is not about reading a time off a dial. */
  readonly minutes: readonly number[]
}

const fives = (from: number, to: number) => Array.from({ length: (to - from) / 5 + 1 }, (_, i) => from + 5 * i)
const everyMinute = Array.from({ length: 60 }, (_, minute) => minute)

/** What is learned, easiest first. */
export const rungs: readonly Rung[] = [
  {
    id: 'parts',
    name: 'Parts of the clock',
    can: 'names face, centre, hour hand and minute hand; points the way the hands turn',
    trap: 'hands told apart by colour only',
    minutes: [],
  },
  {
    id: 'hour-hand',
    name: 'Hour hand alone',
    can: 'reads a one-hand clock as at, just after, halfway or nearly an hour',
    trap: 'the nearest numeral is taken instead of the one passed',
    minutes: [0, 10, 30, 50],
  },
  {
    id: 'oclock',
    name: 'O’clock',
    can: 'minute hand at 12, hour hand at the numeral',
    trap: 'both hands put on the numeral',
    minutes: [0],
  },
  {
    id: 'half',
    name: 'Half past',
    can: 'minute hand at 6, hour hand midway',
    trap: 'hour hand left on the numeral; the later numeral read',
    minutes: [30],
  },
  {
    id: 'fives',
    name: 'Ring of fives',
    can: 'counts 5, 10 … 60 round the ring and finds one at random',
    trap: 'the numeral is read as minutes',
    minutes: fives(5, 55),
  },
  {
    id: 'quarters',
    name: 'Quarter past and to',
    can: 'folds a circle in half and again; 15 and 45',
    trap: 'quarter thought to be 25; hour wrong at “to”',
    minutes: [15, 45],
  },
  {
    id: 'past-fives',
    name: 'Minutes past, by fives',
    can: '5 … 55 past, always saying “minutes past”',
    trap: '35 past 6 said as 35 past 7',
    minutes: fives(5, 55),
  },
  {
    id: 'to-fives',
    name: 'Minutes to, by fives',
    can: 'counts back from 12 and names the coming hour',
    trap: '“to” said with the hour just passed',
    minutes: fives(35, 55),
  },
  {
    id: 'minute',
    name: 'To the minute',
    can: 'counts on from the five just passed, or back',
    trap: 'one mark out',
    minutes: everyMinute.filter((minute) => minute % 5 !== 0),
  },
  {
    id: 'digital',
    name: 'Digital form',
    can: 'writes two digits after the colon and matches them to the dial',
    trap: '6:0, 9:5; “twelve zero zero”',
    minutes: fives(0, 55),
  },
  {
    id: 'day-halves',
    name: 'a.m. and p.m.',
    can: 'sorts the day’s doings; two rounds of twelve make a day',
    trap: '12 noon and midnight',
    minutes: [],
  },
  { id: 'day-24', name: '24 hours', can: '13 is 12 and 1 more', trap: 'writing 13 on the face', minutes: [] },
  {
    id: 'rounding',
    name: 'Nearest five minutes',
    can: 'rounds up or down, with carry',
    trap: 'the carry into the next hour or day',
    minutes: [],
  },
  {
    id: 'later',
    name: 'Later and sooner',
    can: 'moves on or back by a given time',
    trap: 'hour not carried',
    minutes: [],
  },
  {
    id: 'elapsed',
    name: 'How long between',
    can: 'bridges through whole hours',
    trap: 'subtracting as if base 100',
    minutes: [],
  },
  {
    id: 'work-back',
    name: 'When to start',
    can: 'adds the steps’ minutes, then takes them from the deadline',
    trap: 'a step left out; counted forward',
    minutes: [],
  },
  {
    id: 'timetable',
    name: 'A day’s plan',
    can: 'reads and shows times of a timetable on clocks',
    trap: 'the wrong row read',
    minutes: [],
  },
]

const byId = new Map(rungs.map((rung) => [rung.id, rung]))

/** Throws RefusedValue for an id that is no rung. */
export function rungOf(id: RungId): Rung {
  const rung = byId.get(id)
  if (!rung) throw new RefusedValue('rung', `one of ${[...byId.keys()].join(', ')}`, id)
  return rung
}

export function isRungId(id: string): id is RungId {
  return byId.has(id as RungId)
}
