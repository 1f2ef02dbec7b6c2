import { told } from '../../wording'
import { type RungEntry, DIAL_ASKS } from './rung'

export const quarters = {
  id: 'quarters',
  name: told('Quarter past and to'),
  can: told('folds a circle in half and again; 15 and 45'),
  trap: 'quarter thought to be 25; hour wrong at “to”',
  asks: DIAL_ASKS,
  dial: {
    minutes: [15, 45],
    hands: 'both',
  },
} as const satisfies RungEntry
