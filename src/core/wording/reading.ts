import { onDial } from '../clock'
import { plain, readWithDayPart } from './grammar'
import type { ParsedTime } from './language'
import { type LanguageId, languages } from './registry'

/** Longer than any time in any language. A longer text is refused without being read. */
export const LONGEST_TIME_TEXT = 80

export interface ReadOptions {
  /** What bare figures mean: a dial time (the usual), or a time of day. */
  readonly figures?: 'dial' | 'day'
}

/**
 * What an adult typed or a child said, in any form of the language; undefined for what is no time.
 * Figures from 1 to 12 are a dial time unless the day's half is told or `figures` is 'day'; 0 and 13
 * to 23, and hours with a leading zero, are a time of day. "24:00" is the end of the day: minute 0.
 *
 * parseTime('half past four', 'en-GB') //=> { minute: 270, kind: 'dial' }
 * parseTime('4.30pm', 'en-GB') //=> { minute: 990, kind: 'day' }
 * parseTime('viertel vier', 'de') //=> { minute: 195, kind: 'dial' }
 * parseTime('9:5', 'en-GB') //=> undefined
 */
export function parseTime(text: string, language: LanguageId, options: ReadOptions = {}): ParsedTime | undefined {
  // "-4:30" is no time, "9-10" is none either, and "5h-10" may be two: a hyphen before figures is not a mere mark.
  if (text.length > LONGEST_TIME_TEXT || /(?:^|[\dh])\s*[-−–]\s*\d/i.test(text)) return undefined
  const spoken = languages[language]
  const tidy = tidied(text)
  const figures = spoken.tidyFigures(tidy)
  const figuresIn = (part: string) => parseFigures(part, options.figures ?? 'dial')
  // A bare "13" or "04" is no time that a child would be taught to say, whatever the words allow.
  if (/^\d+$/.test(tidy)) return figuresIn(tidy)
  return (
    figuresIn(figures) ??
    readWithDayPart(plain(figures), spoken.dayParts, (part) => figuresIn(part)?.minute) ??
    spoken.parseWords(figures) ??
    spoken.parseWords(tidy)
  )
}

/** In lower case, with single spaces, without the marks that end a sentence. */
export function tidied(text: string): string {
  return text
    .trim()
    .toLowerCase()
    .replace(/[’‘`´]/g, "'")
    .replace(/\s+/g, ' ')
    .replace(/ ?[!?.,;]+$/, '')
}

/** 4:30, 4 30, 4.30pm, 16h30, 16:30, 4 p.m.; 0430 is refused: figures need their separator. */
function parseFigures(text: string, figures: 'dial' | 'day'): ParsedTime | undefined {
  const match = /^(\d{1,2})(?:[:.h ](\d{2}))? ?([ap])?(?:\.?m\.?)?$/.exec(text)
  if (!match) return undefined
  const [, hourText = '', minuteText, half] = match
  const hour = Number(hourText)
  const minutes = Number(minuteText ?? 0)
  if (minutes > 59) return undefined
  if (half) {
    if (hour < 1 || hour > 12) return undefined
    return { minute: (hour % 12) * 60 + minutes + (half === 'p' ? 720 : 0), kind: 'day' }
  }
  if (/m\.?$/.test(text)) return undefined
  if (hour === 24 && minutes === 0 && minuteText) return { minute: 0, kind: 'day' }
  if (hour > 23) return undefined
  if (!minuteText && (hour < 1 || hour > 12 || hourText.startsWith('0'))) return undefined
  const isDay = figures === 'day' || hour === 0 || hour > 12 || hourText.startsWith('0')
  return isDay ? { minute: hour * 60 + minutes, kind: 'day' } : { minute: onDial(hour * 60 + minutes), kind: 'dial' }
}

/** How a child wrote figures, where they are no time: a zero left out, the count gone on to 60, or something else. */
export type WrittenMark = 'bare-digit' | 'sixty' | 'no-time'

/**
 * What is odd about figures as a child wrote them; undefined for a time. They are kept as written.
 *
 * markWritten('9:5', 'en-GB') //=> 'bare-digit'
 * markWritten('6:60', 'en-GB') //=> 'sixty'
 * markWritten('9:05', 'en-GB') //=> undefined
 */
export function markWritten(text: string, language: LanguageId): WrittenMark | undefined {
  if (parseTime(text, language)) return undefined
  const figures = /^(\d{1,2})[:.h](\d{1,2})$/.exec(text.trim())
  if (figures?.[2]?.length === 1 && Number(figures[1]) <= 24) return 'bare-digit'
  return figures?.[2] === '60' ? 'sixty' : 'no-time'
}
