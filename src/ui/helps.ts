import { minutesPast } from '../core/clock'
import type { DialOptions } from '../core/faces'
import { FADING_ORDER, type ScaffoldId } from '../core/knowing'

/** What each help draws on the dial. The counted arc runs clockwise on the past side and back on the to side. */
export function helpsOnDial(ids: readonly ScaffoldId[], minute: number): Partial<Omit<DialOptions, 'radius'>> {
  const has = (id: ScaffoldId) => ids.includes(id)
  return {
    ringOfFives: has('ring-of-fives'),
    halves: has('halves'),
    zones: has('zones'),
    foldLines: has('quarters'),
    handLabels: has('labels'),
    arc: has('arc') ? (minutesPast(minute) <= 30 ? 'past' : 'to') : undefined,
  }
}

/** The helps that are on, without the one that is to be faded first. */
export function withoutFirst(ids: readonly ScaffoldId[], order: readonly ScaffoldId[] = FADING_ORDER): ScaffoldId[] {
  const first = order.find((id) => ids.includes(id))
  return ids.filter((id) => id !== first)
}
