import { told } from '../../wording'
import { handAngles, signedGap } from '../../clock'
import { RefusedValue } from '../../errors'
import { type Item, isRight, minuteOf } from '../items'
import type { Value } from '../values'
import { sameValue } from '../sameValue'
import { dialMisreadings } from './dial'
import { reckoningMisreadings } from './reckoning'
import { settingMisreadings } from './setting'
import type { MisreadingId } from './ids'
import type { Misreading } from './types'
import { type Mode, wayOf } from '../ways'
import { writingMisreadings } from './writing'

export * from './ids'
export * from './types'

/** The one table of misreadings. */
export const misreadings: readonly Misreading[] = [
  ...dialMisreadings,
  ...writingMisreadings,
  ...settingMisreadings,
  ...reckoningMisreadings,
]

const byId = new Map(misreadings.map((misreading) => [misreading.id, misreading]))

/** Throws RefusedValue for an id that is not in the table. */
export function misreadingOf(id: MisreadingId): Misreading {
  const misreading = byId.get(id)
  if (!misreading) throw new RefusedValue(told('misreading'), told('one of {0}', [...byId.keys()].join(', ')), id)
  return misreading
}

/** Whether an activity, by its id in the catalogue, is one that mends a misreading. */
export function mends(activityId: string, misreading: MisreadingId): boolean {
  return misreadingOf(misreading).repair.activities.includes(activityId)
}

/** Where a misreading shows when this item is asked. A dial that is read to be written or matched is read. */
export function modeIn({ heldIn }: Misreading, { ask }: Item): Mode {
  const [only] = heldIn
  if (only && heldIn.length === 1) return only
  return wayOf(ask).mode
}

/** The wrong answers that a misreading leads to on this item: distinct, and none of them right. */
export function wrongAnswers(misreading: Misreading, item: Item): Value[] {
  if (!misreading.appliesTo(item)) return []
  const predict = wayOf(item.ask).mode === 'setting' && misreading.sets ? misreading.sets : misreading.predict
  const distinct: Value[] = []
  for (const value of predict(minuteOf(item), item))
    if (!isRight(item, value) && !distinct.some((other) => sameValue(other, value))) distinct.push(value)
  return distinct
}

/**
 * The misreadings that would give exactly this answer; empty for a right one. Hands set freely can be near to what
 * several lead to: those nearest to the hands explain them.
 */
export function explain(item: Item, given: Value): MisreadingId[] {
  if (isRight(item, given)) return []
  const led = misreadings.map((misreading) => ({
    id: misreading.id,
    off: offFrom(misreading, item, given, wrongAnswers(misreading, item)),
  }))
  const least = Math.min(...led.map(({ off }) => off))
  return Number.isFinite(least) ? led.filter(({ off }) => off <= least + 1e-6).map(({ id }) => id) : []
}

/** Hands that nothing explains exactly, and that a misreading may have left so: farther off than any exact ones. */
const LEFT_SO = 1000

/**
 * How far a wrong answer is from those among the misreading's wrong answers that the child could give: 0 where they
 * say the same, infinite where they do not.
 */
export function offFrom({ leaves }: Misreading, item: Item, given: Value, values: readonly Value[]): number {
  const off = Math.min(...values.map((value) => missedBy(value, given)))
  if (Number.isFinite(off) || values.length === 0) return off
  return given.kind === 'hands' && item.ask === 'set' && leaves?.(minuteOf(item), given, item) ? LEFT_SO : Infinity
}

/**
 * How far a given answer is from a predicted one: 0 where they say the same, infinite where they do not, and between
 * hands the degrees that both together are off.
 */
function missedBy(predicted: Value, given: Value): number {
  if (!sameValue(predicted, given)) return Infinity
  if (given.kind !== 'hands' || (predicted.kind !== 'hands' && predicted.kind !== 'time')) return 0
  const hands = predicted.kind === 'hands' ? predicted : handAngles(predicted.minute)
  return Math.abs(signedGap(hands.hour, given.hour)) + Math.abs(signedGap(hands.minute, given.minute))
}
