import { printable } from '../drawing'
import { type LanguageId, parseDuration, readTyped, whyNoTime, told, type Told, inAList, asPart } from '../wording'
import { RefusedValue } from '../errors'
import { inOrder } from './order'
import { isPictureId } from './pictures'
import { placeIn24Hours, placeInDay } from './placeInDay'
import { type DayRow, MOST_DAY_ROWS, MOST_WHAT_LETTERS } from './types'
import { spanText } from './rowText'
import { withoutUnseen } from './unseen'
import { foundInCells, foundInWords } from './timesInLine'

/** A line that was typed or pasted, and what it was taken for. */
export type ReadLine =
  | { readonly kind: 'row'; readonly text: string; readonly row: DayRow; readonly language?: LanguageId }
  /** Both could be meant: the adult is asked. */
  | { readonly kind: 'either'; readonly text: string; readonly choices: readonly DayRow[]; readonly why: Told }
  /** No row, why, and what it must be. */
  | { readonly kind: 'none'; readonly text: string; readonly why: Told; readonly wants: Told }

const A_ROW = told('a time and what happens then, such as 7:30 breakfast')

interface LinePlace {
  readonly language: LanguageId
  /** When the row before it begins, minutes since midnight. */
  readonly before?: number
  /** Whether the list that it stands in is written in 24 hours. */
  readonly isIn24Hours?: boolean
}

/** A time of the afternoon in figures that no clock with twelve numerals has: "13:05", "20h15", "14 Uhr". */
const OVER_TWELVE = /(?<![\d.,:])(?:1[3-9]|2[0-3])\s?(?:[:h]\s?[0-5]\d(?!\d)|h\b|Uhr\b)/i
const IN_FIGURES = /(?<!\d)\d{1,2}\s?(?:[:.h]\s?[0-5]\d(?!\d)|h\b|Uhr\b)/i

/** Whether a list of rows is written in 24 hours: one time over twelve tells it of all that are in figures. */
export const isListIn24Hours = (lines: readonly string[]): boolean => lines.some((line) => OVER_TWELVE.test(line))

/** Twice as many as a day has rows: more are no day, and would take long to read at every letter that is typed. */
const MOST_LINES = 2 * MOST_DAY_ROWS
/** A longer line is no row of a day; it is refused before it is searched. */
const LONGEST_LINE = 300

/**
 * Reads a row of a day as adults type it: a time, or a time and its end, before or after what happens, or between the
 * cells of a pasted table. A picture may follow in brackets: "9:10 the lock opens [gate]".
 *
 * readDayLine('half 8 bus', { language: 'en-GB' }).row //=> { minute: 510, what: 'bus' }
 * readDayLine('12–12:45 Mittagessen', { language: 'de' }).row //=> { minute: 720, to: 765, what: 'Mittagessen' }
 */
export function readDayLine(text: string, { language, before, isIn24Hours = false }: LinePlace): ReadLine {
  const none = (why: Told, wants = A_ROW): ReadLine => ({ kind: 'none', text, why, wants })
  if (text.length > LONGEST_LINE)
    return none(told('A row has at most {0} letters, this has {1}.', LONGEST_LINE, text.length))
  const { rest, picture } = withoutPicture(text)
  const found = foundInCells(rest, language) ?? foundInWords(rest, language)
  if (!found) return none(whyNone(rest, language))
  const what = tidyWhat(found.what)
  if (what === '') return none(told('The time is there, but not what happens then: write it behind the time.'))
  if (printable(what) === '')
    return none(
      told('“{0}” cannot be printed: name it in Latin letters.', what),
      told('called something in Latin letters'),
    )
  if (what.length > MOST_WHAT_LETTERS)
    return none(
      told('What happens must be said in {0} letters at most, this has {1}.', MOST_WHAT_LETTERS, what.length),
      told('called something of {0} letters at most', MOST_WHAT_LETTERS),
    )
  const spans = [found.span, ...(found.span.orElse ? [found.span.orElse] : [])]
  const place = isIn24Hours && IN_FIGURES.test(rest) ? placeIn24Hours : placeInDay
  const rows = spans
    .flatMap((span) => place(span, before))
    .map((placed): DayRow => ({ ...placed, what, ...(picture && { picture }) }))
  const [row] = rows
  if (!row) return none(whyNone(rest, language))
  if (row.to === row.minute) return none(told('It ends when it begins: give a later end, or none.'))
  if (rows.length === 1)
    return { kind: 'row', text, row, ...(found.span.language && { language: found.span.language }) }
  return { kind: 'either', text, choices: rows, why: told('This could be {0}.', inAList(rows.map(spanText), 'or')) }
}

/**
 * The lines of a text as rows of a day, each placed after the one before it; blank lines are left out. Lines beyond 80
 * come as one that was not read.
 */
export function readDayLines(text: string, language: LanguageId): ReadLine[] {
  const all = text.split(/\r?\n/).filter((line) => line.trim() !== '')
  const isIn24Hours = isListIn24Hours(all)
  let before: number | undefined
  const read = all.slice(0, MOST_LINES).map((line) => {
    const one = readDayLine(line, { language, before, isIn24Hours })
    if (one.kind === 'row') before = one.row.minute
    return one
  })
  return all.length > MOST_LINES ? [...read, notRead(all.slice(MOST_LINES))] : read
}

/**
 * The lines of a text as rows in their order. Throws RefusedValue, which names the row, where one cannot be read or
 * could be two.
 *
 * rowsOfLines(['9:30 maths', '1:15 story'], 'en-GB')
 * //=> [{ minute: 570, what: 'maths' }, { minute: 795, what: 'story' }]
 */
export function rowsOfLines(lines: readonly string[], language: LanguageId): DayRow[] {
  const rows = readDayLines(lines.join('\n'), language).map((line, i) => {
    if (line.kind === 'row') return line.row
    if (line.kind === 'none') throw new RefusedValue(told('row {0} of your day', i + 1), line.wants, line.text)
    const times = line.choices.map((row) => asPart(told('at {0}', spanText(row))))
    throw new RefusedValue(
      told('row {0} of your day', i + 1),
      told('{0}: both could be meant', inAList(times, 'or')),
      line.text,
    )
  })
  return inOrder(rows)
}

/** Lines beyond those that are read, as one that can be taken in later. */
function notRead(lines: readonly string[]): ReadLine {
  const why = told('{0} lines are read at once, and {1} more wait behind them.', MOST_LINES, lines.length)
  return { kind: 'none', text: lines.join('\n'), why, wants: A_ROW }
}

function withoutPicture(text: string) {
  const named = /^(.*?)\s*\[([a-z0-9-]+)\]\s*$/.exec(text.trim())
  const picture = named?.[2]
  return named && picture && isPictureId(picture)
    ? { rest: named[1] ?? '', picture }
    : { rest: text.trim(), picture: undefined }
}

function tidyWhat(what: string): string {
  return withoutUnseen(what)
    .replace(/\p{Cc}/gu, ' ')
    .replace(/\s+/g, ' ')
    .trim()
}

/** The most words of a length of time: "an hour and a quarter". */
const MOST_LENGTH_WORDS = 5

/** Why a line is no row: what is wrong with the time that was tried, that it is a length, or that there is none. */
function whyNone(text: string, language: LanguageId): Told {
  const words = text.split(/\s+/)
  const counts = Array.from({ length: Math.min(words.length, MOST_LENGTH_WORDS) }, (_, i) => i + 1).reverse()
  const length = counts
    .map((count) => words.slice(0, count).join(' '))
    .find((begun) => /\p{L}/u.test(begun) && parseDuration(begun, language))
  if (length) return told('“{0}” is how long something lasts: write when it begins, such as 7:30 breakfast.', length)
  const tried = words
    .flatMap((word) => word.split(/[–—]/))
    .find((word) => /^\d{1,3}[:.h]\d{0,3}/i.test(word) || /^\d{2,4}$/.test(word))
  const why = tried && !readTyped(tried, language) ? whyNoTime(tried.replace(/[,;:]$/, ''), language) : undefined
  return why ?? told('There is no time in it: write one first, such as 7:30 breakfast.')
}
