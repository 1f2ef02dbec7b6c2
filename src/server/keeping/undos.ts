import { keptText, toKeep } from './keptText'
import { told, asPart, type Told } from '../../core/wording'
import type { DeedName, TakenBack, Undo } from '../../core/keeping'
import { v4 as newId } from 'uuid'
import { type Db, inTransaction } from '../connection'
import { printWithRows } from '../data/printRows'
import { withSupposed } from '../data/supposed'
import { Problem, notFound } from '../problem'
import { type Doing, writeDeed } from './deeds'
import { isBack } from '../stores/gone'
import { isObject, parsed, readable } from '../stores/readable'
import { canonical, keyOf, putDoc, readDoc, readKind, removeDoc } from './docs'
import { type Doc, KIND_IDS, type KindId, kinds } from './kinds'

/* Changes of many things at once: made whole or not at all, and taken back as long as that is promised. */

/** One thing before and after a change; null where it was or is not there. */
export interface Change {
  readonly kind: KindId
  readonly before: Doc | null
  readonly after: Doc | null
}

/** What each kind of change is called when it is taken back, and how long that is promised. */
export const UNDO_OF = {
  removed: { deed: 'took back a removal', ms: 10 * 60_000 },
  'took in': { deed: 'took back an import', ms: 24 * 3_600_000 },
  restored: { deed: 'took back a restore', ms: 24 * 3_600_000 },
} as const satisfies Partial<Record<DeedName, { deed: DeedName; ms: number }>>
export type Undoable = keyof typeof UNDO_OF

interface UndoBody {
  readonly what: Undoable
  readonly changes: readonly Change[]
}

const isUndo = (value: unknown) => isObject(value) && String(value.what) in UNDO_OF && Array.isArray(value.changes)

/** What others refer to is written first and removed last. */
const inOrder = (changes: readonly Change[]) =>
  [...changes].sort((a, b) => KIND_IDS.indexOf(a.kind) - KIND_IDS.indexOf(b.kind))

/** Writes the changes as they are after it. */
async function write(db: Db, changes: readonly Change[]): Promise<void> {
  const sorted = inOrder(changes)
  for (const { kind, before, after } of sorted.toReversed())
    if (after === null && before !== null) await removeDoc(db, kinds[kind], before)
  for (const { kind, after } of sorted) if (after !== null) await putDoc(db, kinds[kind], after)
}

/** The children that are there after the changes: no device must forget them. */
const childrenIn = (changes: readonly Change[]) =>
  changes.flatMap(({ kind, after }) => (kind === 'children' && after ? [String(after.id)] : []))

interface MadeUndo {
  readonly what: Undoable
  readonly detail: Told
}

/** Makes the changes, writes down that it was done, and keeps how to take them back. Runs inside a transaction. */
export async function makeChanges(db: Db, changes: readonly Change[], made: MadeUndo, doing: Doing): Promise<Undo> {
  await write(db, changes)
  await isBack(db, childrenIn(changes))
  return keepUndo(db, changes, made, doing)
}

/** Keeps how to take back changes that were made already. */
export async function keepUndo(db: Db, changes: readonly Change[], made: MadeUndo, doing: Doing): Promise<Undo> {
  const { what, detail } = made
  const kept = toKeep(detail)
  await writeDeed(db, what, kept, doing)
  const undo = { id: newId(), at: doing.now, until: doing.now + UNDO_OF[what].ms, what: kept }
  await db('undos').insert({ ...undo, body: JSON.stringify({ what, changes }) })
  return asSaid(undo)
}

const asSaid = (undo: Undo): Undo => ({ ...undo, what: keptText(undo.what) })

/** What can be taken back now, the newest first. */
export async function listUndos(db: Db, now: number): Promise<Undo[]> {
  const rows = (await db('undos')
    .where('until', '>', now)
    .orderBy('at', 'desc')
    .select('id', 'at', 'until', 'what')) as Undo[]
  return rows.map(asSaid)
}

/** Takes a change back: what is still as the change left it is again as it was before. */
export function takeBackChange(db: Db, id: string, doing: Doing): Promise<TakenBack> {
  return inTransaction(db, async (trx) => {
    const row = (await trx('undos').where({ id }).where('until', '>', doing.now).first()) as
      { body: string; what: string } | undefined
    if (!row) throw notFound(told('change'))
    const { what, changes: kept } = parsed<UndoBody>(row.body, isUndo)
    const changes = kept.map(asNow)
    const ready: Change[] = []
    for (const { kind, before, after } of changes) {
      const key = before ?? after
      const now = key && ((await readDoc(trx, kinds[kind], key)) ?? null)
      if (isAsLeft(kind, now ?? null, after)) ready.push({ kind, before: after, after: before })
    }
    await refuseOrphans(trx, ready)
    const fitting = await withWhatIsThere(trx, ready)
    await write(trx, fitting)
    await isBack(trx, childrenIn(fitting))
    await trx('undos').where({ id }).delete()
    await writeDeed(trx, UNDO_OF[what].deed, row.what, doing)
    return { back: fitting.length, stays: changes.length - fitting.length }
  })
}

/** A change that an older version kept, with its things as they are written now. */
function asNow({ kind, before, after }: Change): Change {
  const upgrade = (doc: Doc | null): Doc | null => {
    if (doc === null) return null
    if (kind === 'prints') return { ...doc, body: printWithRows(doc.body) }
    if (kind === 'children') return { picture: null, ...doc }
    return kind === 'overrules' ? withSupposed(doc) : doc
  }
  return { kind, before: upgrade(before), after: upgrade(after) }
}

/** Whether a thing is as a change left it. That what it referred to was removed since is no change of its own. */
function isAsLeft(kind: KindId, now: Doc | null, after: Doc | null): boolean {
  if (now === null || after === null) return now === after
  const lost = Object.keys(kinds[kind].refers).filter((column) => now[column] === null)
  return canonical(now) === canonical({ ...after, ...nulls(lost) })
}

const nulls = (columns: readonly string[]) => Object.fromEntries(columns.map((column) => [column, null]))

/**
 * The changes without references to what was removed since and does not come back with them. What cannot be without the
 * thing that it refers to stays away.
 */
async function withWhatIsThere(db: Db, changes: readonly Change[]): Promise<Change[]> {
  const coming = new Set(changes.flatMap(({ kind, after }) => (after ? [`${kind} ${String(after.id)}`] : [])))
  const isThere = async (kind: KindId, id: unknown) =>
    id === null ||
    coming.has(`${kind} ${String(id)}`) ||
    (await db(kinds[kind].table).where({ id }).first('id')) !== undefined
  const fitting: Change[] = []
  for (const change of changes) {
    const { kind, after } = change
    const lost: string[] = []
    for (const [column, to] of Object.entries(kinds[kind].refers))
      if (after && !(await isThere(to, after[column]))) lost.push(column)
    if (after && lost.every((column) => mayBeNone(kind, column)))
      fitting.push({ ...change, after: { ...after, ...nulls(lost) } })
    else if (!after) fitting.push(change)
  }
  return fitting
}

const mayBeNone = (kind: KindId, column: string) =>
  kinds[kind].schema.extract(column).validate(null).error === undefined

/** What was kept since must not go along with what is taken back: then nothing is, and it is said why. */
async function refuseOrphans(db: Db, changes: readonly Change[]): Promise<void> {
  const going = new Set(changes.flatMap(({ kind, before, after }) => (after || !before ? [] : [nameOf(kind, before)])))
  for (const { kind, before, after } of changes) {
    if (after || !before) continue
    for (const other of KIND_IDS) {
      const column = Object.entries(kinds[other].refers).find(([, to]) => to === kind)?.[0]
      if (!column) continue
      const { docs } = await readKind(db, kinds[other], { [column]: before.id })
      const stay = docs.filter((doc) => !going.has(nameOf(other, doc)))
      if (stay.length > 0)
        throw new Problem(409, told('This cannot be taken back any more'), {
          field: 'id',
          detail: told(
            'Since then {0} {1} came to “{2}”, and would be lost with it. Nothing was changed.',
            stay.length,
            asPart(stay.length === 1 ? kinds[other].one : kinds[other].many),
            kinds[kind].label(before),
          ),
        })
    }
  }
}

const nameOf = (kind: KindId, doc: Doc) => `${kind} ${keyOf(kinds[kind], doc)}`

/**
 * Forgets what can no longer be taken back, also in the file itself: deleted pages are overwritten, the log is emptied.
 */
export async function forgetUndone(db: Db, now: number): Promise<void> {
  const over = (await db('undos').where('until', '<=', now)) as { id: string; at: number; body: string }[]
  if (over.length === 0) return
  await db.transaction(async (trx) => {
    for (const { id, at, body } of over) {
      // One that cannot be read any more is forgotten as well.
      const [read] = readable([{}], () => parsed<UndoBody>(body, isUndo))
      const { what, changes } = read ?? { what: undefined, changes: [] }
      const children = changes.filter(({ kind, after }) => kind === 'children' && after === null)
      // Whatever was kept to be taken back before may hold the child as well, and so may damaged rows.
      if (what === 'removed' && children.length > 0) await trx('undos').where('at', '<', at).delete()
      for (const { before } of children)
        await trx('set_aside')
          .where('body', 'like', `%${String(before?.id)}%`)
          .delete()
      await trx('undos').where({ id }).delete()
    }
  })
  await emptyLog(db)
}

/** Puts the log into the file and cuts it to nothing. */
export async function emptyLog(db: Db): Promise<void> {
  await db.raw('pragma wal_checkpoint(TRUNCATE)')
}
