import { told, type Told } from '../wording'
import type { PrintableId, PrintChoices } from '../printables'
import type { RungId } from '../teaching'

/** Something that is made of the rows of a day. */
interface DayThing {
  readonly name: Told
  readonly printable: PrintableId
  readonly rung: RungId
  readonly choices?: PrintChoices
  /** A sheet comes for each child, at the child's rung; everything else once. */
  readonly isForEach?: true
}

/** All that a day makes, in the order in which it is offered. */
export const DAY_THINGS = {
  'wall-strip': { name: told('Strip of clocks for the wall'), printable: 'wall-strip', rung: 'timetable' },
  'order-cards': {
    name: told('Cards to lay in order'),
    printable: 'order-cards',
    rung: 'timetable',
    choices: { backs: 'long-edge' },
  },
  'draw-hands': { name: told('Draw both hands'), printable: 'timetable', rung: 'timetable', isForEach: true },
  'draw-apart': {
    name: told('Draw hours on one clock, minutes on another'),
    printable: 'timetable',
    rung: 'timetable',
    choices: { drawn: 'apart' },
    isForEach: true,
  },
  'draw-hour': {
    name: told('Draw the hour hand only'),
    printable: 'timetable',
    rung: 'timetable',
    choices: { drawn: 'hour' },
    isForEach: true,
  },
  'write-times': {
    name: told('Read the clocks, write the times'),
    printable: 'timetable',
    rung: 'timetable',
    choices: { reversed: true },
    isForEach: true,
  },
  'which-first': { name: told('Which comes first?'), printable: 'which-first', rung: 'timetable', isForEach: true },
  'how-long': { name: told('How long is it?'), printable: 'how-long', rung: 'elapsed', isForEach: true },
  'work-back': { name: told('When must you start?'), printable: 'work-back-sheet', rung: 'work-back', isForEach: true },
  'day-halves': { name: told('Cards for a.m. and p.m.'), printable: 'day-halves-cards', rung: 'day-halves' },
  'day-24': {
    name: told('Cards in 24 hours'),
    printable: 'day-24-cards',
    rung: 'day-24',
    choices: { backs: 'long-edge' },
  },
  trail: { name: told('Trail through the day'), printable: 'day-trail', rung: 'timetable', isForEach: true },
  bingo: { name: told('Bingo with the day’s clocks'), printable: 'day-bingo', rung: 'timetable' },
} as const satisfies Record<string, DayThing>

export type DayThingId = keyof typeof DAY_THINGS
export const DAY_THING_IDS = Object.keys(DAY_THINGS) as readonly DayThingId[]
export const dayThing = (id: DayThingId): DayThing => DAY_THINGS[id]
