import { activityOf } from '../src/core/activities'
import type { Group, Session } from '../src/core/records'
import { VIEW_IDS, pathOfView } from '../src/core/views'
import { readPdf } from '../tests/readback/pdf'
import { expect, makeGroup, makeSession, stickingOut, test, usable } from './fixtures'

/* What nobody planned for: lists pasted twice, ages that no child has, the longest names, nights and clock changes. */

const LIST = 'Ada 6\nBen 7\nCleo'

test('a list that is pasted twice is noticed, and made one list by a click', async ({ page, empty }) => {
  await page.goto(empty.url)
  await page.getByLabel('Group').fill('Twice')
  const field = page.getByRole('textbox', { name: 'Children' })
  await field.fill(`${LIST}\n${LIST}`)
  await expect(page.getByText('More than once in the list: Ada, Ben, Cleo.')).toBeVisible()
  await page.getByRole('button', { name: 'Leave each name once' }).click()
  await expect(field).toHaveValue(LIST)
  await expect(page.getByText('More than once in the list')).toHaveCount(0)
  // Two children may well have one name.
  await field.fill(`${LIST}\nBen 5`)
  await expect(page.getByText('Two children have the same name: Ben.')).toBeVisible()
  await page.getByRole('button', { name: 'Add the group of 4' }).click()
  await expect(page.getByRole('heading', { name: 'Twice' })).toBeVisible()
  await page.goto(`${empty.url}/children`)
  await usable(page)
  await page.getByRole('button', { name: 'Add a group' }).click()
  await page.getByRole('textbox', { name: 'New children' }).fill('ada 6\nDot 6')
  await expect(page.getByText('Already here: ada.')).toBeVisible()
})

test('an age that no child has is named, and nothing is half-written', async ({ page, empty, quiet }) => {
  quiet.allow(/400/)
  await page.goto(empty.url)
  await page.getByLabel('Group').fill('Ages')
  const field = page.getByRole('textbox', { name: 'Children' })
  const add = page.getByRole('button', { name: /^Add the group of/ })
  await field.fill('Ada 6\nBen 0')
  await add.click()
  await expect(page.getByText('Child 2: age must be at least 2, not 0.')).toBeVisible()
  await expect(field).toHaveValue('Ada 6\nBen 0')
  expect(await (await page.request.get(`${empty.url}/api/overview`)).json()).toMatchObject({ children: 0, groups: [] })
  // Whoever is ninety-nine may learn it too. What is older is no age, and stays in the name.
  await field.fill('Ada 6\nBen 99\nCleo 100')
  await expect(page.getByText('Ben, aged 99')).toBeVisible()
  await expect(page.getByText('Cleo 100', { exact: true })).toBeVisible()
  await add.click()
  await expect(page.getByRole('heading', { name: 'Ages' })).toBeVisible()
})

/** Sixty letters: one long word, and short ones. */
const LONG_WORD = 'Bartholomäus'.repeat(5)
const LONG_NAMES = ['Ana María de los Ángeles Fernández de la Vega y Montenegro Ru', `${LONG_WORD}`].map((name) =>
  name.slice(0, 60),
)

async function longGroup(
  request: Parameters<typeof makeGroup>[0],
  letter: string,
): Promise<{ group: Group; session: Session }> {
  const { group } = await makeGroup(request, letter.repeat(60), LONG_NAMES)
  return { group, session: await makeSession(request, group.id) }
}

for (const [width, height, letter] of [
  [320, 700, 'Ä'],
  [390, 844, 'W'],
  [820, 1180, 'M'],
  [1280, 800, '8'],
] as const)
  test(`names of sixty letters leave no view of ${width} px`, async ({ page, request }) => {
    const { group, session } = await longGroup(request, letter)
    await page.setViewportSize({ width, height })
    const ids = { child: group.childIds[0], group: group.id, session: session.id }
    const out: string[] = []
    for (const view of VIEW_IDS) {
      await page.goto(pathOfView(view, ids))
      await page.waitForLoadState('networkidle')
      out.push(...(await stickingOut(page)).map((each) => `${view}: ${each}`))
    }
    expect(out).toEqual([])
  })

/** Sheets that each child gets, with its name on it. */
const SHEETS = ['one-hand-dials', 'match-sheet', 'order-times', 'true-false', 'colour-zone', 'draw-clock', 'rung-check']

test('names of sixty letters are whole on paper, and stay on it', async ({ request }) => {
  const { group } = await longGroup(request, 'Q')
  // A session in which each child has a sheet with its name.
  let session: Session | undefined
  for (let minutes = 25; minutes <= 60 && !session; minutes += 5) {
    const made = await makeSession(request, group.id, minutes)
    if (made.plan.steps.some((step) => SHEETS.includes(activityOf(step).prints))) session = made
  }
  if (!session) throw new Error('no session has a sheet for each child')
  const pdf = await request.get(`/api/sessions/${session.id}/print.pdf`)
  const pages = await readPdf(await pdf.body())
  const text = pages.map((page) => page.text.replace(/\s+/g, '')).join(' ')
  for (const name of LONG_NAMES) expect(text).toContain(name.replace(/\s+/g, ''))
})

test.describe('in Vienna, at night', () => {
  test.use({ timezoneId: 'Europe/Vienna' })

  test('now and next go over midnight, and through both changes of the clock', async ({ page, request }) => {
    const { group } = await makeGroup(request, 'Night owls', ['Strix'])
    const body = {
      on: { kind: 'weekdays', days: [0, 1, 2, 3, 4, 5, 6] },
      whose: { kind: 'group', groupId: group.id },
      rows: [
        { minute: 150, what: 'turn over' },
        { minute: 420, what: 'breakfast' },
        { minute: 1380, to: 420, what: 'sleep' },
      ],
      starts: [],
    }
    const id = crypto.randomUUID()
    expect((await request.post('/api/days', { data: { id, name: 'Every day', body } })).ok()).toBe(true)
    const [now, next] = [page.getByRole('region', { name: 'Now' }), page.getByRole('region', { name: 'Next' })]
    // The last Sunday of October 2026: at 3:00 it is 2:00 once more.
    await page.clock.install({ time: new Date('2026-10-24T23:58:00+02:00') })
    await page.goto(`/days/now?day=${id}`)
    await expect(now.locator('.now-big')).toHaveText('sleep')
    await expect(next).toContainText('02:30 turn over')
    await expect(next).toContainText('in 2 h 32 min')
    await page.clock.fastForward('05:00')
    await expect(now.locator('.now-big')).toHaveText('sleep')
    await expect(next).toContainText('02:30 turn over')
    await page.clock.fastForward('02:26:00')
    await expect(next).toContainText('in 1 min')
    await page.clock.fastForward('45:00')
    // 2:14 for the second time: it comes again, as the clock on the wall says.
    await expect(next).toContainText('in 16 min')
    // The last Sunday of March 2027: 2:00 is 3:00, and what stood between is over.
    await page.clock.setSystemTime(new Date('2027-03-28T01:59:00+01:00'))
    await expect(next).toContainText('02:30 turn over')
    await page.clock.setSystemTime(new Date('2027-03-28T03:01:00+02:00'))
    await expect(next).toContainText('07:00 breakfast')
    await expect(next).toContainText('in 3 h 59 min')
  })
})

test('a day without rows says so on the wall', async ({ page, request }) => {
  const { group } = await makeGroup(request, 'Idlers', ['Otto'])
  const id = crypto.randomUUID()
  const body = {
    on: { kind: 'weekdays', days: [0, 1, 2, 3, 4, 5, 6] },
    whose: { kind: 'group', groupId: group.id },
    rows: [],
    starts: [],
  }
  expect((await request.post('/api/days', { data: { id, name: 'Nothing yet', body } })).ok()).toBe(true)
  await page.goto(`/days/now?day=${id}`)
  await expect(page.getByRole('heading', { name: 'Nothing yet' })).toBeVisible()
  await expect(page.getByText('There are no rows in it yet.')).toBeVisible()
  await page.getByRole('link', { name: 'Add them in Days' }).click()
  await page.getByRole('button', { name: 'Name, days and for whom' }).click()
  await expect(page.getByLabel('Name')).toHaveValue('Nothing yet')
})

test('pages asked for while the session changes are those of one plan, and parts of two are refused', async ({
  page,
  request,
  quiet,
}) => {
  quiet.allow(/409/)
  const { group } = await makeGroup(request, 'In between', ['Moss', 'Fern'])
  const session = await makeSession(request, group.id)
  await page.goto(`/plan/${session.id}?print`)
  const dialog = page.getByRole('dialog', { name: 'Print for In between' })
  await dialog.getByLabel('Sheets that the printer holds').fill('2')
  const part = dialog.getByRole('link', { name: /^Pages 3 to/ })
  const href = (await part.getAttribute('href')) ?? ''
  expect((await request.get(href)).headers()['content-type']).toBe('application/pdf')

  const { id, version, date, start, minutes, place, materials, note, plan } = session
  const steps = plan.steps.slice(1)
  const left = minutes - (plan.steps[0]?.minutes ?? 0)
  const edit = { version, date, start, minutes: left, place, materials, note, rung: plan.rung, steps }
  const [put, ...pdfs] = await Promise.all([
    request.put(`/api/sessions/${id}`, { data: edit }),
    ...Array.from({ length: 6 }, () => request.get(`/api/sessions/${id}/print.pdf`)),
  ])
  expect(put.ok()).toBe(true)
  const now = (await readPdf(await (await request.get(`/api/sessions/${id}/print.pdf`)).body())).map(({ text }) => text)
  const told = new Set<string>()
  for (const pdf of pdfs) {
    const texts = (await readPdf(await pdf.body())).map(({ text }) => text)
    told.add(texts.join() === now.join() ? 'the new one' : `${texts.length} pages`)
  }
  // Before the change or after it; nothing in between.
  expect([...told].filter((each) => each !== 'the new one').length).toBeLessThanOrEqual(1)

  // The rest of what was begun to be printed would not fit.
  expect((await request.get(href)).status()).toBe(409)
  await page.goto(href)
  await expect(page.getByRole('heading', { name: 'The session has changed' })).toBeVisible()
  await expect(page.getByText('Open the plan again and print all parts.')).toBeVisible()
})
