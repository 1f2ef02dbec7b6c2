import { type Card, type Grade, Rating, createEmptyCard, fsrs } from 'ts-fsrs'
import type { LocalDay } from '../clock'
import type { RungId } from '../teaching'
import { MS_PER_DAY } from '../clock'
import type { Answer, Instant } from './answers'

/** Without fuzz, so that the same answers give the same date; never further off than a school term. */
const scheduler = fsrs({ request_retention: 0.9, maximum_interval: 120, enable_fuzz: false, enable_short_term: false })

/**
 * When a rung should come back, by the FSRS model of forgetting (the library ts-fsrs, with its own
 * parameters, 90 % still known wanted): each day on which the rung was answered without help is one
 * review, rated by the share that was right: all but a quarter Good, half Hard, fewer Again. The
 * answers may be in any order. Undefined where there are none.
 */
export function reviewDue(answers: readonly Answer[], rung: RungId): Instant | undefined {
  const days = new Map<LocalDay, Answer[]>()
  for (const answer of answers) {
    if (answer.item.rung !== rung || answer.helped) continue
    days.set(answer.day, [...(days.get(answer.day) ?? []), answer])
  }
  let card: Card | undefined
  for (const [, list] of [...days].sort(([a], [b]) => a - b)) {
    const at = Math.max(...list.map((answer) => answer.at))
    card = scheduler.next(card ?? createEmptyCard(at), at, grade(list)).card
  }
  return card?.due.getTime()
}

/** Days from one review to the next where each goes well, `count` of them, by the same model. */
export function reviewGaps(count: number): number[] {
  let card = createEmptyCard(0)
  return Array.from({ length: count }, () => {
    const at = card.due.getTime()
    card = scheduler.next(card, at, Rating.Good).card
    return Math.round((card.due.getTime() - at) / MS_PER_DAY)
  })
}

function grade(answers: readonly Answer[]): Grade {
  const share = answers.filter((answer) => answer.right).length / answers.length
  if (share >= 0.75) return Rating.Good
  return share >= 0.5 ? Rating.Hard : Rating.Again
}
