import { type Told, told } from '../../core/wording'
import type { Instant } from '../../core/knowing'
import type { Kept } from '../../core/records'
import type { Db } from '../connection'
import { notFound, staleVersion } from '../problem'
import { docOf } from '../keeping/docs'
import { kinds } from '../keeping/kinds'
import { readable, type DbRow } from './readable'

/**
 * Recipes, floor clocks, prints, days, stories and activities of one's own are kept alike: a name and a body that was
 * checked on its way in.
 */
export type Shelf = 'recipes' | 'yards' | 'prints' | 'days' | 'stories' | 'own_activities'
const ONE: Record<Shelf, Told> = {
  recipes: told('recipe'),
  yards: told('floor clock'),
  prints: told('print'),
  days: told('day'),
  stories: told('story'),
  own_activities: told('activity'),
}
export function rowToKept<T>(shelf: Shelf, row: DbRow): Kept<T> {
  const { body } = docOf(kinds[shelf], row)
  return {
    id: String(row.id),
    name: String(row.name),
    body: body as T,
    version: Number(row.version),
  }
}

export async function listKept<T>(db: Db, shelf: Shelf): Promise<Kept<T>[]> {
  const rows: DbRow[] = await db(shelf).orderBy([{ column: 'created_at', order: 'desc' }, { column: 'name' }])
  return readable(rows, (row) => rowToKept<T>(shelf, row))
}

export async function getKept<T>(db: Db, shelf: Shelf, id: string): Promise<Kept<T>> {
  const row: DbRow | undefined = await db(shelf).where({ id }).first()
  if (!row) throw notFound(ONE[shelf])
  return rowToKept<T>(shelf, row)
}

/** The same, or null where it is gone or none was named. */
export async function findKept<T>(db: Db, shelf: Shelf, id: string | null): Promise<Kept<T> | null> {
  const row: DbRow | undefined = id === null ? undefined : await db(shelf).where({ id }).first()
  return row ? (readable([row], (each) => rowToKept<T>(shelf, each))[0] ?? null) : null
}

/** Adding the same thing twice (a repeated send) changes nothing. */
export async function addKept<T>(
  db: Db,
  shelf: Shelf,
  thing: Omit<Kept<T>, 'version'>,
  now: Instant,
): Promise<Kept<T>> {
  await db(shelf)
    .insert({ id: thing.id, name: thing.name, body: JSON.stringify(thing.body), version: 1, created_at: now })
    .onConflict('id')
    .ignore()
  return getKept<T>(db, shelf, thing.id)
}

export async function editKept<T>(db: Db, shelf: Shelf, id: string, edit: Omit<Kept<T>, 'id'>): Promise<Kept<T>> {
  const changed = await db(shelf)
    .where({ id, version: edit.version })
    .update({ name: edit.name, body: JSON.stringify(edit.body), version: edit.version + 1 })
  const current = await getKept<T>(db, shelf, id)
  if (changed === 0) throw staleVersion(ONE[shelf], current)
  return current
}
