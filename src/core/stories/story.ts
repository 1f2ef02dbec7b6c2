import { MINUTES_PER_DAY, MINUTES_PER_HOUR, MINUTES_PER_TURN } from '../clock'
import type { LanguageId } from '../wording'
import { type DayHint, hintsFor } from './dayHints'
import type { FoundSays, FoundTime } from './search'
import { findTimes } from './find'

/** What the adult decided about the times of a story. A time is named by its words and how often they came before. */
export interface StoryMarks {
  /** Finds that are no times. */
  readonly dismissed: readonly string[]
  /** Times that were not found, minutes since midnight of the story's day. */
  readonly added: readonly { readonly key: string; readonly minute: number }[]
  /** Where a time could be two, minutes since midnight of the story's first day. */
  readonly chosen: Readonly<Record<string, number>>
}

export const NO_MARKS: StoryMarks = { dismissed: [], added: [], chosen: {} }

/** A time of a story, with its place on the story's own timeline. */
export interface StoryTime {
  /** "half past two#0": its words, and how often they came before. */
  readonly key: string
  readonly from: number
  readonly to: number
  readonly text: string
  readonly says: FoundSays
  /** Minutes since the midnight before the story begins: 1440 and more is its next day. */
  readonly at: number
  /** Both could be meant, and nobody has chosen yet: the likelier first. */
  readonly either?: readonly number[]
}

/** Where the words of a key stand in a text; undefined where they are gone. */
function placeOf(key: string, text: string): { from: number; to: number } | undefined {
  const [, words = '', nth = '0'] = /^(.*)#(\d+)$/s.exec(key) ?? []
  if (words === '') return undefined
  let from = text.indexOf(words)
  for (let i = 0; i < Number(nth) && from >= 0; i++) from = text.indexOf(words, from + words.length)
  return from < 0 ? undefined : { from, to: from + words.length }
}

/** The key of the words that stand in a text from one letter to another. */
export function keyAt(text: string, from: number, to: number): string {
  const words = text.slice(from, to)
  let nth = 0
  for (let at = text.indexOf(words); at >= 0 && at < from; at = text.indexOf(words, at + words.length)) nth++
  return `${words}#${nth}`
}

/** The times of a story in the order of its text: those found, without the dismissed ones, and those marked by hand. */
export function storyTimes(text: string, language: LanguageId, marks: StoryMarks): StoryTime[] {
  const found = findTimes(text, language)
    .map((time) => ({ ...time, key: keyAt(text, time.from, time.to) }))
    .filter(({ key }) => !marks.dismissed.includes(key))
  const added = marks.added.flatMap(({ key, minute }) => {
    const place = placeOf(key, text)
    if (!place || found.some(({ from, to }) => from < place.to && place.from < to)) return []
    return [{ ...place, key, text: text.slice(place.from, place.to), says: { kind: 'day', minute } as const }]
  })
  return onTimeline(
    [...found, ...added].sort((a, b) => a.from - b.from),
    marks,
    (times) => hintsFor(times, text, language),
  )
}

type Keyed = FoundTime & { readonly key: string }
type HintsOf = (times: readonly Keyed[]) => readonly (DayHint | undefined)[]

const SIX = 360
/** A story that goes on by more than this may as well have gone back. */
const LONG_STEP = 8 * 60
const SHORT_STEP_BACK = 60

/**
 * Puts times on the story's timeline. A dial time is the first such time after the one before it, the first of all in
 * the morning from six on, else after noon. One that would be more than eight hours on could also be earlier: both are
 * given, and the adult is asked.
 */
function onTimeline(times: readonly Keyed[], { chosen }: StoryMarks, hintsOf: HintsOf): StoryTime[] {
  let before: number | undefined
  const told = hintsOf(times)
  return times.map((time, i) => {
    const choices = placesOf(time.says, before, told[i])
    const picked = chosen[time.key]
    const isPicked = picked !== undefined && choices.includes(picked)
    const at = isPicked ? picked : (choices[0] as number)
    before = at
    return { ...time, at, ...(choices.length > 1 && !isPicked && { either: choices }) }
  })
}

function placesOf(says: FoundSays, before: number | undefined, hint: DayHint | undefined): number[] {
  if (says.kind === 'later') return [(before ?? 0) + says.by]
  if (hint) return placesWith(says, before, hint)
  const day = before === undefined ? 0 : Math.floor(before / MINUTES_PER_DAY) * MINUTES_PER_DAY
  if (says.kind === 'day') {
    const at = day + says.minute
    // Midnight after an evening, one in the morning after midnight: the day has gone on.
    return [before !== undefined && before - at > MINUTES_PER_TURN ? at + MINUTES_PER_DAY : at]
  }
  if (before === undefined)
    return says.minute < SIX ? [says.minute + MINUTES_PER_TURN] : [says.minute, says.minute + MINUTES_PER_TURN]
  const turns = Math.floor((before - says.minute) / MINUTES_PER_TURN)
  const last = says.minute + turns * MINUTES_PER_TURN
  const next = last < before ? last + MINUTES_PER_TURN : last
  if (next - before <= LONG_STEP || last < 0) return [next]
  // "At ten past ten the ferry left. At five past ten Kwame ran": a few minutes back are no doubt.
  if (before - last <= SHORT_STEP_BACK) return [last]
  return before - last < next - before ? [last, next] : [next, last]
}

/** Where the words beside a time name its day, or the part of it. */
function placesWith(says: Exclude<FoundSays, { kind: 'later' }>, before: number | undefined, hint: DayHint): number[] {
  const today = before === undefined ? 0 : Math.floor(before / MINUTES_PER_DAY)
  // A story's first day is its day 0, whatever day came before it.
  const day = Math.max(0, before === undefined ? 0 : today + hint.day) * MINUTES_PER_DAY
  if (says.kind === 'day') return [day + says.minute]
  const late = says.minute + MINUTES_PER_TURN
  if (hint.part === 'morning') return [day + (says.minute < MINUTES_PER_HOUR ? late : says.minute)]
  if (hint.part === 'later') return [day + late]
  if (hint.part === 'night') return [afterEvening(day, says.minute, before)]
  return says.minute < SIX ? [day + late] : [day + says.minute, day + late]
}

/** In the night: late in the evening from six on, else after midnight, which comes after an evening that was told. */
function afterEvening(day: number, minute: number, before: number | undefined): number {
  if (minute >= SIX) return day + minute + MINUTES_PER_TURN
  const at = day + minute
  return before !== undefined && at < before ? at + MINUTES_PER_DAY : at
}

/** A sentence of a story, from one letter to another. */
export interface Sentence {
  readonly from: number
  readonly to: number
  readonly text: string
}

const SENTENCE_END = /[.!?…]+["”»“’']*(?=\s+["“„«»—–¿¡'’(]*\p{Lu}|\s*$)|\n+/gu

/** The sentences of a text. The stops of "p.m." and of figures end none. */
export function sentencesOf(text: string, times: readonly Pick<FoundTime, 'from' | 'to'>[] = []): Sentence[] {
  const sentences: Sentence[] = []
  let from = 0
  const push = (to: number) => {
    const raw = text.slice(from, to)
    const start = from + (raw.length - raw.trimStart().length)
    const trimmed = raw.trim()
    if (trimmed !== '') sentences.push({ from: start, to: start + trimmed.length, text: trimmed })
    from = to
  }
  for (const match of text.matchAll(SENTENCE_END)) {
    const end = match.index + match[0].length
    // Inside a time, or at the stop of "p.m." in the middle of a sentence.
    if (times.some((time) => match.index >= time.from && end < time.to)) continue
    push(end)
  }
  push(text.length)
  return sentences
}
