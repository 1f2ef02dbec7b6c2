import { type LanguageId, parseDuration } from '../wording'
import { readSpan, spanOf, type WrittenSpan } from './spans'

/** The most words that a time has: "from twenty-five minutes past two to ten minutes to four in the afternoon". */
const MOST_TIME_WORDS = 14

interface FoundSpan {
  readonly span: WrittenSpan
  readonly what: string
}

/** A row of a spreadsheet: its first cell, or first two, that are times; the others say what happens. */
export function foundInCells(text: string, language: LanguageId): FoundSpan | undefined {
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
  const range =
    isRange && spanOf({ text: cells[at] ?? '', time: span.from }, { text: cells[at + 1] ?? '', time: end.from })
  const others = [...cells.slice(0, at), ...cells.slice(at + (isRange ? 2 : 1))]
  const named = others.filter((cell) => !WEEKDAY.test(cell))
  const what = (named.length > 0 ? named : others).join(', ')
  return { span: range ? { ...span, ...range, orElse: undefined } : span, what }
}

const WEEKDAY =
  /^(?:mon|tues?|wed(?:nes)?|thu(?:rs)?|fri|sat(?:ur)?|sun)(?:day)?s?$|^(?:montag|dienstag|mittwoch|donnerstag|freitag|samstag|sonntag)s?$|^(?:lundi|mardi|mercredi|jeudi|vendredi|samedi|dimanche)$|^(?:lunes|martes|miércoles|jueves|viernes|sábado|domingo)$/i

/** A bare number, where a better time may follow, is weak. */
interface Candidate extends FoundSpan {
  readonly isWeak: boolean
}

/** The time at the beginning of a line, at its end, or, written in figures, inside it; a bare number comes last. */
export function foundInWords(text: string, language: LanguageId): FoundSpan | undefined {
  const words = text
    .replace(/^[\s•·*▪◦–—-]+(?=\S)/, '')
    .split(/\s+/)
    .filter((word) => word !== '')
  if (WEEKDAY.test(words[0]?.replace(/[:,.]$/, '') ?? '')) words.shift()
  let weak: FoundSpan | undefined
  // The first that is not weak is taken, so what stands further on need not be read.
  for (const place of places(words.length)) {
    const found = candidate(words, place, language)
    if (found && !found.isWeak) return found
    weak ??= found
  }
  return weak
}

interface TextPlace {
  readonly from: number
  readonly to: number
}

/** Where a time may stand in so many words: at the beginning the longest first, at the end, and inside. */
function places(count: number): TextPlace[] {
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

function candidate(words: readonly string[], { from, to }: TextPlace, language: LanguageId): Candidate | undefined {
  const taken = words.slice(from, to)
  const last = taken[taken.length - 1] ?? ''
  const isInside = from > 0 && to < words.length
  if (isInside && !taken.some((word) => CLOCK_FIGURES.test(word))) return undefined
  // "10:30 a snack": an article, not the morning. And "2 – …" ends in the middle of a range.
  if (/^(?:[ap]|–|-|and|to|bis)$/i.test(last)) return undefined
  if (isLength(words, { from, to }, language)) return undefined
  const text = unbracketed(bare(taken))
  const span = readSpan(text, language)
  if (!span) return undefined
  const what = bare([...words.slice(0, from), ...words.slice(to)])
  // "10.11. 9:30 trip": what is left begins with the true time.
  if (from === 0 && CLOCK_FIGURES.test(words[to] ?? '') && taken.length === 1) return undefined
  const isWeak =
    taken.length === 1 && !span.to && (/^\d+$/.test(text) || span.from.kind === 'dial') && !CLOCK_FIGURES.test(text)
  return { span, what, isWeak }
}

const CLOCK_FIGURES = /^\(?\d{1,2}(?:[:.h]\d{2}|h)(?!\d)/i
const MINUTES = /^min(?:ut(?:en?|es?|os?)|s)?\.?$/i

/** Whether words say how long something lasts, or would cut that in two: "8 minutes", and "9h 5 minutes" of silence. */
function isLength(words: readonly string[], { from, to }: TextPlace, language: LanguageId): boolean {
  const [last = '', next = ''] = [words[to - 1], words[to]]
  if (/^\d{1,2}$/.test(last) && next !== '' && parseDuration(`${last} ${next}`, language) && !/^h$/i.test(next))
    return true
  const isCounted = to - from > 2 && MINUTES.test(last) && /^\d{1,2}$/.test(words[to - 2] ?? '')
  return isCounted && next !== '' && /^(?:\d{1,2} ?h|uhr|heures?|horas?)$/i.test(words[to - 3] ?? '')
}

/** Words without the marks that part a time from what happens then; a time may stand in brackets. */
function bare(words: readonly string[]): string {
  return words.join(' ').replace(/^[\s,;:–—-]+|[\s,;:–—-]+$/g, '')
}

const unbracketed = (text: string) => text.replace(/^\(|\)$/g, '')
