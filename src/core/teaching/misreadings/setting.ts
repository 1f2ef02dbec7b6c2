import { told } from '../../wording'
import { DEGREES_PER_HOUR, handAngles, minutesPast } from '../../clock'
import { isSet } from '../ways'
import type { Misreading } from './types'

/** Mistakes of setting two free hands. */
export const settingMisreadings: readonly Misreading[] = [
  {
    id: 'parked-hour',
    does: told('sets the hour hand exactly on the number'),
    prior: 0.12,
    heldIn: ['setting'],
    appliesTo: isSet,
    predict: (minute) => {
      const { minute: long } = handAngles(minute)
      const hour = Math.floor(minute / 60) * DEGREES_PER_HOUR
      return minutesPast(minute) === 0 ? [] : [{ kind: 'hands', hour, minute: long }]
    },
    repair: {
      say: 'Turn a real clock from o’clock and watch the short hand creep. Where is it by half past?',
      activities: ['hour-hand-walk', 'set-your-clock', 'floor-clock'],
      scaffold: 'zones',
    },
  },
  {
    id: 'both-on-numeral',
    does: told('puts both hands on the number'),
    prior: 0.06,
    heldIn: ['setting'],
    appliesTo: (item) => isSet(item) && minutesPast(item.shown.minute) === 0,
    predict: (minute) => {
      const { hour } = handAngles(minute)
      return [{ kind: 'hands', hour, minute: hour }]
    },
    repair: {
      say: 'At o’clock the long hand rests at 12. Only the short one points to the number.',
      activities: ['paper-clock', 'set-your-clock', 'relay-of-hours'],
      scaffold: 'labels',
    },
  },
  {
    id: 'swapped-set',
    does: told('sets the hands exchanged'),
    prior: 0.04,
    heldIn: ['setting'],
    appliesTo: isSet,
    predict: (minute) => {
      const { hour, minute: long } = handAngles(minute)
      return [{ kind: 'hands', hour: long, minute: hour }]
    },
    repair: {
      say: 'Short for hours, long for minutes. Say it as you touch each hand.',
      activities: ['paper-clock', 'set-your-clock', 'rope-clock'],
      scaffold: 'labels',
    },
  },
]
