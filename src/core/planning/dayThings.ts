import type { PrintableId, PrintChoices } from '../printables'
import type { RungId } from '../teaching'

/** Something that is made of the rows of a day. */
interface DayThing {
  readonly name: string
  readonly printable: PrintableId
  readonly rung: RungId
  readonly choices?: PrintChoices
  /** A sheet comes for each child, at the child's rung; everything else once. */
  readonly isForEach?: true
}

/** All that a day makes, in the order in which it is offered. */
export const DAY_THINGS = {
  'wall-strip': { name: 'Strip of clocks for the wall', printable: 'wall-strip', rung: 'timetable' },
  'order-cards': {
    name: 'Cards to lay in order',
    printable: 'order-cards',
    rung: 'timetable',
    choices: { backs: 'long-edge' },
  },
  'draw-hands': { name: 'Draw both hands', printable: 'timetable', rung: 'timetable', isForEach: true },
  'draw-apart': {
    name: 'Draw hours on one clock, minutes on another',
    printable: 'timetable',
    rung: 'timetable',
    choices: { drawn: 'apart' },
    isForEach: true,
  },
  'draw-hour': {
    name: 'Draw the hour hand only',
    printable: 'timetable',
    rung: 'timetable',
    choices: { drawn: 'hour' },
    isForEach: true,
  },
  'write-times': {
    name: 'Read the clocks, write the times',
    printable: 'timetable',
    rung: 'timetable',
    choices: { reversed: true },
    isForEach: true,
  },
  'which-first': { name: 'Which comes first?', printable: 'which-first', rung: 'timetable', isForEach: true },
  'how-long': { name: 'How long is it?', printable: 'how-long', rung: 'elapsed', isForEach: true },
  'work-back': { name: 'When must you start?', printable: 'work-back-sheet', rung: 'work-back', isForEach: true },
  'day-halves': { name: 'Cards for a.m. and p.m.', printable: 'day-halves-cards', rung: 'day-halves' },
  'day-24': { name: 'Cards in 24 hours', printable: 'day-24-cards', rung: 'day-24', choices: { backs: 'long-edge' } },
  trail: { name: 'Trail through the day', printable: 'day-trail', rung: 'timetable', isForEach: true },
  bingo: { name: 'Bingo with the day’s clocks', printable: 'day-bingo', rung: 'timetable' },
} as const satisfies Record<string, DayThing>

export type DayThingId = keyof typeof DAY_THINGS
export const DAY_THING_IDS = Object.keys(DAY_THINGS) as readonly DayThingId[]
export const dayThing = (id: DayThingId): DayThing => DAY_THINGS[id]
