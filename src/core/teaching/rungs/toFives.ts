import { told } from '../../wording'
import { type RungEntry, DIAL_ASKS, fivesFrom } from './rung'

export const toFives = {
  id: 'to-fives',
  name: told('Minutes to the hour, in fives'),
  can: told('counts back from 12 and names the coming hour'),
  trap: '“to” said with the hour just passed',
  asks: DIAL_ASKS,
  dial: {
    minutes: fivesFrom(35, 55),
    hands: 'both',
  },
  // Minutes to are never said with “past”.
  wording: (wording) => (wording.form === 'minutes-past' ? { ...wording, form: 'turns' } : wording),
} as const satisfies RungEntry
