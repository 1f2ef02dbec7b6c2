import { told } from '../../wording'
import { FIRST_HOURS_TOLERANCE_DEG } from '../../clock'
import { type RungEntry, DIAL_ASKS } from './rung'

export const oclock = {
  id: 'oclock',
  name: told('O’clock'),
  can: told('minute hand at 12, hour hand at the number'),
  trap: 'both hands put on the number',
  asks: DIAL_ASKS,
  dial: {
    minutes: [0],
    hands: 'both',
  },
  // The child has not met “between” yet: an hour hand within half an hour's travel passes.
  hourToleranceDeg: FIRST_HOURS_TOLERANCE_DEG,
} as const satisfies RungEntry
