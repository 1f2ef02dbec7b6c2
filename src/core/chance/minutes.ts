import { told } from '../wording'
import { RefusedValue, requireInteger } from '../errors'
import type { TurnDistribution } from './fill'

export interface PlayTime {
  /** Minutes, at the median and between the 5 % and 95 % points. */
  readonly median: number
  readonly least: number
  readonly most: number
  readonly mean: number
}

/** How long the turns take at so many seconds a turn (above 0, up to 600), setting out not counted. */
export function playTime(turns: TurnDistribution, secondsATurn: number): PlayTime {
  if (!(secondsATurn > 0 && secondsATurn <= 600))
    throw new RefusedValue(told('seconds a turn'), told('above 0 and at most 600'), secondsATurn)
  const minutes = (count: number) => (count * secondsATurn) / 60
  return {
    median: minutes(turns.quantile(0.5)),
    least: minutes(turns.quantile(0.05)),
    most: minutes(turns.quantile(0.95)),
    mean: minutes(turns.mean),
  }
}

/** The chance that a game ends within a stretch of minutes. */
export interface EndingStretch {
  /** Where the stretch begins, in minutes. */
  readonly fromMinutes: number
  readonly percent: number
  /** Whether some of it lies between the 5 % and 95 % points. */
  readonly isUsual: boolean
}

/** Games that last longer than nearly all others are left out: one in 200. */
const NEARLY_ALL = 0.995

/**
 * When a game ends, in `count` stretches of equal length (1 to 200) up to where nearly all games have ended, at so many
 * seconds a turn. The shortest stretch is one turn.
 */
export function endingStretches(
  turns: TurnDistribution,
  secondsATurn: number,
  count: number,
): { readonly stretches: readonly EndingStretch[]; readonly lastMinutes: number } {
  requireInteger(told('stretches'), count, 1, 200)
  const last = turns.quantile(NEARLY_ALL)
  const width = Math.max(1, Math.ceil(last / count))
  const overAt = (turn: number) => turns.over[Math.min(turn, turns.over.length - 1)] ?? 1
  const [low, high] = [turns.quantile(0.05), turns.quantile(0.95)]
  const stretches = Array.from({ length: count }, (_, i) => {
    const [from, to] = [i * width, (i + 1) * width]
    return {
      fromMinutes: (from * secondsATurn) / 60,
      percent: 100 * (overAt(to) - overAt(from)),
      isUsual: to >= low && from < high,
    }
  })
  return { stretches, lastMinutes: (last * secondsATurn) / 60 }
}

/**
 * Seconds that a turn takes at an age in years: throwing, reading, finding a cell and covering it.
 * Our estimate, to be changed where it does not fit: 22 s at five, 2 s less for each year, never under 10 s.
 *
 * secondsATurnAt(5) //=> 22
 * secondsATurnAt(8) //=> 16
 */
export function secondsATurnAt(age: number): number {
  return Math.max(10, 22 - 2 * (requireInteger(told('age'), age, 2, 99) - 5))
}

export interface TimeWish {
  /** The minutes available, above 0 and at most 120. */
  readonly minutes: number
  readonly players: number
  readonly secondsATurn: number
}

/**
 * Sizes of a game on mats that end in the time there is, the best first: those whose median is nearest to four fifths
 * of it, since setting out and clearing take the rest; none whose 95 % point is beyond the time and a quarter more.
 * `turnsOf` gives the turns of all players together for a size, `leastOf` turns that their 95 % point cannot be under:
 * what could never fit is not worked out.
 */
export function sizesFor<Size extends { readonly kinds: number; readonly cells: number }>(
  { minutes, players, secondsATurn }: TimeWish,
  sizes: readonly Size[],
  turnsOf: (size: Size, players: number) => TurnDistribution,
  leastOf: (size: Size) => number,
): (Size & { readonly time: PlayTime })[] {
  if (!(minutes > 0 && minutes <= 120))
    throw new RefusedValue(told('minutes'), told('above 0 and at most 120'), minutes)
  requireInteger(told('players'), players, 1, 60)
  const most = minutes * 1.25
  return sizes
    .filter((size) => (leastOf(size) * secondsATurn) / 60 <= most)
    .map((size) => ({ ...size, time: playTime(turnsOf(size, players), secondsATurn) }))
    .filter(({ time }) => time.most <= most)
    .sort((a, b) => Math.abs(a.time.median - 0.8 * minutes) - Math.abs(b.time.median - 0.8 * minutes))
}
