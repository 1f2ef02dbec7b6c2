import { type Drawing } from '../core/drawing'
import { workingRung } from '../core/planning'
import { wordingOf } from '../core/records'
import { type Story, chosenQuestions, storyPages, storyQuestions, storyTimes, suitsRung } from '../core/stories'
import { schools } from '../core/teaching'
import type { Db } from './connection'
import { planChildren } from './planning'
import { getKept } from './stores/kept'
import { getGroup } from './stores/people'
import { getSettings } from './stores/settings'

/**
 * A story on paper: once, or for each child of a group with the questions that the child's rung allows, and the keys.
 */
export async function storyPrint(
  db: Db,
  id: string,
  query: URLSearchParams,
  now: number,
): Promise<{ pages: Drawing[]; title: string }> {
  const { name, body } = await getKept<Story>(db, 'stories', id)
  const settings = await getSettings(db)
  const school = schools[settings.school]
  // The story is printed in its own language, whatever the house speaks.
  const wording = { ...wordingOf(settings), language: body.language }
  const times = storyTimes(body.text, body.language, body.marks)
  const all = storyQuestions({ text: body.text, times, wording, order: school.order, seed: body.seed })
  const questions = chosenQuestions(body.questions, all)
  const look = { title: name, text: body.text, times, paper: settings.paper, wording, lowInk: settings.lowInk }
  const groupId = query.get('group')
  if (groupId === null) {
    const { pages, key } = storyPages({ ...look, questions })
    return { pages: [...pages, ...key], title: name }
  }
  const group = await getGroup(db, groupId)
  const children = await planChildren(db, group.childIds, settings, now)
  const made = children.map((child) => {
    const rung = workingRung(child, { school })
    const own = questions.filter(({ question }) => question && suitsRung(question, rung, school.order))
    return storyPages({ ...look, questions: own, owner: child.name })
  })
  const keys = new Map(made.map(({ key }) => [JSON.stringify(key), key]))
  return { pages: [...made.flatMap(({ pages }) => pages), ...[...keys.values()].flat()], title: name }
}
