import { told } from '../../wording'
import { type RungEntry, DIAL_ASKS, fivesFrom } from './rung'

export const pastFives = {
  id: 'past-fives',
  name: told('Minutes past the hour, in fives'),
  can: told('5 … 55 past, always saying “minutes past”'),
  trap: '35 past 6 said as 35 past 7',
  asks: DIAL_ASKS,
  dial: {
    minutes: fivesFrom(5, 55),
    hands: 'both',
  },
  // Past by fives is always said with “past”, never with “to”.
  wording: (wording) => (wording.form === 'turns' ? { ...wording, form: 'minutes-past' } : wording),
} as const satisfies RungEntry
