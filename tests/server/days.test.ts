import { inEnglish } from '../../src/core/wording'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { type Day, type DayRow, OWN_PICTURE_IDS } from '../../src/core/days'
import type { Kept, PrintCheck } from '../../src/core/records'
import { dayCalendar, dayTable } from '../../src/server/dayFiles'
import { readCalendar } from '../../src/workers/calendar/read'
import { readTable } from '../../src/workers/readTable'
import { readPdf } from '../readback/pdf'
import { call, uuid } from './calls'

const days = await import('../../src/pages/api/days/index')
const one = await import('../../src/pages/api/days/[id]/index')
const file = await import('../../src/pages/api/days/[id]/export')
const print = await import('../../src/pages/api/days/[id]/print.pdf')
const check = await import('../../src/pages/api/days/[id]/print-check')
const card = await import('../../src/pages/api/days/[id]/start.pdf')
const caller = await import('../../src/pages/api/caller.pdf')
const groups = await import('../../src/pages/api/groups/index')

const NOW = Date.parse('2026-11-27T10:00:00Z')
const body: Day = {
  on: { kind: 'weekdays', days: [0, 5] },
  whose: { kind: 'everybody' },
  rows: [
    { minute: 550, what: 'the lock opens', picture: 'gate' },
    { minute: 570, to: 595, what: 'stories; "on" the boat, <b>all</b>' },
    { minute: 760, what: 'lunch' },
    { minute: 840, to: 930, what: 'kingfisher walk' },
    { minute: 995, what: 'lamp-lighting' },
  ],
  starts: [
    {
      what: 'the ferry',
      deadline: 560,
      buffer: 0,
      steps: [
        { what: 'shoes', minutes: 12 },
        { what: 'walk', minutes: 28 },
      ],
    },
  ],
}

async function kept(day: Day = body): Promise<string> {
  const id = uuid()
  const made = await call<Kept<Day>>(days.POST, 'POST', { json: { id, name: 'Saturday', body: day } })
  expect(made.status, JSON.stringify(made.body)).toBe(200)
  return id
}

describe('a day that is kept', () => {
  it('comes back as it was sent, is changed with its version, and goes', async () => {
    const id = await kept()
    expect((await call<Kept<Day>>(one.GET, 'GET', { id })).body.body).toEqual(body)
    const edit = { name: 'Saturday', version: 1, body: { ...body, rows: [] } }
    expect((await call<Kept<Day>>(one.PUT, 'PUT', { id, json: edit })).body).toMatchObject({ version: 2 })
    expect(await call(one.PUT, 'PUT', { id, json: edit })).toMatchObject({ status: 409 })
    expect((await call(one.DELETE, 'DELETE', { id })).status).toBe(200)
    expect((await call(one.GET, 'GET', { id })).status).toBe(404)
  })

  it.each([
    [{ rows: [{ minute: 1500, what: 'x' }] }, 'body.rows[0].minute'],
    [{ rows: [{ minute: 600, what: '' }] }, 'body.rows[0].what'],
    [{ rows: [{ minute: 600, what: 'x'.repeat(41) }] }, 'body.rows[0].what'],
    [{ rows: [{ minute: 600, what: 'x', picture: 'dragon' }] }, 'body.rows[0].picture'],
    [{ rows: Array.from({ length: 41 }, () => ({ minute: 600, what: 'x' })) }, 'body.rows'],
    [{ on: { kind: 'weekdays', days: [7] } }, 'body.on'],
    [{ on: { kind: 'date', date: '2026-13-01' } }, 'body.on'],
    [{ starts: [{ what: 'x', deadline: 560, buffer: 0, steps: [] }] }, 'body.starts[0].steps'],
  ])('is refused by its field: %j', async (wrong, field) => {
    const refused = await call(days.POST, 'POST', { json: { id: uuid(), name: 'x', body: { ...body, ...wrong } } })
    expect(refused.status).toBe(400)
    expect(refused.body.field?.startsWith(field), `${refused.body.field}: ${refused.body.detail}`).toBe(true)
  })
})

describe('a day on paper', () => {
  it('is the wall strip once and a sheet for each child, with its rounding told', async () => {
    const id = await kept()
    const names = Array.from({ length: 24 }, (_, i) => `Child ${i + 1}`)
    const groupId = uuid()
    await call(groups.POST, 'POST', {
      json: {
        id: groupId,
        name: 'Class',
        childIds: [],
        newChildren: names.map((name) => ({ id: uuid(), name, age: 6 })),
      },
    })
    const query = `things=wall-strip&things=draw-hands&group=${groupId}&rounded=true&seed=3`
    const printed = await call<Buffer>(print.GET, 'GET', { id, query })
    expect(printed.type).toBe('application/pdf')
    const texts = (await readPdf(printed.body)).map(({ text }) => text)
    // New children are on the first rung: whole hours.
    expect(texts.join(' ')).toContain('09:10 as 09:00')
    for (const name of names) expect(texts.some((text) => text.includes(name))).toBe(true)
    const sheets = texts.filter((text) => text.includes('Draw the hands for each time'))
    expect(sheets).toHaveLength(24)
    expect(sheets.every((text) => text.includes('09:00') && !text.includes('09:10'))).toBe(true)
    // They all have the same sheet, so there is one key.
    expect(texts.filter((text) => text.startsWith('Answers: A plan of the day'))).toHaveLength(1)
    const asIs = await call<Buffer>(print.GET, 'GET', { id, query: query.replace('true', 'false') })
    expect((await readPdf(asIs.body)).map(({ text }) => text).join(' ')).toContain('still too hard: 09:10')
  })

  it('is a card for the door and calls to jump to', async () => {
    const id = await kept()
    const [page] = await readPdf((await call<Buffer>(card.GET, 'GET', { id, query: 'at=0' })).body)
    for (const text of ['Start 08:40', 'Done by 09:20: the ferry', '08:52', 'shoes', '12 min'])
      expect(page?.text).toContain(text)
    expect(await call(card.GET, 'GET', { id, query: 'at=4' })).toMatchObject({ status: 400, body: { field: 'at' } })
    const query = `game=jump-the-day&seed=4&rung=oclock&minutes=5&children=6&isSeated=false&harder=0&lapMetres=4&facing=twelve&think=25&wrong=everyone&day=${id}`
    const calls = (await readPdf((await call<Buffer>(caller.GET, 'GET', { query })).body))
      .map(({ text }) => text)
      .join(' ')
    expect(calls).toContain('It is ten past nine. The lock opens.')
  })

  it('is refused by name where it cannot be printed', async () => {
    const id = await kept({ ...body, rows: [] })
    expect((await call(print.GET, 'GET', { id, query: 'things=wall-strip&rounded=true&seed=1' })).body.field).toBe(
      'rows',
    )
    expect((await call(print.GET, 'GET', { id, query: 'things=poster&rounded=true&seed=1' })).status).toBe(400)
    expect((await call(print.GET, 'GET', { id, query: 'rounded=true&seed=1' })).body.field).toBe('things')
    const few = await kept({ ...body, rows: body.rows.slice(0, 2) })
    const bingo = await call(print.GET, 'GET', { id: few, query: 'things=bingo&rounded=true&seed=1' })
    expect(bingo.body.detail).toBe('Your own day must be of 5 rows at least for this, not 2.')
  })

  it('is tried before it is printed: each thing that cannot be made says why, and all cautions are told', async () => {
    const few = await kept({ ...body, rows: body.rows.slice(0, 2) })
    const found = async (query: string) => await call<PrintCheck>(check.GET, 'GET', { id: few, query })
    const mixed = await found('things=wall-strip&things=bingo&things=order-cards&rounded=true&seed=1')
    expect(mixed.body.problems).toEqual([
      'Bingo with the day’s clocks: your own day must be of 5 rows at least for this, not 2.',
    ])
    const strip = await found('things=wall-strip&rounded=true&seed=1')
    expect(strip.body).toEqual({ problems: [], cautions: ['scissors'] })
    expect(new Set(mixed.body.cautions).size).toBe(mixed.body.cautions.length)
    expect(await found('things=poster&rounded=true&seed=1')).toMatchObject({ status: 400 })
  })
})

const rowsOf = fc.uniqueArray(
  fc.record({
    minute: fc.nat(1439),
    length: fc.option(fc.integer({ min: 1, max: 400 }), { nil: undefined }),
    what: fc.constantFrom('the lock; opens, "now"', 'Ümit’s walk', 'ÿ'.repeat(40), '=SUM(A1)', 'a\\b: c', 'x'),
    picture: fc.option(fc.constantFrom(...OWN_PICTURE_IDS, 'u1f68c', 'u1f9d1-200d-1f3eb'), { nil: undefined }),
  }),
  { selector: ({ minute }) => minute, minLength: 1, maxLength: 40 },
)
const asRow = ({
  minute,
  length,
  what,
  picture,
}: {
  minute: number
  length?: number
  what: string
  picture?: DayRow['picture']
}): DayRow => ({
  minute,
  ...(length !== undefined && { to: (minute + length) % 1440 }),
  what,
  ...(picture && { picture }),
})

/** What was read, with its notes as an English adult reads them. */
const asRead = (table: string) => {
  const read = readTable(table)
  return read.kind === 'rows' ? { ...read, notes: read.notes.map(inEnglish) } : read
}

describe('a day as a file', () => {
  it('is read back from iCalendar with every row, in any time zone', () => {
    fc.assert(
      fc.property(rowsOf, fc.constantFrom('Europe/Berlin', 'America/New_York', 'Asia/Tokyo'), (drawn, zone) => {
        const rows = drawn.map(asRow).sort((a, b) => a.minute - b.minute)
        const day = { id: 'a', name: 'Day', version: 1, body: { ...body, rows } }
        const wish = { zone, today: '2026-11-27' }
        const weekly = readCalendar(dayCalendar(day, NOW), wish)
        // The next Saturday and Monday, and all that follow.
        expect(weekly.days.slice(0, 3).map(({ date }) => date)).toEqual(['2026-11-28', '2026-11-30', '2026-12-05'])
        for (const each of weekly.days) expect(each.rows).toEqual(rows)
        const once = { ...day, body: { ...day.body, on: { kind: 'date', date: '2027-03-28' } as const } }
        expect(readCalendar(dayCalendar(once, NOW), wish).days).toEqual([{ date: '2027-03-28', rows }])
      }),
      { numRuns: 25 },
    )
  })

  it('is read back from CSV with every row, and its cells begin no formula', () => {
    fc.assert(
      fc.property(rowsOf, (drawn) => {
        const rows = drawn.map(asRow).sort((a, b) => a.minute - b.minute)
        const table = dayTable({ rows })
        expect(table).not.toMatch(/(^|,)"?=/m)
        expect(readTable(table)).toEqual({ kind: 'rows', rows, notes: [] })
      }),
      { numRuns: 25 },
    )
  })

  it('tells of rows of a CSV that are none, and takes the seconds that a spreadsheet adds', () => {
    const table = 'Begin,End,What,Picture\n08:50:00,9:35,maths,\n25:00,,x,\n9:40,late,x,\n9:50,9:50,x,\n10:00,,,\n'
    expect(asRead(table)).toEqual({
      kind: 'rows',
      rows: [{ minute: 530, to: 575, what: 'maths' }],
      notes: [
        'Line 3 is left out: begin must be a time such as 08:50.',
        'Line 4 is left out: end must be a time such as 09:35, or empty.',
        'Line 5 is left out: end must be another time than begin, or empty.',
        'Line 6 is left out: what must have 1 to 40 letters.',
      ],
    })
    const long = asRead(`begin,what\n${'x,y\n'.repeat(10_000)}`)
    expect(long).toMatchObject({ notes: { length: 6, 5: '9995 more lines are left out.' } })
    expect(readTable('8:50;9:35;maths')).toEqual({ kind: 'lines', lines: ['8:50\t9:35\tmaths'] })
  })

  it('comes from the endpoint with its type, and is refused for another', async () => {
    const id = await kept()
    expect(await call(file.GET, 'GET', { id, query: 'as=ics' })).toMatchObject({ type: 'text/calendar; charset=utf-8' })
    expect((await call<Buffer>(file.GET, 'GET', { id, query: 'as=csv' })).body.toString()).toContain(
      '14:00,15:30,kingfisher walk,',
    )
    expect((await call<object>(file.GET, 'GET', { id, query: 'as=json' })).body).toMatchObject({
      format: 'ripe-acorn-day',
      day: body,
    })
    expect(await call(file.GET, 'GET', { id, query: 'as=xls' })).toMatchObject({ status: 400, body: { field: 'as' } })
  })
})
