import { dateOf } from '../core/clock'
import type { Drawing } from '../core/drawing'
import type { GroupId } from '../core/ids'
import { type Answer, MS_PER_DAY, type Overrule, growthOf } from '../core/knowing'
import { type ChildObjectives, objectivesPages } from '../core/planning'
import { type ChildReport, wordingOf } from '../core/records'
import { schools } from '../core/teaching'
import type { Db } from './connection'
import { groupData } from './reports'
import { answersByChild } from './stores/answers'
import { overrulesByChild } from './stores/judgement'

/** The page of objectives met by the children of a group, as they stand now. */
export async function groupObjectives(db: Db, id: GroupId, now: number): Promise<{ name: string; pages: Drawing[] }> {
  const { group, members, settings } = await groupData(db, id, now)
  const answers = await answersByChild(db)
  const overrules = await overrulesByChild(db)
  const children = members.map((member) =>
    objectivesOf(member, answers.get(member.child.id) ?? [], overrules.get(member.child.id) ?? []),
  )
  const on = dateOf(Math.floor(now / MS_PER_DAY))
  const wish = { title: group.name, on, paper: settings.paper, wording: wordingOf(settings) }
  return { name: group.name, pages: objectivesPages(children, { ...wish, school: schools[settings.school] }) }
}

function objectivesOf(
  { child, standing }: ChildReport,
  answers: readonly Answer[],
  overrules: readonly Overrule[],
): ChildObjectives {
  const day = (at: number) => dateOf(Math.floor(at / MS_PER_DAY))
  const grown = growthOf(answers, standing.firm)
  return {
    name: child.name,
    age: child.age,
    met: standing.firm.flatMap((rung) => {
      const judged = overrules.find((each) => each.rung === rung && each.verdict === 'firm')
      const since = judged?.at ?? grown.find((each) => each.rung === rung)?.secureSince
      return since === undefined ? [] : [{ rung, since: day(since), judged: judged !== undefined }]
    }),
    working: standing.working,
  }
}
