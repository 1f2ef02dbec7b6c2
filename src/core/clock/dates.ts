import { told } from '../told'
import { RefusedValue } from '../errors'

/*
 * Dates of the calendar as they are written, 2026-11-28, and as a number of days, for reckoning. No time zone is in
 * them.
 */

/** A date as it is written: 2026-11-28. */
export type PlainDate = string

export const DAYS_PER_WEEK = 7
/** 1970-01-01 was a Thursday, three days after a Monday. */
const THURSDAY = 3
const DAYS_PER_ERA = 146_097
/** Days from 0000-03-01 to 1970-01-01. */
const DAYS_BEFORE_1970 = 719_468

/**
 * Days since 1970-01-01 of a date of the Gregorian calendar; throws RefusedValue, naming `field`, for what is none,
 * such as 2026-02-30. Reckoned in eras of 400 years that begin in March, so that a leap day is the last of its year
 * (Hinnant, "chrono-Compatible Low-Level Date Algorithms").
 */
export function daysOf(date: PlainDate, field = told('date')): number {
  const [, year, month, day] = /^(\d{4})-(\d\d)-(\d\d)$/.exec(date)?.map(Number) ?? []
  if (year === undefined || month === undefined || day === undefined || month < 1 || month > 12)
    throw new RefusedValue(field, told('a date such as 2026-11-28'), date)
  const shifted = month <= 2 ? year - 1 : year
  const era = Math.floor(shifted / 400)
  const yearOfEra = shifted - era * 400
  const dayOfYear = Math.floor((153 * (month + (month > 2 ? -3 : 9)) + 2) / 5) + day - 1
  const dayOfEra = yearOfEra * 365 + Math.floor(yearOfEra / 4) - Math.floor(yearOfEra / 100) + dayOfYear
  const days = era * DAYS_PER_ERA + dayOfEra - DAYS_BEFORE_1970
  if (dateOf(days) !== date) throw new RefusedValue(field, told('a date such as 2026-11-28'), date)
  return days
}

/** The date of so many days since 1970-01-01, from the year 0 to 9999. */
export function dateOf(days: number): PlainDate {
  const shifted = days + DAYS_BEFORE_1970
  const era = Math.floor(shifted / DAYS_PER_ERA)
  const dayOfEra = shifted - era * DAYS_PER_ERA
  const yearOfEra = Math.floor(
    (dayOfEra - Math.floor(dayOfEra / 1460) + Math.floor(dayOfEra / 36_524) - Math.floor(dayOfEra / 146_096)) / 365,
  )
  const dayOfYear = dayOfEra - (365 * yearOfEra + Math.floor(yearOfEra / 4) - Math.floor(yearOfEra / 100))
  const fromMarch = Math.floor((5 * dayOfYear + 2) / 153)
  const day = dayOfYear - Math.floor((153 * fromMarch + 2) / 5) + 1
  const month = fromMarch < 10 ? fromMarch + 3 : fromMarch - 9
  const year = yearOfEra + era * 400 + (month <= 2 ? 1 : 0)
  return [String(year).padStart(4, '0'), String(month).padStart(2, '0'), String(day).padStart(2, '0')].join('-')
}

/**
 * The date so many days after another, or before it where they are negative.
 *
 * dateAfter('2026-02-27', 2) //=> '2026-03-01'
 */
export function dateAfter(date: PlainDate, days: number): PlainDate {
  return dateOf(daysOf(date) + days)
}

/** 0 for a Monday to 6 for a Sunday, of days since 1970-01-01. */
export function weekdayOf(days: number): number {
  return (((days + THURSDAY) % DAYS_PER_WEEK) + DAYS_PER_WEEK) % DAYS_PER_WEEK
}

/** The Monday of the week that a day lies in, in days since 1970-01-01. */
export function mondayOf(days: number): number {
  return days - weekdayOf(days)
}
