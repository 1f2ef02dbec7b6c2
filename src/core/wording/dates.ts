import type { PlainDate } from '../clock'
import type { Filling } from '../told'
import { BRITISH, dateBy, type DateHabit, ENGLISH_DAYS } from './englishDates'
import type { LanguageId } from './registry'

const GERMAN: DateHabit = {
  weekdays: ['Mo', 'Di', 'Mi', 'Do', 'Fr', 'Sa', 'So'],
  months: ['Jan.', 'Feb.', 'März', 'April', 'Mai', 'Juni', 'Juli', 'Aug.', 'Sept.', 'Okt.', 'Nov.', 'Dez.'],
  together: (weekday, day, month, year) => `${weekday}, ${day}. ${month}${year && ` ${year}`}`,
}

const HABITS: Readonly<Record<LanguageId, DateHabit>> = {
  'en-GB': BRITISH,
  'en-US': {
    ...ENGLISH_DAYS,
    together: (weekday, day, month, year) => `${weekday}, ${month} ${day}${year && `, ${year}`}`,
  },
  de: GERMAN,
  'de-quarters': GERMAN,
  fr: {
    weekdays: ['lun.', 'mar.', 'mer.', 'jeu.', 'ven.', 'sam.', 'dim.'],
    months: ['janv.', 'févr.', 'mars', 'avril', 'mai', 'juin', 'juil.', 'août', 'sept.', 'oct.', 'nov.', 'déc.'],
    together: (weekday, day, month, year) => `${weekday} ${day === 1 ? '1er' : day} ${month}${year && ` ${year}`}`,
  },
  es: {
    weekdays: ['lun.', 'mar.', 'mié.', 'jue.', 'vie.', 'sáb.', 'dom.'],
    months: ['ene.', 'feb.', 'mar.', 'abr.', 'may.', 'jun.', 'jul.', 'ago.', 'sept.', 'oct.', 'nov.', 'dic.'],
    together: (weekday, day, month, year) => `${weekday} ${day} ${month}${year && ` ${year}`}`,
  },
}

/**
 * A date in words, as the language writes it; with its year and without the day of the week where that is asked for.
 * Throws RefusedValue for what is no date.
 *
 * sayDate('2026-11-28', 'en-GB') //=> 'Sat 28 Nov'
 * sayDate('2026-11-28', 'de', { year: true }) //=> 'Sa, 28. Nov. 2026'
 * sayDate('2026-11-28', 'es', { weekday: false }) //=> '28 nov.'
 */
export function sayDate(
  date: PlainDate,
  language: LanguageId,
  how: { readonly year?: boolean; readonly weekday?: boolean } = {},
): string {
  return dateBy(HABITS[language], date, how)
}

/**
 * A day of the week, short; 0 is Monday.
 *
 * sayWeekday(5, 'de') //=> 'Sa'
 * sayWeekday(5, 'es') //=> 'sáb'
 */
export const sayWeekday = (weekday: number, language: LanguageId): string =>
  (HABITS[language].weekdays[weekday] ?? '').replace('.', '')

/** A date with its year, within a told text. */
export const datePart = (date: PlainDate): Filling => ({
  text: sayDate(date, 'en-GB', { year: true }),
  values: [],
  date,
})

const ENGLISH_MONTHS = [
  'January',
  'February',
  'March',
  'April',
  'May',
  'June',
  'July',
  'August',
  'September',
  'October',
  'November',
  'December',
]
const GERMAN_MONTHS = [
  'Januar',
  'Februar',
  'März',
  'April',
  'Mai',
  'Juni',
  'Juli',
  'August',
  'September',
  'Oktober',
  'November',
  'Dezember',
]

/** The names of the months as they are written out, January first. */
const MONTHS: Readonly<Record<LanguageId, readonly string[]>> = {
  'en-GB': ENGLISH_MONTHS,
  'en-US': ENGLISH_MONTHS,
  de: GERMAN_MONTHS,
  'de-quarters': GERMAN_MONTHS,
  fr: [
    'janvier',
    'février',
    'mars',
    'avril',
    'mai',
    'juin',
    'juillet',
    'août',
    'septembre',
    'octobre',
    'novembre',
    'décembre',
  ],
  es: [
    'de enero',
    'de febrero',
    'de marzo',
    'de abril',
    'de mayo',
    'de junio',
    'de julio',
    'de agosto',
    'de septiembre',
    'de octubre',
    'de noviembre',
    'de diciembre',
  ],
}

/**
 * A date as people write it on a page for one day: its month written out, without its year. Throws RefusedValue for
 * what is no date.
 *
 * writeDate('2026-12-05', 'en-GB') //=> 'Sat 5 December'
 * writeDate('2026-12-05', 'de') //=> 'Sa, 5. Dezember'
 * writeDate('2026-12-05', 'es') //=> 'sáb. 5 de diciembre'
 */
export const writeDate = (date: PlainDate, language: LanguageId): string =>
  dateBy({ ...HABITS[language], months: MONTHS[language] }, date, {})
