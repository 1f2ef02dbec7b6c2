import type { APIRequestContext } from '@playwright/test'
import type { SessionContext } from '../src/core/records'
import {
  dateIn,
  expect,
  makeGroup,
  makeSession,
  openStep,
  openTable,
  overviewOf,
  test,
  findPeople,
  usable,
} from './fixtures'

/* A plan that is changed before the session, and bends while it runs. */

const contextOf = async (request: APIRequestContext, id: string) =>
  (await (await request.get(`/api/sessions/${id}`)).json()) as SessionContext

test('a step that is locked stays when another plan is built, also for another rung', async ({ page, request }) => {
  const { group } = await makeGroup(request, 'Locksmiths', ['Moss', 'Fern'])
  const session = await makeSession(request, group.id, 40)
  await page.goto(`/plan/${session.id}`)
  const second = page.getByRole('list', { name: 'Activities', exact: true }).getByRole('listitem').nth(1)
  await openStep(second.locator('.plan-name'))
  const lock = second.getByRole('button', { name: /^Lock .* when another plan is built$/ })
  const name = ((await lock.getAttribute('aria-label')) ?? '').replace(/^Lock (.*) when another plan is built$/, '$1')
  await lock.click()
  await expect(lock).toHaveAttribute('aria-pressed', 'true')
  await page.getByRole('button', { name: 'Build again' }).click()
  const kept = page.getByRole('listitem').filter({ hasText: name }).getByRole('img', { name: 'locked' })
  await expect(kept).toBeVisible()
  await expect(page.getByText('40 of 40 minutes planned')).toBeVisible()

  await page.getByLabel('For', { exact: true }).selectOption({ label: 'Nearest five minutes' })
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Nearest five minutes')
  await expect(kept).toBeVisible()
  await expect(page.getByText('40 of 40 minutes planned')).toBeVisible()
  await expect.poll(async () => (await contextOf(request, session.id)).session.plan.rung).toBe('rounding')
  const steps = (await contextOf(request, session.id)).session.plan.steps
  expect(steps.filter(({ locked }) => locked)).toHaveLength(1)
})

test('what one change would buy is worked out, and taken', async ({ page, request }) => {
  const { group } = await makeGroup(request, 'Empty cupboard', ['Moss'])
  const session = await makeSession(request, group.id)
  await page.goto(`/plan/${session.id}`)
  await openStep(page.locator('.plan-name').last())
  await page.getByRole('button', { name: /^Remove / }).click()
  await expect(page.getByRole('tab', { name: /^Checks \(\d to mend\)$/ })).toBeVisible()
  await page.getByRole('button', { name: 'What would help?' }).click()
  const helps = page.getByRole('list', { name: 'What would help' })
  await expect(helps.getByRole('listitem').first()).toBeVisible()
  await helps.getByRole('button', { name: 'Change it' }).first().click()
  await expect(page.getByRole('tab', { name: 'Checks', exact: true })).toBeVisible()
})

test('the rest of a session is fitted to the minutes that are left, and put back', async ({ page, request }) => {
  const { group } = await makeGroup(request, 'Latecomers', ['Moss', 'Fern'])
  const session = await makeSession(request, group.id, 40)
  await openTable(page, session)
  const minutes = async () =>
    (await contextOf(request, session.id)).session.plan.steps.reduce((sum, step) => sum + step.minutes, 0)
  await page.getByLabel('Minutes left').fill('28')
  await page.getByRole('button', { name: 'We are late' }).click()
  await expect(page.getByRole('status')).toContainText('28 min to go.')
  await expect.poll(minutes).toBe(28)
  const late = (await contextOf(request, session.id)).session.plan
  expect(late.steps.at(-1)?.activityId).toBe(session.plan.steps.at(-1)?.activityId)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect.poll(minutes).toBe(40)
  await page.getByRole('button', { name: 'It goes well' }).click()
  await expect(page.getByRole('timer')).toContainText(`${(session.plan.steps[0]?.minutes ?? 0) + 5}:00`)
  await expect.poll(minutes).toBe(40)
})

test('how long a step really took is kept, and the next plan knows it', async ({ page, request }) => {
  const { group } = await makeGroup(request, 'Slow and sure', ['Moss', 'Fern'])
  const session = await makeSession(request, group.id, 40)
  await page.clock.install()
  await openTable(page, session)
  await page.getByRole('button', { name: 'Start', exact: true }).click()
  const [first] = session.plan.steps
  await page.clock.fastForward((first?.minutes ?? 0) * 2 * 60_000)
  await page.getByRole('button', { name: 'Next activity' }).click()
  const took = async () => (await contextOf(request, session.id)).session.plan.steps[0]?.tookSeconds ?? 0
  await expect.poll(took).toBeGreaterThan((first?.minutes ?? 0) * 115)
  const next = await makeSession(request, group.id, 40)
  const { timings } = await contextOf(request, next.id)
  expect(timings.map(({ activityId }) => activityId)).toEqual([first?.activityId])
})

test('children are understood as they are typed, and start where the adult says', async ({ page, request }) => {
  await page.goto('/children')
  await page.getByRole('button', { name: 'Add a group' }).click()
  await page.getByRole('textbox', { name: /^Group/ }).fill('Understood')
  await page.getByLabel('New children').fill('Dev, 7, Odalys 5')
  const understood = page.getByRole('region', { name: 'What was understood' })
  await expect(understood).toContainText('Dev, aged 7')
  await expect(understood.getByLabel('Dev starts at')).toHaveValue('half')
  await expect(understood.getByLabel('Odalys starts at')).toHaveValue('parts')
  await understood.getByLabel('Dev starts at').selectOption({ label: 'Quarter past and to' })
  await page.getByRole('button', { name: 'Add', exact: true }).click()
  const added = page.getByRole('region', { name: 'Understood' })
  await expect(added.getByText('Starts at Quarter past and to (your guess).')).toBeVisible()
  const overview = (await (await request.get('/api/overview')).json()) as {
    groups: { group: { id: string; name: string }; children: { name: string }[] }[]
  }
  const made = overview.groups.find(({ group }) => group.name === 'Understood')
  expect(made?.children.map(({ name }) => name)).toEqual(['Dev', 'Odalys'])
})

test('a session that is over is asked about, copied, and followed by the next where it ended', async ({
  page,
  request,
}) => {
  const { group } = await makeGroup(request, 'Asked about', ['Moss', 'Fern'])
  const session = await makeSession(request, group.id)
  const { version, start, minutes, place, materials, note, plan } = session
  const edit = { version, date: dateIn(-3), start, minutes, place, materials, note, ...plan }
  expect((await request.put(`/api/sessions/${session.id}`, { data: edit })).ok()).toBe(true)
  await page.goto('/')
  await findPeople(page, group.name)
  const card = page.getByRole('region', { name: group.name })
  await card.getByRole('button', { name: 'Yes, it was' }).click()
  await expect(card.getByText('held?')).toHaveCount(0)
  await expect(card.getByText(/^last /)).toBeVisible()
  // The next one begins from there: a week after it, at the same time and as long.
  await page.goto(`/log?session=${session.id}`)
  const next = page.getByRole('region', { name: 'The next session' })
  await expect(next.getByLabel('Day')).toHaveValue(inWords(dateIn(4)))
  await next.getByRole('button', { name: 'Build a session' }).click()
  await expect(page.getByText(`${minutes} of ${minutes} minutes planned`)).toBeVisible()
  await page.getByRole('button', { name: 'When and where' }).click()
  await expect(page.getByLabel('Date', { exact: true })).toHaveValue(inWords(dateIn(4)))
  // The same plan a week later; then the first of the two is cancelled.
  const first = page.url()
  await page.getByRole('button', { name: /^The same plan on / }).click()
  await page.waitForURL((url) => url.href !== first)
  await page.getByRole('button', { name: 'When and where' }).click()
  await expect(page.getByLabel('Date', { exact: true })).toHaveValue(inWords(dateIn(11)))
  await page.goto(first)
  await page.getByRole('button', { name: 'Cancel this session' }).click()
  await page.getByRole('button', { name: 'Cancel it' }).click()
  await expect(page.getByRole('heading', { name: 'Today' })).toBeVisible()
  await usable(page)
  await findPeople(page, group.name)
  await expect(
    page.getByRole('region', { name: group.name }).getByRole('link', { name: 'Open the plan', exact: true }),
  ).toBeVisible()
  const { groups } = await overviewOf(request)
  expect(groups.find((each) => each.group.id === group.id)?.next?.date).toBe(dateIn(11))
})

/** A date as the fields show it, written apart from the app. */
const inWords = (date: string) =>
  new Date(`${date}T12:00:00Z`)
    .toLocaleDateString('en-GB', { weekday: 'short', day: 'numeric', month: 'short', year: 'numeric', timeZone: 'UTC' })
    .replace(',', '')
    .replace('Sept', 'Sep')
