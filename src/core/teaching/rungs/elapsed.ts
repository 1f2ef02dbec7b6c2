import { told } from '../../wording'
import { countJumps } from '../../clock'
import { draw, drawInt } from '../../random'
import { durationOf } from '../values'
import { SHIFTS, distinct } from './pool'
import type { RungEntry } from './rung'

const LENGTHS = [...SHIFTS, 105, 130, 165, 190, 220, 275]

export const elapsed = {
  id: 'elapsed',
  name: told('How long between'),
  can: told('bridges through whole hours'),
  trap: 'subtracting as if base 100',
  asks: ['how-long'],
  pool: (random) =>
    distinct(() => {
      const from = drawInt(random, 84, 168) * 5
      const to = from + draw(random, LENGTHS)
      if (to > 1439) return undefined
      const answer = durationOf(countJumps(from, to).minutes)
      return { ask: 'how-long', shown: { as: 'span', minute: from, to }, answer }
    }),
} as const satisfies RungEntry
