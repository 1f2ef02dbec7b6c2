import type { Deed, DeedName } from '../../core/keeping'
import type { Db } from '../connection'
import { keptText } from './keptText'
import { v4 as newId } from 'uuid'

export interface Doing {
  readonly now: number
  /** The device that asks for it. */
  readonly by: string
}

/** Writes down what was done; `detail` is a name, or a sentence as `toKeep` makes it. */
export async function writeDeed(db: Db, what: DeedName, detail: string, { now, by }: Doing): Promise<void> {
  await db('deeds').insert({ id: newId(), at: now, what, detail, device: by })
}

const MOST_LISTED = 200

/** The last things that were done, the newest first. */
export async function listDeeds(db: Db): Promise<Deed[]> {
  const rows = (await db('deeds').orderBy('at', 'desc').limit(MOST_LISTED)) as Deed[]
  return rows.map((deed) => ({ ...deed, detail: keptText(deed.detail) }))
}
