import { told } from '../wording'
import { RefusedValue, requireInteger } from '../errors'

/** How many turns a game takes: exact, from the chances of its die or spinner. */
export interface TurnDistribution {
  readonly mean: number
  /** The fewest turns within which the game is over with at least this chance (above 0, below 1). */
  readonly quantile: (share: number) => number
  /** P(over after so many turns), for 0, 1, 2 …; the last is above 1 − 1e-9. */
  readonly over: readonly number[]
}

export interface Fill {
  /** Of each face or sector, above 0 or 0 for a turn that is always lost; they need not sum to 1. */
  readonly chances: readonly number[]
  /** Cells of each on the mat, 0 or more. */
  readonly cells: readonly number[]
}

/** No game may take more turns. The rarest sector whose words can be printed takes about 6,000. */
const MOST_TURNS = 8192
const CERTAIN = 1 - 1e-9
/** All that is left out of a distribution is less than twice this a turn. */
const NOTHING = 1e-18

/**
 * How many turns fill a mat, when a turn on something that is filled already is lost.
 *
 * F_j(t) is the chance that the first j kinds are filled after t turns that fell among them:
 * F_j(t) = Σ_{k ≥ n_j} C(t, k) q^k (1 − q)^(t − k) · F_{j−1}(t − k), q = p_j ÷ (p_1 + … + p_j),
 * which is the multinomial law taken one kind at a time; the mean is Σ_t (1 − F(t)), the same as
 * ∫ 1 − Π P(Poisson(p_i t) ≥ n_i) dt. Throws RefusedValue where the mat can never be filled.
 *
 * Math.round(fillTurns({ chances: [1, 1, 1, 1, 1, 1], cells: [1, 1, 1, 1, 1, 1] }).mean * 100) / 100 //=> 14.7
 */
export function fillTurns({ chances, cells }: Fill): TurnDistribution {
  const kinds = checkedKinds(chances, cells)
  const weight = kinds.reduce((sum, kind) => sum + kind.chance, 0)
  // Its rarest kind alone would take longer.
  const rarest = Math.max(...kinds.map((kind) => (kind.cells * weight) / kind.chance))
  for (let most = 64; ; most *= 2) {
    if (most > MOST_TURNS || rarest > MOST_TURNS / 2)
      throw new RefusedValue(
        told('chances'),
        told('such that the mat is filled within {0} turns', MOST_TURNS),
        chances.join(', '),
      )
    const over = kinds.reduce<FillStage>((stage, kind) => withKind(stage, kind, most), {
      filled: Array.from({ length: most + 1 }, () => 1),
      weight: 0,
    }).filled
    const end = over.findIndex((chance) => chance > CERTAIN)
    if (end >= 0) return turnsFrom(over.slice(0, end + 1))
  }
}

interface FillKind {
  readonly chance: number
  readonly cells: number
}

function checkedKinds(chances: readonly number[], cells: readonly number[]): FillKind[] {
  if (chances.length !== cells.length)
    throw new RefusedValue(told('cells'), told('one count for each of the {0} chances', chances.length), cells.length)
  const kinds = chances.map((chance, i) => {
    if (!Number.isFinite(chance) || chance < 0)
      throw new RefusedValue(told('chances[{0}]', i), told('a number of 0 or more'), chance)
    const count = requireInteger(told('cells[{0}]', i), cells[i] ?? NaN, 0, 200)
    if (chance === 0 && count > 0)
      throw new RefusedValue(told('chances[{0}]', i), told('above 0, since it has cells to fill'), chance)
    return { chance, cells: count }
  })
  if (kinds.every((kind) => kind.cells === 0))
    throw new RefusedValue(told('cells'), told('at least one cell to fill'), cells.join(', '))
  return kinds.filter((kind) => kind.chance > 0)
}

/** The kinds taken together so far: how likely they are filled after t turns among them, and their summed chances. */
interface FillStage {
  readonly filled: readonly number[]
  readonly weight: number
}

function withKind({ filled, weight }: FillStage, { chance, cells }: FillKind, most: number): FillStage {
  const q = chance / (weight + chance)
  // With only the first kind, every turn falls on it.
  if (weight === 0) return { filled: filled.map((_, t) => (t >= cells ? 1 : 0)), weight: chance }
  // Binomial chances of t turns, turned into those of t + 1 by Pascal's rule, in place: it only adds, and so stays
  // exact enough.
  // Only the chances that count are carried on, from `low` to `high`: far from the middle they are nothing.
  const row = new Float64Array(most + 2)
  row[0] = 1
  let [low, high] = [0, 0]
  const next: number[] = []
  for (let t = 0; t <= most; t++) {
    let sum = 0
    for (let k = Math.max(cells, low); k <= high; k++) sum += (row[k] as number) * (filled[t - k] as number)
    next.push(Math.min(1, sum))
    high++
    for (let k = high; k > low; k--) row[k] = (row[k] as number) * (1 - q) + (row[k - 1] as number) * q
    row[low] = (row[low] as number) * (1 - q)
    while ((row[low] as number) < NOTHING) row[low++] = 0
    while ((row[high] as number) < NOTHING) row[high--] = 0
  }
  return { filled: next, weight: weight + chance }
}

/**
 * A number of turns that the 95 % point of a game cannot be under, whoever has which mat: every cell takes a turn, and
 * the rarest kind must come up as often as it has cells, which takes cells ÷ chance turns on the average (the 95 %
 * point of that negative binomial law is not a whole turn below its mean). Cheap beside `fillTurns`.
 */
export function leastTurns({ chances, cells }: Fill): number {
  const kinds = checkedKinds(chances, cells)
  const weight = kinds.reduce((sum, kind) => sum + kind.chance, 0)
  const all = kinds.reduce((sum, kind) => sum + kind.cells, 0)
  return Math.max(all, ...kinds.map((kind) => (kind.cells * weight) / kind.chance - 1))
}

/** The distribution that has these chances of being over after 0, 1, 2 … turns. */
export function turnsFrom(over: readonly number[]): TurnDistribution {
  return {
    mean: over.reduce((sum, chance) => sum + (1 - chance), 0),
    quantile: (share) => {
      if (!(share > 0 && share < 1)) throw new RefusedValue(told('share'), told('above 0 and below 1'), share)
      const at = over.findIndex((chance) => chance >= share)
      return at < 0 ? over.length - 1 : at
    },
    over,
  }
}
