import { asksAtOnce, reviewGaps } from '../../knowing'
import { type RungId, asksOf, isOpen } from '../../teaching'

/*
 * How a child comes to know a rung over the weeks, for forecasts. Learning, slipping, guessing and forgetting are those
 * of the knowing model (`knowing/estimate.ts`), so that a forecast and the records speak of the same thing. What is
 * below is our own careful guess, and one place to mend it.
 */

export const TERM = {
  /** Questions that each child answers alone in a session: the closing check and what the games show. */
  questions: 5,
  /** Where some only lack answers, all are asked at once at the beginning: questions to each, and minutes. */
  recallQuestions: 4,
  recallMinutes: 3,
  /** Where a question has choices, how many. */
  choices: 4,
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
  /** Children of one group learn at different speeds: the spread of the logarithm. Half within 0.7 and 1.4 times. */
  rateSd: 0.5,
  /** Groups differ from each other, too. */
  groupSd: 0.4,
} as const

/**
 * Days until a rung that is firm comes back, again and again; the last one stays. The first gap is left out, since what
 * is firm was met on two days.
 */
export const REVIEW_GAPS: readonly number[] = reviewGaps(5).slice(1)

/**
 * How many choices each of the questions of one sitting has on a rung, 0 where it is open: its first two ways of asking
 * in turn, as at the table. A rung that can only be asked with choices takes more answers to be sure of.
 */
export function choicesOn(rung: RungId): readonly number[] {
  const asks = asksOf(rung).slice(0, 2)
  return Array.from({ length: TERM.questions }, (_, question) => {
    const ask = asks[question % asks.length]
    return ask && isOpen(ask) ? 0 : TERM.choices
  })
}

/** The same of the questions that are asked of all at once. */
export function recallChoicesOn(rung: RungId): readonly number[] {
  const [ask] = asksAtOnce(rung)
  return Array.from({ length: TERM.recallQuestions }, () => (ask && isOpen(ask) ? 0 : TERM.choices))
}
