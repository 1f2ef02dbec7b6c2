import { LANGUAGE_IDS, type LanguageId, type ParsedTime, parseTime, readTyped } from '../wording'

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
  const range = rangeIn(text, language)
  // What is typed in haste may begin like a range: "from 10 to 11" is one.
  const single = parseTime(text, language) ?? (range ? undefined : readTyped(text, language))
  if (!single) return range && withLessMinutes(text, range)
  if (!range) return { from: single }
  // Nobody says "nine to ten" for 9:51.
  const count = /^(\d{1,2}) to \d{1,2}(?: ?[ap]\.?m\.?)?$/i.exec(text)
  if (count === null) return { from: single }
  return [5, 10, 20, 25].includes(Number(count[1])) ? { from: single, orElse: range } : range
}

/** "5h-10" is from five to ten, or ten minutes less than five. */
function withLessMinutes(text: string, range: WrittenSpan): WrittenSpan {
  const less = /^(\d{1,2}) ?h ?- ?(5|10|20|25)$/i.exec(text)
  const orElse = less && parseTime(`${less[1]}h moins ${less[2]}`, 'fr')
  return orElse ? { ...range, orElse: { from: orElse } } : range
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
    const [first, last] = [words.slice(start, i).join(' '), words.slice(i + 1).join(' ')]
    const [from, to] = [readTyped(first, language), readTyped(last, language)]
    if (from && to) return spanOf({ text: first, time: from }, { text: last, time: to })
  }
  return undefined
}

/** A time with the text that it was read from. */
interface WrittenTime {
  readonly text: string
  readonly time: ParsedTime
}

/** A range from its two ends. Where one is plainly written in 24 hours, the figures of the other are too. */
export function spanOf(first: WrittenTime, last: WrittenTime): { from: ParsedTime; to: ParsedTime } {
  return {
    from: in24Hours(first.text, last.text) ?? first.time,
    to: in24Hours(last.text, first.text, TWO_FIGURES) ?? last.time,
  }
}

const FIGURES = /^(\d{1,2})[:.](\d{2})$/
const TWO_FIGURES = /^(\d{2})[:.](\d{2})$/

/**
 * What an end of a range says in 24 hours, where the other end is plainly written so: "7:00–19:30" begins in the
 * morning. An end with one figure may still be one of twelve hours: "13:00–2:15".
 */
function in24Hours(written: string, other: string, form = FIGURES): ParsedTime | undefined {
  const figures = form.exec(written)
  const isOver = FIGURES.test(other) && (/^0/.test(other) || Number(other.slice(0, 2)) > 12)
  if (!figures || !isOver) return undefined
  return { minute: Number(figures[1]) * 60 + Number(figures[2]), kind: 'day' }
}
