import { type PlainDate, daysOf } from '../core/clock'
import { ADULT_LANGUAGE_IDS } from '../words/languages'
import { today } from './dates'

/* A date as an adult types it, in any of the languages. */

/** In small letters without accents: "Dezember", "décembre". */
const plain = (text: string) => text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase()

/** The names of each month in every language. */
const months: readonly (readonly string[])[] = Array.from({ length: 12 }, (_, month) =>
  ADULT_LANGUAGE_IDS.map((language) =>
    plain(new Date(Date.UTC(2026, month, 15)).toLocaleDateString(language, { month: 'long', timeZone: 'UTC' })),
  ),
)

/** The month that begins like a word, 1 to 12; undefined where none does, or more than one. */
function monthOf(word: string): number | undefined {
  if (word.length < 3) return undefined
  const found = months.flatMap((names, i) => (names.some((name) => name.startsWith(word)) ? [i + 1] : []))
  return found.length === 1 ? found[0] : undefined
}

interface DateParts {
  readonly day: number
  readonly month: number
  /** Left out where none is typed. */
  readonly year?: number
}

const wholeYear = (typed: string | undefined): number | undefined =>
  typed === undefined ? undefined : typed.length === 2 ? 2000 + Number(typed) : Number(typed)

/** Day before month, as where dates are written with points or strokes; a name of a month stands anywhere. */
function partsOf(text: string): DateParts | undefined {
  const iso = /^(\d{4})-(\d{1,2})-(\d{1,2})$/.exec(text)
  if (iso) return { year: Number(iso[1]), month: Number(iso[2]), day: Number(iso[3]) }
  const figures = /^(?:\p{L}+[.,]*\s+)?(\d{1,2})[./]\s*(\d{1,2})[./]?(?:\s*(\d{4}|\d{2}))?$/u.exec(text)
  if (figures) return { day: Number(figures[1]), month: Number(figures[2]), year: wholeYear(figures[3]) }
  // The day of the week, which may begin like a month too, stands before it.
  const month = (text.match(/\p{L}+/gu) ?? []).flatMap((word) => monthOf(word) ?? []).at(-1)
  const [day, year, more] = text.match(/\d+/g) ?? []
  if (month === undefined || day === undefined || day.length > 2 || more !== undefined) return undefined
  return year === undefined || /^(\d{2}|\d{4})$/.test(year)
    ? { day: Number(day), month, year: wholeYear(year) }
    : undefined
}

function dateOf({ day, month }: DateParts, year: number): PlainDate | undefined {
  const at = new Date(Date.UTC(year, month - 1, day))
  // A day beyond the end of its month would be one of the next.
  return at.getUTCMonth() === month - 1 && at.getUTCDate() === day ? at.toISOString().slice(0, 10) : undefined
}

/**
 * A date as it is typed; without its year the one that is nearest to today. Null for what is none.
 *
 * dateTyped('5.12.', new Date(2026, 10, 28)) //=> '2026-12-05'
 * dateTyped('sam. 5 déc. 2026') //=> '2026-12-05'
 */
export function dateTyped(typed: string, now = new Date()): PlainDate | null {
  const parts = partsOf(plain(typed.trim()))
  if (!parts) return null
  if (parts.year !== undefined) return dateOf(parts, parts.year) ?? null
  const here = daysOf(today(now))
  const years = [-1, 0, 1].flatMap((more) => dateOf(parts, now.getFullYear() + more) ?? [])
  const byDistance = years.sort((a, b) => Math.abs(daysOf(a) - here) - Math.abs(daysOf(b) - here))
  return byDistance[0] ?? null
}
