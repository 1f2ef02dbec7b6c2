import type { Mode } from '../teaching'
import { type AspectLogs, logMean } from './traces'
import { aspects, SUPPOSED } from './aspects'

/*
 * Where is a misreading held? Over its places (reading, setting, saying) every set S that is not empty is weighed:
 *
 *   P(S) = (1 − t) ÷ (2^k − 1), and t more for all k places at once;
 *   BF(S) = mean over slip rates e of Π over all answers (P(answer | held, e) where it could show in a place of S,
 *           else P(answer | e)), divided by the mean over e of Π P(answer | e); each e counts as often as it is met.
 *
 * t is the tie: how often what is held in one place is held in all. It is learnt from what was found of the child,
 * with a Beta prior (`TIE`), so that evidence in one place speaks partly for the others.
 */

/** How well a misreading explains the answers, and how likely it is held in each place if it is held at all. */
export interface Holding {
  /** P(answers | held somewhere) ÷ P(answers | slips only). */
  readonly bayesFactor: number
  /** By place in `aspects`, for those of the misreading: how likely it is held there, given that it is held. */
  readonly chances: ReadonlyMap<number, number>
}

interface Weighing {
  /** The evidence of a place in `aspects`, undefined where there is none. */
  readonly logsOf: (at: number) => AspectLogs | undefined
  /** All answers as slips alone, by slip rate. */
  readonly slips: readonly number[]
  readonly tie: number
}

/** `places` are the misreading's in `aspects`. */
export function weighHolding(places: readonly number[], { logsOf, slips, tie }: Weighing): Holding {
  const logs = places.map(logsOf)
  const slipsOnly = logMean(slips, SUPPOSED.slipShares)
  const sets = Array.from({ length: 2 ** places.length - 1 }, (_, i) => i + 1)
  const everywhere = sets.length
  const weights = sets.map((set) => {
    const gained = logs.filter((_, i) => isIn(set, i))
    const explained = logMean(
      slips.map((all, e) =>
        gained.reduce((sum, each) => sum + (each ? (each.held[e] ?? 0) - (each.slips[e] ?? 0) : 0), all),
      ),
      SUPPOSED.slipShares,
    )
    return ((1 - tie) / sets.length + (set === everywhere ? tie : 0)) * Math.exp(explained - slipsOnly)
  })
  const bayesFactor = weights.reduce((sum, each) => sum + each, 0)
  const chanceAt = (i: number) =>
    sets.reduce((sum, set, j) => sum + (isIn(set, i) ? (weights[j] ?? 0) : 0), 0) / bayesFactor
  return { bayesFactor, chances: new Map(places.map((at, i) => [at, chanceAt(i)])) }
}

const isIn = (set: number, place: number): boolean => (set & (1 << place)) !== 0

/** Where the misreading is more likely held than not, of the places that have evidence for it. */
export function modesHeld({ chances }: Holding, hasEvidence: (at: number) => boolean): Mode[] {
  return [...chances].flatMap(([at, chance]) => {
    const aspect = aspects[at]
    return aspect && chance >= 0.5 && hasEvidence(at) ? [aspect.mode] : []
  })
}

/**
 * Counts that the tie starts with: as if so many misreadings had been seen held everywhere, and in some places only.
 */
export const TIE = { everywhere: 1, somewhere: 3 } as const

/** How many findings were held in all the places that were asked, and how many in some of them only. */
export interface TieCounts {
  readonly everywhere: number
  readonly somewhere: number
}

/** The mean of the Beta distribution after these findings. */
export function tieAfter({ everywhere, somewhere }: TieCounts): number {
  const [a, b] = [TIE.everywhere + everywhere, TIE.somewhere + somewhere]
  return a / (a + b)
}
