import { told } from '../../wording'
import { type RungEntry, DIAL_ASKS } from './rung'

export const minute = {
  id: 'minute',
  name: told('To the minute'),
  can: told('counts on from the five just passed, or back'),
  trap: 'one mark out',
  asks: DIAL_ASKS,
  dial: {
    minutes: Array.from({ length: 60 }, (_, minute) => minute).filter((minute) => minute % 5 !== 0),
    hands: 'both',
  },
} as const satisfies RungEntry
