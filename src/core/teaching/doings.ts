import { timeAt } from '../clock'
import type { DoingId } from '../wording'

/** When things are usually done. Noon and midnight are among them, since children confuse them. */
export const DOING_TIMES: Readonly<Record<DoingId, readonly number[]>> = {
  'wake-up': [timeAt(6, 30), timeAt(7, 0), timeAt(7, 15)],
  breakfast: [timeAt(7, 30), timeAt(8, 0)],
  school: [timeAt(8, 50), timeAt(9, 0)],
  lunch: [timeAt(12, 0), timeAt(12, 30)],
  play: [timeAt(15, 30), timeAt(16, 15)],
  supper: [timeAt(18, 0), timeAt(18, 30)],
  story: [timeAt(19, 15), timeAt(19, 45)],
  asleep: [timeAt(0, 0), timeAt(2, 0), timeAt(23, 0)],
}

export const doings = Object.keys(DOING_TIMES) as DoingId[]
