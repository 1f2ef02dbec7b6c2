import type {
  ActivitiesData,
  ChildData,
  DaysData,
  GroupData,
  LogData,
  Overview,
  PeopleData,
  RecordData,
  SessionContext,
  Settings,
  StoriesData,
  TermData,
} from './records'
import { type Told, told } from './wording'

/* The one table of views: where each is, what it is called, and what it shows at first. */

/** What can be read for a view, with its type. Those of one thing are read by its id. */
export interface Reads {
  readonly overview: Overview
  readonly settings: Settings
  readonly people: PeopleData
  readonly activities: ActivitiesData
  readonly days: DaysData
  readonly stories: StoriesData
  readonly log: LogData
  readonly group: GroupData
  readonly term: TermData
  readonly child: ChildData
  readonly session: SessionContext
  readonly record: RecordData
}
export type ReadId = keyof Reads

/** Read by the id of a group, a child or a session. */
export const READS_OF_ONE = ['group', 'term', 'child', 'session', 'record'] as const satisfies readonly ReadId[]
export type ReadOfOne = (typeof READS_OF_ONE)[number]
export type ReadOfAll = Exclude<ReadId, ReadOfOne>

/** The key of a read in the cache of a view, and its path below `/api/reads/`. */
export const keyOfRead = (read: ReadId, of?: string): readonly string[] => (of === undefined ? [read] : [read, of])

interface View {
  /** Its address; what stands behind a colon is the id of such a thing. */
  readonly path: string
  /** Its name in the navigation, and its title until it knows whom it is about. */
  readonly name: Told
  /** What it is for, in one sentence. */
  readonly about: Told
  /** The view of the navigation that it belongs to; left out, itself. */
  readonly under?: string
  /** What it shows at first. */
  readonly reads: readonly ReadId[]
}

export const views = {
  today: {
    path: '/',
    name: told('Today'),
    about: told('What is next, what to print and bring, and a button that builds the next session.'),
    reads: ['overview'],
  },
  group: {
    path: '/groups/:group',
    name: told('A group'),
    about: told('The children of a group side by side, who goes together, and rules of the group’s own.'),
    under: 'children',
    reads: ['group'],
  },
  plan: {
    path: '/plan/:session',
    name: told('Plan'),
    about: told('A session before it is held: activities that fit the minutes, checks, and one PDF of all its pages.'),
    under: 'today',
    reads: ['session'],
  },
  table: {
    path: '/table/:session',
    name: told('Table'),
    about: told(
      'The large clock during a session: hands that turn, the quick check, what a mistake means and what to say.',
    ),
    under: 'today',
    reads: ['session'],
  },
  children: {
    path: '/children',
    name: told('Children'),
    about: told('All children and groups: who is ready for what, and where you add somebody.'),
    reads: ['people'],
  },
  child: {
    path: '/children/:child',
    name: told('A child'),
    about: told('One child step by step: what is secure, what the mistakes have in common, what to do next.'),
    under: 'children',
    reads: ['child'],
  },
  print: {
    path: '/print',
    name: told('Print room'),
    about: told('Games, cards and sheets with their answers and rules, made for a step and a child.'),
    reads: ['settings'],
  },
  log: {
    path: '/log',
    name: told('Log'),
    about: told('Each session as it was held, its answers, and the next one from there.'),
    reads: ['log'],
  },
  play: {
    path: '/play',
    name: told('Play now'),
    about: told('Eleven games with the whole body, called aloud and shown large. No plan is needed.'),
    under: 'today',
    reads: ['overview'],
  },
  make: {
    path: '/make',
    name: told('Workbench'),
    about: told('Paper and card clocks to make, measured, checked and printed at true size.'),
    reads: ['settings'],
  },
  yard: {
    path: '/yard',
    name: told('Floor clock'),
    about: told('A clock to walk on, set out with string and tapes in the space there is.'),
    reads: ['settings'],
  },
  days: {
    path: '/days',
    name: told('Days'),
    about: told('The days that children live by: as rows, as bands, as prints and as questions.'),
    reads: ['days'],
  },
  now: {
    path: '/days/now',
    name: told('Now and next'),
    about: told('What is on now and what comes next, large enough for a wall.'),
    under: 'days',
    reads: ['days'],
  },
  stories: {
    path: '/stories',
    name: told('Stories'),
    about: told('A text with its times found, to be asked about and printed.'),
    reads: ['stories'],
  },
  read: {
    path: '/stories/read',
    name: told('Read together'),
    about: told('A story read together, with a clock for each time in it.'),
    under: 'stories',
    reads: ['stories'],
  },
  activities: {
    path: '/activities',
    name: told('Activities'),
    about: told('All that a session is planned from, and activities of your own.'),
    reads: ['activities'],
  },
  term: {
    path: '/term/:group',
    name: told('The weeks ahead'),
    about: told('A term played forward: when each child is likely secure, and what would change it.'),
    under: 'children',
    reads: ['term'],
  },
  fetch: {
    path: '/fetch',
    name: told('What you need'),
    about: told('What all sessions to come need, in one list to tick off.'),
    under: 'today',
    reads: ['log', 'settings'],
  },
  settings: {
    path: '/settings',
    name: told('House rules'),
    about: told('Wording, paper, place and what you have; your data; other devices.'),
    reads: ['settings'],
  },
} as const satisfies Readonly<Record<string, View>>

export type ViewId = keyof typeof views
export const VIEW_IDS = Object.keys(views) as readonly ViewId[]

export const viewOf = (id: ViewId): View => views[id]

/** Ids of a child, a group and a session, for views that are about one. */
export interface ShownIds {
  readonly child: string
  readonly group: string
  readonly session: string
}

/**
 * The address of a view about these.
 *
 * pathOfView('plan', { session: '7' }) //=> '/plan/7'
 */
export function pathOfView(id: ViewId, ids: Partial<ShownIds> = {}): string {
  return views[id].path.replace(/:(child|group|session)/, (_, kind: keyof ShownIds) => ids[kind] ?? 'none')
}

/** The address of every view, the one that is opened first at the head. */
export const viewPaths = (ids: ShownIds): readonly string[] => VIEW_IDS.map((id) => pathOfView(id, ids))

/** The navigation: single views, and those that belong together under one name. */
export const NAVIGATION = [
  'today',
  'children',
  'activities',
  { name: told('Make'), views: ['print', 'make', 'yard'] },
  { name: told('Days and stories'), views: ['days', 'stories', 'now', 'read'] },
  'log',
  'settings',
] as const satisfies readonly (ViewId | { readonly name: Told; readonly views: readonly ViewId[] })[]
