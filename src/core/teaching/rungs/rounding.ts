import { told } from '../../wording'
import { onDial, roundToStep } from '../../clock'
import { drawInt } from '../../random'
import { distinct } from './pool'
import type { RungEntry } from './rung'

/** What is rounded to, in minutes. */
export const ROUNDING_STEP = 5

export const rounding = {
  id: 'rounding',
  name: told('Nearest five minutes'),
  can: told('rounds up or down, with carry'),
  trap: 'the carry into the next hour or day',
  asks: ['round'],
  pool: (random) =>
    distinct(() => {
      const minute = drawInt(random, 0, 719)
      if (minute % ROUNDING_STEP === 0) return undefined
      const answer = { kind: 'time', minute: onDial(roundToStep(minute, ROUNDING_STEP).minute) } as const
      return { ask: 'round', shown: { as: 'dial', minute, hands: 'both' }, answer }
    }),
} as const satisfies RungEntry
