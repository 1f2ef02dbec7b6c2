import { told } from '../../wording'
import { onDial, shiftTime } from '../../clock'
import { draw, drawInt } from '../../random'
import { SHIFTS, distinct } from './pool'
import type { RungEntry } from './rung'

export const laterRung = {
  id: 'later',
  name: told('Later and sooner'),
  can: told('moves on or back by a given time'),
  trap: 'hour not carried',
  asks: ['later'],
  pool: (random) =>
    distinct(() => {
      const minute = drawInt(random, 0, 143) * 5
      // Two of three go on, one goes back.
      const by = draw(random, SHIFTS) * draw(random, [1, 1, -1])
      const answer = { kind: 'time', minute: onDial(shiftTime(minute, by).minute) } as const
      return { ask: 'later', shown: { as: 'shift', minute, by }, answer }
    }),
} as const satisfies RungEntry
