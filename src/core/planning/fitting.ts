import type { DurationRange } from '../activities'
import { seatedStretches } from './byAge'
import { fitMinutes } from './edits'
import type { Choice } from './worth'

/* How the minutes of a session fall on what is chosen for it. */

/**
 * Whole minutes for each choice, which add up to those of the session: so that nobody sits longer on end than suits the
 * youngest, or undefined where they cannot. Where that is given up, as long as each may last.
 */
export function fittedMinutes(
  choices: readonly Choice[],
  total: number,
  { sitting, byAge }: { readonly sitting: number; readonly byAge: boolean },
): number[] | undefined {
  const calm = fitMinutes(cappedRanges(choices, sitting), total)
  if (calm.reduce((sum, each) => sum + each, 0) === total) return calm
  if (byAge) return undefined
  return fitMinutes(
    choices.map(({ lengths }) => lengths),
    total,
  )
}

/** The same ranges, with those of each seated stretch so short that it lasts no longer than `sitting` minutes. */
function cappedRanges(choices: readonly Choice[], sitting: number): DurationRange[] {
  const ranges = choices.map(({ lengths }) => lengths)
  if (sitting === Infinity) return ranges
  for (const stretch of seatedStretches(choices.map(({ activity }) => activity))) {
    const own = stretch.flatMap((at) => ranges[at] ?? [])
    const most = fitMinutes(
      own,
      Math.max(
        sitting,
        own.reduce((sum, { least }) => sum + least, 0),
      ),
    )
    stretch.forEach((at, i) => {
      const range = ranges[at]
      const cap = most[i] ?? 0
      if (range) ranges[at] = { ...range, usual: Math.min(range.usual, cap), most: Math.min(range.most, cap) }
    })
  }
  return ranges
}
