import { workingRung } from '../core/planning'
import { looksOf, wordingOf } from '../core/records'
import type { Story } from '../core/stories'
import { schools } from '../core/teaching'
import type { Db } from './connection'
import { pictureFor } from './pictures'
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
  const wish = {
    ...looksOf(settings),
    title: name,
    story: body,
    paper: settings.paper,
    wording: wordingOf(settings),
    order: school.order,
    picture: pictureFor(name, body.language),
  }
  const groupId = query.get('group')
  if (groupId === null) return wish
  const group = await getGroup(db, groupId)
  const children = await planChildren(db, group.childIds, settings, now)
  return {
    ...wish,
    children: children.map((child) => ({
      name: child.name,
      picture: child.picture,
      rung: workingRung(child, { school }),
    })),
  }
}
