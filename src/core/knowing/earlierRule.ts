import { daysOf } from '../clock'
import type { RungId } from '../teaching'
import { MS_PER_DAY } from '../clock'
import type { Answer, Instant } from './answers'
import type { Estimate } from './estimate'
import { knownAt } from './tracing'

/*
 * The rule by which a rung was called secure until the end of November 2026. It let a child through who is right seven
 * times in ten, and shut out every rung whose questions are of one kind. Nothing is decided by it any more: records
 * from before are judged anew, and the child's page says which rungs that changed.
 */

/** From here on `verdict.ts` decides. */
export const EARLIER_RULE_UNTIL: Instant = daysOf('2026-11-30') * MS_PER_DAY

const EARLIER = { probability: 0.95, answers: 8, days: 2, kinds: 2, lastRight: 4, ofLast: 5 } as const

/** Whether a rung was called secure when the earlier rule ended, by the answers until then, in any order. */
function stoodSecure(answers: readonly Answer[], rung: RungId): boolean {
  const own = answers
    .filter(({ item, helped, at }) => item.rung === rung && !helped && at < EARLIER_RULE_UNTIL)
    .sort((a, b) => a.at - b.at)
  return (
    own.length >= EARLIER.answers &&
    new Set(own.map(({ day }) => day)).size >= EARLIER.days &&
    new Set(own.map(({ stage }) => stage)).size >= EARLIER.kinds &&
    own.slice(-EARLIER.ofLast).filter(({ right }) => right).length >= EARLIER.lastRight &&
    knownAt(own, EARLIER_RULE_UNTIL) >= EARLIER.probability
  )
}

/** `lost`: no longer secure. `won`: secure now, by its own answers or, `through`, by those of a later rung. */
export type JudgedAnew = 'lost' | 'won' | 'through'

/**
 * What judging anew changed for a rung: `lost` where it stood as secure and has not been secure by the answers since,
 * `won` or `through` where the answers until then make it secure and it did not stand so; undefined where nothing
 * changed.
 */
export function judgedAnew(
  answers: readonly Answer[],
  { rung, since, until, through }: Estimate,
): JudgedAnew | undefined {
  const stood = stoodSecure(answers, rung)
  if (stood && since === undefined && until === undefined) return 'lost'
  const isSince = ({ at, day }: Answer) => at < EARLIER_RULE_UNTIL && since !== undefined && since <= day
  if (stood || !answers.some(isSince)) return undefined
  return through === undefined ? 'won' : 'through'
}
