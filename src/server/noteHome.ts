import { told } from '../core/wording'
import { MS_PER_DAY } from '../core/clock'
import type { Drawing } from '../core/drawing'
import type { ChildId } from '../core/ids'
import { noteHomePages } from '../core/planning'
import { looksOf, rulesFor, wordingOf } from '../core/records'
import { schools } from '../core/teaching'
import type { Db } from './connection'
import { planChildren } from './planning'
import { notFound } from './problem'
import { listGroups } from './stores/people'
import { getSettings } from './stores/settings'

/**
 * The note home of one child, as the child stands now, by the rules of the child's first group. Its game is another one
 * each week.
 */
export async function noteHome(db: Db, id: ChildId, now: number): Promise<{ name: string; pages: Drawing[] }> {
  const home = (await listGroups(db)).find(({ childIds }) => childIds.includes(id))
  const settings = rulesFor(await getSettings(db), home ?? { rules: {} })
  const [child] = await planChildren(db, [id], settings, now)
  if (!child) throw notFound(told('child'))
  const seed = 1 + Math.floor(now / MS_PER_WEEK)
  const { paper } = settings
  const wish = {
    child,
    school: schools[settings.school],
    paper,
    ...looksOf(settings),
    wording: wordingOf(settings),
    seed,
  }
  return { name: child.name, pages: noteHomePages(wish) }
}

const MS_PER_WEEK = 7 * MS_PER_DAY
