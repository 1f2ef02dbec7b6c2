import { workingRung } from '../core/planning'
import { wordingOf } from '../core/records'
import type { Story } from '../core/stories'
import { schools } from '../core/teaching'
import type { Db } from './connection'
import { planChildren } from './planning'
import type { StoryPrintWish } from './storyPages'
import { getKept } from './stores/kept'
import { getGroup } from './stores/people'
import { getSettings } from './stores/settings'

/** What is to be printed of a story: once, or for each child of the group that is named. */
export async function storyPrintWish(db: Db, id: string, query: URLSearchParams, now: number): Promise<StoryPrintWish> {
  const { name, body } = await getKept<Story>(db, 'stories', id)
  const settings = await getSettings(db)
  const school = schools[settings.school]
  const { paper, lowInk } = settings
  const wish = { title: name, story: body, paper, wording: wordingOf(settings), lowInk, order: school.order }
  const groupId = query.get('group')
  if (groupId === null) return wish
  const group = await getGroup(db, groupId)
  const children = await planChildren(db, group.childIds, settings, now)
  return {
    ...wish,
    children: children.map((child) => ({ name: child.name, rung: workingRung(child, { school }) })),
  }
}
