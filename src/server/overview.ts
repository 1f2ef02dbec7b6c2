import { type Instant, movesOn } from '../core/knowing'
import { type ChildReport, type Group, type Overview, rulesFor } from '../core/records'
import { dateOfDay, localDay } from '../core/clock'
import { haveClocks, nextSessionDay, type TermWish } from '../core/planning'
import type { Db } from './connection'
import type { GroupId } from '../core/ids'
import { findTerm } from './stores/terms'
import { childReports } from './reports'
import { listGroups } from './stores/people'
import { listSessions } from './stores/sessions'
import { getSettings } from './stores/settings'

/** What Today shows: each group, its next session, who moves on. */
export async function overview(db: Db, now: Instant): Promise<Overview> {
  const settings = await getSettings(db)
  const sessions = await listSessions(db)
  const known = await listGroups(db)
  const today = dateOfDay(localDay(now, settings.zone))
  const terms = await termWishes(db, known)
  const bySchool = new Map<string, ChildReport[]>()
  for (const rules of [settings, ...known.map((group) => rulesFor(settings, group))])
    if (!bySchool.has(rules.school)) bySchool.set(rules.school, await childReports(db, now, rules))
  const groups = known.map((group) => {
    const reports = bySchool.get(rulesFor(settings, group).school) ?? []
    const own = sessions.filter((session) => session.groupId === group.id)
    const open = own.filter((session) => session.doneAt === null).reverse()
    const [next = null, ...planned] = open.filter(({ date }) => date >= today)
    const term = terms.get(group.id)
    return {
      group,
      children: group.childIds.flatMap((id) => reports.filter((report) => report.child.id === id).map(briefly)),
      hasClocks: haveClocks(own, next),
      next,
      planned,
      unsaid: open.filter(({ date }) => date < today),
      nextDay: nextSessionDay({ today, sessions: own.map(({ date }) => date), term }),
      last: own.find((session) => session.doneAt !== null) ?? null,
    }
  })
  return { groups, children: bySchool.get(settings.school)?.length ?? 0, settings }
}

/** The terms that were kept, by their group. */
async function termWishes(db: Db, groups: readonly Group[]): Promise<ReadonlyMap<GroupId, TermWish>> {
  const found = await Promise.all(groups.map(async ({ id }) => [id, (await findTerm(db, id))?.wish] as const))
  return new Map(found.flatMap(([id, wish]) => (wish ? [[id, wish] as const] : [])))
}

function briefly({
  child,
  readiness,
  standing,
  diagnosis,
}: ChildReport): Overview['groups'][number]['children'][number] {
  const findings = diagnosis.findings.map(({ misreading }) => ({ misreading }))
  return { id: child.id, name: child.name, readiness, movesOn: movesOn(standing), age: child.age, findings }
}
