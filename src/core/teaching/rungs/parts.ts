import { told } from '../../wording'
import { shuffled } from '../../random'
import { CLOCK_PARTS } from '../shown'
import type { RungEntry } from './rung'

export const parts = {
  id: 'parts',
  name: told('Parts of the clock'),
  can: told('names face, centre, hour hand and minute hand; points the way the hands turn'),
  trap: 'hands told apart by colour only',
  asks: ['name'],
  pool: (random) =>
    shuffled(random, CLOCK_PARTS).map((part) => ({
      ask: 'name',
      shown: { as: 'part', minute: 610, part },
      answer: { kind: 'part', part },
    })),
} as const satisfies RungEntry
