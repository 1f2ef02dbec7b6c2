import type { TaskAtOnce } from '../../core/knowing'
import type { Item } from '../../core/teaching'
import type { ShownMarks } from '../../ui/WhoShowed'

/** What all are asked at the same time, and what was tapped so far. */
export interface Round {
  /** From 1. */
  readonly number: number
  readonly tasks: readonly TaskAtOnce[]
  /** What was asked in the rounds before. */
  readonly before: readonly Item[]
  readonly marks: ShownMarks
}
