import { told } from '../../wording'
import { onDial } from '../../clock'
import { draw, drawInt, shuffled } from '../../random'
import { DOING_TIMES, doings } from '../doings'
import { distinct } from './pool'
import type { RungEntry } from './rung'

const ROWS = 4

export const timetableRung = {
  id: 'timetable',
  name: told('A day’s plan'),
  can: told('reads and shows times of a timetable on clocks'),
  trap: 'the wrong row read',
  asks: ['look-up'],
  pool: (random) =>
    distinct(() => {
      const rows = shuffled(random, doings)
        .slice(0, ROWS)
        .map((doing) => ({ doing, minute: draw(random, DOING_TIMES[doing]) + drawInt(random, -1, 1) * 5 }))
        .filter(({ minute }) => minute >= 0)
        .sort((a, b) => a.minute - b.minute)
      const { minute } = draw(random, rows)
      const answer = { kind: 'time', minute: onDial(minute) } as const
      return { ask: 'look-up', shown: { as: 'rows', minute, rows }, answer }
    }),
} as const satisfies RungEntry
