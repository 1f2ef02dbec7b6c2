import type { LanguageId } from '../../../src/core/wording'
import * as de from './de'
import { heldBack as heldBackGB, written as writtenGB } from './enGB'
import { heldBack as heldBackUS, written as writtenUS } from './enUS'
import * as es from './es'
import * as fr from './fr'

interface Sentences {
  readonly written: readonly string[]
  /** Not looked at while the finder was made. */
  readonly heldBack: readonly string[]
}

export const sentences: Partial<Record<LanguageId, Sentences>> = {
  'en-GB': { written: writtenGB, heldBack: heldBackGB },
  'en-US': { written: writtenUS, heldBack: heldBackUS },
  de,
  fr,
  es,
}

/** A time that stands in a sentence: where, and which. */
export interface Mark {
  readonly from: number
  readonly to: number
  /** "7:30" on the dial, "=19:30" of the day, "+20" or "-10" from the time before. */
  readonly due: string
}

/** A sentence without its marks, and the marks by their places. */
export function unmarked(marked: string): { text: string; marks: Mark[] } {
  const marks: Mark[] = []
  let text = ''
  let rest = marked
  for (;;) {
    const found = /\{([^|{}]+)\|([^{}]+)\}/.exec(rest)
    if (!found) return { text: text + rest, marks }
    text += rest.slice(0, found.index)
    marks.push({ from: text.length, to: text.length + (found[2] ?? '').length, due: found[1] ?? '' })
    text += found[2] ?? ''
    rest = rest.slice(found.index + found[0].length)
  }
}
