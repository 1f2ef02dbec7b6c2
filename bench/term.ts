import { dateOf } from '../src/core/clock'
import {
  LEARNING_PACES,
  type LearningPace,
  type TermWish,
  forecastOf,
  meetingsOf,
  playTerms,
  startTerm,
} from '../src/core/planning'
import { randomFrom } from '../src/core/random'
import { TermWorld, fromDay } from '../tests/readback/termWorld'

/*
 * How true forecasts of a term are: children live through it (tests/readback/termWorld.ts), and of those whom the
 * forecast says will be firm by a day with 80 %, it is counted how many are. Run with: npx tsx bench/term.ts [groups]
 */

const GROUPS = Number(process.argv[2] ?? 150)
const CHILDREN = 4
const RUNS = 400
const wish: TermWish = {
  from: '2026-11-30',
  until: '2027-06-28',
  weekdays: [5],
  minutes: 30,
  homeMinutes: 0,
  goal: null,
  holidays: [],
  school: 'turns-first',
}
const days = meetingsOf(wish)

const SPEEDS: Readonly<Record<LearningPace, number>> = { slow: 0.5, usual: 1, fast: 1.8 }

/** Of those planned for at 80 %, how many are there, for the next three rungs of each child. */
function there(past: number, group: number, pace: LearningPace): { planned: number; there: number }[] {
  const world = new TermWorld(randomFrom(1000 + group), wish, CHILDREN, SPEEDS[pace])
  world.hold(days.slice(0, past))
  const now = days[past] ?? 0
  const rest = fromDay(wish, now)
  const counts = startTerm(rest, world.told(now))
  playTerms(counts, rest, { runs: RUNS, seed: group * RUNS * 2 })
  const forecast = forecastOf(counts)
  world.hold(days.slice(past))
  return [0, 1, 2].map((ahead) => {
    const told = forecast.children.flatMap(({ rungs }, i) => {
      const when = rungs[ahead]
      // While a child's pace is not known, the page has a date for each.
      const by = when?.byPace ? when.byPace[pace] : when?.by[0.8]
      if (!when || !by) return []
      const on = world.children[i]?.firmOn.get(when.rung)
      return [on !== undefined && dateOf(on) <= by]
    })
    return { planned: told.length, there: told.filter(Boolean).length }
  })
}

for (const past of [0, 4, 8])
  for (const pace of LEARNING_PACES) {
    const all = Array.from({ length: GROUPS }, (_, group) => there(past, group, pace))
    const lines = ['next rung', 'second', 'third'].map((name, ahead) => {
      const planned = all.reduce((sum, each) => sum + (each[ahead]?.planned ?? 0), 0)
      const reached = all.reduce((sum, each) => sum + (each[ahead]?.there ?? 0), 0)
      return planned === 0 ? `${name} none` : `${name} ${((100 * reached) / planned).toFixed(1)} % of ${planned}`
    })
    process.stdout.write(
      `${pace} (× ${SPEEDS[pace]}), after ${past} sessions, planned for at 80 %, there: ${lines.join(', ')}\n`,
    )
  }
