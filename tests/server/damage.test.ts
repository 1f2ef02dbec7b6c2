import { describe, expect, it } from 'vitest'
import { EMPTY_OWN } from '../../src/core/activities'
import type { CountId } from '../../src/core/ids'
import { forecastOf, playTerms, startTerm } from '../../src/core/planning'
import { termData } from '../../src/server/planning'
import { Problem } from '../../src/server/problem'
import { correctAnswer, listAnswers } from '../../src/server/stores/answers'
import { putCount } from '../../src/server/stores/counts'
import { addNote } from '../../src/server/stores/judgement'
import { addKept } from '../../src/server/stores/kept'
import { DamagedRow } from '../../src/server/stores/readable'
import { listSessions } from '../../src/server/stores/sessions'
import { editSettings, getSettings } from '../../src/server/stores/settings'
import { keepTerm } from '../../src/server/stores/terms'
import type { Db } from '../../src/server/connection'
import { workspaceZip } from '../../src/server/data/workspaceFile'
import { openDb } from '../../src/server/db'
import { damagedRows, setDamagedAside } from '../../src/server/keeping/damage'
import { putDoc, readWorkspace } from '../../src/server/keeping/docs'
import { type Doc, KIND_IDS, kinds } from '../../src/server/keeping/kinds'
import { removeThing } from '../../src/server/keeping/removing'
import { overruleRung } from '../../src/server/stores/judgement'
import { readFor } from '../../src/server/viewData'
import { A_TERM } from './aTerm'
import { NOW, demo, doing, folder } from './keptData'

/* Each column of each table is damaged in turn, as a bad disk or a bad hand does, and everything is read. */

/** One group of the demo with all that hangs on it, so that all of it is read quickly. */
async function few(): Promise<Db> {
  const { db } = await demo()
  const { workspace } = await readWorkspace(db)
  const [group] = workspace.groups
  const ids = new Set<unknown>([group?.id, ...(group?.children as Doc[]).map(({ child_id }) => child_id)])
  const small = await openDb(folder())
  for (const id of KIND_IDS) {
    const { refers } = kinds[id]
    const own = workspace[id].filter((doc) => Object.keys(refers).every((by) => doc[by] === null || ids.has(doc[by])))
    const kept =
      id === 'groups' ? own.slice(0, 1) : id === 'children' ? own.filter((doc) => ids.has(doc.id)) : own.slice(0, 3)
    for (const doc of kept) {
      ids.add(doc.id)
      await putDoc(small, kinds[id], doc)
    }
  }
  const [child] = workspace.children.filter((doc) => ids.has(doc.id))
  await withTheRest(small, String(child?.id), String(group?.id))
  await db.destroy()
  return small
}

/** One of each of the things that the demo has none of. */
async function withTheRest(db: Db, childId: string, groupId: string): Promise<void> {
  await overruleRung(db, childId, { rung: 'oclock', verdict: 'firm', note: '' }, doing())
  await addNote(db, childId, { id: crypto.randomUUID(), text: 'Likes the ferry' }, NOW)
  await editSettings(db, { ...(await getSettings(db)), lowInk: true })
  const [answer] = await listAnswers(db)
  if (!answer) throw new Error('nobody has an answer')
  await correctAnswer(db, answer.id, { given: answer.given, helped: true, reason: 'Helped' }, NOW)
  const [session] = await listSessions(db)
  const count = { id: crypto.randomUUID() as CountId, sessionId: session?.id ?? '', at: NOW }
  await putCount(db, { ...count, item: answer.item, lines: [{ value: answer.given, helped: false, count: 2 }] })
  const body = { ...EMPTY_OWN, rungs: ['oclock'], steps: ['Ring the bell.'] }
  await addKept(db, 'own_activities', { id: crypto.randomUUID(), name: 'Bell', body }, NOW)
  const wording = { language: 'en-GB', form: 'turns' }
  const options = { paper: 'a4', wording, rung: 'oclock', count: 6 }
  const print = { printable: 'read-dials', options, seed: 1, made: 6 }
  await addKept(db, 'prints', { id: crypto.randomUUID(), name: 'A sheet', body: print }, NOW)
  const { children } = await termData(db, groupId, NOW)
  const counts = startTerm(A_TERM, children)
  playTerms(counts, A_TERM, { runs: 3, seed: 1 })
  const forecast = forecastOf(counts)
  await keepTerm(db, groupId, { wish: A_TERM, forecast, version: 0 }, NOW)
}

const DAMAGE = ['{', 'null', '7', '"x"', '[]', '{}', '{"rows":7,"item":{},"text":1,"steps":[1]}']
const NUMBERS = ['x', -1]

/** What is asked for may itself be the damaged one: that is said, by name. */
const isTold = (error: unknown) => error instanceof DamagedRow || error instanceof Problem

/** All that is shown and taken out, by what it is called. */
function everything(group: string, child: string, session: string): [string, (db: Db) => Promise<unknown>][] {
  return [
    ...[
      ...['overview', 'activities', 'days', 'people', 'settings', 'log', 'stories'],
      ...[`child/${child}`, `group/${group}`, `session/${session}`, `term/${group}`, `record/${session}`],
    ].map((path): [string, (db: Db) => Promise<unknown>] => [path, (db) => readFor(db, NOW, path)]),
    ['workspaceZip', (db) => workspaceZip(db, NOW)],
    ['damagedRows', damagedRows],
    [
      'removal of another child',
      async (db) => removeThing(db, 'children', (await db('children').orderBy('id', 'desc').first('id')).id, doing()),
    ],
  ]
}

describe('a damaged row', () => {
  it('takes nothing else down, whichever column of whichever table it is', async () => {
    const db = await few()
    const { workspace } = await readWorkspace(db)
    const [group, child, session] = [workspace.groups, workspace.children, workspace.sessions].map(([one]) =>
      String(one?.id),
    )
    const bad: string[] = []
    const tables = KIND_IDS.flatMap((id) => {
      const { table, columns, json, parts, key, refers } = kinds[id]
      const own = Object.keys(columns).filter((column) => !key.includes(column) && !(column in refers))
      return [
        { table, own, json },
        ...(parts
          ? [{ table: parts.table, own: Object.keys(parts.columns).filter((c) => c !== 'child_id'), json: parts.json }]
          : []),
      ]
    })
    for (const { table, own, json } of tables) {
      const row = (await db(table).first()) as Doc | undefined
      if (!row) {
        bad.push(`${table} has no row`)
        continue
      }
      for (const column of own)
        for (const value of json.includes(column) ? DAMAGE : NUMBERS) {
          const trx = await db.transaction()
          await trx.raw(`update ${table} set ${column} = ? where rowid = (select min(rowid) from ${table})`, [value])
          for (const [name, read] of everything(group ?? '', child ?? '', session ?? ''))
            await read(trx).catch(
              (error: unknown) => isTold(error) || bad.push(`${table}.${column} = ${value}: ${name}: ${String(error)}`),
            )
          await setDamagedAside(trx, doing()).catch((error: unknown) =>
            bad.push(`${table}.${column} = ${value}: aside: ${String(error)}`),
          )
          await trx.rollback()
        }
    }
    expect(bad).toEqual([])
    await db.destroy()
  }, 300_000)
})
