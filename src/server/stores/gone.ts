import { MS_PER_DAY } from '../../core/clock'
import type { Instant } from '../../core/knowing'
import type { Db } from '../connection'

/* Ids of what is gone, for as long as another device may still have it. */

/** How long a device may have been away. */
const AWAY_MS = 30 * MS_PER_DAY

export async function noteGone(db: Db, id: string, kind: 'answer' | 'child', now: Instant): Promise<void> {
  await db('gone').insert({ id, kind, at: now }).onConflict('id').ignore()
}

/** Which of these ids are gone. */
export async function goneAmong(db: Db, ids: readonly string[]): Promise<Set<string>> {
  return new Set(
    (await db('gone')
      .whereIn('id', [...ids])
      .pluck('id')) as string[],
  )
}

/** Children that were removed, for devices that may still have something of theirs. */
export async function goneChildren(db: Db): Promise<string[]> {
  return (await db('gone').where({ kind: 'child' }).pluck('id')) as string[]
}

export async function isBack(db: Db, ids: readonly string[]): Promise<void> {
  await db('gone')
    .whereIn('id', [...ids])
    .delete()
}

/** Forgets ids that no device can still have. */
export async function forgetGone(db: Db, now: Instant): Promise<void> {
  await db('gone')
    .where('at', '<', now - AWAY_MS)
    .delete()
}
