import type { Db } from '../connection'
import { v4 as newId } from 'uuid'

/** What is written down of who did what: never a child's name. */
export interface Deed {
  readonly id: string
  readonly at: number
  readonly what: DeedName
  readonly detail: string
  /** The device that it was done on. */
  readonly device: string
}

/** What is written down, and how it is told. */
export const DEEDS = {
  removed: 'Removed',
  'took back a removal': 'Took back a removal',
  'took in': 'Took in a file',
  'took back an import': 'Took back what a file brought',
  restored: 'Restored a backup',
  'took back a restore': 'Took back a restore',
  overruled: 'Overruled a rung',
  'backed up': 'Made a backup',
  'set aside': 'Set damaged rows aside',
  'changed the keeping': 'Changed how data is kept',
  'let in a device': 'A device came in',
  'shut out a device': 'Shut a device out',
} as const
export type DeedName = keyof typeof DEEDS

export interface Doing {
  readonly now: number
  /** The device that asks for it. */
  readonly by: string
}

export async function writeDeed(db: Db, what: DeedName, detail: string, { now, by }: Doing): Promise<void> {
  await db('deeds').insert({ id: newId(), at: now, what, detail, device: by })
}

const MOST_LISTED = 200

/** The last things that were done, the newest first. */
export async function listDeeds(db: Db): Promise<Deed[]> {
  return (await db('deeds').orderBy('at', 'desc').limit(MOST_LISTED)) as Deed[]
}
