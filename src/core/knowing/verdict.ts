import { guessOf } from './tracing'

/*
 * When does a child know a rung? Not when a belief is high once: a child who is right seven times in ten has many good
 * runs. It is a decision with known errors, taken by a sum of evidence (a one-sided cumulative sum of log-likelihoods,
 * Page 1954, "Continuous inspection schemes"):
 *
 *   S ← max(0, S · ½^(days ÷ 120) + ln (P(answer | often) ÷ P(answer | sometimes)))
 *   P(right | r) = r + (1 − r) · g,   P(wrong | r) = (1 − r) · (1 − g)
 *
 * `often` is a child who is right 92 times in 100, `sometimes` one who is right 70 times, and g the chance to guess
 * right: 1 of the choices, or 0.05 in the open. The floor at 0 lets a child who has learnt it be seen soon, whatever
 * went wrong before. The sum is looked at after each third answer and convinces at 2.75. The figures were found by
 * trying, with `bench/verdicts.ts`, which prints how often they err.
 */
export const SECURE = {
  often: 0.92,
  sometimes: 0.7,
  threshold: 2.75,
  /** It is looked at after each third answer: the fewer the looks, the fewer the lucky ones. */
  look: 3,
  halfLifeDays: 120,
  /** So many lapses among the last four answers take it away again. */
  lapses: 2,
  amongLast: 4,
  days: 2,
  kinds: 2,
} as const

/** How much an answer speaks for a child who is often right, against one who is so sometimes: above 0 if right. */
export function evidenceOf(right: boolean, choices: number): number {
  const { often, sometimes } = SECURE
  if (!right) return Math.log((1 - often) / (1 - sometimes))
  const guess = guessOf(choices)
  return Math.log((often + (1 - often) * guess) / (sometimes + (1 - sometimes) * guess))
}

/** What the answers to one rung come to so far. It is changed in place, since forecasts follow millions of answers. */
export interface Following {
  evidence: number
  answers: number
  /** The last answers as bits, the latest lowest; 1 is wrong. */
  lapses: number
  /** The evidence was enough at a look, and was not lost since. */
  convinced: boolean
}

export const nothingYet = (): Following => ({ evidence: 0, answers: 0, lapses: 0, convinced: false })

const LAST_BITS = (1 << SECURE.amongLast) - 1

/** How many of the last four answers were wrong. */
export function lapsesAmongLast({ lapses }: Pick<Following, 'lapses'>): number {
  let count = 0
  for (let rest = lapses; rest > 0; rest >>= 1) count += rest & 1
  return count
}

/** Time weakens what the answers said. What convinced stays until it is asked for again. */
export function letPass(following: Following, days: number): void {
  following.evidence *= 0.5 ** (Math.max(0, days) / SECURE.halfLifeDays)
}

/** Takes one more unaided answer in. */
export function followAnswer(following: Following, right: boolean, choices: number): void {
  following.answers++
  following.lapses = ((following.lapses << 1) | (right ? 0 : 1)) & LAST_BITS
  following.evidence = Math.max(0, following.evidence + evidenceOf(right, choices))
  if (following.convinced && lapsesAmongLast(following) >= SECURE.lapses) {
    following.convinced = false
    following.evidence = 0
  } else if (following.answers % SECURE.look === 0 && following.evidence >= SECURE.threshold) following.convinced = true
}

/** How many right answers more would convince, if all of them were right; 0 where it is convinced. */
export function rightAnswersMissing({ evidence, answers, convinced }: Following, choices: number): number {
  if (convinced) return 0
  const least = Math.max(1, Math.ceil((SECURE.threshold - evidence) / evidenceOf(true, choices)))
  return least + ((SECURE.look - ((answers + least) % SECURE.look)) % SECURE.look)
}

/**
 * A child who is firm on a later rung is not pulled back by one that was never asked, nor by one that has fallen a
 * little under firm: above this probability it only comes back, as one that is due does.
 */
export const SHAKY_PROBABILITY = 0.8

/** With fewer answers nothing can be said yet. */
const LEAST_ANSWERS = 3

/**
 * Whether somebody seems to know a rung by the answers so far (`probability`, 0 to 1) and only has too few of them to be
 * secure. Two lapses among the last four say otherwise.
 */
export function onlyLacksAnswers(following: Following, probability: number): boolean {
  return (
    following.answers >= LEAST_ANSWERS && probability >= SHAKY_PROBABILITY && lapsesAmongLast(following) < SECURE.lapses
  )
}
