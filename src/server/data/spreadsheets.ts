import { inEnglish } from '../../core/wording'
import type { Answer, Instant } from '../../core/knowing'
import { type Settings, wordingOf } from '../../core/records'
import { activityOf } from '../../core/activities'
import { askInWords, misreadingOf, rungOf, sameValue, sayAnswer } from '../../core/teaching'
import type { Db } from '../connection'
import { childReports } from '../reports'
import { listAnswers } from '../stores/answers'
import { listChildren, listGroups } from '../stores/people'
import { listSessions } from '../stores/sessions'
import { getSettings } from '../stores/settings'
import { csvTable } from './table'

/* The same records as tables, for whoever works on in a spreadsheet. */

const moment = (at: Instant | null) => (at === null ? '' : new Date(at).toISOString())
const clock = (minute: number) =>
  `${String(Math.floor(minute / 60)).padStart(2, '0')}:${String(minute % 60).padStart(2, '0')}`
const yes = (is: boolean) => (is ? 'yes' : 'no')

/** What an answer that was wrong is explained by, where the wrong choice came from a misreading. */
function misreadingIn({ item, given, right }: Answer): string {
  const id = right ? undefined : item.lures.find(({ value }) => sameValue(value, given))?.misreading
  // A file from elsewhere may name one that this version does not know.
  try {
    return id ? inEnglish(misreadingOf(id).does) : ''
  } catch {
    return ''
  }
}

/** The answers as rows: what was asked, what was answered, whether it was right, what it shows, with which helps. */
export function answerTable(
  answers: readonly Answer[],
  names: ReadonlyMap<string, string>,
  settings: Settings,
): string {
  const wording = wordingOf(settings)
  return csvTable(
    ['when', 'child', 'rung', 'question', 'true answer', 'answer', 'right', 'misreading', 'with', 'helped', 'helps'],
    answers.map((answer) => [
      moment(answer.at),
      names.get(answer.childId) ?? '',
      inEnglish(rungOf(answer.item.rung).name),
      askInWords(answer.item, wording),
      sayAnswer(answer.item, answer.item.answer, wording),
      sayAnswer(answer.item, answer.given, wording),
      yes(answer.right),
      misreadingIn(answer),
      answer.stage,
      yes(answer.helped),
      (answer.scaffolds ?? []).join(' '),
    ]),
  )
}

/** Tables of the children, their answers, the sessions and where everyone stands, by file name. */
export async function spreadsheets(db: Db, now: Instant): Promise<Record<string, string>> {
  const settings = await getSettings(db)
  const groups = await listGroups(db)
  const children = await listChildren(db)
  const names = new Map(children.map(({ id, name }) => [id as string, name]))
  const groupsOf = (id: string) => groups.filter(({ childIds }) => childIds.includes(id)).map(({ name }) => name)
  const reports = await childReports(db, now)
  const groupName = new Map(groups.map(({ id, name }) => [id as string, name]))
  return {
    'children.csv': csvTable(
      ['name', 'age', 'groups'],
      children.map(({ id, name, age }) => [name, age, groupsOf(id).join('; ')]),
    ),
    'answers.csv': answerTable(await listAnswers(db), names, settings),
    'sessions.csv': csvTable(
      ['date', 'begins', 'minutes', 'group', 'place', 'rung', 'steps', 'held', 'note'],
      (await listSessions(db)).map(({ date, start, minutes, groupId, place, plan, doneAt, note }) => [
        date,
        clock(start),
        minutes,
        groupName.get(groupId) ?? '',
        place,
        inEnglish(rungOf(plan.rung).name),
        plan.steps.map((step) => `${inEnglish(activityOf(step).name)} (${step.minutes} min)`).join('; '),
        moment(doneAt),
        note,
      ]),
    ),
    'standings.csv': csvTable(
      ['child', 'rung', 'firm', 'answers', 'likely known in percent', 'still missing'],
      reports.flatMap(({ child, standing }) =>
        [...standing.estimates, ...standing.beside].map(({ rung, firm, answers, probability, unmet }) => [
          child.name,
          inEnglish(rungOf(rung).name),
          yes(firm),
          answers,
          Math.round(probability * 100),
          unmet.map(inEnglish).join('; '),
        ]),
      ),
    ),
  }
}
