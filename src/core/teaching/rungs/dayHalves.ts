import { told } from '../../wording'
import { shuffled } from '../../random'
import { DOING_TIMES, doings } from '../doings'
import type { RungEntry } from './rung'

export const dayHalves = {
  id: 'day-halves',
  name: told('a.m. and p.m.'),
  can: told('sorts the day’s doings; two rounds of twelve make a day'),
  trap: '12 noon and midnight',
  asks: ['half-of-day'],
  pool: (random) =>
    shuffled(random, doings)
      .flatMap((doing) => DOING_TIMES[doing].map((minute) => ({ doing, minute })))
      .map(({ doing, minute }) => ({
        ask: 'half-of-day',
        shown: { as: 'doing', minute, doing },
        answer: { kind: 'day', minute },
      })),
  wording: (wording) => ({ ...wording, form: 'digital', options: { dayHalf: true } }),
} as const satisfies RungEntry
