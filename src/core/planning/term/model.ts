import { FIRM, KNOWING, reviewGaps } from '../../knowing'

/*
 * How a child comes to know a rung over the weeks, for forecasts. Learning, slipping, guessing and forgetting are those
 * of the knowing model (`knowing/estimate.ts`), so that a forecast and the records speak of the same thing. What is
 * below is our own careful guess, and one place to mend it.
 */

export const TERM = {
  /** Questions that each child answers alone in a session: the closing check and what the games show. */
  questions: 5,
  /** Chances to learn in a minute of a session, beside those questions: a 30-minute session has three. */
  turnsPerMinute: 0.1,
  /** The same at home, where it is one child's own game. */
  homeTurnsPerMinute: 0.1,
  /** How many of the promised days at home are kept. */
  homeKept: 0.6,
  /** An activity for another rung than the child's own, in its easier or harder form, teaches half as much. */
  otherForm: 0.5,
  /** The part of a session that goes to a rung that comes back. */
  reviewShare: 0.25,
  /** A session is lost to weather or illness of the adult; a child is away. */
  lost: 0.05,
  away: 0.08,
  /**
   * Children learn at different speeds: the spread of the logarithm. Half learn between 0.7 and 1.4 times the usual.
   */
  rateSd: 0.5,
} as const

/**
 * Days until a rung that is firm comes back, again and again; the last one stays. The first gap is left out, since what
 * is firm was met on two days.
 */
export const REVIEW_GAPS: readonly number[] = reviewGaps(5).slice(1)

/** What one child shows of one rung. */
export interface Shown {
  /** P(L) by the answers. */
  belief: number
  answers: number
  /** Days with answers. */
  days: number
  kinds: number
  /** The last answers as bits, the latest lowest; 1 is right. */
  last: number
}

const LAST_BITS = (1 << FIRM.ofLast) - 1

function bitsOf(number: number): number {
  let count = 0
  for (let rest = number; rest > 0; rest >>= 1) count += rest & 1
  return count
}

/** The right answers in every row of the last five. */
const RIGHT_OF = Array.from({ length: LAST_BITS + 1 }, (_, bits) => bitsOf(bits))

export function pushAnswer(last: number, right: boolean): number {
  return ((last << 1) | (right ? 1 : 0)) & LAST_BITS
}

/**
 * Whether a rung is firm, with its own belief or another: the conditions of `estimateKnowing`, on what is kept here.
 */
export function isFirm({ belief: itsOwn, answers, days, kinds, last }: Shown, belief = itsOwn): boolean {
  return (
    belief >= FIRM.probability &&
    answers >= FIRM.answers &&
    days >= FIRM.days &&
    kinds >= FIRM.kinds &&
    (RIGHT_OF[last] ?? 0) >= FIRM.lastRight
  )
}

/** The chance to be right by guessing: every other question has four choices, the others are open. */
export function choicesOf(question: number): number {
  return question % 2 === 0 ? 4 : 0
}

export const guessOf = (choices: number) => (choices > 1 ? 1 / choices : KNOWING.openGuess)
