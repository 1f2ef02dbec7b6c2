import { inEnglish, told } from '../../src/core/wording'
import { existsSync, readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { strFromU8, unzipSync, zipSync } from 'fflate'
import { beforeAll, describe, expect, it } from 'vitest'
import { EMPTY_OWN } from '../../src/core/activities'
import type { Db } from '../../src/server/connection'
import { childData, childPage } from '../../src/server/data/childFile'
import { compareBackup, restoreBackup } from '../../src/server/data/restoring'
import { takeIn } from '../../src/server/data/takingIn'
import { readWorkspaceFile } from '../../src/server/data/readWorkspace'
import { workspaceZip } from '../../src/server/data/workspaceFile'
import { dataFile, openDb } from '../../src/server/db'
import { backUp, backupsIn, changeKeeping } from '../../src/server/keeping/backups'
import { damagedRows, setDamagedAside } from '../../src/server/keeping/damage'
import { listDeeds } from '../../src/server/keeping/deeds'
import { readWorkspace } from '../../src/server/keeping/docs'
import { countAnswersBefore, forgetAnswersBefore } from '../../src/server/keeping/oldAnswers'
import { nameElsewhere } from '../../src/server/keeping/namesInTexts'
import { removeChild, removeThing } from '../../src/server/keeping/removing'
import { forgetUndone, listUndos, takeBackChange } from '../../src/server/keeping/undos'
import { childReports } from '../../src/server/reports'
import {
  listAnswers,
  listChanges,
  placedAt,
  recordAnswers,
  removeAnswer,
  undoChange,
} from '../../src/server/stores/answers'
import { addKept, getKept } from '../../src/server/stores/kept'
import { addNote } from '../../src/server/stores/judgement'
import { addChild, listChildren, listGroups } from '../../src/server/stores/people'
import { listSessions } from '../../src/server/stores/sessions'
import { NOW, doing, folder, demo, dump, problemOf } from './keptData'

let db: Db
let made: string
beforeAll(async () => {
  ;({ db, made } = await demo())
}, 60_000)

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
    expect(await problemOf(compareBackup(other.db, '../../etc/passwd'))).toMatch(/no such backup/)
    expect(await problemOf(changeKeeping(other.db, { folder: 'relative', keep: 3 }, doing()))).toMatch(
      /^folder: .*whole path/,
    )
    expect(await problemOf(changeKeeping(other.db, { folder: '/proc/none', keep: 3 }, doing()))).toMatch(
      /^folder: .*cannot be made/,
    )
    const others = folder()
    writeFileSync(join(others, 'id_key'), 'of somebody else')
    for (const taken of ['/etc', others])
      expect(await problemOf(changeKeeping(other.db, { folder: taken, keep: 3 }, doing()))).toMatch(
        /^folder: .*must be empty or hold backups of Ripe Acorn alone/,
      )
    await changeKeeping(other.db, { folder: place, keep: 4 }, doing())
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
      .update({
        why: JSON.stringify(told('Half past: {0} is on it.', NAME)),
        activity_id: bell.id,
        own: JSON.stringify(bell),
      })
    const wording = { language: 'en-GB', form: 'turns' }
    const options = { title: `For ${NAME}`, paper: 'a4', wording, rung: 'oclock', count: 6 }
    const print = { printable: 'read-dials', options, seed: 1, made: 6 }
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
    expect((await nameElsewhere(own, id)).places).toEqual(
      expect.arrayContaining([
        expect.objectContaining({ what: 'session', count: 1 }),
        expect.objectContaining({ what: 'note', count: 1 }),
        expect.objectContaining({ what: 'kept print', count: 1 }),
      ]),
    )
    const undo = await removeThing(own, 'children', id, doing())
    expect((await listSessions(own)).find((each) => each.id === session?.id)?.note).toBe('… called the times.')
    const [step] = (await listSessions(own)).find((each) => each.id === session?.id)?.plan.steps ?? []
    expect([inEnglish(step?.why ?? told('')), step?.own?.steps]).toEqual(['Half past: … is on it.', ['… rings.']])
    const notes = (await own('notes').pluck('text')) as string[]
    expect(notes).toContain(`Sits by …, not by ${NAME}s`)
    await own('notes').where('text', 'like', `%${NAME}s`).delete()
    expect(await listUndos(own, doing(9).now)).toHaveLength(1)
    await forgetUndone(own, doing(9).now)
    expect(bytes(place)).toContain(NAME)
    await forgetUndone(own, doing(10).now)
    expect(bytes(place)).not.toContain(NAME)
    expect(await problemOf(takeBackChange(own, undo.id, doing(11)))).toMatch(/no such change/)
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

  it('tells of other spellings, which go where the adult says so, and come back with an undo', async () => {
    const { db: own, id } = await withQuillaby()
    const [lower, upper] = [NAME.toLowerCase(), NAME.toUpperCase()]
    const day = { on: { kind: 'weekdays', days: [0] }, whose: { kind: 'everybody' }, starts: [] }
    const rows = [
      { minute: 480, what: `${lower}s bus` },
      { minute: 500, what: `with ${upper}` },
      { minute: 520, what: `un${lower}` },
    ]
    const dayId = crypto.randomUUID()
    await addKept(own, 'days', { id: dayId, name: `${NAME}’s day`, body: { ...day, rows } }, NOW)
    const { spellings } = await nameElsewhere(own, id)
    expect(new Map(spellings.map(({ spelling, count }) => [spelling, count]))).toEqual(
      new Map([
        [`${NAME}s`, 1],
        [`${lower}s`, 1],
        [upper, 1],
      ]),
    )
    const before = await dump(own)
    expect(await problemOf(removeChild(own, id, ['bus'], doing()))).toMatch(/also must be other/)
    expect(await dump(own)).toBe(before)
    const undo = await removeChild(own, id, [`${lower}s`, `${NAME}s`], doing())
    const kept = await getKept<{ rows: { what: string }[] }>(own, 'days', dayId)
    expect([kept.name, ...kept.body.rows.map(({ what }) => what)]).toEqual([
      ...['…’s day', '… bus', `with ${upper}`, `un${lower}`],
    ])
    expect((await own('notes').pluck('text')) as string[]).toContain('Sits by …, not by …')
    await takeBackChange(own, undo.id, doing(1))
    expect(await dump(own)).toBe(before)
    await own.destroy()
  }, 60_000)

  it('leaves a name that another child has', async () => {
    const { db: own, id } = await withQuillaby()
    await addChild(own, { id: crypto.randomUUID(), name: NAME, age: 8 }, NOW)
    expect((await nameElsewhere(own, id)).places).toEqual([])
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

  it('that a file brought goes again, though a group was removed in between', async () => {
    const { db: from } = await demo()
    const whole = await workspaceZip(from, NOW)
    await from.destroy()
    const own = await openDb(folder())
    const brought = await takeIn(own, readWorkspaceFile(whole), 'keep', doing())
    const [group] = await listGroups(own)
    await removeThing(own, 'groups', group?.id ?? '', doing(1))
    await takeBackChange(own, brought.id, doing(2))
    expect(await listChildren(own)).toEqual([])
    await own.destroy()
  }, 60_000)

  it('comes back without what it referred to, where that was removed since', async () => {
    const { db: own } = await demo()
    const answer = (await listAnswers(own)).find(({ sessionId }) => sessionId !== undefined)
    const removal = await removeThing(own, 'children', answer?.childId ?? '', doing())
    await removeThing(own, 'sessions', answer?.sessionId ?? '', doing(1))
    await takeBackChange(own, removal.id, doing(2))
    const back = (await listAnswers(own, { childId: answer?.childId })).find(({ id }) => id === answer?.id)
    expect(back).toEqual({ ...answer, sessionId: undefined })
    await own.destroy()
  }, 60_000)

  it('an answer that was removed comes back with when it came in', async () => {
    const { db: own } = await demo()
    const [answer] = await listAnswers(own)
    const id = answer?.id ?? ''
    await own('answers')
      .where({ id })
      .update({ received_at: NOW, device_at: NOW - 1 })
    const before = (await own('answers').where({ id }).first()) as unknown
    await removeAnswer(own, id, 'A slip', NOW)
    const [change] = await listChanges(own, answer?.childId ?? '')
    await undoChange(own, change?.id ?? '')
    expect(await own('answers').where({ id }).first()).toEqual(before)
    await own.destroy()
  }, 60_000)

  it('a child that is added twice at once is one child', async () => {
    const { db: own } = await demo()
    const child = { id: crypto.randomUUID(), name: 'Elka', age: 6, startsAt: 'half' } as const
    const made = await Promise.all([0, 1, 2].map(() => addChild(own, child, NOW)))
    expect(new Set(made.map(({ id }) => id)).size).toBe(1)
    expect((await listChildren(own)).filter(({ id }) => id === child.id)).toHaveLength(1)
    await own.destroy()
  }, 60_000)

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
    await other.db('settings').update({ body: 'nothing', version: 3 })
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
