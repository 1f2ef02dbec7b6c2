import { type Told, asPart, told } from '../wording'
import type { MaterialId } from '../activities'
import { misreadingOf } from '../teaching'
import { fetchList } from './fetchList'
import type { PlanChild } from './request'
import type { SessionPlan } from './types'
import { MINUTES_PER_DAY, daysOf } from '../clock'

/* What a tired adult needs to know first: what is next, what to print and fetch for it, who needs a look. */

interface ToDoSession {
  readonly id: string
  readonly date: string
  readonly start: number
  readonly materials: readonly MaterialId[]
  readonly plan: SessionPlan
  readonly printedAt: number | null
}

interface ToDoGroup {
  readonly group: { readonly id: string; readonly name: string }
  readonly children: readonly Pick<PlanChild, 'id' | 'name' | 'findings'>[]
  readonly hasClocks: boolean
  readonly next: ToDoSession | null
}

export interface ToDo {
  readonly is: 'next' | 'print' | 'fetch' | 'look'
  readonly id: string
  readonly groupName: string
  /** The session that it is for; undefined where it is about a child. */
  readonly session: ToDoSession | undefined
  readonly childId: string | undefined
  /** What of it: each thing that is to be fetched, or what was found of whom. */
  readonly what: readonly Told[]
}

const MOST_LOOKS = 3

/**
 * What is to be done, the most pressing first: the next session of all groups, then what is not printed and not to hand
 * for the sessions up to `until` (a date such as 2026-12-05), each with the session that it is needed by, then at most
 * three children in whom a misreading was found.
 */
export function toDo(groups: readonly ToDoGroup[], until: string): ToDo[] {
  const when = ({ next }: ToDoGroup) => (next ? daysOf(next.date) * MINUTES_PER_DAY + next.start : 0)
  const coming = groups.filter(({ next }) => next !== null).sort((a, b) => when(a) - when(b))
  const soon = coming.filter(({ next }) => next && next.date <= until)
  const line = (is: ToDo['is'], { group, next }: ToDoGroup, what: readonly Told[]): ToDo => ({
    is,
    id: `${is} ${group.id}`,
    groupName: group.name,
    session: next ?? undefined,
    childId: undefined,
    what,
  })
  const [first] = coming
  const prints = soon.filter(({ next }) => next && next.printedAt === null)
  const fetches = soon.flatMap((each) => {
    const missing = missingFor(each)
    return missing.length > 0 ? [line('fetch', each, missing)] : []
  })
  return [
    ...(first ? [line('next', first, [])] : []),
    ...prints.map((each) => line('print', each, [])),
    ...fetches,
    ...looks(groups).slice(0, MOST_LOOKS),
  ]
}

/** What the next session needs and is not ticked as to hand, by name. Pages are printed, not fetched. */
function missingFor({ next, children, hasClocks }: ToDoGroup): Told[] {
  if (!next) return []
  return fetchList(next.plan, { children, materials: next.materials, hasClocks })
    .filter(({ toHand, material }) => !toHand && material !== 'paper')
    .map(({ name }) => name)
}

function looks(groups: readonly ToDoGroup[]): ToDo[] {
  const seen = new Set<string>()
  return groups.flatMap(({ group, children }) =>
    children.flatMap(({ id, name, findings }) => {
      const [found] = findings
      if (!found || seen.has(id)) return []
      seen.add(id)
      const what = [told('{0}, who {1}', name, asPart(misreadingOf(found.misreading).does))]
      return [{ is: 'look', id: `look ${id}`, groupName: group.name, session: undefined, childId: id, what } as const]
    }),
  )
}
