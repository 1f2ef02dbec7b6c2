import { type MisreadingId, misreadings, type Mode } from '../teaching'

/** What the diagnosis supposes of a child; each is averaged over, since none is known. */
export const SUPPOSED = {
  /** How often a misreading that a child holds shows when it can. */
  strengths: [0.5, 0.6, 0.7, 0.8, 0.9],
  /** How often a child who holds none goes wrong at random. */
  slips: [0.02, 0.05, 0.1, 0.4],
  /** How common each of these slip rates is; together 1. Found by trying, with `bench/knowing.ts`. */
  slipShares: [0.33, 0.42, 0.22, 0.03],
  /** Wrong answers that a slip may land on where no choices bound them. */
  openSlipTargets: 15,
  /** An answer counts half once the child has answered so many days beyond it: misreadings are outgrown. */
  halfLifeDays: 60,
} as const

/** One misreading in one of the places where it can be held: each has evidence of its own. */
export interface Aspect {
  readonly misreading: MisreadingId
  readonly mode: Mode
}

/** Every misreading in every place. The traces below name an aspect by its place in this list. */
export const aspects: readonly Aspect[] = misreadings.flatMap(({ id, heldIn }) =>
  heldIn.map((mode) => ({ misreading: id, mode })),
)

export const placeOf = new Map(aspects.map(({ misreading, mode }, at) => [`${misreading} ${mode}`, at]))

/** The places in `aspects` at which a misreading stands. */
export function aspectsOf(id: MisreadingId): number[] {
  return aspects.flatMap(({ misreading }, at) => (misreading === id ? [at] : []))
}
