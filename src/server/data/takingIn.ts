import { said } from '#words'
import { told, asPart } from '../../core/wording'
import type { Compared, OnDifferent, Undo } from '../../core/keeping'
import { type Db, inTransaction } from '../connection'
import type { Doing } from '../keeping/deeds'
import { type Workspace, canonical, keyOf, readWorkspace } from '../keeping/docs'
import { type Doc, KIND_IDS, type DocKind, type KindId, kinds } from '../keeping/kinds'
import { type Change, makeChanges } from '../keeping/undos'
import { Problem } from '../problem'

/* What a file or a backup would bring, told before anything is written, and then all of it or nothing. */

const MOST_EXAMPLES = 5

/** Counts of changes are left out: the same thing may have been changed another number of times. */
const content = (doc: Doc) => canonical({ ...doc, version: undefined })

interface Difference {
  readonly compared: Compared
  readonly changes: readonly Change[]
  readonly gone: readonly Change[]
}

function difference(kind: DocKind, here: readonly Doc[], there: readonly Doc[]): Difference {
  const mine = new Map(here.map((doc) => [keyOf(kind, doc), doc]))
  const theirs = new Set(there.map((doc) => keyOf(kind, doc)))
  const changes = there.flatMap((doc): Change[] => {
    const before = mine.get(keyOf(kind, doc)) ?? null
    if (!before) return [{ kind: kind.id, before, after: doc }]
    if (content(before) === content(doc)) return []
    // Later than both, so that whoever has one of them open is told.
    const version = Math.max(Number(before.version), Number(doc.version)) + 1
    return [{ kind: kind.id, before, after: 'version' in kind.columns ? { ...doc, version } : doc }]
  })
  const gone = here.filter((doc) => !theirs.has(keyOf(kind, doc)))
  const different = changes.filter(({ before }) => before !== null)
  return {
    compared: {
      kind: kind.id,
      many: said(kind.many),
      fresh: changes.length - different.length,
      same: there.length - changes.length,
      different: different.length,
      onlyHere: gone.length,
      examples: different.slice(0, MOST_EXAMPLES).map(({ before }) => (before ? kind.label(before) : '')),
    },
    changes,
    gone: gone.map((before) => ({ kind: kind.id, before, after: null })),
  }
}

async function differences(db: Db, there: Workspace): Promise<Difference[]> {
  const { workspace } = await readWorkspace(db)
  return KIND_IDS.map((id) => difference(kinds[id], workspace[id], there[id]))
}

/** What would come, kind by kind. Nothing is written. */
export async function compareWith(db: Db, there: Workspace): Promise<Compared[]> {
  await refuseLoose(db, there)
  return (await differences(db, there)).map(({ compared }) => compared)
}

/** Takes a file in: all that is new, and what differs where that is wished. All of it or nothing; it can be undone. */
export function takeIn(db: Db, there: Workspace, onDifferent: OnDifferent, doing: Doing): Promise<Undo> {
  return inTransaction(db, async (trx) => {
    await refuseLoose(trx, there)
    const changes = (await differences(trx, there))
      .flatMap((each) => each.changes)
      .filter(({ before }) => onDifferent === 'replace' || before === null)
    const fresh = changes.filter(({ before }) => before === null).length
    const detail = told('A file: {0} new, {1} replaced', fresh, changes.length - fresh)
    return makeChanges(trx, changes, { what: 'took in', detail }, doing)
  })
}

/** Makes the workspace what it was in a backup. What was done since stays written down. */
export function restore(db: Db, there: Workspace, name: string, doing: Doing): Promise<Undo> {
  return inTransaction(db, async (trx) => {
    const found = (await differences(trx, there)).filter(({ compared }) => compared.kind !== 'deeds')
    const changes = found.flatMap(({ changes, gone }) => [...changes, ...gone])
    return makeChanges(trx, changes, { what: 'restored', detail: told('The backup {0}', name) }, doing)
  })
}

/** Everything that something refers to must be in the file or here already. */
async function refuseLoose(db: Db, there: Workspace): Promise<void> {
  const known = new Map<KindId, Set<string>>()
  for (const id of KIND_IDS)
    if (kinds[id].key[0] === 'id') {
      const here = ((await db(kinds[id].table).select('id')) as { id: unknown }[]).map((row) => String(row.id))
      known.set(id, new Set([...here, ...there[id].map((doc) => String(doc.id))]))
    }
  for (const id of KIND_IDS)
    for (const [i, doc] of there[id].entries()) {
      const loose = looseIn(kinds[id], doc, known)
      if (!loose) continue
      const [field, to] = loose
      throw new Problem(400, told('This file cannot be imported'), {
        field: `${id}[${i}].${field}`,
        detail: told(
          'In {0}, number {1}: {2} must be the id of a {3} that is in the file or here.',
          id,
          i + 1,
          field,
          asPart(kinds[to].one),
        ),
      })
    }
}

function looseIn(
  kind: DocKind,
  doc: Doc,
  known: ReadonlyMap<KindId, ReadonlySet<string>>,
): [string, KindId] | undefined {
  for (const [column, to] of Object.entries(kind.refers)) {
    const id = doc[column]
    if (id !== null && !known.get(to)?.has(String(id))) return [column, to]
  }
  if (kind.id === 'groups')
    for (const [i, { child_id }] of ((doc.children ?? []) as Doc[]).entries())
      if (!known.get('children')?.has(String(child_id))) return [`children[${i}].child_id`, 'children']
  return undefined
}
