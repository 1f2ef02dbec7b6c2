import { RefusedValue, requireInteger } from '../errors'
import { drawInt, type Random, randomFrom } from '../random'
import { type RungId, wordingOn } from '../teaching'
import { capital, type LanguageId, say, told } from '../wording'
import { NO_MARKS, type StoryMarks, storyTimes } from './story'
import { ended, storyWords, type StoryWords, TOLD_LENGTHS, type ToldLength } from './words'
import { LEAST_EVENTS, ownEvents, type StoryWish, usualEvents } from './eventTimes'
import type { Planned } from './usualTimes'

/** The names of the demo scenario. */
export const STORY_NAMES = ['Juniper', 'Tavi', 'Odalys', 'Bram', 'Mirela', 'Kwame', 'Wren', 'Ilse'] as const
export const MOST_EVENTS = 8

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

/**
 * A short plain story whose times are those of a rung, from a seed. The same wish gives the same story.
 * Throws RefusedValue, which names the field, for a wish that no story can be made of.
 */
export function makeStory(wish: StoryWish): MadeStory {
  const { names, count, rows, seed, wording } = wish
  if (names.length < 1 || names.length > 4) throw new RefusedValue(told('names'), told('1 to 4 of them'), names.length)
  const random = randomFrom(seed)
  const words = storyWords(wording.language)
  requireInteger(told('count of things that happen'), count, LEAST_EVENTS, MOST_EVENTS)
  const plans = rows ? ownEvents(random, rows, wish) : usualEvents(random, wish)
  const events: ToldEvent[] = []
  for (const plan of plans) events.push(tell(random, plan, events, { wish, words }))
  return {
    // The title's child is one who is in the story; a day of one's own rows names nobody.
    title: rows ? words.ownTitle : words.title(events[0]?.name ?? ''),
    text: events.map(({ text }) => text).join(' '),
    events: events.map(({ event }) => event),
  }
}

interface ToldEvent {
  readonly name: string
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

function tell(random: Random, plan: Planned, before: readonly ToldEvent[], { wish, words }: Teller): ToldEvent {
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
    return { name, text, event: { minute: plan.minute, what, told: 'later', words: capital(length) } }
  }
  const form = clause ? drawInt(random, 0, 2) : 3
  const event = (said: string): StoryEvent => ({ minute: plan.minute, what, told: 'time', words: said })
  if (!clause) return { name, text: `${words.itIs(time)} ${words.now(what)}`, event: event(time) }
  if (form === 0)
    return {
      name,
      text: `${capital(words.at(time))}${words.comma} ${ended(words.inverted(name, clause))}`,
      event: event(time),
    }
  if (form === 1) return { name, text: ended(words.timed(name, clause, words.at(time))), event: event(time) }
  return { name, text: `${words.itIs(time)} ${ended(words.clause(name, clause))}`, event: event(time) }
}

const isTold = (gap: number): gap is ToldLength => TOLD_LENGTHS.some((length) => length === gap)

/** The times of a made story that could be two, chosen as it means them. */
export function marksOf({ text, events }: Pick<MadeStory, 'text' | 'events'>, language: LanguageId): StoryMarks {
  const times = storyTimes(text, language, NO_MARKS)
  const chosen = times.map(({ key }, i) => [key, events[i]?.minute ?? 0] as const)
  return { ...NO_MARKS, chosen: Object.fromEntries(chosen.filter((_, i) => times[i]?.says.kind === 'dial')) }
}
