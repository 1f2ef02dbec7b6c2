import { type Zone, dateOfDay, localDay } from '../core/clock'
import type { Drawing } from '../core/drawing'
import type { GroupId } from '../core/ids'
import { type Overrule, workedOn } from '../core/knowing'
import { type ChildObjectives, objectivesPages } from '../core/planning'
import { type ChildReport, looksOf, wordingOf } from '../core/records'
import { schools } from '../core/teaching'
import type { Db } from './connection'
import { groupData } from './reports'
import { overrulesByChild } from './stores/judgement'

/** The page of objectives met by the children of a group, as they stand now. */
export async function groupObjectives(db: Db, id: GroupId, now: number): Promise<{ name: string; pages: Drawing[] }> {
  const { group, members, settings } = await groupData(db, id, now)
  const overrules = await overrulesByChild(db)
  const children = members.map((member) => objectivesOf(member, overrules.get(member.child.id) ?? [], settings.zone))
  const on = dateOfDay(localDay(now, settings.zone))
  const wish = { title: group.name, on, paper: settings.paper, wording: wordingOf(settings), ...looksOf(settings) }
  return { name: group.name, pages: objectivesPages(children, { ...wish, school: schools[settings.school] }) }
}

/** What is secure, with its date: by the answers, or by the adult's own judgement. A guess from the age is neither. */
function objectivesOf({ child, standing }: ChildReport, overrules: readonly Overrule[], zone: Zone): ChildObjectives {
  const estimates = [...standing.estimates, ...standing.beside]
  return {
    name: child.name,
    age: child.age,
    met: standing.firm.flatMap((rung) => {
      const judged = overrules.find((each) => each.rung === rung && each.verdict === 'firm')
      const since = judged ? localDay(judged.at, zone) : estimates.find((each) => each.rung === rung)?.since
      return since === undefined ? [] : [{ rung, since: dateOfDay(since), judged: judged !== undefined }]
    }),
    working: workedOn(standing, child.age),
  }
}
