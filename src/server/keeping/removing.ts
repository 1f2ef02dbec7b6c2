import { told, asPart } from '../../core/wording'
import type { Undo } from '../../core/keeping'
import { type Db, inTransaction } from '../connection'
import { notFound } from '../problem'
import type { Doing } from './deeds'
import { canonical, keyOf, putDoc, readDoc, readKind, removeDoc } from './docs'
import { type Doc, KIND_IDS, type DocKind, type KindId, kinds } from './kinds'
import { isShared, requireSpellings, textsWith } from './namesInTexts'
import { noteGone } from '../stores/gone'
import { type Change, keepUndo } from './undos'

/* Removing things, with all that goes with them, so that it can be taken back for a while and is gone after that. */

/** Removes a thing with what belongs to it. A child’s name also leaves notes, prints, days and stories. */
export const removeThing = (db: Db, kindId: KindId, id: string, doing: Doing): Promise<Undo> =>
  remove(db, { kindId, id, also: [] }, doing)

/** The same for a child; `also` are spellings of the name that leave the texts with it, of those that were found. */
export const removeChild = (db: Db, id: string, also: readonly string[], doing: Doing): Promise<Undo> =>
  remove(db, { kindId: 'children', id, also }, doing)

interface Removal {
  readonly kindId: KindId
  readonly id: string
  readonly also: readonly string[]
}

function remove(db: Db, { kindId, id, also }: Removal, doing: Doing): Promise<Undo> {
  return inTransaction(db, async (trx) => {
    const kind = kinds[kindId]
    const doc = await readDoc(trx, kind, { id })
    if (!doc) throw notFound(kind.one)
    const touched = await touchedBy(trx, kind, doc)
    if (kindId === 'children') await removeOwnDays(trx, touched, id)
    await removeDoc(trx, kind, doc)
    if (kindId === 'recipes' || kindId === 'yards') await leaveSessions(trx, kindId, touched, id)
    if (kindId === 'children') {
      requireSpellings(String(doc.name), also)
      await forgetName(trx, String(doc.name), also, touched)
      await noteGone(trx, id, 'child', doing.now)
    }
    return finish(trx, kind, touched, doing)
  })
}

type Touched = Map<string, { kind: DocKind; before: Doc }>

const note = (touched: Touched, kind: DocKind, before: Doc) => {
  const name = `${kind.id} ${keyOf(kind, before)}`
  if (!touched.has(name)) touched.set(name, { kind, before })
}

/** The thing, and all that refers to it, as they are before it is removed. */
async function touchedBy(db: Db, kind: DocKind, doc: Doc, touched: Touched = new Map()): Promise<Touched> {
  note(touched, kind, doc)
  for (const other of KIND_IDS.map((id) => kinds[id]))
    for (const [column, to] of Object.entries(other.refers))
      if (to === kind.id)
        for (const each of (await readKind(db, other, { [column]: doc.id })).docs)
          await touchedBy(db, other, each, touched)
  if (kind.id === 'children')
    for (const group of (await readKind(db, kinds.groups)).docs)
      if ((group.children as Doc[]).some(({ child_id }) => child_id === doc.id)) note(touched, kinds.groups, group)
  return touched
}

/** A day that is a child’s own goes with the child. */
async function removeOwnDays(db: Db, touched: Touched, childId: string): Promise<void> {
  for (const day of (await readKind(db, kinds.days)).docs) {
    const { whose } = day.body as { whose: { childId?: string } }
    if (whose.childId !== childId) continue
    note(touched, kinds.days, day)
    await removeDoc(db, kinds.days, day)
  }
}

/** Sessions that had the clock fall back to the usual one. */
async function leaveSessions(db: Db, kindId: 'recipes' | 'yards', touched: Touched, id: string): Promise<void> {
  const column = kindId === 'recipes' ? 'recipe_id' : 'yard_id'
  for (const session of (await readKind(db, kinds.sessions, { [column]: id })).docs)
    note(touched, kinds.sessions, session)
  await db('sessions')
    .where({ [column]: id })
    .update({ [column]: null })
}

/** Takes a child's name, and other spellings of it that the adult chose, out of all texts. */
async function forgetName(db: Db, name: string, also: readonly string[], touched: Touched): Promise<void> {
  const isKept = await isShared(db, name, '')
  const names = [...(isKept ? [] : [name]), ...also]
  if (names.length === 0) return
  for (const { kind, before, change } of await textsWith(db, names)) {
    note(touched, kind, before)
    await putDoc(db, kind, { ...before, ...change })
  }
}

/** What was changed is what it was before and what it is now; that is how it is taken back. */
async function finish(db: Db, kind: DocKind, touched: Touched, doing: Doing): Promise<Undo> {
  const changes: Change[] = []
  for (const { kind: each, before } of touched.values()) {
    const after = (await readDoc(db, each, before)) ?? null
    if (canonical(after) !== canonical(before)) changes.push({ kind: each.id, before, after })
  }
  const others = changes.filter(({ after }) => after === null).length - 1
  const detail =
    others === 0
      ? kind.one
      : others === 1
        ? told('{0}, with one thing of its own', asPart(kind.one))
        : told('{0}, with {1} things of its own', asPart(kind.one), others)
  return keepUndo(db, changes, { what: 'removed', detail }, doing)
}
