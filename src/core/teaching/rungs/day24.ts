import { told } from '../../wording'
import { drawInt } from '../../random'
import { distinct } from './pool'
import type { RungEntry } from './rung'

export const day24 = {
  id: 'day-24',
  name: told('24 hours'),
  can: told('13 is 12 and 1 more'),
  trap: 'writing 13 on the face',
  asks: ['write-24'],
  pool: (random) =>
    distinct(() => {
      const minute = drawInt(random, 0, 287) * 5
      return { ask: 'write-24', shown: { as: 'day', minute }, answer: { kind: 'day', minute } }
    }),
  wording: (wording) => ({ ...wording, form: 'day-24' }),
} as const satisfies RungEntry
