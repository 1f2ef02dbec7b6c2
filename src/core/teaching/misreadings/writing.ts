import { told } from '../../wording'
import { dialHour, minutesPast, onDial } from '../../clock'
import { isWritten } from '../ways'
import type { Misreading } from './types'

/** Mistakes of writing figures. They are kept as the child's own text: "9:5" is never made 9:50. */
export const writingMisreadings: readonly Misreading[] = [
  {
    id: 'bare-digit',
    does: told('leaves out the zero after the colon'),
    prior: 0.08,
    heldIn: ['writing'],
    appliesTo: isWritten,
    predict: (minute) =>
      minutesPast(minute) < 10 ? [{ kind: 'written', text: `${dialHour(minute)}:${minutesPast(minute)}` }] : [],
    repair: {
      say: 'There are always two places after the colon. Which one is empty?',
      activities: ['match-cards', 'halves-that-fit'],
      scaffold: 'ring-of-fives',
    },
  },
  {
    id: 'sixty',
    does: told('keeps counting to 60 at the top'),
    prior: 0.08,
    heldIn: ['writing'],
    appliesTo: (item) => isWritten(item) || item.answer.kind === 'minutes',
    predict: (minute, item) => {
      if (minutesPast(minute) !== 0) return []
      if (item.answer.kind === 'minutes') return [{ kind: 'minutes', minutes: 60 }]
      return [{ kind: 'written', text: `${dialHour(minute)}:60` }]
    },
    repair: {
      say: 'At the top a new hour starts and the count goes back to nought.',
      activities: ['ring-of-fives-count', 'chalk-a-clock'],
      scaffold: 'ring-of-fives',
    },
  },
  {
    id: 'zero-after',
    does: told('writes the zero behind the minutes, not before them'),
    prior: 0.08,
    heldIn: ['writing'],
    appliesTo: isWritten,
    // 9:05 written as 9:50.
    predict: (minute) => {
      const minutes = minutesPast(minute)
      return minutes === 0 || minutes > 5 ? [] : [{ kind: 'time', minute: onDial(minute + 9 * minutes) }]
    },
    repair: {
      say: 'The first place after the colon counts tens. How many tens are in five?',
      activities: ['match-cards', 'halves-that-fit'],
      scaffold: 'ring-of-fives',
    },
  },
]
