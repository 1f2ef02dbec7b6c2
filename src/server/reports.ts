import type { ChildId, GroupId } from '../core/ids'
import { type Answer, type Instant, type Overrule, readinessInWords, secureByWeek, standingOf } from '../core/knowing'
import { type ChildCourse, type ChildReport, type GroupData, type Settings, rulesFor } from '../core/records'
import { schools } from '../core/teaching'
import type { Db } from './connection'
import { forgetAllBut, foundIn } from './found'
import { answersByChild, listAnswers } from './stores/answers'
import { countNotes, overrulesByChild } from './stores/judgement'
import { childBelongings, getChild, getGroup, listChildren, listGroups } from './stores/people'
import { getSettings } from './stores/settings'

/** Where one child stands and what was found, read as it stood at one moment. */
export async function childReport(db: Db, id: ChildId, now: Instant): Promise<ChildReport> {
  const child = await getChild(db, id)
  const settings = await getSettings(db)
  const answers = await listAnswers(db, { childId: id })
  const { groups } = await childBelongings(db, id)
  return reportFrom(
    child,
    { groups, answers, overrules: (await overrulesByChild(db)).get(id), notes: (await countNotes(db)).get(id) },
    settings,
    now,
  )
}

/** All children, by the rules given or, where none are, by the house rules. */
export async function childReports(db: Db, now: Instant, rules?: Settings): Promise<ChildReport[]> {
  const settings = rules ?? (await getSettings(db))
  const groups = await listGroups(db)
  const answers = await answersByChild(db)
  const overrules = await overrulesByChild(db)
  const notes = await countNotes(db)
  const children = await listChildren(db)
  forgetAllBut(children.map(({ id }) => id))
  return children.map((child) => {
    const names = groups.filter((group) => group.childIds.includes(child.id)).map((group) => group.name)
    const own = {
      groups: names,
      answers: answers.get(child.id) ?? [],
      overrules: overrules.get(child.id),
      notes: notes.get(child.id),
    }
    return reportFrom(child, own, settings, now)
  })
}

/** A group with its children side by side, by the rules that hold for it. */
export async function groupData(db: Db, id: GroupId, now: Instant): Promise<GroupData> {
  const group = await getGroup(db, id)
  const settings = rulesFor(await getSettings(db), group)
  const reports = await childReports(db, now, settings)
  const members = group.childIds.flatMap((childId) => reports.filter(({ child }) => child.id === childId))
  return { group, members, settings }
}

/** How each child of a group went on, week by week. */
export async function groupCourses(db: Db, id: GroupId): Promise<ChildCourse[]> {
  const group = await getGroup(db, id)
  const { school } = rulesFor(await getSettings(db), group)
  const children = await listChildren(db)
  return Promise.all(
    group.childIds.map(async (childId) => ({
      childId,
      name: children.find((child) => child.id === childId)?.name ?? '',
      weeks: secureByWeek(await listAnswers(db, { childId }), schools[school].order),
    })),
  )
}

interface Own {
  readonly groups: readonly string[]
  readonly answers: readonly Answer[]
  readonly overrules?: readonly Overrule[]
  readonly notes?: number
}

function reportFrom(
  child: ChildReport['child'],
  { groups, answers, overrules, notes = 0 }: Own,
  settings: Settings,
  now: Instant,
): ChildReport {
  const school = schools[settings.school]
  const standing = standingOf(answers, school, now, overrules)
  const readiness = readinessInWords(standing, school, child.age)
  const { diagnosis } = foundIn(child.id, answers)
  return { child, groups, standing, readiness, diagnosis, answers: answers.length, notes }
}
