/** Added by a reader to minutes of the day's first hour, which no dial time can tell: "0 Uhr 15". */
export const AFTER_MIDNIGHT = 1440

const HOUR = 60
export const NOON = 720

/** From twelve to twelve, as a.m. and p.m. are. */
export const firstHalf = (dial: number) => dial
export const secondHalf = (dial: number) => dial + NOON

/** "Twelve in the morning" is either, so it is neither; "half past twelve in the morning" is in the night. */
export const asMorning = (dial: number) => (dial === 0 ? undefined : dial)

/** From noon until the hour given, which is out. */
export const asAfternoonUntil = (hour: number) => (dial: number) => (dial < hour * HOUR ? dial + NOON : undefined)

/** From the hour given on; twelve is no evening. */
export const asEveningFrom = (hour: number) => (dial: number) => (dial >= hour * HOUR ? dial + NOON : undefined)

/** From eleven until the hour given, around noon. */
export const asMiddayUntil = (hour: number) => (dial: number) => {
  if (dial >= 11 * HOUR) return dial
  return dial < hour * HOUR ? dial + NOON : undefined
}

/**
 * "Twelve at night" is midnight, and "one at night" is early in the morning. From the hour given on it is late in the
 * evening; between six and that hour nobody says night.
 */
export const asNightFrom = (hour: number) => (dial: number) => {
  if (dial >= hour * HOUR) return dial + NOON
  return dial < 6 * HOUR ? dial : undefined
}
