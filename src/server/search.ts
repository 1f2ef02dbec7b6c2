import { type Activity, catalogue } from '../core/activities'
import { type Findable, findByWords, type SearchResult } from '../core/search'
import { printables } from '../core/printables'
import { rungOf } from '../core/teaching'
import { pathOfView, VIEW_IDS, views } from '../core/views'
import { sayEnglishDate } from '../core/wording'
import type { Db } from './connection'
import { listKept, type Shelf } from './stores/kept'
import { listChildren, listGroups } from './stores/people'
import { listSessions } from './stores/sessions'

/* All that can be found by name, from any view. */

const MOST_FOUND = 40

/** What is done rather than looked at. */
const DEEDS: readonly Findable[] = (
  [
    ['Add a group or a child', 'new', '/children?add=group'],
    ['Build a session', 'plan new', '/'],
    ['Print a paper clock', 'make', '/api/clock.pdf'],
    ['Undo a removal', 'bring back deleted', '/settings?part=data'],
    ['Export everything', 'backup file download', '/settings?part=data'],
    ['Let a tablet in', 'other devices passcode network phone', '/settings?part=network'],
    ['Help', 'what is a step, what is each view for', '/help'],
  ] as const
).map(([name, also, href]) => ({ kind: 'action', name, about: '', also, href }))

const VIEWS: readonly Findable[] = VIEW_IDS.filter((id) => !views[id].path.includes(':')).map((id) => ({
  kind: 'view',
  name: views[id].name,
  about: views[id].about,
  href: views[id].path,
}))

const PRINTS: readonly Findable[] = Object.values(printables).map(({ id, name, kind }) => ({
  kind,
  name,
  about: 'to print',
  href: `/print?printable=${id}`,
}))

const activityFound = ({ id, name, rungs }: Activity): Findable => ({
  kind: 'activity',
  name,
  about: rungs.length > 3 ? '' : rungs.map((rung) => rungOf(rung).name).join(', '),
  href: `/activities?activity=${id}`,
})

/** Where what is kept by name is opened again. */
const SHELVES: readonly { readonly shelf: Shelf; readonly kind: string; readonly opens: string }[] = [
  { shelf: 'prints', kind: 'saved print', opens: '/print?saved=' },
  { shelf: 'own_activities', kind: 'activity', opens: '/activities?activity=' },
  { shelf: 'days', kind: 'day', opens: '/days?day=' },
  { shelf: 'stories', kind: 'story', opens: '/stories?story=' },
  { shelf: 'recipes', kind: 'saved clock', opens: '/make?saved=' },
  { shelf: 'yards', kind: 'saved floor clock', opens: '/yard?saved=' },
]

async function people(db: Db): Promise<Findable[]> {
  const groups = await listGroups(db)
  const groupsOf = (id: string) => groups.filter(({ childIds }) => childIds.some((each) => each === id))
  const children = (await listChildren(db)).map(({ id, name }) => ({
    kind: 'child',
    name,
    about: groupsOf(id)
      .map((group) => group.name)
      .join(', '),
    href: pathOfView('child', { child: id }),
  }))
  const ofGroups = groups.flatMap(({ id, name }) => [
    { kind: 'group', name, about: '', href: pathOfView('group', { group: id }) },
    { kind: 'weeks ahead', name, about: '', href: pathOfView('term', { group: id }) },
  ])
  const sessions = (await listSessions(db)).map(({ id, groupId, date, doneAt }) => ({
    kind: doneAt === null ? 'session to come' : 'session that was held',
    name: `${groups.find((group) => group.id === groupId)?.name ?? 'A group that is gone'}, ${sayEnglishDate(date, { year: true })}`,
    about: '',
    href: doneAt === null ? pathOfView('plan', { session: id }) : `/log?session=${id}`,
  }))
  return [...children, ...ofGroups, ...sessions]
}

async function keptThings(db: Db): Promise<Findable[]> {
  const lists = await Promise.all(
    SHELVES.map(async ({ shelf, kind, opens }) =>
      (await listKept(db, shelf)).map(({ id, name }) => ({ kind, name, about: '', href: `${opens}${id}` })),
    ),
  )
  return lists.flat()
}

/** What has the words that were typed, from all that there is. Nothing typed finds the views and what can be done. */
export async function search(db: Db, typed: string): Promise<SearchResult> {
  if (typed.trim() === '') return findByWords('', [...DEEDS, ...VIEWS], MOST_FOUND)
  const all = [
    ...(await people(db)),
    ...VIEWS,
    ...DEEDS,
    ...(await keptThings(db)),
    ...catalogue.map(activityFound),
    ...PRINTS,
  ]
  return findByWords(typed, all, MOST_FOUND)
}
