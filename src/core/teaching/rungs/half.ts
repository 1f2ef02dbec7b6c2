import { told } from '../../wording'
import { type RungEntry, DIAL_ASKS } from './rung'

export const half = {
  id: 'half',
  name: told('Half past'),
  can: told('minute hand at 6, hour hand midway'),
  trap: 'hour hand left on the number; the later number read',
  asks: DIAL_ASKS,
  dial: {
    minutes: [30],
    hands: 'both',
  },
} as const satisfies RungEntry
