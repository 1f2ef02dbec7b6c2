import type { Wording } from '../../src/core/wording'
import { type Item, itemAt, misreadingOf, wrongAnswers } from '../../src/core/teaching'
import { timeAt } from '../../src/core/clock'

/* Times and wrong answers as the tests of teaching write them. */

export const gb: Wording = { language: 'en-GB', form: 'turns' }
export const readAt = (hour: number, minute: number) =>
  itemAt(minute % 5 ? 'minute' : 'past-fives', 'read', timeAt(hour, minute))
export const wrong = (id: Parameters<typeof misreadingOf>[0], item: Item) => wrongAnswers(misreadingOf(id), item)
export const times = (...hm: [number, number][]) => hm.map(([h, m]) => ({ kind: 'time', minute: timeAt(h % 12, m) }))
