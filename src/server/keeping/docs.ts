import type { Db } from '../connection'
import { DamagedRow, parsed, readable, type DbRow } from '../stores/readable'
import { type Doc, KIND_IDS, type DocKind, type KindId, kinds } from './kinds'

/* Things in and out of the database, by the table of kinds. */

/** A row that cannot be read: what is JSON elsewhere is none here. */
export interface Damaged {
  readonly kind: KindId
  readonly key: Doc
  readonly row: Doc
}

export type Workspace = Readonly<Record<KindId, readonly Doc[]>>

interface ReadKind {
  readonly docs: readonly Doc[]
  readonly damaged: readonly Damaged[]
}

type Where = Readonly<Record<string, unknown>>

/** The things of a kind, all or those with some values in their columns, in the order in which they were written. */
export async function readKind(db: Db, kind: DocKind, where: Where = {}): Promise<ReadKind> {
  const rows = (await db(kind.table)
    .where(where)
    .orderBy([...kind.key])) as DbRow[]
  const parts = await readParts(db, kind, rows)
  const docs: Doc[] = []
  const damaged: Damaged[] = []
  for (const row of rows) {
    const doc = attempted(() => docOf(kind, row, parts.get(String(row.id))))
    if (doc) docs.push(doc)
    else damaged.push({ kind: kind.id, key: pick(row, kind.key), row })
  }
  return { docs, damaged }
}

async function readParts(db: Db, { parts }: DocKind, owners: readonly DbRow[]): Promise<Map<string, DbRow[]>> {
  const byOwner = new Map<string, DbRow[]>()
  if (!parts) return byOwner
  const query = db(parts.table).orderBy([parts.by, 'position'])
  // A few are asked for by name; for all, one look at the whole table is quicker, and has no limit.
  if (owners.length <= 100)
    query.whereIn(
      parts.by,
      owners.map(({ id }) => String(id)),
    )
  for (const row of (await query) as DbRow[]) {
    const owner = String(row[parts.by])
    byOwner.set(owner, [...(byOwner.get(owner) ?? []), row])
  }
  return byOwner
}

/**
 * The one reader of what is kept: a row, with the rows of its parts, as the thing that it is. Throws DamagedRow where it
 * is not whole.
 */
export function docOf(kind: DocKind, row: DbRow, parts: readonly DbRow[] = []): Doc {
  const own = fieldsOf(Object.keys(kind.columns), kind.json, row)
  const { parts: of } = kind
  const doc = of ? { ...own, [of.field]: parts.map((part) => fieldsOf(Object.keys(of.columns), of.json, part)) } : own
  if (!kind.isWhole(doc)) throw new DamagedRow()
  return doc
}

function fieldsOf(columns: readonly string[], json: readonly string[], row: DbRow): Doc {
  const unpack = (column: string): unknown => {
    const value = row[column] ?? null
    return json.includes(column) && value !== null ? parsed(value, () => true) : value
  }
  return Object.fromEntries(columns.map((column) => [column, unpack(column)]))
}

function attempted(read: () => Doc): Doc | undefined {
  return readable([{}], read)[0]
}

const pick = (row: DbRow, columns: readonly string[]): Doc =>
  Object.fromEntries(columns.map((column) => [column, row[column]]))

/** All that is kept, as it stands now, and what could not be read. */
export async function readWorkspace(db: Db): Promise<{ workspace: Workspace; damaged: readonly Damaged[] }> {
  const read: [KindId, ReadKind][] = []
  for (const id of KIND_IDS) read.push([id, await readKind(db, kinds[id])])
  return {
    workspace: Object.fromEntries(read.map(([id, { docs }]) => [id, docs])) as unknown as Workspace,
    damaged: read.flatMap(([, { damaged }]) => damaged),
  }
}

/** The columns that tell a thing from the others of its kind, as one text. */
export const keyOf = (kind: DocKind, doc: Doc): string => JSON.stringify(kind.key.map((column) => doc[column]))

const whereKey = (kind: DocKind, doc: Doc): Where => pick(doc, kind.key)

export async function readDoc(db: Db, kind: DocKind, key: Doc): Promise<Doc | undefined> {
  const { docs } = await readKind(db, kind, whereKey(kind, key))
  return docs[0]
}

/** Writes a thing with its parts: a new one, or in the place of the one that has its key. */
export async function putDoc(db: Db, kind: DocKind, doc: Doc): Promise<void> {
  const row = Object.fromEntries(
    Object.keys(kind.columns).map((column) => {
      const value = doc[column] ?? null
      return [column, kind.json.includes(column) && value !== null ? JSON.stringify(value) : value]
    }),
  )
  await db(kind.table)
    .insert(row)
    .onConflict([...kind.key])
    .merge()
  const { parts } = kind
  if (!parts) return
  await db(parts.table)
    .where({ [parts.by]: doc.id })
    .delete()
  const pack = (part: Doc): Doc =>
    Object.fromEntries(parts.json.map((column) => [column, part[column] ? JSON.stringify(part[column]) : null]))
  const rows = ((doc[parts.field] ?? []) as Doc[]).map((part, position) => ({
    ...part,
    ...pack(part),
    [parts.by]: doc.id,
    position,
  }))
  if (rows.length > 0) await db.batchInsert(parts.table, rows, 50)
}

export async function removeDoc(db: Db, kind: DocKind, key: Doc): Promise<void> {
  await db(kind.table).where(whereKey(kind, key)).delete()
}

/** A value as text in which the order of fields makes no difference. */
export function canonical(value: unknown): string {
  return JSON.stringify(value, (_, inner: unknown) =>
    inner !== null && typeof inner === 'object' && !Array.isArray(inner)
      ? Object.fromEntries(Object.entries(inner).sort(([a], [b]) => (a < b ? -1 : 1)))
      : inner,
  )
}
