import { told } from '../../wording'
import { type RungEntry, fivesFrom } from './rung'

export const digital = {
  id: 'digital',
  name: told('Digital form'),
  can: told('writes two digits after the colon and matches them to the dial'),
  trap: '6:0, 9:5; “twelve zero zero”',
  asks: ['read', 'write', 'match', 'set'],
  dial: {
    minutes: fivesFrom(0, 55),
    hands: 'both',
  },
  wording: (wording) => ({ ...wording, form: 'digital' }),
} as const satisfies RungEntry
