import { told } from '../told'
import { tzOffset } from '@date-fns/tz/tzOffset'
import { RefusedValue } from '../errors'
import { type PlainDate, dateOf, mondayOf } from './dates'

/*
 * A day is a day of the place where the group meets: a lesson at noon in Auckland lies on one day there and on two in
 * Greenwich. Days are made here, where time enters, and nowhere else.
 */

declare const made: unique symbol

/** A day of the calendar at a place, in days since 1970-01-01. Only `localDay` makes one out of a moment. */
export type LocalDay = number & { readonly [made]: 'a day of a place' }

/** A time zone of the IANA's list, such as Pacific/Auckland. */
export type Zone = string

const MS_PER_MINUTE = 60_000
export const MS_PER_DAY = 86_400_000

/** Whether there is such a time zone. */
export function isZone(zone: string): boolean {
  try {
    return Boolean(new Intl.DateTimeFormat('en-GB', { timeZone: zone }))
  } catch {
    return false
  }
}

/**
 * The day that a moment (milliseconds since 1970-01-01 UTC) lies in, in a time zone. Throws RefusedValue for a zone
 * that is none.
 *
 * localDay(Date.UTC(2026, 10, 29, 23), 'UTC') //=> 20786
 * localDay(Date.UTC(2026, 10, 29, 23), 'Pacific/Auckland') //=> 20787
 */
export function localDay(at: number, zone: Zone): LocalDay {
  // A moment that is handed in, not the present.
  // eslint-disable-next-line no-restricted-globals
  const minutes = tzOffset(zone, new Date(at))
  if (!Number.isFinite(minutes)) throw new RefusedValue(told('zone'), told('a time zone such as Europe/London'), zone)
  return Math.floor((at + minutes * MS_PER_MINUTE) / MS_PER_DAY) as LocalDay
}

/** The day so many days later; earlier below 0. */
export const dayAfter = (day: LocalDay, days: number): LocalDay => (day + days) as LocalDay

/** The Monday of the week that a day lies in. */
export const weekOfDay = (day: LocalDay): LocalDay => mondayOf(day) as LocalDay

/** A day as it is written: 2026-11-28. */
export const dateOfDay = (day: LocalDay): PlainDate => dateOf(day)
