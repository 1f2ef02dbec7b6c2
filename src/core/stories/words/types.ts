/** What happens in made stories: their usual times and lengths are in `maker.ts`. */
export const EVENT_IDS = [
  'wake',
  'wash',
  'breakfast',
  'walk',
  'lock',
  'ducks',
  'bread',
  'stories',
  'clocks',
  'ferry',
  'lunch',
  'kingfisher',
  'tea',
  'lamp',
  'supper',
  'bed',
] as const
export type EventId = (typeof EVENT_IDS)[number]

/** A verb with its subject in front of it or, where a language turns them round, behind it, and the rest. */
export type EventWords = readonly [verb: string, rest: string]

/** Lengths of time, minutes, that stories tell in words. */
export const TOLD_LENGTHS = [5, 10, 15, 20, 25, 30, 35, 40, 45, 50, 55, 60, 90, 120] as const
export type ToldLength = (typeof TOLD_LENGTHS)[number]

/** One language's words for stories and the questions about them. A quote has its time left out. */
export interface StoryWords {
  readonly whichClock: (quote: string) => string
  readonly setClock: (quote: string) => string
  readonly howLong: (from: string, to: string) => string
  readonly between: (from: string, to: string) => string
  readonly laterBy: (one: string, other: string) => string
  /** A choice of `laterBy`: which one, and by how much. */
  readonly byMuch: (which: string, length: string) => string
  readonly order: string
  readonly whatIf: (quote: string, length: string) => string
  readonly infer: (quote: string) => string
  readonly questions: string
  /** The first and the second of two things, in a choice. */
  readonly first: string
  readonly second: string

  readonly title: (name: string) => string
  /** Of a story that is made of the rows of a day. */
  readonly ownTitle: string
  readonly at: (time: string) => string
  readonly itIs: (time: string) => string
  readonly later: (length: string) => string
  readonly lengths: Readonly<Record<ToldLength, string>>
  /** A clause with its subject first, and one behind something else. */
  readonly clause: (name: string, words: EventWords) => string
  readonly inverted: (name: string, words: EventWords) => string
  /** A clause with its time inside or at its end. */
  readonly timed: (name: string, words: EventWords, at: string) => string
  /** What a family's own row is told as, behind "It is ten past nine." */
  readonly now: (what: string) => string
  readonly comma: string
  readonly events: Readonly<Record<EventId, EventWords>>
}

/** Words in a row, without what is empty. */
export const spaced = (...words: readonly string[]) => words.filter((word) => word !== '').join(' ')

/** With a full stop, unless it ends with that of "a.m." */
export const ended = (text: string) => (text.endsWith('.') ? text : `${text}.`)
