import { told } from '../core/wording'
import type { PackOrder, PrintWish } from '../core/records'
import { leaningOn } from '../core/knowing'
import { type PackWish, workingRung } from '../core/planning'
import { looksOf, rulesFor, wordingOf } from '../core/records'
import { schools } from '../core/teaching'
import type { Db } from './connection'
import { Problem } from './problem'
import { printWish } from './printSchemas'
import { planChildren } from './planning'
import { getGroup } from './stores/people'
import { getSettings } from './stores/settings'
import { checked } from './validate'

/** What is asked for in the address of a print, checked. */
export function wishFromQuery(query: URLSearchParams): PrintWish {
  const text = query.get('print')
  if (text === null)
    throw new Problem(400, told('Nothing to print'), {
      field: 'print',
      detail: told('print must be what to print, as JSON.'),
    })
  try {
    return checked(printWish, JSON.parse(text))
  } catch (error) {
    if (error instanceof SyntaxError)
      throw new Problem(400, told('Not JSON'), { field: 'print', detail: told('print must be JSON.') })
    throw error
  }
}

/** The pack of a group as it stands now: each child's rung, and the misreadings that were found. */
export async function packWish(
  db: Db,
  { groupId, things, seed, answersOnPaper = 'short' }: PackOrder,
  now: number,
): Promise<PackWish> {
  const group = await getGroup(db, groupId)
  if (group.childIds.length === 0)
    throw new Problem(400, told('An empty group'), {
      field: 'groupId',
      detail: told('{0} has no children yet: add one first.', group.name),
    })
  const settings = rulesFor(await getSettings(db), group)
  const school = schools[settings.school]
  const children = await planChildren(db, group.childIds, settings, now)
  return {
    title: group.name,
    paper: settings.paper,
    ...looksOf(settings),
    wording: wordingOf(settings),
    order: school.order,
    things,
    seed,
    answersOnPaper,
    children: children.map((child) => ({
      name: child.name,
      picture: child.picture,
      rung: workingRung(child, { school }),
      weights: leaningOn(child.findings.map(({ misreading }) => misreading)),
    })),
  }
}
