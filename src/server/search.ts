import { dateInWords } from '../words/adult'
import { type Activity, catalogue } from '../core/activities'
import { type Findable, findByWords, type SearchResult } from '../core/search'
import { printables } from '../core/printables'
import { rungOf } from '../core/teaching'
import { pathOfView, VIEW_IDS, views } from '../core/views'
import { type Told, told } from '../core/wording'
import { said } from '../words/i18n'
import type { Db } from './connection'
import { listKept, type Shelf } from './stores/kept'
import { listChildren, listGroups } from './stores/people'
import { listSessions } from './stores/sessions'

/* All that can be found by name, from any view. */

const MOST_FOUND = 40

/** What is done rather than looked at. */
const DEEDS: readonly (readonly [name: Told, also: Told, href: string])[] = [
  [told('Add a group or a child'), told('new'), '/children?add=group'],
  [told('Build a session'), told('plan new'), '/'],
  [told('Print a paper clock'), told('make'), '/api/clock.pdf'],
  [told('Undo a removal'), told('bring back deleted'), '/settings?part=data'],
  [told('Export everything'), told('backup file download'), '/settings?part=data'],
  [told('Let a tablet in'), told('other devices passcode network phone'), '/settings?part=network'],
  [told('Help'), told('what is a step, what is each view for'), '/help'],
]

const deeds = (): Findable[] =>
  DEEDS.map(([name, also, href]) => ({ kind: said('action'), name: said(name), about: '', also: said(also), href }))

const viewsFound = (): Findable[] =>
  VIEW_IDS.filter((id) => !views[id].path.includes(':')).map((id) => ({
    kind: said('view'),
    name: said(views[id].name),
    about: said(views[id].about),
    href: views[id].path,
  }))

const PRINT_KINDS = { game: told('game'), make: told('to make'), cards: told('cards'), sheet: told('sheet') } as const

const printsFound = (): Findable[] =>
  Object.values(printables).map(({ id, name, kind }) => ({
    kind: said(PRINT_KINDS[kind]),
    name: said(name),
    about: said('to print'),
    href: `/print?printable=${id}`,
  }))

const activityFound = ({ id, name, rungs }: Activity): Findable => ({
  kind: said('activity'),
  name: said(name),
  about: rungs.length > 3 ? '' : rungs.map((rung) => said(rungOf(rung).name)).join(', '),
  href: `/activities?activity=${id}`,
})

/** Where what is kept by name is opened again. */
const SHELVES: readonly { readonly shelf: Shelf; readonly kind: Told; readonly opens: string }[] = [
  { shelf: 'prints', kind: told('saved print'), opens: '/print?saved=' },
  { shelf: 'own_activities', kind: told('activity'), opens: '/activities?activity=' },
  { shelf: 'days', kind: told('day'), opens: '/days?day=' },
  { shelf: 'stories', kind: told('story'), opens: '/stories?story=' },
  { shelf: 'recipes', kind: told('saved clock'), opens: '/make?saved=' },
  { shelf: 'yards', kind: told('saved floor clock'), opens: '/yard?saved=' },
]

async function people(db: Db): Promise<Findable[]> {
  const groups = await listGroups(db)
  const groupsOf = (id: string) => groups.filter(({ childIds }) => childIds.some((each) => each === id))
  const children = (await listChildren(db)).map(({ id, name }) => ({
    kind: said('child'),
    name,
    about: groupsOf(id)
      .map((group) => group.name)
      .join(', '),
    href: pathOfView('child', { child: id }),
  }))
  const ofGroups = groups.flatMap(({ id, name }) => [
    { kind: said('group'), name, about: '', href: pathOfView('group', { group: id }) },
    { kind: said('weeks ahead'), name, about: '', href: pathOfView('term', { group: id }) },
  ])
  const sessions = (await listSessions(db)).map(({ id, groupId, date, doneAt }) => ({
    kind: doneAt === null ? said('session to come') : said('session that was held'),
    name: `${groups.find((group) => group.id === groupId)?.name ?? said('A group that is gone')}, ${dateInWords(date, { year: true })}`,
    about: '',
    href: doneAt === null ? pathOfView('plan', { session: id }) : `/log?session=${id}`,
  }))
  return [...children, ...ofGroups, ...sessions]
}

async function keptThings(db: Db): Promise<Findable[]> {
  const lists = await Promise.all(
    SHELVES.map(async ({ shelf, kind, opens }) =>
      (await listKept(db, shelf)).map(({ id, name }) => ({ kind: said(kind), name, about: '', href: `${opens}${id}` })),
    ),
  )
  return lists.flat()
}

/** What has the words that were typed, from all that there is. Nothing typed finds the views and what can be done. */
export async function search(db: Db, typed: string): Promise<SearchResult> {
  if (typed.trim() === '') return findByWords('', [...deeds(), ...viewsFound()], MOST_FOUND)
  const all = [
    ...(await people(db)),
    ...viewsFound(),
    ...deeds(),
    ...(await keptThings(db)),
    ...catalogue.map(activityFound),
    ...printsFound(),
  ]
  return findByWords(typed, all, MOST_FOUND)
}
