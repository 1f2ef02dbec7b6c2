import ICAL from 'ical.js'
import { isoOf } from './zones'

/** One time at which an event happens, in the component that says how: its own, or that of an exception. */
export interface EventTime {
  readonly start: ICAL.Time
  readonly end: ICAL.Time | null
  readonly component: ICAL.Component
  /** Where the times are not in the zones that the component names. */
  readonly zone?: string
}

/** A rule that repeats more often than this in its life is not followed to its end. */
export const MOST_REPEATS = 20_000

/**
 * The times of a repeating event up to a date: by its rule, and by the dates that it lists (RDATE). The library counts
 * out the rule; it would take the listed dates in place of the first one, and no periods.
 */
export function happenings(
  component: ICAL.Component,
  exceptions: ICAL.Component[],
  to: string,
): { readonly all: EventTime[]; readonly isEndless: boolean } {
  const listed = component.getAllProperties('rdate')
  for (const each of listed) component.removeProperty(each)
  const event = new ICAL.Event(component, { exceptions })
  const detailed = (at: ICAL.Time): EventTime => {
    const { startDate, endDate, item } = event.getOccurrenceDetails(at)
    return { start: startDate, end: endDate, component: item.component }
  }
  const { times, isEndless } = event.isRecurring() ? byRule(event, to) : { times: [event.startDate], isEndless: false }
  const dates = listed.flatMap((property) => datesOf(property, detailed))
  const own = times.filter((at) => !isExcepted(component, at)).map(detailed)
  const seen = new Set<string>()
  const all = [...own, ...dates.filter(({ start }) => !isExcepted(component, start))].filter(({ start }) => {
    const isNew = !seen.has(start.toString())
    seen.add(start.toString())
    return isNew && isoOf(start) <= to
  })
  return { all, isEndless }
}

function byRule(event: ICAL.Event, to: string): { times: ICAL.Time[]; isEndless: boolean } {
  const times: ICAL.Time[] = []
  const repeats = event.iterator()
  for (let i = 0; i < MOST_REPEATS; i++) {
    const at = repeats.next() as ICAL.Time | null
    if (!at || isoOf(at) > to) return { times, isEndless: false }
    times.push(at)
  }
  return { times, isEndless: true }
}

function datesOf(property: ICAL.Property, detailed: (at: ICAL.Time) => EventTime): EventTime[] {
  const tzid = property.getParameter('tzid')
  const zone = typeof tzid === 'string' ? tzid : undefined
  return property.getValues().map((value: ICAL.Time | ICAL.Period) => {
    const at = value instanceof ICAL.Period ? value.start : value
    const usual = detailed(at)
    const end = value instanceof ICAL.Period ? value.getEnd() : usual.end
    return { ...usual, end, ...(zone !== undefined && { zone }) }
  })
}

/** Whether an exception date (EXDATE) takes this time out. */
function isExcepted(component: ICAL.Component, at: ICAL.Time): boolean {
  return component
    .getAllProperties('exdate')
    .some((property) => property.getValues().some((value: ICAL.Time) => value.compare(at) === 0))
}
