import { told } from '../../wording'
import { minutesPast } from '../../clock'
import { type RungEntry, fivesFrom } from './rung'

export const fives = {
  id: 'fives',
  name: told('Counting in fives round the clock'),
  can: told('counts 5, 10 … 60 round the ring and finds one at random'),
  trap: 'the number is read as minutes',
  asks: ['read'],
  dial: {
    minutes: fivesFrom(5, 55),
    hands: 'minute',
    answerAt: (minute) => ({ kind: 'minutes', minutes: minutesPast(minute) }),
  },
  asked: (phrases) => phrases.howManyMinutes,
} as const satisfies RungEntry
