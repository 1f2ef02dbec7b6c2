import {
  type Item,
  itemKey,
  type Misreading,
  misreadings,
  modeIn,
  type Value,
  valueKey,
  wrongAnswers,
} from '../teaching'
import { placeOf } from './aspects'

/** A misreading's wrong answers to an item, ready to be compared. */
export interface Prediction {
  /** Place in `aspects`. */
  readonly at: number
  readonly misreading: Misreading
  readonly values: readonly Value[]
  readonly keys: readonly (string | number | undefined)[]
}

/**
 * What every misreading would answer to an item; those that could not show are left out. Remembered for the items
 * that come again: a rung has some hundred dial times in five ways of asking, and each is looked at many times.
 */
export function predictionsFor(item: Item): readonly Prediction[] {
  if (!REMEMBERED.includes(item.shown.as)) return predict(item)
  const key = `${item.ask} ${itemKey(item)}`
  const known = remembered.get(key) ?? predict(item)
  remembered.set(key, known)
  return known
}

const REMEMBERED: readonly Item['shown']['as'][] = ['dial', 'words', 'figures']
const remembered = new Map<string, readonly Prediction[]>()

function predict(item: Item): Prediction[] {
  return misreadings.flatMap((misreading) => {
    const values = wrongAnswers(misreading, item)
    const at = values.length === 0 ? undefined : placeOf.get(`${misreading.id} ${modeIn(misreading, item)}`)
    return at === undefined ? [] : [{ at, misreading, values, keys: values.map(keyOf) }]
  })
}

/** What tells a value from others; undefined for hands, which are compared by their angles. */
export function keyOf(value: Value): string | number | undefined {
  return value.kind === 'hands' ? undefined : valueKey(value)
}
