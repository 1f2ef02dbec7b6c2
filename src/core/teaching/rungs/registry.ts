import { told } from '../../wording'
import { HOUR_HAND_TOLERANCE_DEG } from '../../clock'
import { RefusedValue } from '../../errors'
import { parts } from './parts'
import { hourHand } from './hourHand'
import { oclock } from './oclock'
import { half } from './half'
import { fives } from './fives'
import { quarters } from './quarters'
import { pastFives } from './pastFives'
import { toFives } from './toFives'
import { minute } from './minute'
import { digital } from './digital'
import { dayHalves } from './dayHalves'
import { day24 } from './day24'
import { rounding } from './rounding'
import { laterRung } from './later'
import { elapsed } from './elapsed'
import { workingBack } from './workingBack'
import { timetableRung } from './timetable'
import type { RungEntry } from './rung'

/** What is learned, easiest first: adding a rung means one file and its line here. */
const all = [
  parts,
  hourHand,
  oclock,
  half,
  fives,
  quarters,
  pastFives,
  toFives,
  minute,
  digital,
  dayHalves,
  day24,
  rounding,
  laterRung,
  elapsed,
  workingBack,
  timetableRung,
] as const

export type RungId = (typeof all)[number]['id']

export interface Rung extends RungEntry {
  readonly id: RungId
}

export const rungs: readonly Rung[] = all

const byId = new Map(rungs.map((rung) => [rung.id, rung]))

/** Throws RefusedValue for an id that is no rung. */
export function rungOf(id: RungId): Rung {
  const rung = byId.get(id)
  if (!rung) throw new RefusedValue(told('rung'), told('one of {0}', [...byId.keys()].join(', ')), id)
  return rung
}

/** How far off (degrees) a hand that is set for the hour may be on a rung and still count. */
export function hourToleranceOn(id: RungId): number {
  return rungOf(id).hourToleranceDeg ?? HOUR_HAND_TOLERANCE_DEG
}
