import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate'
import Papa from 'papaparse'
import { beforeAll, describe, expect, it } from 'vitest'
import type { Db } from '../../src/server/connection'
import { childrenIn, readTable, takeInChildren } from '../../src/server/data/childrenTable'
import { compareWith, takeIn } from '../../src/server/data/takingIn'
import { readWorkspaceFile } from '../../src/server/data/readWorkspace'
import { workspaceFile, workspaceZip } from '../../src/server/data/workspaceFile'
import { openDb } from '../../src/server/db'
import { readWorkspace } from '../../src/server/keeping/docs'
import { KIND_IDS, LEFT_OUT, kinds } from '../../src/server/keeping/kinds'
import { removeThing } from '../../src/server/keeping/removing'
import { takeBackChange } from '../../src/server/keeping/undos'
import { Problem } from '../../src/server/problem'
import { childReports } from '../../src/server/reports'
import { listAnswers, recordAnswers } from '../../src/server/stores/answers'
import { addNote, overruleRung } from '../../src/server/stores/judgement'
import { listChildren, listGroups } from '../../src/server/stores/people'
import { editSettings, getSettings } from '../../src/server/stores/settings'
import { NOW, doing, folder, demo, dump, problemOf, refusal } from './keptData'

let db: Db
let whole: Uint8Array
beforeAll(async () => {
  ;({ db } = await demo())
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
    // Children had no pictures.
    things.children = (things.children ?? []).map(({ picture, ...rest }) => {
      expect(picture === null || typeof picture === 'string').toBe(true)
      return rest
    })
    const old = strToU8(JSON.stringify({ ...file, formatVersion: 1, things }))
    const empty = await openDb(folder())
    await takeIn(empty, readWorkspaceFile(old), 'keep', doing())
    const reports = (await childReports(db, NOW)).map((each) => ({ ...each, child: { ...each.child, picture: null } }))
    expect(await childReports(empty, NOW)).toEqual(reports)
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
    expect(said(change((file) => (file.formatVersion = 9)))).toMatch(/^formatVersion: .*version 9.*up to 8/)
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

  it('of any version is refused, and never falls, whatever stands in the place of whatever', async () => {
    type Tree = Record<string, unknown>
    const whole5 = JSON.parse(strFromU8(unzipSync(whole)['workspace.json'] ?? new Uint8Array())) as { things: Tree }
    const few = Object.fromEntries(
      Object.entries(whole5.things).map(([kind, list]) => [kind, (list as unknown[]).slice(0, 1)]),
    )
    const places = [
      ['things'],
      ...Object.keys(few).flatMap((kind) => [
        ['things', kind],
        ['things', kind, '0'],
      ]),
    ]
    places.push(['things', 'sessions', '0', 'steps'], ['things', 'sessions', '0', 'steps', '0'])
    places.push(['things', 'groups', '0', 'children'], ['things', 'groups', '0', 'children', '0'], [])
    const odd = [null, 0, 'x', true, [], {}, [null], [[]], [0], ['x'], [{}], { length: 3 }, { steps: 1 }, { map: 1 }]
    for (const formatVersion of [1, 2, 3, 4, 5, 6, 7])
      for (const place of places)
        for (const value of odd) {
          const file = { root: structuredClone({ ...whole5, formatVersion, things: few }) as unknown }
          let at = file as Tree
          for (const step of ['root', ...place].slice(0, -1)) at = at[step] as Tree
          at[place.at(-1) ?? 'root'] = value
          let error: unknown
          try {
            await compareWith(db, readWorkspaceFile(strToU8(JSON.stringify(file.root))))
          } catch (thrown) {
            error = thrown
          }
          const name = `${formatVersion} ${place.join('.')} = ${JSON.stringify(value)}`
          expect(error === undefined || error instanceof Problem ? name : [name, error]).toBe(name)
        }
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
      (await childrenIn(db, readTable(strToU8(text)))).map((line) =>
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
      'The age must be a whole number from 2 to 99 or empty, not one',
      expect.stringMatching(/^The name must be 1 to 60 characters/),
    ])
    expect(await problemOf(childrenIn(db, readTable(strToU8('1,2\n3,4'))))).toMatch(/must have a column of names/)
  })

  it('come into a group all or none, and can be taken back', async () => {
    const other = await demo()
    const [group] = await listGroups(other.db)
    const many = Array.from({ length: 30 }, (_, i) => `New ${i},6`).join('\n')
    const before = await dump(other.db)
    expect(
      await problemOf(takeInChildren(other.db, readTable(strToU8(`name,age\n${many}`)), group?.id, doing())),
    ).toMatch(/at most 30 children/)
    expect(
      await problemOf(takeInChildren(other.db, readTable(strToU8('name,age\nElka,6\nRuben,zero')), group?.id, doing())),
    ).toMatch(/^line 3: /)
    expect(await dump(other.db)).toBe(before)
    const undo = await takeInChildren(other.db, readTable(strToU8('name,age\nElka,6')), group?.id, doing())
    expect((await listGroups(other.db))[0]?.childIds).toHaveLength((group?.childIds.length ?? 0) + 1)
    await takeBackChange(other.db, undo.id, doing(1))
    expect(await dump(other.db)).toBe(before)
    await other.db.destroy()
  }, 60_000)
})
