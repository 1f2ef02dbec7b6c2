import { printable } from '../drawing'
import { type LanguageId, parseTime, say, whyNoTime } from '../wording'
import { isPictureId } from './pictures'
import { type WrittenSpan, placeInDay, readSpan } from './spans'
import { type DayRow, MOST_WHAT_LETTERS } from './types'
import { withoutUnseen } from './unseen'

/** A line that was typed or pasted, and what it was taken for. */
export type ReadLine =
  | { readonly kind: 'row'; readonly text: string; readonly row: DayRow; readonly language?: LanguageId }
  /** Both could be meant: the adult is asked. */
  | { readonly kind: 'either'; readonly text: string; readonly choices: readonly DayRow[]; readonly why: string }
  /** No row, why, and what it must be. */
  | { readonly kind: 'none'; readonly text: string; readonly why: string; readonly wants: string }

const A_ROW = 'a time and what happens then, such as 7:30 breakfast'

interface LinePlace {
  readonly language: LanguageId
  /** When the row before it begins, minutes since midnight. */
  readonly before?: number
}

/** A longer line is no row of a day; it is refused before it is searched. */
const LONGEST_LINE = 300
/** The most words that a time has: "from twenty-five minutes past two to ten minutes to four in the afternoon". */
const MOST_TIME_WORDS = 14

/**
 * Reads a row of a day as adults type it: a time, or a time and its end, before or after what happens, or between the
 * cells of a pasted table. A picture may follow in brackets: "9:10 the lock opens [gate]".
 *
 * readDayLine('half 8 bus', { language: 'en-GB' }).row //=> { minute: 510, what: 'bus' }
 * readDayLine('12–12:45 Mittagessen', { language: 'de' }).row //=> { minute: 720, to: 765, what: 'Mittagessen' }
 */
export function readDayLine(text: string, { language, before }: LinePlace): ReadLine {
  const none = (why: string, wants = A_ROW): ReadLine => ({ kind: 'none', text, why, wants })
  if (text.length > LONGEST_LINE) return none(`A row has at most ${LONGEST_LINE} letters, this has ${text.length}.`)
  const { rest, picture } = withoutPicture(text)
  const found = inCells(rest, language) ?? inWords(rest, language)
  if (!found) return none(whyNone(rest, language))
  const what = tidyWhat(found.what)
  if (what === '') return none('The time is there, but not what happens then: write it behind the time.')
  if (printable(what) === '')
    return none(`“${what}” cannot be printed: name it in Latin letters.`, 'called something in Latin letters')
  if (what.length > MOST_WHAT_LETTERS)
    return none(
      `What happens must be said in ${MOST_WHAT_LETTERS} letters at most, this has ${what.length}.`,
      `called something of ${MOST_WHAT_LETTERS} letters at most`,
    )
  const spans = [found.span, ...(found.span.orElse ? [found.span.orElse] : [])]
  const rows = spans
    .flatMap((span) => placeInDay(span, before))
    .map((placed): DayRow => ({ ...placed, what, ...(picture && { picture }) }))
  const [row] = rows
  if (!row) return none(whyNone(rest, language))
  if (row.to === row.minute) return none('It ends when it begins: give a later end, or none.')
  if (rows.length === 1)
    return { kind: 'row', text, row, ...(found.span.language && { language: found.span.language }) }
  return { kind: 'either', text, choices: rows, why: `This could be ${rows.map(spanText).join(' or ')}.` }
}

/** The lines of a text as rows of a day, each placed after the one before it; blank lines are left out. */
export function readDayLines(text: string, language: LanguageId): ReadLine[] {
  let before: number | undefined
  return text
    .split(/\r?\n/)
    .filter((line) => line.trim() !== '')
    .map((line) => {
      const read = readDayLine(line, { language, before })
      if (read.kind === 'row') before = read.row.minute
      return read
    })
}

/** "9:10" or "9:10–9:40" in 24 hours, as rows are written back. */
export function spanText({ minute, to }: Pick<DayRow, 'minute' | 'to'>): string {
  const figures = (each: number) => say(each, { language: 'en-GB', form: 'day-24' })
  return to === undefined ? figures(minute) : `${figures(minute)}–${figures(to)}`
}

/** A row as a line of text that reads back as the same row. */
export function dayLine(row: DayRow): string {
  return `${spanText(row)} ${row.what}${row.picture ? ` [${row.picture}]` : ''}`
}

function withoutPicture(text: string) {
  const named = /^(.*?)\s*\[([a-z]+)\]\s*$/.exec(text.trim())
  const picture = named?.[2]
  return named && picture && isPictureId(picture)
    ? { rest: named[1] ?? '', picture }
    : { rest: text.trim(), picture: undefined }
}

interface Found {
  readonly span: WrittenSpan
  readonly what: string
}

/** A row of a spreadsheet: its first cell, or first two, that are times; the others say what happens. */
function inCells(text: string, language: LanguageId): Found | undefined {
  // Where tabs part the cells, a semicolon or a comma belongs to what happens.
  const byComma = /^[^,]*\d[^,]*,[^,]*\d[^,]*,/.test(text) ? /[|;,]/ : /[|;]/
  const parting = text.includes('\t') ? /\t/ : byComma
  const cells = text
    .split(parting)
    .map((cell) => cell.trim())
    .filter((cell) => cell !== '')
  if (cells.length < 2) return undefined
  const at = cells.findIndex((cell) => readSpan(cell, language) !== undefined)
  const span = at < 0 ? undefined : readSpan(cells[at] ?? '', language)
  if (!span) return undefined
  const end = span.to ? undefined : readSpan(cells[at + 1] ?? '', language)
  const isRange = end !== undefined && end.to === undefined && cells.length > 2
  const others = [...cells.slice(0, at), ...cells.slice(at + (isRange ? 2 : 1))]
  const named = others.filter((cell) => !WEEKDAY.test(cell))
  const what = (named.length > 0 ? named : others).join(', ')
  return { span: isRange ? { ...span, to: end.from, orElse: undefined } : span, what }
}

const WEEKDAY =
  /^(?:mon|tues?|wed(?:nes)?|thu(?:rs)?|fri|sat(?:ur)?|sun)(?:day)?s?$|^(?:montag|dienstag|mittwoch|donnerstag|freitag|samstag|sonntag)s?$|^(?:lundi|mardi|mercredi|jeudi|vendredi|samedi|dimanche)$|^(?:lunes|martes|miércoles|jueves|viernes|sábado|domingo)$/i

/** A bare number, where a better time may follow, is weak. */
interface Candidate extends Found {
  readonly isWeak: boolean
}

/** The time at the beginning of a line, at its end, or, written in figures, inside it; a bare number comes last. */
function inWords(text: string, language: LanguageId): Found | undefined {
  const words = text
    .replace(/^[\s•·*▪◦–—-]+(?=\S)/, '')
    .split(/\s+/)
    .filter((word) => word !== '')
  if (WEEKDAY.test(words[0]?.replace(/[:,.]$/, '') ?? '')) words.shift()
  let weak: Found | undefined
  // The first that is not weak is taken, so what stands further on need not be read.
  for (const place of places(words.length)) {
    const found = candidate(words, place, language)
    if (found && !found.isWeak) return found
    weak ??= found
  }
  return weak
}

interface Place {
  readonly from: number
  readonly to: number
}

/** Where a time may stand in so many words: at the beginning the longest first, at the end, and inside. */
function places(count: number): Place[] {
  const lengths = Array.from({ length: Math.min(count, MOST_TIME_WORDS) }, (_, i) => i + 1).reverse()
  const first = lengths.map((length) => ({ from: 0, to: length }))
  const last = lengths.filter((length) => length < count).map((length) => ({ from: count - length, to: count }))
  const inside = lengths
    .filter((length) => length <= 5)
    .flatMap((length) =>
      Array.from({ length: Math.max(0, count - length - 1) }, (_, i) => ({ from: i + 1, to: i + 1 + length })),
    )
  return [...first, ...last, ...inside]
}

function candidate(words: readonly string[], { from, to }: Place, language: LanguageId): Candidate | undefined {
  const taken = words.slice(from, to)
  const last = taken[taken.length - 1] ?? ''
  const isInside = from > 0 && to < words.length
  if (isInside && !taken.some((word) => CLOCK_FIGURES.test(word))) return undefined
  // "10:30 a snack": an article, not the morning. And "2 – …" ends in the middle of a range.
  if (/^(?:[ap]|–|-|and|to|bis)$/i.test(last)) return undefined
  const text = unbracketed(bare(taken))
  const span = readSpan(text, language)
  if (!span) return undefined
  const what = bare([...words.slice(0, from), ...words.slice(to)])
  // "10.11. 9:30 trip": what is left begins with the true time.
  if (from === 0 && CLOCK_FIGURES.test(words[to] ?? '') && taken.length === 1) return undefined
  const isWeak = taken.length === 1 && span.from.kind === 'dial' && !span.to && !CLOCK_FIGURES.test(text)
  return { span, what, isWeak }
}

const CLOCK_FIGURES = /^\(?\d{1,2}(?:[:.h]\d{2}|h)(?!\d)/i

/** Words without the marks that part a time from what happens then; a time may stand in brackets. */
function bare(words: readonly string[]): string {
  return words.join(' ').replace(/^[\s,;:–—-]+|[\s,;:–—-]+$/g, '')
}

const unbracketed = (text: string) => text.replace(/^\(|\)$/g, '')

function tidyWhat(what: string): string {
  return withoutUnseen(what)
    .replace(/\p{Cc}/gu, ' ')
    .replace(/\s+/g, ' ')
    .trim()
}

/** Why a line is no row: what is wrong with the time that was tried, or that there is none. */
function whyNone(text: string, language: LanguageId): string {
  const tried = text.split(/[\s–—]+/).find((word) => /^\d{1,3}[:.h]\d{0,3}/i.test(word) || /^\d{2,3}$/.test(word))
  const why = tried && !parseTime(tried, language) ? whyNoTime(tried.replace(/[,;:]$/, ''), language) : undefined
  return why ?? 'There is no time in it: write one first, such as 7:30 breakfast.'
}
