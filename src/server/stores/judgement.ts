import { rungOf } from '../../core/teaching'
import { toKeep } from '../keeping/keptText'
import { told, asPart } from '../../core/wording'
import type { ChildId, NoteId } from '../../core/ids'
import type { Instant, Overrule } from '../../core/knowing'
import type { Note, OverruleWish } from '../../core/records'
import type { Db } from '../connection'
import { type Doing, writeDeed } from '../keeping/deeds'
import { notFound } from '../problem'
import { getChild } from './people'
import type { DbRow } from './readable'

/* What the adult says of a child: overrules of a rung, and notes. */

export async function overrulesByChild(db: Db): Promise<Map<string, Overrule[]>> {
  const rows: DbRow[] = await db('overrules').orderBy('at')
  const byChild = new Map<string, Overrule[]>()
  for (const row of rows) {
    const overrule = { rung: row.rung, verdict: row.verdict, note: row.note, at: Number(row.at) } as Overrule
    const id = String(row.child_id)
    byChild.set(id, [...(byChild.get(id) ?? []), overrule])
  }
  return byChild
}

/** Sets the adult's word on a rung, or takes it back where the verdict is null. */
const VERDICTS = {
  firm: told('secure'),
  'not-firm': told('not secure'),
  back: told('taken back'),
} as const

export async function overruleRung(
  db: Db,
  childId: ChildId,
  { rung, verdict, note }: OverruleWish,
  doing: Doing,
): Promise<void> {
  const { now: at } = doing
  await getChild(db, childId)
  if (verdict === null) await db('overrules').where({ child_id: childId, rung }).delete()
  else
    await db('overrules')
      .insert({ child_id: childId, rung, verdict, note, at })
      .onConflict(['child_id', 'rung'])
      .merge()
  await writeDeed(
    db,
    'overruled',
    toKeep(told('{0}: {1}', asPart(rungOf(rung).name), asPart(VERDICTS[verdict ?? 'back']))),
    doing,
  )
}

function rowToNote(row: DbRow): Note {
  return { id: String(row.id), childId: String(row.child_id), at: Number(row.at), text: String(row.text) }
}

/** A child's notes, the newest first. */
export async function listNotes(db: Db, childId: ChildId): Promise<Note[]> {
  await getChild(db, childId)
  const rows: DbRow[] = await db('notes').where({ child_id: childId }).orderBy('at', 'desc')
  return rows.map(rowToNote)
}

export async function countNotes(db: Db): Promise<Map<string, number>> {
  const rows: DbRow[] = await db('notes').select('child_id').count({ count: '*' }).groupBy('child_id')
  return new Map(rows.map((row) => [String(row.child_id), Number(row.count)]))
}

/** Adding the same note twice (a repeated send) changes nothing. */
export async function addNote(
  db: Db,
  childId: ChildId,
  { id, text }: Pick<Note, 'id' | 'text'>,
  at: Instant,
): Promise<Note> {
  await getChild(db, childId)
  await db('notes').insert({ id, child_id: childId, at, text }).onConflict('id').ignore()
  const row: DbRow | undefined = await db('notes').where({ id }).first()
  if (!row) throw notFound(told('note'))
  return rowToNote(row)
}

export async function removeNote(db: Db, id: NoteId): Promise<void> {
  const removed = await db('notes').where({ id }).delete()
  if (removed === 0) throw notFound(told('note'))
}
