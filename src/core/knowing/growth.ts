import type { LocalDay } from '../clock'
import type { RungId } from '../teaching'
import type { Answer } from './answers'
import { estimateKnowing } from './estimate'
import { type GrowthWeek, weekOf, weeksOf } from './weeks'

/** One rung over the weeks. */
export interface Growth {
  readonly rung: RungId
  /** One for each week: how it stood at the end of it, and how many answers came; before the first, none. */
  readonly weeks: readonly (GrowthWeek | undefined)[]
  /** The day since which it is secure by the answers; undefined while it is not. */
  readonly secureSince?: LocalDay
  /** The last day on which it stopped being secure. */
  readonly secureUntil?: LocalDay
}

/**
 * Growth of every rung that was met, in the order given. Worked out from the answers alone, without the adult's word.
 */
export function growthOf(answers: readonly Answer[], rungs: readonly RungId[]): Growth[] {
  const weeks = weeksOf(answers)
  return rungs.flatMap((rung) => {
    const own = answers.filter((answer) => answer.item.rung === rung && !answer.helped)
    const [met] = weeksOf(own)
    if (met === undefined) return []
    const { since, until } = estimateKnowing(
      answers,
      rung,
      answers.reduce((latest, { at }) => Math.max(latest, at), 0),
    )
    return [
      {
        rung,
        weeks: weeks.map((week) => (week < met ? undefined : weekOf(own, rung, week))),
        secureSince: since,
        secureUntil: until,
      },
    ]
  })
}

/** How many rungs a child had secure at the end of each week, by the answers alone. */
export interface SecureWeek {
  /** Its Monday. */
  readonly week: LocalDay
  readonly secure: number
}

/** The course of a child over the weeks from the first answer's to the last one's. */
export function secureByWeek(answers: readonly Answer[], rungs: readonly RungId[]): SecureWeek[] {
  const growth = growthOf(answers, rungs)
  return weeksOf(answers).map((week, i) => ({
    week,
    secure: growth.filter(({ weeks }) => weeks[i]?.level === 'secure').length,
  }))
}
