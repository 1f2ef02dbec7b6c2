import type { Group, Session, Settings } from '../src/core/records'
import { dateIn, expect, makeGroup, makeSession, steadyId, test } from './fixtures'

/* All activities, the adult's own, and children who go round stations. */

test('activities are found, marked, and left out of what is planned', async ({ page, request }) => {
  await page.goto('/activities')
  const list = page.getByRole('list', { name: 'Activities' })
  await page.getByLabel('Step').selectOption({ label: 'When to start' })
  await page.getByLabel('Kind', { exact: true }).selectOption('pictorial')
  const found = await list.getByRole('button').count()
  expect(found).toBeGreaterThanOrEqual(3)
  await list.getByRole('button').first().click()
  const details = page
    .getByRole('region')
    .filter({ has: page.getByRole('button', { name: 'Not for us', exact: true }) })
  await expect(details).toContainText('By the end each child can: say when to start so as to be ready in time.')
  await expect(details).toContainText('What may go wrong, and what to say then')
  await details.getByRole('button', { name: 'Not for us', exact: true }).click()
  await expect(details.getByRole('button', { name: 'Not for us', exact: true })).toHaveAttribute('aria-pressed', 'true')
  await page.getByLabel('Show').selectOption('not-for-us')
  await expect(list.getByRole('button')).toHaveCount(1)
  await expect
    .poll(async () => ((await (await request.get('/api/settings')).json()) as Settings).notForUs.length)
    .toBe(1)
  await details.getByRole('button', { name: 'Not for us', exact: true }).click()
  await expect(page.getByText('Nothing is like that.', { exact: false })).toBeVisible()
  await page.getByLabel('Name').fill('no such thing')
  await expect(page.getByText('0 of', { exact: false })).toBeVisible()
})

test('an activity of one’s own is written, refused where it contradicts itself, and planned with', async ({
  page,
  request,
}) => {
  await page.goto('/activities')
  await page.getByRole('button', { name: 'Write your own' }).click()
  await page.getByLabel('Name').fill('Ring the ship’s bell')
  await page.getByLabel('What to do, one line each').fill('Ring the bell so often.\nAll say the hour.')
  await expect(page.getByRole('alert')).toContainText('Not yet: Steps must be one step at least')
  await page.getByRole('checkbox', { name: 'Hour hand alone' }).check()
  await page.getByLabel('Fewest rounds').fill('20')
  await expect(page.getByRole('alert')).toContainText('Usual rounds must be 20 or more, as the fewest are, not 6')
  await page.getByLabel('Fewest rounds').fill('4')
  await expect(page.getByRole('status')).toContainText('With 1 child: 6 to 11 min, usually 8.')
  await page.getByRole('button', { name: 'Add a material' }).click()
  await page.getByRole('button', { name: 'Save' }).click()
  await expect(page.getByRole('heading', { name: 'Ring the ship’s bell' })).toBeVisible()

  const { group } = await makeGroup(request, 'Bell ringers', ['Moss', 'Fern'])
  const session = await makeSession(request, group.id)
  await page.goto(`/plan/${session.id}`)
  await page.getByRole('tab', { name: 'More activities' }).click()
  const add = page.getByRole('button', { name: 'Add Ring the ship’s bell' })
  const inPlan = page.getByRole('button', { name: 'Move Ring the ship’s bell' })
  // The planner may have taken it already.
  if (!(await inPlan.isVisible())) await add.click()
  await expect(inPlan).toBeVisible()
  const stepsOf = async () =>
    ((await (await request.get(`/api/sessions/${session.id}`)).json()) as { session: Session }).session.plan.steps
  await expect.poll(async () => (await stepsOf()).some(({ own }) => own?.name === 'Ring the ship’s bell')).toBe(true)
  const sheet = await (await request.get(`/api/sessions/${session.id}/run-sheet.md`)).text()
  expect(sheet).toContain('Ring the bell so often.')
  expect((await request.get(`/api/sessions/${session.id}/print.pdf`)).headers()['content-type']).toBe('application/pdf')

  // From the page of activities it goes into any session that is still to come.
  const other = await makeSession(request, group.id)
  await page.goto('/activities')
  await page.getByLabel('Session').selectOption(other.id)
  const named = (await page.getByRole('heading', { level: 2 }).first().textContent()) ?? ''
  await page.getByRole('button', { name: 'Put into the session' }).click()
  await expect(page.getByText(`${named} is in the session.`, { exact: false })).toBeVisible()
  const before = other.plan.steps.length
  const after = ((await (await request.get(`/api/sessions/${other.id}`)).json()) as { session: Session }).session
  expect(after.plan.steps.length).toBe(before + 1)

  // What is in a plan stays there when the activity is removed.
  await page.goto('/activities')
  await page
    .getByRole('list', { name: 'Activities' })
    .getByRole('button', { name: /Ring the ship’s bell/ })
    .click()
  await page.getByRole('button', { name: 'Remove' }).click()
  await expect(page.getByText('is removed', { exact: false })).toBeVisible()
  await page.goto(`/plan/${session.id}`)
  await expect(inPlan).toBeVisible()
})

test('nine children at four rungs go round stations in a hall', async ({ page, request }) => {
  const starts = ['oclock', 'oclock', 'half', 'half', 'half', 'quarters', 'quarters', 'past-fives', 'past-fives']
  const newChildren = starts.map((startsAt, i) => ({
    id: steadyId(),
    name: `Walker ${i + 1}`,
    age: 7,
    startsAt,
  }))
  const groupId = steadyId()
  const made = await request.post('/api/groups', { data: { id: groupId, name: 'Nine', childIds: [], newChildren } })
  expect(made.ok()).toBe(true)
  const materials = ['paper', 'card', 'scissors', 'crayons', 'slates', 'chalk', 'counters']
  const wish = {
    id: steadyId(),
    groupId,
    date: dateIn(8),
    start: 570,
    minutes: 45,
    place: 'hall',
    materials,
  }
  const session = (await (await request.post('/api/sessions', { data: wish })).json()) as Session

  await page.goto(`/plan/${session.id}`)
  const panel = page.getByRole('region', { name: 'How they work' })
  await expect(panel).toContainText('They are on 4 different steps.')
  await panel.getByText('Stations', { exact: true }).click()
  await panel.getByLabel('Helpers beside you').selectOption('1')
  await panel.getByLabel('How many').selectOption('3')
  await expect(page.getByText('45 of 45 minutes planned')).toBeVisible()
  await page.locator('.plan-name').filter({ hasText: 'Stations' }).click()
  const shown = page.getByRole('group', { name: 'Stations' })
  await expect(shown.getByText(/^Team \d \(/)).toHaveCount(3)
  await expect(shown.getByText(/^Round \d, \d+:\d\d to \d+:\d\d: team 1: /)).toHaveCount(3)
  await expect(shown).toContainText('(with the adult)')

  const saved = async () =>
    ((await (await request.get(`/api/sessions/${session.id}`)).json()) as { session: Session }).session.plan.steps
  await expect.poll(async () => (await saved()).map(({ stations }) => stations?.list.length)).toContain(3)
  // The choice is still as it was made.
  await page.reload()
  await expect(panel.getByLabel('How many')).toHaveValue('3')
  await expect(panel.getByLabel('Helpers beside you')).toHaveValue('1')
  const sheet = await (await request.get(`/api/sessions/${session.id}/run-sheet.md`)).text()
  expect(sheet).toContain('Team 1 (')
  await page.goto(`/table/${session.id}`)
  await expect(page.getByRole('timer')).toBeVisible()
  await page.getByRole('button', { name: /^Stations, \d+ minutes/ }).click()
  await expect(page.getByRole('group', { name: 'Stations' })).toContainText('Round 1')

  // Late by ten minutes: what is left is fitted, the check stays.
  await page.getByLabel('Minutes left').fill('28')
  await page.getByRole('button', { name: 'We are late' }).click()
  await expect(page.getByRole('status')).toContainText('28 min to go.')
})

test('only as many stations as fit are offered, and it is said why there are none', async ({ page, request }) => {
  const { group } = await makeGroup(request, 'Four of us', ['Ash', 'Elm', 'Oak', 'Yew'])
  const session = await makeSession(request, group.id, 30)
  await page.goto(`/plan/${session.id}`)
  const panel = page.getByRole('region', { name: 'How they work' })
  await panel.getByText('Stations', { exact: true }).click()
  await expect(panel.getByLabel('How many').getByRole('option')).toHaveText(['2'])
  await panel.getByText('Whole group', { exact: true }).click()
  await expect(panel.getByLabel('How many').getByRole('option')).toHaveCount(0)

  const short = await makeSession(request, group.id, 10)
  await page.goto(`/plan/${short.id}`)
  await expect(panel).toContainText('Stations do not fit: there are too few minutes after the opening.')
  await expect(panel.getByRole('radio', { name: 'Stations' })).toHaveCount(0)
})

test('a group has rules of its own, and what it needs is in one list with the cupboard taken off', async ({
  page,
  request,
}) => {
  const { group } = await makeGroup(request, 'Die Enten', ['Lia', 'Ben'])
  const wish = {
    id: steadyId(),
    groupId: group.id,
    date: dateIn(0),
    start: 570,
    minutes: 30,
    place: 'table',
    materials: [],
  }
  expect((await request.post('/api/sessions', { data: wish })).ok()).toBe(true)
  await page.goto(`/groups/${group.id}`)
  const rules = page.getByRole('region', { name: 'Rules of this group' })
  await rules.getByLabel('Language').selectOption('de')
  await rules.getByLabel('Look of the pages').selectOption('workshop')
  await rules.getByRole('button', { name: 'Save' }).click()
  await expect(page.getByText('What is printed and planned for this group', { exact: false })).toBeVisible()
  const sheet = await (await request.get(`/api/sessions/${wish.id}/run-sheet.md`)).text()
  expect(sheet).toContain('## Holen und drucken')
  const pdf = await request.get(`/api/groups/${group.id}/objectives.pdf`)
  expect(pdf.headers()['content-type']).toBe('application/pdf')
  const kept = (await (await request.get('/api/groups')).json()) as Group[]
  expect(kept.find(({ id }) => id === group.id)?.rules).toEqual({ language: 'de', look: 'workshop' })

  await page.goto('/fetch')
  const row = page.getByRole('row').filter({ hasText: 'Die Enten' }).first()
  const what = (await row.getByRole('rowheader').textContent()) ?? ''
  const same = page.getByRole('row').filter({ has: page.getByRole('rowheader', { name: what, exact: true }) })
  const have = same.getByLabel(`In the cupboard: ${what}`)
  for (const wrong of ['2.5', '10000']) {
    await have.fill(wrong)
    await have.blur()
    await expect(same).toContainText('0 to 9999, whole')
  }
  await page.reload()
  await expect(have).toHaveValue('')
  await same.getByLabel(`In the cupboard: ${what}`).fill('500')
  await same.getByLabel(`In the cupboard: ${what}`).blur()
  await expect(same).toContainText('nothing')
  await page.reload()
  await expect(same.getByLabel(`In the cupboard: ${what}`)).toHaveValue('500')
})
