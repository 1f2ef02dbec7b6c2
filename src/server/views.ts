/* Where the views are. */

/** What the views of one child, one group and one session are asked for with. */
export interface Shown {
  readonly child: string
  readonly group: string
  readonly session: string
}

/** The path of every view, the one that is opened first at the head. */
export const viewPaths = ({ child, group, session }: Shown): readonly string[] => [
  '/',
  `/groups/${group}`,
  `/plan/${session}`,
  `/table/${session}`,
  '/children',
  `/children/${child}`,
  '/print',
  '/log',
  '/play',
  '/make',
  '/yard',
  '/days',
  '/days/now',
  '/stories',
  '/stories/read',
  '/activities',
  `/term/${group}`,
  '/fetch',
  '/settings',
]
