import { existsSync, mkdtempSync, readFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate'
import Papa from 'papaparse'
import { beforeAll, describe, expect, it } from 'vitest'
import scenario from '../../demo/heron-lock.json'
import { EMPTY_OWN } from '../../src/core/activities'
import type { Db } from '../../src/server/connection'
import { readChildrenTable, takeInChildren } from '../../src/server/data/childrenTable'
import { childData, childPage } from '../../src/server/data/childFile'
import { compareBackup, restoreBackup } from '../../src/server/data/restoring'
import { compareWith, takeIn } from '../../src/server/data/takingIn'
import { readWorkspaceFile, workspaceFile, workspaceZip } from '../../src/server/data/workspaceFile'
import { dataFile, openDb } from '../../src/server/db'
import { type Scenario, seedDemo } from '../../src/server/demo'
import { backUp, backupsIn, changeKeeping } from '../../src/server/keeping/backups'
import { damagedRows, setDamagedAside } from '../../src/server/keeping/damage'
import { listDeeds } from '../../src/server/keeping/deeds'
import { canonical, readWorkspace } from '../../src/server/keeping/docs'
import { KIND_IDS, LEFT_OUT, kinds } from '../../src/server/keeping/kinds'
import { countAnswersBefore, forgetAnswersBefore } from '../../src/server/keeping/oldAnswers'
import { namePlaces, removeThing } from '../../src/server/keeping/removing'
import { forgetUndone, listUndos, takeBackChange } from '../../src/server/keeping/undos'
import { Problem } from '../../src/server/problem'
import { childReports } from '../../src/server/reports'
import { listAnswers, placedAt, recordAnswers } from '../../src/server/stores/answers'
import { addKept, getKept } from '../../src/server/stores/kept'
import { addNote, overruleRung } from '../../src/server/stores/judgement'
import { addChild, listChildren, listGroups } from '../../src/server/stores/people'
import { editSettings, getSettings } from '../../src/server/stores/settings'
import { listSessions } from '../../src/server/stores/sessions'

const NOW = Date.UTC(2026, 10, 25, 8)
const doing = (minutes = 0) => ({ now: NOW + minutes * 60_000, by: 'a test' })
const folder = () => mkdtempSync(join(tmpdir(), 'ripe-acorn-keeping-'))

async function demo(): Promise<{ db: Db; made: string }> {
  const made = folder()
  const db = await openDb(made)
  await seedDemo(db, scenario as Scenario, NOW)
  return { db, made }
}

/** Everything in every table but our own notes of what was done, as SQLite has it. */
async function dump(db: Db): Promise<string> {
  const names = (await db('sqlite_master').where({ type: 'table' }).orderBy('name').pluck('name')) as string[]
  const kept = names.filter(
    (name) => !/^(knex|sqlite)_/.test(name) && !['deeds', 'undos', 'keeping', 'gone'].includes(name),
  )
  const tables: unknown[] = []
  for (const name of kept) tables.push([name, ((await db(name)) as unknown[]).map((row) => canonical(row)).sort()])
  return JSON.stringify(tables)
}

const problemOf = (work: Promise<unknown>) =>
  work.then(
    () => undefined,
    (error: unknown) => (error instanceof Problem ? `${error.extra.field}: ${error.message}` : String(error)),
  )

const refusal = (work: () => unknown) => {
  try {
    work()
    return undefined
  } catch (error) {
    return error instanceof Problem ? `${error.extra.field}: ${error.message}` : String(error)
  }
}

let db: Db
let made: string
let whole: Uint8Array
beforeAll(async () => {
  ;({ db, made } = await demo())
  const [child] = await listChildren(db)
  await addNote(db, child?.id ?? '', { id: crypto.randomUUID(), text: '=1+1 is how a formula begins' }, NOW)
  whole = await workspaceZip(db, NOW)
}, 60_000)

describe('what is kept', () => {
  it('is in the file of the workspace or named as left out, table by table and column by column', async () => {
    const names = (await db('sqlite_master').where({ type: 'table' }).pluck('name')) as string[]
    const own = names.filter((name) => !/^(knex|sqlite)_/.test(name)).sort()
    const listed = KIND_IDS.flatMap((id) => [kinds[id].table, ...(kinds[id].parts ? [kinds[id].parts.table] : [])])
    expect([...listed, ...Object.keys(LEFT_OUT)].sort()).toEqual(own)
    for (const { table, columns, parts } of KIND_IDS.map((id) => kinds[id])) {
      expect(Object.keys(await db(table).columnInfo()).sort()).toEqual(Object.keys(columns).sort())
      if (parts)
        expect(Object.keys(await db(parts.table).columnInfo()).sort()).toEqual(
          [...Object.keys(parts.columns), parts.by, 'position'].sort(),
        )
    }
  })

  it('names every column that refers to another table, so that a removal finds what hangs on it', async () => {
    for (const id of KIND_IDS) {
      const { table, refers } = kinds[id]
      const keys = (await db.raw(`pragma foreign_key_list(${table})`)) as { from: string; table: string }[]
      expect(Object.fromEntries(keys.map((key) => [key.from, key.table]))).toEqual(refers)
    }
  })
})

describe('the file of the workspace', () => {
  it('makes an empty workspace the same, to the last row', async () => {
    const empty = await openDb(folder())
    const things = readWorkspaceFile(whole)
    const compared = await compareWith(empty, things)
    expect(compared.find(({ kind }) => kind === 'answers')?.fresh).toBe((await listAnswers(db)).length)
    expect(compared.every(({ same, different, onlyHere }) => same + different + onlyHere === 0)).toBe(true)
    expect(await listChildren(empty)).toEqual([])
    await takeIn(empty, things, 'keep', doing())
    expect(await dump(empty)).toBe(await dump(db))
    expect(await childReports(empty, NOW)).toEqual(await childReports(db, NOW))
    await empty.destroy()
  }, 60_000)

  it('brings nothing into a workspace that has it all', async () => {
    const compared = await compareWith(db, readWorkspaceFile(whole))
    expect(compared.every(({ fresh, different, onlyHere }) => fresh + different + onlyHere === 0)).toBe(true)
  })

  it('of version 1 is read as well', async () => {
    const file = JSON.parse(strFromU8(unzipSync(whole)['workspace.json'] ?? new Uint8Array())) as {
      formatVersion: number
      things: Record<string, Record<string, unknown>[]>
    }
    const { deeds, ...things } = file.things
    expect(deeds).toEqual([])
    things.answers = (things.answers ?? []).map(({ device_at, received_at, ...rest }) => {
      expect([device_at, typeof received_at]).toEqual([null, 'number'])
      return rest
    })
    // Steps did not say whether they stay, nor how long they took.
    things.sessions = (things.sessions ?? []).map((session) => ({
      ...session,
      steps: (session.steps as Record<string, unknown>[]).map(({ locked, took_seconds, ...rest }) => {
        expect(locked).toBe(0)
        expect(took_seconds === null || Number.isInteger(took_seconds)).toBe(true)
        return rest
      }),
    }))
    const old = strToU8(JSON.stringify({ ...file, formatVersion: 1, things }))
    const empty = await openDb(folder())
    await takeIn(empty, readWorkspaceFile(old), 'keep', doing())
    expect(await childReports(empty, NOW)).toEqual(await childReports(db, NOW))
    await empty.destroy()
  }, 60_000)

  it('that is wrong is refused by field, and nothing is written', async () => {
    const change = (
      edit: (file: {
        format: string
        formatVersion: number
        things: Record<string, Record<string, unknown>[]>
      }) => void,
    ) => {
      const file = JSON.parse(strFromU8(unzipSync(whole)['workspace.json'] ?? new Uint8Array())) as Parameters<
        typeof edit
      >[0]
      edit(file)
      return zipSync({ 'workspace.json': strToU8(JSON.stringify(file)) })
    }
    const said = (bytes: Uint8Array) => refusal(() => readWorkspaceFile(bytes))
    expect(said(strToU8('hello'))).toMatch(/^file: The file is neither a zip nor JSON/)
    expect(said(whole.slice(0, 5000))).toMatch(/^file: The zip is damaged/)
    expect(said(zipSync({ 'other.txt': strToU8('') }))).toMatch(/no workspace\.json/)
    expect(said(change((file) => (file.format = 'other')))).toMatch(/^format: /)
    expect(said(change((file) => (file.formatVersion = 5)))).toMatch(/^formatVersion: .*version 5.*up to 4/)
    expect(said(change((file) => (file.things.extra = [])))).toMatch(/^extra: /)
    expect(said(change((file) => delete file.things.notes))).toMatch(/^notes: notes must be a list/)
    expect(said(change((file) => Object.assign(file.things.sessions?.[0] ?? {}, { date: '2026-02-31' })))).toMatch(
      /^sessions\[0\]\.date: .*in the calendar/,
    )
    expect(said(change((file) => Object.assign(file.things.children?.[1] ?? {}, { name: 'a\u0000' })))).toMatch(
      /^children\[1\]\.name: /,
    )
    const loose = change((file) => (file.things.children = []))
    const empty = await openDb(folder())
    const before = await dump(empty)
    expect(await problemOf(takeIn(empty, readWorkspaceFile(loose), 'keep', doing()))).toMatch(
      /^groups\[0\]\.children\[0\]\.child_id: .*must be the id of a child/,
    )
    expect(await dump(empty)).toBe(before)
    await empty.destroy()
  })

  it('that lacks a field of any kind of thing is refused by that field', async () => {
    const other = await demo()
    const [child] = await listChildren(other.db)
    await editSettings(other.db, { ...(await getSettings(other.db)), lowInk: true })
    await overruleRung(other.db, child?.id ?? '', { rung: 'oclock', verdict: 'firm', note: '' }, doing())
    const { workspace } = await readWorkspace(other.db)
    const seen = KIND_IDS.filter((id) => workspace[id].length > 0)
    expect(seen).toEqual(expect.arrayContaining(['settings', 'children', 'groups', 'sessions', 'answers', 'deeds']))
    for (const id of seen)
      for (const column of Object.keys(kinds[id].columns)) {
        const rest = Object.entries(workspace[id][0] ?? {}).filter(([name]) => name !== column)
        const spoilt = workspaceFile({ ...workspace, [id]: [Object.fromEntries(rest)] }, NOW)
        expect(
          refusal(() => readWorkspaceFile(strToU8(JSON.stringify(spoilt)))),
          `${id} without ${column}`,
        ).toMatch(new RegExp(`^${id}\\[0\\]\\.${column}: `))
      }
    await other.db.destroy()
  }, 60_000)

  it('counts an answer as right only where it is', async () => {
    const file = JSON.parse(strFromU8(unzipSync(whole)['workspace.json'] ?? new Uint8Array())) as {
      things: { answers: { id: string; right: number }[] }
    }
    const wrong = file.things.answers.find(({ right }) => right === 0)
    if (wrong) wrong.right = 1
    const things = readWorkspaceFile(strToU8(JSON.stringify(file)))
    expect(things.answers.find(({ id }) => id === wrong?.id)?.right).toBe(0)
  })

  it('has tables in which no cell begins a formula', () => {
    const files = unzipSync(whole)
    expect(Object.keys(files).sort()).toEqual([
      'README.txt',
      'answers.csv',
      'children.csv',
      'sessions.csv',
      'standings.csv',
      'workspace.json',
    ])
    for (const name of Object.keys(files).filter((each) => each.endsWith('.csv')))
      for (const row of Papa.parse<string[]>(strFromU8(files[name] ?? new Uint8Array())).data)
        for (const cell of row) expect(cell).not.toMatch(/^[=+\-@\t\r]/)
  })

  it('brings what is new and, where it is wished, what differs; it can be taken back', async () => {
    const other = await demo()
    const [wren] = (await listChildren(other.db)).filter(({ name }) => name === 'Wren')
    await other.db('children').where({ id: wren?.id }).update({ name: 'Wren by the water', version: 7 })
    await removeThing(other.db, 'groups', (await listGroups(other.db))[0]?.id ?? '', doing())
    const before = await dump(other.db)
    const things = readWorkspaceFile(whole)
    // The demo is the same for the same day, so that what is in both has the same ids.
    const compared = await compareWith(other.db, things)
    const of = (kind: string) => compared.find((each) => each.kind === kind)
    expect(of('children')).toMatchObject({ fresh: 0, different: 1, examples: ['Wren by the water'] })
    expect(of('groups')).toMatchObject({ fresh: 1 })
    expect(of('sessions')?.fresh).toBeGreaterThan(0)

    const kept = await takeIn(other.db, things, 'keep', doing())
    expect((await listChildren(other.db)).map(({ name }) => name)).toContain('Wren by the water')
    expect(await takeBackChange(other.db, kept.id, doing(1))).toMatchObject({ stays: 0 })
    expect(await dump(other.db)).toBe(before)

    await takeIn(other.db, things, 'replace', doing(2))
    const now = (await listChildren(other.db)).find(({ id }) => id === wren?.id)
    expect(now).toMatchObject({ name: 'Wren', version: 8 })
    await other.db.destroy()
  }, 60_000)

  it('is not taken back over answers that were given since', async () => {
    const empty = await openDb(folder())
    const undo = await takeIn(empty, readWorkspaceFile(whole), 'keep', doing())
    const [answer] = await listAnswers(empty)
    if (!answer) throw new Error('no answer')
    await recordAnswers(empty, [{ ...answer, id: crypto.randomUUID(), at: NOW }], NOW)
    const before = await dump(empty)
    expect(await problemOf(takeBackChange(empty, undo.id, doing(3)))).toMatch(/Since then 1 answer came to/)
    expect(await dump(empty)).toBe(before)
    await empty.destroy()
  }, 60_000)
})

describe('children from a table', () => {
  it('are read from any order of columns, with headings in several languages or none', async () => {
    const read = async (text: string) =>
      (await readChildrenTable(db, text)).map((line) =>
        line.kind === 'wrong' ? line.why : `${line.kind} ${line.name} ${line.age}`,
      )
    expect(await read('age,name\n6,Elka\n,Ruben')).toEqual(['new Elka 6', 'new Ruben null'])
    expect(await read('Alter;Gruppe;Vorname\n7;Frösche;Jörg')).toEqual(['new Jörg 7'])
    expect(await read('\uFEFF8\tSanna\n9\tIdris')).toEqual(['new Sanna 8', 'new Idris 9'])
    expect(await read('Elka\nElka')).toEqual(['new Elka null', 'same Elka null'])
    expect(
      await read(`name,age\nJuniper,${(await listChildren(db)).find(({ name }) => name === 'Juniper')?.age}`),
    ).toEqual([expect.stringMatching(/^same Juniper/)])
    expect(await read('name,age\nElka,one\n"",4')).toEqual([
      'The age must be a whole number from 2 to 99 or empty, got one',
      expect.stringMatching(/^The name must be 1 to 60 characters/),
    ])
    expect(await problemOf(readChildrenTable(db, '1,2\n3,4'))).toMatch(/must have a column of names/)
  })

  it('come into a group all or none, and can be taken back', async () => {
    const other = await demo()
    const [group] = await listGroups(other.db)
    const many = Array.from({ length: 30 }, (_, i) => `New ${i},6`).join('\n')
    const before = await dump(other.db)
    expect(await problemOf(takeInChildren(other.db, `name,age\n${many}`, group?.id, doing()))).toMatch(
      /at most 30 children/,
    )
    expect(await problemOf(takeInChildren(other.db, 'name,age\nElka,6\nRuben,zero', group?.id, doing()))).toMatch(
      /^line 3: /,
    )
    expect(await dump(other.db)).toBe(before)
    const undo = await takeInChildren(other.db, 'name,age\nElka,6', group?.id, doing())
    expect((await listGroups(other.db))[0]?.childIds).toHaveLength((group?.childIds.length ?? 0) + 1)
    await takeBackChange(other.db, undo.id, doing(1))
    expect(await dump(other.db)).toBe(before)
    await other.db.destroy()
  }, 60_000)
})

describe('backups', () => {
  it('are whole, the last of them are kept, and one is restored with what would change told', async () => {
    const other = await demo()
    await changeKeeping(other.db, { folder: join(folder(), 'elsewhere'), keep: 3 }, doing())
    const { folder: place } = JSON.parse(
      String(((await other.db('keeping').first('body')) as { body: string }).body),
    ) as { folder: string }
    const first = await backUp(other.db, 'by hand', NOW)
    const before = await dump(other.db)
    const [child] = await listChildren(other.db)
    await removeThing(other.db, 'children', child?.id ?? '', doing())
    await addChild(other.db, { id: crypto.randomUUID(), name: 'Elka' }, NOW)
    const compared = await compareBackup(other.db, first.name)
    expect(compared.find(({ kind }) => kind === 'children')).toMatchObject({ fresh: 1, onlyHere: 1 })
    const undo = await restoreBackup(other.db, first.name, doing(1))
    // A thing that was changed since has a later version than the one in the backup; all else is as it was.
    const plain = (text: string) => text.replaceAll(/\\?"version\\?":\d+/g, '')
    expect(plain(await dump(other.db))).toBe(plain(before))
    await takeBackChange(other.db, undo.id, doing(2))
    expect((await listChildren(other.db)).map(({ name }) => name)).toContain('Elka')
    for (let i = 3; i < 8; i++) await backUp(other.db, 'daily', NOW + i * 60_000)
    expect(backupsIn(place).map(({ at }) => at)).toEqual([7, 6, 5].map((i) => NOW + i * 60_000))
    expect(await problemOf(compareBackup(other.db, '../../etc/passwd'))).toMatch(/no backup/)
    expect(await problemOf(changeKeeping(other.db, { folder: 'relative', keep: 3 }, doing()))).toMatch(
      /^folder: .*whole path/,
    )
    expect(await problemOf(changeKeeping(other.db, { folder: '/proc/none', keep: 3 }, doing()))).toMatch(
      /^folder: .*cannot be made/,
    )
    await other.db.destroy()
  }, 60_000)
})

describe('removing a child', () => {
  const NAME = 'Quillaby'

  async function withQuillaby() {
    const other = await demo()
    const id = crypto.randomUUID()
    await addChild(other.db, { id, name: NAME, age: 6 }, NOW)
    const [group] = await listGroups(other.db)
    await other.db('group_children').insert({ group_id: group?.id, child_id: id, position: group?.childIds.length })
    const [answer] = await listAnswers(other.db)
    if (!answer) throw new Error('no answer')
    await recordAnswers(other.db, [{ ...answer, id: crypto.randomUUID(), childId: id, at: NOW }], NOW)
    await addNote(other.db, id, { id: crypto.randomUUID(), text: `${NAME} likes the ferry` }, NOW)
    const [friend] = await listChildren(other.db)
    await addNote(
      other.db,
      friend?.id ?? '',
      { id: crypto.randomUUID(), text: `Sits by ${NAME}, not by ${NAME}s` },
      NOW,
    )
    const [session] = await listSessions(other.db)
    await other
      .db('sessions')
      .where({ id: session?.id })
      .update({ note: `${NAME} called the times.` })
    // The plan says who is on a rung, and so may an activity that the adult wrote.
    const bell = { ...EMPTY_OWN, id: crypto.randomUUID(), name: 'Bell', rungs: ['half'], steps: [`${NAME} rings.`] }
    await other
      .db('session_steps')
      .where({ session_id: session?.id, position: 0 })
      .update({ why: `Half past: ${NAME} is on it.`, activity_id: bell.id, own: JSON.stringify(bell) })
    const print = { printable: 'read-dials', options: { title: `For ${NAME}` }, seed: 1, made: 6 }
    await other.db('prints').insert({
      id: crypto.randomUUID(),
      name: `${NAME}’s sheet`,
      body: JSON.stringify(print),
      version: 1,
      created_at: NOW,
    })
    return { ...other, id, session }
  }

  const bytes = (place: string) =>
    ['', '-wal']
      .map((end) => (existsSync(dataFile(place) + end) ? readFileSync(dataFile(place) + end, 'latin1') : ''))
      .join('')

  it('takes the name out of the file and its log once it can no longer be undone', async () => {
    const { db: own, made: place, id, session } = await withQuillaby()
    expect(bytes(place)).toContain(NAME)
    expect(await namePlaces(own, id)).toEqual(
      expect.arrayContaining([
        expect.objectContaining({ one: 'session', count: 1 }),
        expect.objectContaining({ one: 'note', count: 1 }),
        expect.objectContaining({ one: 'kept print', count: 1 }),
      ]),
    )
    const undo = await removeThing(own, 'children', id, doing())
    expect((await listSessions(own)).find((each) => each.id === session?.id)?.note).toBe('… called the times.')
    const [step] = (await listSessions(own)).find((each) => each.id === session?.id)?.plan.steps ?? []
    expect([step?.why, step?.own?.steps]).toEqual(['Half past: … is on it.', ['… rings.']])
    const notes = (await own('notes').pluck('text')) as string[]
    expect(notes).toContain(`Sits by …, not by ${NAME}s`)
    await own('notes').where('text', 'like', `%${NAME}s`).delete()
    expect(await listUndos(own, doing(9).now)).toHaveLength(1)
    await forgetUndone(own, doing(9).now)
    expect(bytes(place)).toContain(NAME)
    await forgetUndone(own, doing(10).now)
    expect(bytes(place)).not.toContain(NAME)
    expect(await problemOf(takeBackChange(own, undo.id, doing(11)))).toMatch(/no change that can still be taken back/)
    expect(JSON.stringify(await listDeeds(own))).not.toContain(NAME)
    await own.destroy()
    expect(bytes(place)).not.toContain(NAME)
  }, 60_000)

  it('can be undone, to the last row, and leaves alone what was edited since', async () => {
    const { db: own, id, session } = await withQuillaby()
    const before = await dump(own)
    const undo = await removeThing(own, 'children', id, doing())
    expect(await takeBackChange(own, undo.id, doing(1))).toEqual({ back: 7, stays: 0 })
    expect(await dump(own)).toBe(before)
    const again = await removeThing(own, 'children', id, doing(2))
    await own('sessions').where({ id: session?.id }).update({ note: 'Written anew.' })
    expect(await takeBackChange(own, again.id, doing(3))).toEqual({ back: 6, stays: 1 })
    expect((await listSessions(own)).find((each) => each.id === session?.id)?.note).toBe('Written anew.')
    await own.destroy()
  }, 60_000)

  it('leaves a word of ours that only looks like the name, such as a picture', async () => {
    const { db: own } = await withQuillaby()
    const id = crypto.randomUUID()
    await addChild(own, { id, name: 'bus', age: 6 }, NOW)
    const row = { minute: 480, what: 'the bus', picture: 'bus' }
    const day = { on: { kind: 'weekdays', days: [0] }, whose: { kind: 'everybody' }, rows: [row], starts: [] }
    const dayId = crypto.randomUUID()
    await addKept(own, 'days', { id: dayId, name: 'School bus', body: day }, NOW)
    await removeThing(own, 'children', id, doing())
    expect((await getKept<typeof day>(own, 'days', dayId)).body).toEqual(day)
    await own.destroy()
  }, 60_000)

  it('leaves a name that another child has', async () => {
    const { db: own, id } = await withQuillaby()
    await addChild(own, { id: crypto.randomUUID(), name: NAME, age: 8 }, NOW)
    expect(await namePlaces(own, id)).toEqual([])
    await removeThing(own, 'children', id, doing())
    expect((await own('prints').pluck('name')) as string[]).toContain(`${NAME}’s sheet`)
    await own.destroy()
  }, 60_000)
})

describe('each kind of thing', () => {
  it('that is removed comes back as it was', async () => {
    const other = await demo()
    for (const kind of ['children', 'groups', 'sessions', 'recipes', 'yards', 'days', 'stories'] as const) {
      const before = await dump(other.db)
      const [first] = (await other.db(kind).limit(1)) as { id: string }[]
      if (!first) throw new Error(`the demo has no ${kind}`)
      const undo = await removeThing(other.db, kind, first.id, doing())
      expect(await dump(other.db)).not.toBe(before)
      await takeBackChange(other.db, undo.id, doing(1))
      expect(await dump(other.db)).toBe(before)
    }
    await other.db.destroy()
  }, 120_000)

  it('old answers are counted, forgotten and brought back', async () => {
    const other = await demo()
    const answers = await listAnswers(other.db)
    const middle = answers[Math.floor(answers.length / 2)]?.at ?? 0
    const count = answers.filter(({ at }) => at < middle).length
    expect(await countAnswersBefore(other.db, middle)).toBe(count)
    const before = await dump(other.db)
    const undo = await forgetAnswersBefore(other.db, middle, doing())
    expect(await listAnswers(other.db)).toHaveLength(answers.length - count)
    await takeBackChange(other.db, undo.id, doing(1))
    expect(await dump(other.db)).toBe(before)
    await other.db.destroy()
  }, 60_000)
})

describe('damaged rows', () => {
  it('are left out, told, put aside and still in the file; all else is shown', async () => {
    const other = await demo()
    const answers = await listAnswers(other.db)
    const sessions = await listSessions(other.db)
    await other.db('answers').where({ id: answers[0]?.id }).update({ body: '{"item":{"ru' })
    await other.db('answers').where({ id: answers[1]?.id }).update({ body: '{}' })
    await other.db('sessions').where({ id: sessions[0]?.id }).update({ materials: 'x' })
    await other.db('settings').insert({ id: 1, body: 'nothing', version: 3 })
    await other.db('days').limit(1).update({ body: '[]' })
    const days = ((await other.db('days')) as unknown[]).length
    expect(await listAnswers(other.db)).toHaveLength(answers.length - 2)
    expect(await listSessions(other.db)).toHaveLength(sessions.length - 1)
    await childReports(other.db, NOW)
    const damaged = await damagedRows(other.db)
    expect(damaged.map(({ kind }) => kind).sort()).toEqual([
      ...Array<string>(2).fill('answer'),
      ...Array<string>(days).fill('day'),
      'session',
      'set of house rules',
    ])
    const files = unzipSync(await workspaceZip(other.db, NOW))
    expect(JSON.parse(strFromU8(files['damaged.json'] ?? new Uint8Array()))).toHaveLength(damaged.length)
    expect(await setDamagedAside(other.db, doing())).toEqual({ set: damaged.length })
    const owner = answers[0]?.childId ?? ''
    expect(await damagedRows(other.db)).toEqual([])
    const later = unzipSync(await workspaceZip(other.db, NOW))
    const aside = JSON.parse(strFromU8(later['damaged.json'] ?? new Uint8Array())) as { body: string }[]
    expect(aside.map(({ body }) => (JSON.parse(body) as { body?: string }).body)).toContain('{"item":{"ru')
    readWorkspaceFile(zipSync({ 'workspace.json': later['workspace.json'] ?? new Uint8Array() }))
    // What is put aside of a child goes with the child as well.
    await removeThing(other.db, 'children', owner, doing())
    await forgetUndone(other.db, doing(11).now)
    expect(JSON.stringify(await other.db('set_aside'))).not.toContain(owner)
    await other.db.destroy()
  }, 60_000)
})

describe('one child’s records', () => {
  it('are a page without script and as data, with all that is the child’s and nothing of another', async () => {
    const [tavi] = (await listChildren(db)).filter(({ name }) => name === 'Tavi')
    const id = tavi?.id ?? ''
    await db('children').where({ id }).update({ name: 'Tavi <b>' })
    const page = await childPage(db, id, NOW)
    await db('children').where({ id }).update({ name: 'Tavi' })
    expect(page).toContain('Records of Tavi &lt;b&gt;')
    expect(page).not.toMatch(/<script|<b>/)
    const own = (await listAnswers(db)).filter(({ childId }) => childId === id)
    expect(page.split('<h2>Answers</h2>')[1]?.split('<h2>')[0]?.match(/<tr>/g)).toHaveLength(own.length + 1)
    const data = (await childData(db, id, NOW)) as { things: Record<string, { child_id?: string }[]> }
    expect(data.things.answers).toHaveLength(own.length)
    for (const rows of Object.values(data.things))
      for (const row of rows) expect([id, undefined]).toContain(row.child_id)
    expect(JSON.stringify(data)).not.toContain('Odalys')
  })
})

it('the workspace is read as it stands, file and all', async () => {
  const { workspace, damaged } = await readWorkspace(db)
  expect(damaged).toEqual([])
  expect(workspace.children.length).toBe((await listChildren(db)).length)
  expect(existsSync(dataFile(made))).toBe(true)
})

describe('answers of a device whose clock is wrong', () => {
  it('are placed by the server’s clock, with what the device said beside it', () => {
    const minutes = (count: number) => count * 60_000
    const now = NOW
    // The device is a quarter of an hour fast, and the answer was given two minutes before it was sent.
    expect(placedAt(now + minutes(13), now + minutes(15), now)).toBe(now - minutes(2))
    // Slow by a day.
    expect(placedAt(now - minutes(1442), now - minutes(1440), now)).toBe(now - minutes(2))
    // Clocks that agree but for the way of the request.
    expect(placedAt(now - minutes(2), now - 900, now)).toBe(now - minutes(2))
    // Set right between the answer and its sending, or sent without what the clock said.
    expect(placedAt(now + minutes(13), now, now)).toBe(now)
    expect(placedAt(now + minutes(13), undefined, now)).toBe(now)
  })

  it('are kept, never refused, in their order', async () => {
    const other = await demo()
    const [answer] = await listAnswers(other.db)
    if (!answer) throw new Error('no answer')
    const fast = 15 * 60_000
    const sent = [5, 4, 3].map((ago) => ({ ...answer, id: crypto.randomUUID(), at: NOW + fast - ago * 1000 }))
    const { kept, refused } = await recordAnswers(other.db, sent, NOW, NOW + fast)
    expect([kept, refused]).toEqual([sent.map(({ id }) => id), []])
    const rows = (await other
      .db('answers')
      .whereIn('id', [...kept])
      .orderBy('at')) as Record<string, unknown>[]
    expect(rows.map(({ id, at, device_at, received_at }) => [id, at, device_at, received_at])).toEqual(
      sent.map(({ id, at }) => [id, at - fast, at, NOW]),
    )
    await other.db.destroy()
  }, 60_000)
})
