import type { ChildId } from '../ids'
import { type Ask, type Item, type RungId, asksOf, isSet } from '../teaching'
import { nextQuestion } from './choosing'
import type { Question } from './telling'

/* All children answer at once: each sets a clock, or shows the number of a choice with the fingers. */

/** What is asked of those who are on the same rung, at the same time as the others are asked theirs. */
export interface TaskAtOnce {
  readonly childIds: readonly ChildId[]
  readonly question: Question
}

export interface AtOnceRequest {
  readonly children: readonly { readonly id: ChildId; readonly rung: RungId }[]
  readonly seed: number
  /** What was asked at once before: it does not come again while the rung has something else. */
  readonly asked: readonly Item[]
}

/**
 * One question for each rung that children are on, those with most children first. Setting a clock comes before all
 * else, since many can do it at the same time without a word. The same request gives the same questions.
 */
export function tasksAtOnce({ children, seed, asked }: AtOnceRequest): TaskAtOnce[] {
  const rungs = [...new Set(children.map(({ rung }) => rung))]
  return rungs
    .flatMap((rung) => {
      const own = asked.filter((item) => item.rung === rung)
      const question = nextQuestion({ rung, seed, answers: [], asked: own, asks: asksAtOnce(rung) })
      const childIds = children.flatMap((child) => (child.rung === rung ? [child.id] : []))
      return question ? [{ childIds, question }] : []
    })
    .sort((a, b) => b.childIds.length - a.childIds.length)
}

/** Setting where the rung has it; otherwise what is answered by a choice. */
export function asksAtOnce(rung: RungId): readonly Ask[] {
  const set = asksOf(rung).filter((ask) => isSet({ ask }))
  return set.length > 0 ? set : asksOf(rung).slice(0, 1)
}
