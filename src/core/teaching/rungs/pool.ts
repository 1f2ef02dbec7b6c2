import { handsHidden, onDial } from '../../clock'
import type { RungQuestion } from './rung'

/** How many made-up questions a rung has at a time. */
const POOL = 36
/** Lengths that are moved by, minutes. */
export const SHIFTS = [5, 10, 15, 20, 25, 30, 35, 40, 45, 50, 60, 75, 90]

/** Different clocks whose hands do not hide each other; fewer than the pool only where there are no more. */
export function distinct(make: () => RungQuestion | undefined): RungQuestion[] {
  const questions: RungQuestion[] = []
  for (let tries = 0; questions.length < POOL && tries < POOL * 30; tries++) {
    const made = make()
    if (!made || hidesHands(made)) continue
    if (!questions.some((other) => onDial(other.shown.minute) === onDial(made.shown.minute))) questions.push(made)
  }
  return questions
}

function hidesHands({ ask, shown, answer }: RungQuestion): boolean {
  if (handsHidden(shown.minute) || (shown.as === 'span' && handsHidden(shown.to))) return true
  // The clock of the answer is drawn too, except for a rounded time, which is only said.
  return answer.kind === 'time' && ask !== 'round' && handsHidden(answer.minute)
}
