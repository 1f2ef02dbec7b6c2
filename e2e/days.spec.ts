import type { Day } from '../src/core/days'
import type { Answer } from '../src/core/knowing'
import type { Kept } from '../src/core/records'
import { readPdf } from '../tests/readback/pdf'
import { expect, makeGroup, test } from './fixtures'

const TIMETABLE = [
  'Mon\t8:45\t9:00\tRegister',
  'Mon\t9:00\t9:50\tMaths\tRoom 4',
  'Mon\t9:50\t10:10\tBreak',
  'Mon\t10:10\t11:30\tWriting',
  'Mon\t12:00\t12:45\tLunch',
  'Mon\t1:15\t2:00\tMusic',
  'Notes for parents',
].join('\n')

test('a timetable is pasted, mended and looked at', async ({ page, request }) => {
  const { group } = await makeGroup(request, 'Pasting testers', ['Moss', 'Fern'])
  await page.goto('/days')
  await page.getByRole('button', { name: 'New day' }).click()
  await page.getByLabel('Type or paste rows').fill(TIMETABLE)
  await expect(page.getByText('There is no time in it: write one first, such as 7:30 breakfast.')).toBeVisible()
  await page.getByRole('button', { name: 'Add 6 rows' }).click()
  // What could not be read stays to be mended.
  await expect(page.getByLabel('Type or paste rows')).toHaveValue('Notes for parents')
  await page.getByLabel('Type or paste rows').fill('')
  await expect(page.getByLabel('Row 6: time')).toHaveValue('13:15–14:00')
  await page.getByLabel('Name').fill('Class day')
  await page.getByLabel('For', { exact: true }).selectOption('Pasting testers')
  await page.getByLabel('Row 2: time').focus()
  await page.getByLabel('Row 2: picture').click()
  await page.getByRole('button', { name: 'Counting' }).click()

  // A row is changed in its place; what cannot be read stays there and says why.
  await page.getByLabel('Row 3: time').fill('9:70')
  await page.getByLabel('Row 3: what happens').focus()
  await page.getByLabel('Row 4: time').focus()
  await expect(page.getByText('Minutes go from 00 to 59: there is no :70.')).toBeVisible()
  await page.getByLabel('Row 3: time').fill('9:40-10:10')
  await page.getByLabel('Row 4: time').focus()
  await expect(page.getByText('“Maths, Room 4” lasts until 09:50: let it end at 09:40.')).toBeVisible()
  await page.getByRole('button', { name: 'Do that' }).click()
  await expect(page.getByLabel('Row 2: time')).toHaveValue('09:00–09:40')

  // A removed row comes back. What is rarely done stands at the row one is at.
  await page.getByLabel('Row 5: time').focus()
  await page.getByRole('button', { name: 'Remove row 5, Lunch' }).click()
  await expect(page.getByLabel('Row 5: what happens')).toHaveValue('Music')
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByLabel('Row 5: what happens')).toHaveValue('Lunch')

  // The row under the pointer is lit in both pictures.
  await page.getByLabel('Row 2: time').hover()
  const lit = page.locator('[data-part="row-1"] path[stroke-width="1"], [data-part="row-1"] path[stroke-width="0.8"]')
  await expect(lit).toHaveCount(2)

  await page.reload()
  await page.getByRole('button', { name: 'Name, days and for whom' }).click()
  await expect(page.getByLabel('Name')).toHaveValue('Class day')
  const kept = ((await (await request.get('/api/days')).json()) as Kept<Day>[]).find(({ name }) => name === 'Class day')
  expect(kept?.body.whose).toEqual({ kind: 'group', groupId: group.id })
})

test('a typed row gets its picture by itself, another one is found by a word, and both are printed', async ({
  page,
  request,
}) => {
  const fetched: string[] = []
  page.on('request', (each) => fetched.push(new URL(each.url()).pathname))
  await page.goto('/days')
  await page.getByRole('button', { name: 'New day' }).click()
  expect(fetched.filter((path) => path.includes('words-en-GB'))).toEqual([])
  await page.getByLabel('Type or paste rows').fill('half 8 bus\n9:00 maths\n10:15 qwert')
  const read = page.getByRole('list', { name: 'Read as' })
  await expect(read.locator('image')).toHaveCount(2)
  await page.getByRole('button', { name: 'Add 3 rows' }).click()
  const rows = async () => {
    const days = (await (await request.get('/api/days')).json()) as Kept<Day>[]
    return days.find(({ name }) => name === 'A new day')?.body.rows.map(({ what, picture }) => [what, picture])
  }
  await expect.poll(rows).toEqual([
    ['bus', 'u1f68c'],
    ['maths', 'u1f9ee'],
    ['qwert', undefined],
  ])

  await page.getByLabel('Row 3: time').focus()
  await page.getByLabel('Row 3: picture').click()
  const dialog = page.getByRole('dialog', { name: 'Picture for “qwert”' })
  await expect(dialog.getByText('No picture goes by these words.')).toBeVisible()
  await dialog.getByLabel('Find a picture').fill('hedge')
  await dialog.getByRole('button', { name: 'hedgehog' }).click()
  await expect(dialog).toBeHidden()
  await page.getByLabel('Row 1: time').focus()
  await page.getByLabel('Row 1: picture').click()
  await page.getByRole('button', { name: 'No picture' }).click()
  await expect.poll(rows).toEqual([
    ['bus', undefined],
    ['maths', 'u1f9ee'],
    ['qwert', 'u1f994'],
  ])

  // The print has it in it, in the very colours of its file.
  const file = await (await request.get('/pictures/u1f994.svg')).text()
  const colours = new Set([...file.matchAll(/fill="(#\w+)"/g)].map(([, colour = '']) => colour.toLowerCase()))
  expect(colours.size).toBeGreaterThan(2)
  const link = page.getByRole('link', { name: /^Print .* in one PDF$/ })
  const [first] = await readPdf(await (await request.get((await link.getAttribute('href')) ?? '')).body())
  const printed = new Set(first?.paths.filter(({ filled }) => filled).map(({ colour }) => colour.toLowerCase()))
  expect([...colours].filter((colour) => !printed.has(colour))).toEqual([])
})

test('a day is printed for a class and asked about', async ({ page, request }) => {
  const { group, childIds } = await makeGroup(request, 'Day testers', ['Moss', 'Fern'])
  const rows = [
    { minute: 525, to: 540, what: 'Register' },
    { minute: 540, to: 590, what: 'Maths' },
    { minute: 720, to: 765, what: 'Lunch' },
  ]
  const day: Day = {
    on: { kind: 'weekdays', days: [0] },
    whose: { kind: 'group', groupId: group.id },
    rows,
    starts: [],
  }
  const id = crypto.randomUUID()
  await request.post('/api/days', { data: { id, name: 'Class day', body: day } })
  await page.goto(`/days?day=${id}`)
  await page.getByLabel('Sheets for').selectOption('Day testers (2)')
  const print = page.getByRole('link', { name: 'Print 2 in one PDF' })
  await expect(print).toHaveAttribute('href', /group=/)
  const href = (await print.getAttribute('href')) ?? ''
  const texts = (await readPdf(await (await request.get(href)).body())).map(({ text }) => text)
  expect(texts.filter((text) => text.includes('Draw the hands for each time'))).toHaveLength(2)
  expect(texts.some((text) => text.includes('Strip of clocks for the wall'))).toBe(true)
  // Three rows are too few for it. Nothing is printed then, and scissors are what to look out for.
  await page.getByRole('button', { name: '9 more to print' }).click()
  await page.getByLabel('Bingo with the day’s clocks').click()
  await expect(page.getByText(/^Bingo with the day’s clocks: .* of 5 rows at least for this, not 3\.$/)).toBeVisible()
  await expect(page.getByText('Print 3 in one PDF')).not.toHaveAttribute('href')
  // What is no longer chosen is no problem any more.
  for (const chosen of ['Strip of clocks for the wall', 'Draw both hands', 'Bingo with the day’s clocks'])
    await page.getByLabel(chosen).click()
  await expect(page.getByText(/of 5 rows at least/)).toHaveCount(0)
  for (const chosen of ['Strip of clocks for the wall', 'Draw both hands', 'Bingo with the day’s clocks'])
    await page.getByLabel(chosen).click()
  await page.getByLabel('Bingo with the day’s clocks').click()
  await expect(print).toHaveAttribute('href', /group=/)

  await page.getByRole('tab', { name: 'Ask' }).click()
  await page.getByLabel('What is asked').selectOption('How long until the next')
  // Moss is new, and works on whole hours.
  await expect(page.getByText('Rounded for this child: it is really at 08:45.')).toBeVisible()
  await page.getByRole('switch', { name: 'Round what is too hard' }).click({ force: true })
  await expect(page.getByText('Register: How long is it from 8:45 to 9:00?')).toBeVisible()
  await page.getByRole('group', { name: 'The answer' }).getByRole('button', { name: '15 min', exact: true }).click()
  await expect(page.getByText('Right.')).toBeVisible()
  await expect
    .poll(async () => ((await (await request.get(`/api/answers?childId=${childIds[0]}`)).json()) as Answer[]).length)
    .toBe(1)
  await page.getByRole('tabpanel').getByRole('button', { name: 'Undo' }).click()
  await expect
    .poll(async () => ((await (await request.get(`/api/answers?childId=${childIds[0]}`)).json()) as Answer[]).length)
    .toBe(0)
})

test('a start is worked out, tried and printed; a day is read from a calendar and brought back', async ({
  page,
  request,
}) => {
  await page.goto('/days')
  await page.getByRole('button', { name: 'New day' }).click()
  await page.getByLabel('Type or paste rows').fill('9:20 the ferry')
  await page.getByRole('button', { name: 'Add 1 row' }).click()
  await page.getByRole('tab', { name: 'When must we start?' }).click()
  await page.getByRole('button', { name: 'Work out a start' }).click()
  const start = page.getByRole('region', { name: 'The start' })
  await expect(start).toContainText('Start at 08:40.')
  await expect(start).toContainText('12 min + 8 min + 20 min = 40 min. 09:20 − 20 min − 20 min = 08:40.')
  await expect(start).toContainText('08:40 and 40 min is 09:20, the time to be there.')
  await page.getByLabel('What if task 3 takes longer').fill('30')
  await expect(start).toContainText('Start at 08:30.')
  await page.getByLabel('Minutes to spare').fill('500')
  await expect(page.getByText('Minutes to spare must be a whole number from 0 to 120, not 500')).toBeVisible()
  const card = page.getByRole('link', { name: 'Card for the door' })
  const [first] = await readPdf(await (await request.get((await card.getAttribute('href')) ?? '')).body())
  expect(first?.text).toContain('Start 08:30')

  await page.getByRole('tab', { name: 'Import and export' }).click()
  const calendar = [
    'BEGIN:VCALENDAR',
    'BEGIN:VEVENT',
    'UID:1',
    'DTSTART:20300105T101500',
    'SUMMARY:Bread',
    'END:VEVENT',
    'END:VCALENDAR',
  ].join('\r\n')
  const chooser = page.waitForEvent('filechooser')
  await page.getByRole('button', { name: 'Read a file' }).click()
  await (await chooser).setFiles({ name: 'club.ics', mimeType: 'text/calendar', buffer: Buffer.from(calendar) })
  await expect(page.getByRole('list', { name: 'Rows in the file' })).toContainText('10:15 Bread')
  await page.getByRole('button', { name: 'As a new day' }).click()
  await page.getByRole('button', { name: /^(Close|Name, days and for whom)$/ }).waitFor()
  await expect(page.getByRole('textbox', { name: 'Date' })).toHaveValue('Sat 5 Jan 2030')
  await expect(page.getByLabel('Row 1: what happens')).toHaveValue('Bread')
  await expect(page.getByLabel('Row 1: picture').locator('image')).toHaveAttribute('href', '/pictures/u1f35e.svg')

  const again = page.waitForEvent('filechooser')
  await page.getByRole('button', { name: 'Read a file' }).click()
  await (
    await again
  ).setFiles({ name: 'club.ics', mimeType: 'text/calendar', buffer: Buffer.from('nonsense '.repeat(100_000)) })
  await expect(page.getByRole('alert')).toHaveText(
    'This is no calendar: an iCalendar file begins with BEGIN:VCALENDAR.',
  )

  await page.getByRole('button', { name: 'Remove', exact: true }).click()
  await expect(page.getByText(/was removed/)).toBeVisible()
  await page.getByRole('status').getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByLabel('Row 1: what happens')).toHaveValue('Bread')
})

test('now and next follow the true clock and the calendar, in the language of the group', async ({ page, request }) => {
  const { group } = await makeGroup(request, 'Enten an der Wand', ['Moos'])
  const ruled = await request.put(`/api/groups/${group.id}`, {
    data: { name: group.name, version: group.version, childIds: group.childIds, rules: { language: 'de' } },
  })
  expect(ruled.ok()).toBe(true)
  const dayOf = async (name: string, on: Day['on'], rows: Day['rows']) => {
    const body: Day = { on, whose: { kind: 'group', groupId: group.id }, rows, starts: [] }
    const id = crypto.randomUUID()
    expect((await request.post('/api/days', { data: { id, name, body } })).ok()).toBe(true)
    return id
  }
  const weekly = await dayOf('On weekdays', { kind: 'weekdays', days: [0, 1, 2, 3, 4] }, [
    { minute: 540, what: 'lesson' },
  ])
  await dayOf('Saturdays', { kind: 'weekdays', days: [5] }, [
    { minute: 550, to: 700, what: 'the boat trip', picture: 'gate' },
    { minute: 570, to: 600, what: 'stories' },
    { minute: 1380, to: 60, what: 'sleep' },
  ])
  const [now, next] = [page.getByRole('region', { name: 'Now' }), page.getByRole('region', { name: 'Next' })]
  await page.clock.install({ time: new Date('2026-11-28T09:20:00') })
  // The day in the address is not of today: what holds today is shown for the same group.
  await page.goto(`/days/now?day=${weekly}`)
  await expect(page.getByRole('heading', { name: 'Saturdays' })).toBeVisible()
  await expect(now).toContainText('the boat trip')
  await expect(next).toContainText('in 10 min')
  await expect(next).toContainText('wenn der lange Zeiger zur 6 kommt')
  await page.clock.fastForward('11:00')
  await expect(now).toContainText('09:10–11:40 the boat trip')
  await expect(now.locator('.now-big')).toHaveText('stories')
  await page.clock.fastForward('02:30:00')
  await expect(now.locator('.now-big')).toHaveText('Freie Zeit')
  await expect(next).toContainText('sleep')
  // Over midnight into a Sunday, of which there is no day.
  await page.clock.fastForward('12:30:00')
  await expect(page.getByRole('heading', { name: 'Nothing is planned for Sun 29 Nov' })).toBeVisible()
  await expect(now.locator('.now-big')).toHaveText('sleep')
  await expect(next).toContainText('Heute kommt nichts mehr')
})

test('a day from a file is kept only if it is right, and what is not saved is not left behind', async ({
  page,
  quiet,
}) => {
  quiet.allow(/400|ERR_FAILED|Failed to load/)
  await page.goto('/days?part=files')
  const take = async (file: object) => {
    const chooser = page.waitForEvent('filechooser')
    await page.getByRole('button', { name: 'Read a file' }).click()
    const buffer = Buffer.from(JSON.stringify(file))
    await (await chooser).setFiles({ name: 'day.json', mimeType: 'application/json', buffer })
    await page.getByRole('button', { name: 'Add this day' }).click()
  }
  const day = { on: { kind: 'weekdays', days: [2] }, whose: { kind: 'everybody' }, rows: [], starts: [] }
  const file = { format: 'ripe-acorn-day', formatVersion: 1, name: 'From a file', day }
  await take({ ...file, day: { on: day.on } })
  await expect(page.getByRole('alert')).toContainText('is required')
  await take({ ...file, day: { ...day, rows: [{ minute: 600, what: 'stories; then songs' }] } })
  await page.getByRole('button', { name: 'Name, days and for whom' }).click()
  await expect(page.getByLabel('Name')).toHaveValue('From a file')
  // A mark between words is no mark between cells.
  await page.getByLabel('Row 1: time').fill('10:05')
  await page.getByLabel('Name').focus()
  await expect(page.getByLabel('Row 1: what happens')).toHaveValue('stories; then songs')

  await page.route('**/api/days/*', (route) => (route.request().method() === 'PUT' ? route.abort() : route.continue()))
  await page.getByLabel('Row 1: what happens').fill('songs')
  await page.getByLabel('Name').focus()
  await expect(page.getByText('What you changed is on this screen only.')).toBeVisible()
  await page.getByRole('button', { name: 'New day' }).click()
  await expect(page.getByText(/What you changed in From a file is on this screen only/)).toBeVisible()
  await expect(page.getByLabel('Row 1: what happens')).toHaveValue('songs')
  await page.unroute('**/api/days/*')
  await page.getByRole('button', { name: 'Try again' }).click()
  await expect(page.getByText('What you changed is on this screen only.')).toHaveCount(0)
})
