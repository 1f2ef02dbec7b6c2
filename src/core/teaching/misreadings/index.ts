import { RefusedValue } from '../../errors'
import { type Item, isRight, minuteOf } from '../items'
import { type Value, sameValue } from '../values'
import { dialMisreadings } from './dial'
import { reckoningMisreadings } from './reckoning'
import { settingMisreadings } from './setting'
import type { MisreadingId } from './ids'
import type { Misreading } from './types'
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
  if (!misreading) throw new RefusedValue('misreading', `one of ${[...byId.keys()].join(', ')}`, id)
  return misreading
}

/** The wrong answers that a misreading leads to on this item: distinct, and none of them right. */
export function wrongAnswers(misreading: Misreading, item: Item): Value[] {
  if (!misreading.appliesTo(item)) return []
  const distinct: Value[] = []
  for (const value of misreading.predict(minuteOf(item), item))
    if (!isRight(item, value) && !distinct.some((other) => sameValue(other, value))) distinct.push(value)
  return distinct
}

/** The misreadings that would give exactly this answer; empty for a right one. */
export function explain(item: Item, given: Value): MisreadingId[] {
  if (isRight(item, given)) return []
  return misreadings
    .filter((misreading) => wrongAnswers(misreading, item).some((value) => sameValue(value, given)))
    .map((misreading) => misreading.id)
}
