import { FIRM } from '../../knowing'

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
