import { said, saidAll } from '../../words/i18n'
import { type Told, told } from '../../core/wording'
import { type Answer, type Instant, SCAFFOLD_NAMES, isScaffoldId } from '../../core/knowing'
import { type Settings, wordingOf } from '../../core/records'
import { activityOf, placeNames } from '../../core/activities'
import { KIND_NAMES, askInWords, misreadingOf, rungOf, sameValue, sayAnswer } from '../../core/teaching'
import type { Db } from '../connection'
import { childReports } from '../reports'
import { listAnswers } from '../stores/answers'
import { listChildren, listGroups } from '../stores/people'
import { listSessions } from '../stores/sessions'
import { getSettings } from '../stores/settings'
import { csvTable, yesOrNo } from './table'

/* The same records as tables for people, in the language of who asks for them; the workspace file is for programs. */

const moment = (at: Instant | null) => (at === null ? '' : new Date(at).toISOString())
const clock = (minute: number) =>
  `${String(Math.floor(minute / 60)).padStart(2, '0')}:${String(minute % 60).padStart(2, '0')}`

/** A damaged row may name a place that there is none of. */
const placeName = (place: string) => said((placeNames as Readonly<Partial<Record<string, Told>>>)[place] ?? place)

/** What an answer that was wrong is explained by, where the wrong choice came from a misreading. */
function misreadingIn({ item, given, right }: Answer): string {
  const id = right ? undefined : item.lures.find(({ value }) => sameValue(value, given))?.misreading
  // A file from elsewhere may name one that this version does not know.
  try {
    return id ? said(misreadingOf(id).does) : ''
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
    saidAll([
      told('Day and time'),
      told('Child'),
      told('Step'),
      told('Question'),
      told('True answer'),
      told('Answer'),
      told('Right'),
      told('Misreading'),
      told('How it was asked'),
      told('Helped'),
      told('Hints on the clock'),
    ]),
    answers.map((answer) => [
      moment(answer.at),
      names.get(answer.childId) ?? '',
      said(rungOf(answer.item.rung).name),
      askInWords(answer.item, wording),
      sayAnswer(answer.item, answer.item.answer, wording),
      sayAnswer(answer.item, answer.given, wording),
      yesOrNo(answer.right),
      misreadingIn(answer),
      said(KIND_NAMES[answer.stage]),
      yesOrNo(answer.helped),
      (answer.scaffolds ?? []).map((id) => (isScaffoldId(id) ? said(SCAFFOLD_NAMES[id]) : id)).join('; '),
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
      saidAll([told('Name'), told('Age'), told('Groups')]),
      children.map(({ id, name, age }) => [name, age, groupsOf(id).join('; ')]),
    ),
    'answers.csv': answerTable(await listAnswers(db), names, settings),
    'sessions.csv': csvTable(
      saidAll([
        told('Date'),
        told('Starts'),
        told('Minutes'),
        told('Group'),
        told('Place'),
        told('Step'),
        told('Activities'),
        told('Held'),
        told('Note'),
      ]),
      (await listSessions(db)).map(({ date, start, minutes, groupId, place, plan, doneAt, note }) => [
        date,
        clock(start),
        minutes,
        groupName.get(groupId) ?? '',
        placeName(place),
        said(rungOf(plan.rung).name),
        plan.steps.map((step) => `${said(activityOf(step).name)} (${step.minutes} min)`).join('; '),
        moment(doneAt),
        note,
      ]),
    ),
    'standings.csv': csvTable(
      saidAll([
        told('Child'),
        told('Step'),
        told('Sure of it'),
        told('Answers'),
        told('Likely known, in percent'),
        told('Still missing'),
      ]),
      reports.flatMap(({ child, standing }) =>
        [...standing.estimates, ...standing.beside].map(({ rung, firm, answers, probability, unmet }) => [
          child.name,
          said(rungOf(rung).name),
          yesOrNo(firm),
          answers,
          Math.round(probability * 100),
          saidAll(unmet).join('; '),
        ]),
      ),
    ),
  }
}
