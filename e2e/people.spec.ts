import type { Answer } from '../src/core/knowing'
import type { ChildReport, Group } from '../src/core/records'
import { expect, makeGroup, makeSession, test, findPeople } from './fixtures'

const LONG = 'Maximiliana-Theodosia Featherstonehaugh of the Upper Lock 57'

test('groups and children are added, edited and removed, after saying what goes with them', async ({
  page,
  request,
}) => {
  await page.goto('/children')
  await page.getByRole('button', { name: 'Add a group' }).click()
  const form = page.getByRole('dialog', { name: 'Add a group' })
  await form.getByRole('textbox', { name: 'Group' }).fill('Otters')
  await form.getByLabel('New children').fill('Sedge 6, <b>Pip</b>\n🦦 Rill')
  await form.getByRole('button', { name: 'Add' }).click()
  const otters = page.getByRole('region', { name: 'Otters' })
  await expect(otters.getByRole('link', { name: '<b>Pip</b>' })).toBeVisible()
  await expect(otters).toContainText('6 years')
  await expect(otters.getByRole('link', { name: '🦦 Rill' })).toBeVisible()

  await otters.getByRole('button', { name: 'Edit Sedge' }).click()
  await page.getByRole('dialog').getByRole('textbox', { name: 'Name' }).fill(LONG)
  await page.getByRole('dialog').getByLabel('Age').fill('7')
  await page.getByRole('dialog').getByRole('button', { name: 'Save' }).click()
  await expect(otters.getByRole('link', { name: LONG })).toBeVisible()
  const width = await page.evaluate(() => document.documentElement.scrollWidth)
  expect(width).toBeLessThanOrEqual(1280)

  const groups = (await (await request.get('/api/groups')).json()) as Group[]
  const made = groups.find((group) => group.name === 'Otters')
  await makeSession(request, made?.id ?? '')
  await otters.getByRole('button', { name: 'Remove 🦦 Rill' }).click()
  await expect(page.getByRole('dialog')).toContainText('goes. 🦦 Rill leaves Otters. You can undo it for ten minutes')
  await page.getByRole('dialog').getByRole('button', { name: 'Cancel' }).click()
  await expect(otters.getByRole('link', { name: '🦦 Rill' })).toBeVisible()
  await otters.getByRole('button', { name: 'Remove 🦦 Rill' }).click()
  await page.getByRole('dialog').getByRole('button', { name: 'Remove', exact: true }).click()
  await expect(otters.getByRole('link', { name: '🦦 Rill' })).toBeHidden()

  await otters.getByRole('button', { name: 'Remove', exact: true }).click()
  await page.getByRole('dialog').getByRole('button', { name: 'Remove with 1 session' }).click()
  await expect(otters).toBeHidden()
  // The children stay, in no group.
  await expect(page.getByRole('region', { name: 'In no group' }).getByRole('link', { name: LONG })).toBeVisible()
})

test('a child that was edited elsewhere is not written over, and a wrong age is named', async ({
  page,
  request,
  quiet,
}) => {
  quiet.allow(/40[09]/)
  const { group, childIds } = await makeGroup(request, 'Age testers', ['Bracken'])
  await page.goto('/children')
  await findPeople(page, group.name)
  const region = page.getByRole('region', { name: group.name })
  await region.getByRole('button', { name: 'Edit Bracken' }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByLabel('Age').fill('150')
  await dialog.getByRole('button', { name: 'Save' }).click()
  await expect(dialog.getByRole('alert')).toContainText('Age must be at most 99, not 150')
  await expect(dialog.getByLabel('Age')).toHaveAttribute('aria-invalid', 'true')
  await expect(dialog.getByRole('textbox', { name: 'Name' })).not.toHaveAttribute('aria-invalid', 'true')
  const elsewhere = await request.put(`/api/children/${childIds[0]}`, {
    data: { version: 1, name: 'Bracken the tall', age: 8 },
  })
  expect(elsewhere.status()).toBe(200)
  await dialog.getByLabel('Age').fill('7')
  await expect(dialog.getByLabel('Age')).not.toHaveAttribute('aria-invalid', 'true')
  await dialog.getByRole('button', { name: 'Save' }).click()
  await expect(dialog.getByRole('alert')).toContainText('Someone saved this child after you opened it')
  const report = (await (await request.get(`/api/children/${childIds[0]}`)).json()) as ChildReport
  expect(report.child).toMatchObject({ name: 'Bracken the tall', age: 8 })
})

test('house rules are kept and change what is said', async ({ page, request }) => {
  const { group } = await makeGroup(request, 'Rule testers', ['Moss'])
  const session = await makeSession(request, group.id)
  await page.goto('/settings')
  await page.getByRole('radio', { name: /^Minutes past/ }).click()
  await page.getByRole('button', { name: 'Save the rules' }).click()
  await expect(page.getByText('Saved. Everything printed and asked follows it from now on.')).toBeVisible()
  await page.goto(`/table/${session.id}`)
  await expect(page.getByRole('slider')).toHaveAttribute('aria-valuetext', 'thirty minutes past nine')
  await page.goto('/settings')
  await page.getByRole('radio', { name: /^Past and to/ }).click()
  await page.getByRole('button', { name: 'Save the rules' }).click()
  await expect(page.getByRole('button', { name: 'Save the rules' })).toBeDisabled()
})

test('three quick questions find where a child starts, and what was answered is kept', async ({ page, request }) => {
  await page.goto('/children')
  await page.getByRole('button', { name: 'Add a group' }).click()
  const form = page.getByRole('dialog', { name: 'Add a group' })
  await form.getByRole('textbox', { name: 'Group' }).fill('Wagtails')
  await form.getByRole('textbox', { name: 'New children' }).fill('Corin Vael 7, Lisbet Quill 4')
  await form.getByRole('button', { name: 'Find out where Corin Vael starts' }).click()
  const ask = page.getByRole('dialog', { name: 'Where does Corin Vael start?' })
  // A child of seven is asked for half hours first.
  await expect(ask.getByText(/^Question 1 of at most 3/)).toBeVisible()
  await expect(ask.getByRole('img', { name: 'A clock to read' })).toBeVisible()
  await ask
    .getByRole('button', { name: /^half past / })
    .first()
    .click()
  await expect(ask.getByText(/^Question 2 of at most 3/)).toBeVisible()
  await ask.getByRole('button', { name: 'Back to the question before' }).click()
  await expect(ask.getByText(/^Question 1 of at most 3/)).toBeVisible()
  for (let i = 0; i < 3; i++) {
    const none = ask.getByRole('button', { name: 'Something else, or no answer' })
    if (await none.isVisible()) await none.click()
  }
  await expect(ask.getByText('Corin Vael starts at Parts of the clock.')).toBeVisible()
  await ask.getByRole('button', { name: 'Ask again' }).click()
  await ask.getByRole('button', { name: 'Something else, or no answer' }).click()
  // The hour hand alone: every choice is an answer, and one of them is the child's.
  await ask.locator('.placing-choice').first().click()
  await ask.getByRole('button', { name: 'Something else, or no answer' }).click()
  await ask.getByRole('button', { name: 'Take it' }).click()
  await expect(form.getByText(/Not yet: .*Half past/)).toBeVisible()
  await form.getByRole('button', { name: 'Add', exact: true }).click()
  await expect(form).toBeHidden()
  const children = (await (await request.get('/api/children')).json()) as ChildReport[]
  const corin = children.find(({ child }) => child.name === 'Corin Vael')?.child
  const kept = async () => (await (await request.get(`/api/answers?childId=${corin?.id}`)).json()) as Answer[]
  await expect.poll(async () => (await kept()).map(({ item }) => item.rung)).toEqual(['hour-hand'])
})

test('a child’s picture is found by a word, and stands beside the name on paper', async ({ page, request }) => {
  const { group, childIds } = await makeGroup(request, 'Curlews', ['Bracken'])
  await page.goto('/children')
  await findPeople(page, group.name)
  const curlews = page.getByRole('region', { name: 'Curlews' })
  await curlews.getByRole('button', { name: 'Edit Bracken' }).click()
  const form = page.getByRole('dialog', { name: 'Edit the child' })
  await form.getByRole('button', { name: 'Picture beside the name' }).click()
  const found = page.getByRole('dialog', { name: 'Picture beside the name' })
  await found.getByLabel('Find a picture').fill('zzzqqq')
  await expect(found.getByRole('status')).toContainText('No picture goes by these words')
  await found.getByLabel('Find a picture').fill('rocket')
  await found.getByRole('button', { name: 'rocket', exact: true }).click()
  await form.getByRole('button', { name: 'Save' }).click()
  await expect(form).toBeHidden()
  const report = (await (await request.get(`/api/children/${childIds[0]}`)).json()) as ChildReport
  expect(report.child.picture).toBe('u1f680')
})
