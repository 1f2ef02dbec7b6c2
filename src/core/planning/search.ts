import { BREAK_AFTER_MINUTES } from './types'
import type { SessionRequest } from './request'
import { type Choice, worth } from './worth'
import { type Draft, mayFollow, nextLocked, type Rules, type PlanSearch } from './mayFollow'

const MOST_STEPS = 20
const BEAM = 60

/** Grows plans step by step and keeps the best few of each length (a beam search). */
export function search(wanted: PlanSearch, rules: Rules): Draft | undefined {
  const { request, usable } = wanted
  let drafts: Draft[] = [{ choices: [], least: 0, usual: 0, most: 0, score: 0 }]
  let best: Draft | undefined
  for (let length = 1; length <= MOST_STEPS && drafts.length > 0; length++) {
    const grown = drafts.flatMap((draft) =>
      usable.filter((choice) => mayFollow(draft, choice, wanted, rules)).map((choice) => grow(draft, choice, wanted)),
    )
    const fitting = grown.filter((draft) => draft.least <= request.minutes)
    for (const draft of fitting)
      if (isWhole(draft, wanted, rules) && (!best || finalScore(draft, request) > finalScore(best, request)))
        best = draft
    drafts = fitting.sort((a, b) => b.score - a.score).slice(0, BEAM)
  }
  return best
}

function grow(draft: Draft, choice: Choice, { request, need, jitter }: PlanSearch): Draft {
  const { least, usual, most } = choice.lengths
  return {
    choices: [...draft.choices, choice],
    least: draft.least + least,
    usual: draft.usual + usual,
    most: draft.most + most,
    score: draft.score + worth(draft.choices, choice, request, need) + 0.6 * (jitter.get(choice.activity) ?? 0),
  }
}

function isWhole(draft: Draft, { request, kept }: PlanSearch, rules: Rules): boolean {
  if (nextLocked(draft.choices, kept)) return false
  const last = draft.choices[draft.choices.length - 1]
  if (rules.check && last?.activity.role !== 'check') return false
  if (rules.check && draft.choices.length < 2) return false
  if (request.minutes > BREAK_AFTER_MINUTES && !draft.choices.some((choice) => choice.activity.energy === 'moving'))
    return false
  return draft.least <= request.minutes && request.minutes <= draft.most
}

/**
 * A session whose usual lengths add up to about the minutes available is better than one that is stretched or
 * squeezed.
 */
function finalScore(draft: Draft, request: SessionRequest): number {
  return draft.score - 0.35 * Math.abs(draft.usual - request.minutes)
}
