import { told } from '../../wording'
import type { RungEntry } from './rung'

export const hourHand = {
  id: 'hour-hand',
  name: told('Hour hand alone'),
  can: told('reads a one-hand clock as at, just after, halfway or nearly an hour'),
  trap: 'the nearest number is taken instead of the one passed',
  asks: ['read'],
  dial: {
    minutes: [0, 10, 30, 50],
    hands: 'hour',
    answerAt: (minute) => ({ kind: 'about', minute }),
  },
  asked: (phrases) => phrases.whatHourHand,
} as const satisfies RungEntry
