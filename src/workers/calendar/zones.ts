import ICAL from 'ical.js'
import { findIana } from 'windows-iana'

/** What a clock on the wall shows. */
export interface WallTime {
  /** 2026-11-28. */
  readonly date: string
  readonly minute: number
}

/** The date of a time as it is written. */
export const isoOf = (time: ICAL.Time) => time.toString().slice(0, 10)

/**
 * What a clock on the wall shows in a zone. A time without a zone is the same everywhere; so is one of a zone that
 * nobody knows, which `onUnknown` is told.
 */
export function wallTime(
  time: ICAL.Time,
  { written, shown, onUnknown }: { written?: string; shown: string; onUnknown: (zone: string) => void },
): WallTime {
  const asWritten = { date: isoOf(time), minute: time.hour * 60 + time.minute }
  const isUtc = time.zone === ICAL.Timezone.utcTimezone
  const isFloating = !isUtc && (time.zone === ICAL.Timezone.localTimezone || !time.zone)
  if (!isFloating) return inZone(time.toUnixTime() * 1000, shown)
  if (written === undefined) return asWritten
  const zone = knownZone(written)
  if (zone === undefined) onUnknown(written)
  return zone === undefined || zone === shown ? asWritten : inZone(instantIn(time, zone), shown)
}

const known = new Map<string, string | undefined>()

/**
 * A zone's name in the IANA's list. Calendars of Windows have names of their own, which Unicode's CLDR lists; others
 * write a path before the name.
 */
function knownZone(name: string): string | undefined {
  if (!known.has(name)) {
    const tail = /[A-Za-z_]+\/[A-Za-z_+-]+$/.exec(name)?.[0]
    known.set(name, [name, findIana(name)[0], tail].find(isZone))
  }
  return known.get(name)
}

function isZone(name: string | undefined): name is string {
  try {
    return name !== undefined && formatOf(name) !== undefined
  } catch {
    return false
  }
}

const formats = new Map<string, Intl.DateTimeFormat>()

function formatOf(zone: string): Intl.DateTimeFormat {
  const made =
    formats.get(zone) ??
    new Intl.DateTimeFormat('en-CA', {
      timeZone: zone,
      hourCycle: 'h23',
      year: 'numeric',
      month: '2-digit',
      day: '2-digit',
      hour: '2-digit',
      minute: '2-digit',
    })
  formats.set(zone, made)
  return made
}

function inZone(ms: number, zone: string): WallTime {
  const parts = Object.fromEntries(
    formatOf(zone)
      .formatToParts(ms)
      .map(({ type, value }) => [type, value]),
  )
  return {
    date: `${parts.year}-${parts.month}-${parts.day}`,
    minute: Number(parts.hour) * 60 + Number(parts.minute),
  }
}

/**
 * The instant at which the clocks of a zone show a time: the zone's offset is looked up, and once more at the result.
 */
function instantIn(time: ICAL.Time, zone: string): number {
  const wall = Date.UTC(time.year, time.month - 1, time.day, time.hour, time.minute)
  const shownAt = (ms: number) => {
    const { date, minute } = inZone(ms, zone)
    return Date.parse(`${date}T00:00:00Z`) + minute * 60_000
  }
  const once = wall - (shownAt(wall) - wall)
  return once - (shownAt(once) - wall)
}
