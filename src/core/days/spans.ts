import { LANGUAGE_IDS, type LanguageId, type ParsedTime, parseTime } from '../wording'

/** A time in a line, or a time and its end, as it was written: the half of the day may be open still. */
export interface WrittenSpan {
  readonly from: ParsedTime
  readonly to?: ParsedTime
  /** Where another language than the group's own was written. */
  readonly language?: LanguageId
  /** "10 to 11" is ten minutes to eleven, or from ten to eleven. */
  readonly orElse?: WrittenSpan
}

const JOINERS = new Set(['–', 'to', 'till', 'til', 'until', 'bis', 'à', "jusqu'à", 'a', 'hasta', 'and', 'und'])
const OPENERS = new Set(['from', 'between', 'von', 'zwischen', 'de', 'desde'])

/**
 * Reads "7:30", "half 8", "16h", "12–12:45" or "from 2 to half past 3" in the group's language, or, where that is
 * plainly meant, in another one. Undefined for what is no time.
 *
 * readSpan('half 8', 'en-GB') //=> { from: { minute: 510, kind: 'dial' } }
 * readSpan('12–12:45', 'de') //=> { from: { minute: 0, kind: 'dial' }, to: { minute: 45, kind: 'dial' } }
 */
export function readSpan(text: string, language: LanguageId): WrittenSpan | undefined {
  const own = spanIn(text, language)
  if (own) return own
  // "elf" is a time in German, and somebody in an English story: another language needs figures, or two words.
  if (!/\d/.test(text) && !text.includes(' ')) return undefined
  for (const other of LANGUAGE_IDS) {
    const span = other === language ? undefined : spanIn(text, other)
    if (span) return { ...span, language: other }
  }
  return undefined
}

function spanIn(text: string, language: LanguageId): WrittenSpan | undefined {
  // "9-10" is a range here, whoever might read it as 9:10.
  const single = /\d\s*[-–—−]\s*\d/.test(text) ? undefined : parseTime(text, language)
  const range = rangeIn(text, language)
  if (!single) return range
  if (!range) return { from: single }
  // Nobody says "nine to ten" for 9:51.
  const count = /^(\d{1,2}) to \d{1,2}$/.exec(text)
  if (count === null) return { from: single }
  return [5, 10, 20, 25].includes(Number(count[1])) ? { from: single, orElse: range } : range
}

function rangeIn(text: string, language: LanguageId): WrittenSpan | undefined {
  const words = text
    .replace(/\s*[–—−]\s*/g, ' – ')
    .replace(/(?<=[\da-z.])\s*-\s*(?=\d)/gi, ' – ')
    .replace(/ - /g, ' – ')
    .split(/\s+/)
  const start = OPENERS.has(words[0]?.toLowerCase() ?? '') ? 1 : 0
  for (let i = start + 1; i < words.length - 1; i++) {
    const joiner = words[i]?.toLowerCase().replace('’', "'") ?? ''
    if (!JOINERS.has(joiner) || (/^(?:and|und)$/.test(joiner) && start === 0)) continue
    const from = parseTime(words.slice(start, i).join(' '), language)
    const to = parseTime(words.slice(i + 1).join(' '), language)
    if (from && to) return { from, to }
  }
  return undefined
}
