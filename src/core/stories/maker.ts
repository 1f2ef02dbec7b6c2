import { MINUTES_PER_DAY } from '../clock'
import { type DayRow, inOrder } from '../days'
import { RefusedValue, requireInteger } from '../errors'
import { type Random, draw, drawInt, randomFrom, shuffled } from '../random'
import { type RungId, rungOf, wordingOn } from '../teaching'
import { type LanguageId, type Wording, say } from '../wording'
import { NO_MARKS, type StoryMarks, storyTimes } from './story'
import { EVENT_IDS, type EventId, type StoryWords, TOLD_LENGTHS, type ToldLength, ended, storyWords } from './words'

/** When each thing usually begins, minutes since midnight: the earliest and the latest. */
const USUAL: Readonly<Record<EventId, readonly [number, number]>> = {
  wake: [360, 435],
  wash: [375, 450],
  breakfast: [420, 495],
  walk: [480, 540],
  lock: [540, 570],
  ducks: [560, 600],
  bread: [620, 650],
  stories: [570, 630],
  clocks: [600, 690],
  ferry: [680, 720],
  lunch: [735, 790],
  kingfisher: [840, 930],
  tea: [930, 990],
  lamp: [990, 1050],
  supper: [1065, 1125],
  bed: [1155, 1230],
}

/** At least so long from one thing to the next, minutes. */
const LEAST_GAP = 10
/** Longer, and a dial time could as well be the one before: eight hours. */
const MOST_GAP = 480
/** The names of the demo scenario. */
export const STORY_NAMES = ['Juniper', 'Tavi', 'Odalys', 'Bram', 'Mirela', 'Kwame', 'Wren', 'Ilse'] as const
export const LEAST_EVENTS = 3
export const MOST_EVENTS = 8

export interface StoryWish {
  readonly rung: RungId
  readonly wording: Wording
  /** Who is in it, 1 to 4 of them. */
  readonly names: readonly string[]
  /** How many things happen. */
  readonly count: number
  /** A day of one's own; left out, things of a usual day are drawn. */
  readonly rows?: readonly DayRow[]
  readonly seed: number
}

export interface StoryEvent {
  /** Minutes since midnight. */
  readonly minute: number
  /** What happens, without its time. */
  readonly what: string
  /** How its time is told: by itself, or from the event before it. */
  readonly told: 'time' | 'later'
  /** The very words of its time in the text. */
  readonly words: string
}

export interface MadeStory {
  readonly title: string
  readonly text: string
  readonly events: readonly StoryEvent[]
}

/** The minutes past the hour that a story on a rung tells. */
export function storyMinutes(rung: RungId): readonly number[] {
  const { dial } = rungOf(rung)
  if (dial?.hands === 'both') return rung === 'oclock' || rung === 'minute' ? dial.minutes : [0, ...dial.minutes]
  if (dial || rung === 'parts') return [0]
  return Array.from({ length: 12 }, (_, i) => i * 5)
}

/**
 * A short plain story whose times are those of a rung, from a seed. The same wish gives the same story.
 * Throws RefusedValue, which names the field, for a wish that no story can be made of.
 */
export function makeStory(wish: StoryWish): MadeStory {
  const { names, count, rows, seed, wording } = wish
  if (names.length < 1 || names.length > 4) throw new RefusedValue('names', '1 to 4 of them', names.length)
  const random = randomFrom(seed)
  const words = storyWords(wording.language)
  requireInteger('count of things that happen', count, LEAST_EVENTS, MOST_EVENTS)
  const plans = rows ? ownEvents(random, rows, wish) : usualEvents(random, wish)
  const told: Told[] = []
  for (const plan of plans) told.push(tell(random, plan, told, { wish, words }))
  return {
    title: words.title(names[0] ?? ''),
    text: told.map(({ text }) => text).join(' '),
    events: told.map(({ event }) => event),
  }
}

interface Planned {
  readonly minute: number
  readonly id?: EventId
  readonly what?: string
}

/** Things of a usual day at times of the rung, each after the one before it. */
function usualEvents(random: Random, { count, rung }: StoryWish): Planned[] {
  for (let tries = 0; tries < 500; tries++) {
    const ids = shuffled(random, EVENT_IDS).slice(0, count)
    const planned = ids
      .map((id): Planned => ({ id, minute: timeWithin(random, USUAL[id], storyMinutes(rung)) }))
      .sort((a, b) => a.minute - b.minute)
    if (isPlain(planned)) return planned
  }
  throw new RefusedValue('count of things that happen', 'fewer of them on this rung', count)
}

/** Things follow each other by steps that a reader takes for the next such time on the dial. */
function isPlain(planned: readonly Planned[]): boolean {
  return planned.every(({ minute }, i) => {
    const gap = minute - (planned[i - 1]?.minute ?? minute - LEAST_GAP)
    return gap >= LEAST_GAP && gap <= MOST_GAP
  })
}

/** A time of the rung within an hour's reach of when a thing usually is. */
function timeWithin(random: Random, [from, to]: readonly [number, number], minutes: readonly number[]): number {
  const all = Array.from({ length: to - from + 1 }, (_, i) => from + i).filter((each) => minutes.includes(each % 60))
  if (all.length > 0) return draw(random, all)
  const middle = (from + to) / 2
  const near = Array.from({ length: MINUTES_PER_DAY }, (_, i) => i).filter((each) => minutes.includes(each % 60))
  return near.reduce((best, each) => (Math.abs(each - middle) < Math.abs(best - middle) ? each : best))
}

/** The rows of a day of one's own, as many as are wanted, with their own times. */
function ownEvents(random: Random, rows: readonly DayRow[], { count }: StoryWish): Planned[] {
  const apart = inOrder(rows).filter(({ minute }, i, all) => i === 0 || minute > (all[i - 1]?.minute ?? -1))
  if (apart.length < LEAST_EVENTS) throw new RefusedValue('rows', `${LEAST_EVENTS} rows at least`, apart.length)
  for (let tries = 0; tries < 500; tries++) {
    const places = shuffled(random, [...apart.keys()])
      .slice(0, count)
      .sort((a, b) => a - b)
    const planned = places.map((place) => apart[place] as DayRow).map(({ minute, what }): Planned => ({ minute, what }))
    if (isPlain(planned)) return planned
  }
  throw new RefusedValue('rows', 'rows with ten minutes to eight hours between them', `${apart.length} others`)
}

interface Told {
  readonly text: string
  readonly event: StoryEvent
}

interface Teller {
  readonly wish: StoryWish
  readonly words: StoryWords
}

/** How often a length is told instead of the time, of ten: more where lengths are learnt. */
const LATER_OF_TEN: Partial<Record<RungId, number>> = { later: 6, elapsed: 6, 'work-back': 5 }
const USUALLY_LATER_OF_TEN = 2

function tell(random: Random, plan: Planned, before: readonly Told[], { wish, words }: Teller): Told {
  const { rung, names, wording } = wish
  const name = names[drawInt(random, 0, names.length - 1)] ?? ''
  const time = say(plan.minute, wordingOn(rung, wording))
  const clause = plan.id ? words.events[plan.id] : undefined
  const what = clause ? words.clause(name, clause) : (plan.what ?? '')
  const last = before[before.length - 1]?.event
  const gap = last ? plan.minute - last.minute : 0
  const isLater =
    clause !== undefined &&
    last?.told === 'time' &&
    isTold(gap) &&
    drawInt(random, 1, 10) <= (LATER_OF_TEN[rung] ?? USUALLY_LATER_OF_TEN)
  if (isLater && clause && isTold(gap)) {
    const length = words.later(words.lengths[gap])
    const text = `${capital(length)}${words.comma} ${ended(words.inverted(name, clause))}`
    return { text, event: { minute: plan.minute, what, told: 'later', words: capital(length) } }
  }
  const form = clause ? drawInt(random, 0, 2) : 3
  const event = (said: string): StoryEvent => ({ minute: plan.minute, what, told: 'time', words: said })
  if (!clause) return { text: `${words.itIs(time)} ${words.now(what)}`, event: event(time) }
  if (form === 0)
    return {
      text: `${capital(words.at(time))}${words.comma} ${ended(words.inverted(name, clause))}`,
      event: event(time),
    }
  if (form === 1) return { text: ended(words.timed(name, clause, words.at(time))), event: event(time) }
  return { text: `${words.itIs(time)} ${ended(words.clause(name, clause))}`, event: event(time) }
}

const isTold = (gap: number): gap is ToldLength => TOLD_LENGTHS.some((length) => length === gap)

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1)

/** The times of a made story that could be two, chosen as it means them. */
export function marksOf({ text, events }: Pick<MadeStory, 'text' | 'events'>, language: LanguageId): StoryMarks {
  const times = storyTimes(text, language, NO_MARKS)
  const chosen = times.map(({ key }, i) => [key, events[i]?.minute ?? 0] as const)
  return { ...NO_MARKS, chosen: Object.fromEntries(chosen.filter((_, i) => times[i]?.says.kind === 'dial')) }
}
