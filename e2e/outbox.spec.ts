import type { Page } from '@playwright/test'
import { SOON, answersOf, expect, makeGroup, makeSession, openTable, test, tryingAgain } from './fixtures'

/* Nothing is lost, whatever the browser refuses and whatever the clocks say. */

async function openCheck(page: Page) {
  await page.keyboard.press('q')
  await expect(page.getByRole('heading', { name: 'Moss' })).toBeVisible()
}

const STORAGES: readonly (readonly [name: string, spoil: () => void, says: RegExp])[] = [
  ['no database', () => Object.defineProperty(window, 'indexedDB', { value: undefined }), /small storage/],
  [
    'a database that does not open',
    () => {
      IDBFactory.prototype.open = () => {
        throw new DOMException('refused', 'SecurityError')
      }
      IDBFactory.prototype.databases = () => Promise.resolve([])
    },
    /small storage/,
  ],
  [
    'a database that is full',
    () => {
      IDBObjectStore.prototype.add = () => {
        throw new DOMException('full', 'QuotaExceededError')
      }
    },
    /small storage/,
  ],
  [
    'no storage at all',
    () => {
      Object.defineProperty(window, 'indexedDB', { value: undefined })
      Object.defineProperty(window, 'localStorage', {
        get: () => {
          throw new DOMException('refused', 'SecurityError')
        },
      })
    },
    /Only on this page/,
  ],
]

for (const [name, spoil, says] of STORAGES)
  test(`with ${name}, answers are kept, it is said how, and they are sent once that can be`, async ({
    page,
    request,
    quiet,
  }) => {
    quiet.allow(/Failed to load resource|ERR_FAILED/)
    const { group } = await makeGroup(request, `Storage ${name}`, ['Moss'])
    const session = await makeSession(request, group.id)
    await page.addInitScript(spoil)
    await page.clock.install()
    await openTable(page, session)
    await openCheck(page)
    await page.route('**/api/answers', (route) => route.abort())
    await page.keyboard.press('2')
    await tryingAgain(page, () => expect(page.getByText(says)).toBeVisible(SOON))
    expect(await answersOf(request, session.id)).toHaveLength(0)
    await page.unroute('**/api/answers')
    await tryingAgain(page, () => expect(page.getByText(says)).toBeHidden(SOON))
    expect(await answersOf(request, session.id)).toHaveLength(1)
  })

test('answers that were given while no code could be fetched are sent once it can be', async ({
  page,
  request,
  quiet,
}) => {
  quiet.allow(/Failed to load resource|ERR_FAILED/)
  const { group } = await makeGroup(request, 'Cut off', ['Moss'])
  const session = await makeSession(request, group.id)
  await page.clock.install()
  await openTable(page, session)
  await openCheck(page)
  // The code that sends comes when something waits: it is asked for now, and does not come.
  await page.route(/_astro|api\/answers/, (route) => route.abort())
  await page.keyboard.press('2')
  const waits = page.getByText('1 answer waits.', { exact: false })
  await expect(waits).toBeVisible()
  await page.clock.fastForward(6000)
  await page.unroute(/_astro|api\/answers/)
  await tryingAgain(page, () => expect(waits).toBeHidden(SOON))
  expect(await answersOf(request, session.id)).toHaveLength(1)
})

test('a device that is a quarter of an hour fast has its answers kept, placed by the server’s clock', async ({
  page,
  request,
}) => {
  const { group } = await makeGroup(request, 'Fast clock', ['Moss'])
  const session = await makeSession(request, group.id)
  await page.clock.install({ time: new Date(Date.now() + 15 * 60_000) })
  await page.clock.resume()
  await openTable(page, session)
  await openCheck(page)
  const before = Date.now()
  await page.keyboard.press('2')
  await expect.poll(async () => (await answersOf(request, session.id)).length).toBe(1)
  const [answer] = await answersOf(request, session.id)
  expect(Math.abs((answer?.at ?? 0) - before)).toBeLessThan(60_000)
})

test('a plan that was edited without a connection is shown again, and both are kept where it was changed elsewhere', async ({
  page,
  request,
  quiet,
}) => {
  quiet.allow(/Failed to load resource|ERR_FAILED|409/)
  const { group } = await makeGroup(request, 'Offline planners', ['Moss'])
  const session = await makeSession(request, group.id)
  await page.goto(`/plan/${session.id}`)
  await expect(page.getByText('25 of 25 minutes planned')).toBeVisible()
  const only = (method: string) =>
    page.route('**/api/sessions/*', (route) => (route.request().method() === method ? route.abort() : route.continue()))
  await only('PUT')
  await page.getByLabel('Minutes available').fill('35')
  await expect(page.getByText('The last change is kept in this browser.')).toBeVisible()
  await page.reload()
  await expect(page.getByLabel('Minutes available')).toHaveValue('35')

  const { date, start, place, materials, plan, version } = session
  const elsewhere = {
    version,
    date,
    start,
    minutes: 40,
    place,
    materials,
    note: '',
    rung: plan.rung,
    steps: plan.steps,
  }
  expect((await request.put(`/api/sessions/${session.id}`, { data: elsewhere })).status()).toBe(200)
  await page.unroute('**/api/sessions/*')
  await page.goto('/children')
  await expect(page.getByText('A plan was changed here and elsewhere.')).toBeVisible()
  await page.getByRole('link', { name: 'Open it' }).click()
  await expect(page.getByLabel('Minutes available')).toHaveValue('40')
  await page.getByRole('button', { name: 'Take mine' }).click()
  await expect(page.getByLabel('Minutes available')).toHaveValue('35')
  await expect
    .poll(
      async () =>
        ((await (await request.get(`/api/sessions/${session.id}`)).json()) as { session: { minutes: number } }).session
          .minutes,
    )
    .toBe(35)
  await page.goto('/children')
  await expect(page.getByText('A plan was changed here and elsewhere.')).toBeHidden()
})

test('an answer that the server does not take stays on the screen with its reason, and can be sent again', async ({
  page,
  request,
  quiet,
}) => {
  quiet.allow(/Failed to load resource/)
  const { group } = await makeGroup(request, 'Not taken', ['Moss'])
  const session = await makeSession(request, group.id)
  await openTable(page, session)
  await openCheck(page)
  const why = 'The page is older than the server.'
  await page.route('**/api/answers', (route) => route.fulfill({ status: 400, json: { title: 'Old', detail: why } }))
  await page.keyboard.press('2')
  const notTaken = page.getByRole('list', { name: 'Not accepted' })
  await expect(notTaken).toContainText(`An answer, `)
  await expect(notTaken).toContainText(why)
  await page.reload()
  await expect(notTaken).toContainText(why)
  await page.unroute('**/api/answers')
  await page.getByRole('button', { name: 'Send again' }).click()
  await expect(notTaken).toHaveCount(0)
  await expect.poll(() => answersOf(request, session.id)).toHaveLength(1)
})
