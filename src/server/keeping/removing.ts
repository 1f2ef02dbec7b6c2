import type { Counted, Undo } from '../../core/keeping'
import { type Db, inTransaction } from '../connection'
import { notFound } from '../problem'
import type { Doing } from './deeds'
import { canonical, keyOf, putDoc, readDoc, readKind, removeDoc } from './docs'
import { type Doc, KIND_IDS, type Kind, type KindId, kinds } from './kinds'
import { noteGone } from '../stores/gone'
import { type Change, keepUndo } from './undos'

/* Removing things, with all that goes with them, so that it can be taken back for a while and is gone after that. */

/** What a child’s name becomes where it stands in other texts. It is the same in every language. */
export const NO_NAME = '…'

/** Removes a thing with what belongs to it. A child’s name also leaves notes, prints, days and stories. */
export function removeThing(db: Db, kindId: KindId, id: string, doing: Doing): Promise<Undo> {
  return inTransaction(db, async (trx) => {
    const kind = kinds[kindId]
    const doc = await readDoc(trx, kind, { id })
    if (!doc) throw notFound(kind.one, id)
    const touched = await touchedBy(trx, kind, doc)
    if (kindId === 'children') await removeOwnDays(trx, touched, id)
    await removeDoc(trx, kind, doc)
    if (kindId === 'recipes' || kindId === 'yards') await leaveSessions(trx, kindId, touched, id)
    if (kindId === 'children') {
      await forgetName(trx, String(doc.name), touched)
      await noteGone(trx, id, 'child', doing.now)
    }
    return finish(trx, kind, touched, doing)
  })
}

type Touched = Map<string, { kind: Kind; before: Doc }>

const note = (touched: Touched, kind: Kind, before: Doc) => {
  const name = `${kind.id} ${keyOf(kind, before)}`
  if (!touched.has(name)) touched.set(name, { kind, before })
}

/** The thing, and all that refers to it, as they are before it is removed. */
async function touchedBy(db: Db, kind: Kind, doc: Doc, touched: Touched = new Map()): Promise<Touched> {
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

/** Columns in which people write what they like. */
const TEXTS: Partial<Record<KindId, readonly string[]>> = {
  sessions: ['note', 'steps'],
  notes: ['text'],
  overrules: ['note'],
  answer_changes: ['reason'],
  recipes: ['name'],
  yards: ['name', 'body'],
  prints: ['name', 'body'],
  days: ['name', 'body'],
  stories: ['name', 'body'],
  own_activities: ['name', 'body'],
}

/** Matches a name where it stands by itself, whatever the letters about it. */
const nameAlone = (name: string) =>
  new RegExp(`(?<![\\p{L}\\p{N}])${name.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}(?![\\p{L}\\p{N}])`, 'gu')

function withoutName(value: unknown, pattern: RegExp): unknown {
  if (typeof value === 'string') return value.replace(pattern, NO_NAME)
  if (Array.isArray(value)) return value.map((each) => withoutName(each, pattern))
  if (value === null || typeof value !== 'object') return value
  return Object.fromEntries(Object.entries(value).map(([key, inner]) => [key, withoutName(inner, pattern)]))
}

/** The steps of a session: why each was chosen, and what the adult wrote of an own one. The rest are words of ours. */
const stepsWithoutName = (steps: unknown, pattern: RegExp) =>
  (steps as readonly Doc[]).map((step) => ({
    ...step,
    why: withoutName(step.why, pattern),
    own: step.own === null ? null : withoutTexts(step.own as Doc, pattern),
  }))

const OWN_TEXTS = ['name', 'steps', 'say', 'lookFor', 'easier', 'harder']

const withoutTexts = (own: Doc, pattern: RegExp): Doc => ({
  ...own,
  ...Object.fromEntries(OWN_TEXTS.map((field) => [field, withoutName(own[field], pattern)])),
})

const withoutNames = (columns: readonly string[], before: Doc, pattern: RegExp): Doc =>
  Object.fromEntries(
    columns.map((column) => [
      column,
      column === 'steps' ? stepsWithoutName(before.steps, pattern) : withoutName(before[column], pattern),
    ]),
  )

/** A word that is no name but one of ours, such as the name of a picture, must stay, or the thing could not be read. */
function keptRight(kind: Kind, before: Doc, change: Doc): Doc {
  const isRight = (doc: Doc) => kind.schema.validate(doc, { convert: false }).error === undefined
  if (!('body' in change) || !isRight(before) || isRight({ ...before, ...change })) return change
  return { ...change, body: before.body }
}

/** All texts that a name stands in, as they are and as they would be without it. */
async function textsWith(db: Db, name: string): Promise<{ kind: Kind; before: Doc; change: Doc }[]> {
  const pattern = nameAlone(name)
  const found: { kind: Kind; before: Doc; change: Doc }[] = []
  for (const [kindId, columns] of Object.entries(TEXTS) as [KindId, readonly string[]][]) {
    const kind = kinds[kindId]
    for (const before of (await readKind(db, kind)).docs) {
      const change = keptRight(kind, before, withoutNames(columns, before, pattern))
      if (canonical(change) !== canonical(Object.fromEntries(columns.map((column) => [column, before[column]]))))
        found.push({ kind, before, change })
    }
  }
  return found
}

/** Whether another child has the same name: then it stands for that one, and stays. */
async function isShared(db: Db, name: string, besides: string): Promise<boolean> {
  const row: unknown = await db('children').where({ name }).whereNot({ id: besides }).first('id')
  return row !== undefined
}

async function forgetName(db: Db, name: string, touched: Touched): Promise<void> {
  if (await isShared(db, name, '')) return
  for (const { kind, before, change } of await textsWith(db, name)) {
    note(touched, kind, before)
    await putDoc(db, kind, { ...before, ...change })
  }
}

/** Where a child’s name stands beside the child’s own records: told before the child is removed. */
export async function namePlaces(db: Db, childId: string): Promise<Counted[]> {
  const child = await readDoc(db, kinds.children, { id: childId })
  if (!child) throw notFound('child', childId)
  if (await isShared(db, String(child.name), childId)) return []
  const found = (await textsWith(db, String(child.name))).filter(({ before }) => before.child_id !== childId)
  const counts = new Map<KindId, number>()
  for (const { kind } of found) counts.set(kind.id, (counts.get(kind.id) ?? 0) + 1)
  return [...counts].map(([kind, count]) => ({ one: kinds[kind].one, many: kinds[kind].many, count }))
}

/** What was changed is what it was before and what it is now; that is how it is taken back. */
async function finish(db: Db, kind: Kind, touched: Touched, doing: Doing): Promise<Undo> {
  const changes: Change[] = []
  for (const { kind: each, before } of touched.values()) {
    const after = (await readDoc(db, each, before)) ?? null
    if (canonical(after) !== canonical(before)) changes.push({ kind: each.id, before, after })
  }
  const others = changes.filter(({ after }) => after === null).length - 1
  const detail = `A ${kind.one}${others > 0 ? `, with ${others} ${others === 1 ? 'thing' : 'things'} of its own` : ''}`
  return keepUndo(db, changes, { what: 'removed', detail }, doing)
}
