import { DAYS_PER_WEEK } from '../../clock'
import { drawUnit, type Random, randomFrom } from '../../random'
import { type RungId, schools } from '../../teaching'
import { workingRung } from '../need'
import type { PlanChild } from '../request'
import { TERM } from './model'
import type { TermWish } from './wish'
import { drawAt, type Learner, learnerOf, type TermChild, type TermCounts } from './learner'
import { add, addFirm, playMeeting, practise } from './meeting'

/**
 * Plays so many more terms into the counts. Each run has its own stream: run 17 is the same however runs are parcelled.
 */
export function playTerms(counts: TermCounts, wish: TermWish, { runs, seed }: { runs: number; seed: number }): void {
  const firsts = counts.children.map((child) => firstAt(child, counts, wish))
  for (let i = 0; i < runs; i++) {
    playOnce(randomFrom(seed + counts.runs), counts, wish, firsts)
    counts.runs++
  }
}

/**
 * The rung that a child begins with, as a place in the ladder. The term may have another order than the records were
 * read by: only what was passed in that one counts as passed in this.
 */
function firstAt(child: PlanChild, { ladder }: TermCounts, { school }: TermWish): number {
  const { working, estimates, firm } = child.standing
  if (working === undefined) return ladder.length
  if (workingRung(child, { school: schools[school] }) === 'parts') return 0
  const before = estimates.slice(
    0,
    estimates.findIndex(({ rung }) => rung === working),
  )
  const isPassed = (rung: RungId) => firm.includes(rung) || before.some((each) => each.rung === rung)
  const open = ladder.findIndex((rung) => rung !== 'parts' && !isPassed(rung))
  return open < 0 ? ladder.length : open
}

function playOnce(random: Random, counts: TermCounts, wish: TermWish, firsts: readonly number[]): void {
  const { meetings, children, goalAt, allThere } = counts
  const learners = learnersOf(random, children, counts, firsts)
  learners.forEach((learner, c) => {
    for (const pace of learner.paces) {
      const own = counts.byPace[pace][c]
      if (own) own.runs++
    }
    for (const [rung, { wasFirm }] of learner.rungs.entries()) if (wasFirm) addFirm(counts, { learner, c, rung }, 0)
  })
  const areThere = () => goalAt !== undefined && learners.every(({ rungs }) => rungs[goalAt]?.wasFirm === true)
  let wasThere = areThere()
  if (wasThere) add(allThere, 0)
  meetings.forEach((day, m) => {
    const before = meetings[m - 1] ?? day - DAYS_PER_WEEK
    for (const learner of learners) playAtHome(random, learner, wish, day - before)
    if (drawUnit(random) >= TERM.lost) playMeeting(random, learners, { counts, wish, day, m })
    if (!wasThere && areThere()) {
      wasThere = true
      add(allThere, m + 1)
    }
  })
}

/** The children of one run: the group has one of its paces, and each child a speed that is likely at that pace. */
function learnersOf(
  random: Random,
  children: readonly TermChild[],
  counts: TermCounts,
  firsts: readonly number[],
): Learner[] {
  const { groupPaces } = counts
  const chances = groupPaces.map(({ chance }) => chance)
  const { speeds = [] } = groupPaces[drawAt(random, chances)] ?? {}
  return children.map((child, i) =>
    learnerOf(random, child, { first: firsts[i] ?? 0, speeds: speeds[i] ?? [] }, counts),
  )
}

/** Games at home teach; nobody writes down what they show. */
function playAtHome(random: Random, { rungs, at, rate }: Learner, { homeMinutes }: TermWish, days: number): void {
  const rung = rungs[at]
  if (!rung || homeMinutes === 0) return
  practise(random, rung, rate * homeMinutes * days * TERM.homeKept * TERM.homeTurnsPerMinute)
}
