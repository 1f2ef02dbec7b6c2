import { expect, makeGroup, test } from './fixtures'

/* The weeks ahead of a group: a forecast, what is wrong with a term, what if, and what changed since it was kept. */

test('a term is forecast, tried otherwise, kept, and compared with later', async ({ page, request }) => {
  const { group, childIds } = await makeGroup(request, 'Looking ahead', ['Sorrel', 'Tansy'])
  await page.goto(`/groups/${group.id}`)
  await page.getByRole('link', { name: 'The weeks ahead' }).click()
  const bands = page.getByRole('region', { name: 'When they are likely secure' })
  await expect(bands.getByRole('row', { name: /Sorrel/ })).toBeVisible()
  await page.getByLabel('Show').selectOption({ label: 'Hour hand alone, all children' })
  await expect(bands.getByRole('cell', { name: /in half of the cases between|not likely before/ })).toHaveCount(2)
  await expect(page.getByRole('region', { name: 'Week by week' })).toContainText('Hour hand alone')
  // Nobody can tell yet how fast these children learn.
  for (const pace of ['learns slowly', 'as most do', 'learns fast'])
    await expect(bands.getByRole('term').filter({ hasText: pace })).toHaveCount(2)
  await expect(bands).toContainText('Three dates stand where nobody can tell yet')

  await page.getByLabel('Hoped for by the end').selectOption({ label: 'Half past' })
  await expect(bands).toContainText('All of them:')
  const whatIf = page.getByRole('region', { name: 'What if' })
  await whatIf.getByRole('button', { name: 'Meet twice a week' }).click()
  await expect(whatIf).toContainText('steps more for a child by the end')
  await expect(whatIf.getByRole('row', { name: /Tansy/ })).toBeVisible()

  await page.getByRole('button', { name: 'Save this forecast' }).click()
  await expect(page.getByText('Saved.', { exact: false })).toBeVisible()
  const known = { rung: 'hour-hand', verdict: 'firm', note: '' }
  expect((await request.put(`/api/children/${childIds[0]}/overrule`, { data: known })).ok()).toBe(true)
  await page.reload()
  await expect(page.getByLabel('Hoped for by the end')).toHaveValue('half')
  const changed = page.getByRole('region', { name: 'What changed' })
  await expect(changed).toContainText('Sorrel: secure on Hour hand alone now')
})

test('a term that cannot be says which field is wrong', async ({ page, request }) => {
  const { group } = await makeGroup(request, 'Never meeting', ['Yarrow'])
  await page.goto(`/term/${group.id}`)
  await page.getByLabel('From', { exact: true }).fill('2026-11-30')
  await page.getByLabel('Until', { exact: true }).fill('2026-11-01')
  await expect(page.getByText('until must be Mon 30 Nov 2026 or later, not Sun 1 Nov 2026')).toBeVisible()
  await page.getByLabel('Until', { exact: true }).fill('2036-11-01')
  await expect(page.getByText('until must be at most 60 weeks after Mon 30 Nov 2026')).toBeVisible()
  await page.getByLabel('Until', { exact: true }).fill('2027-02-26')
  await page.getByRole('button', { name: 'Add a holiday' }).click()
  await page.getByLabel('Away from').fill('2026-11-01')
  await page.getByRole('group', { name: 'Holidays' }).getByLabel('until').fill('2027-12-31')
  await expect(page.getByRole('alert')).toContainText('holidays must be shorter: at least one session must be left')
  await expect(page.getByRole('button', { name: 'Save this forecast' })).toBeDisabled()
  await page.getByRole('button', { name: /^Remove the holiday/ }).click()
  await expect(page.getByRole('region', { name: 'Week by week' })).toBeVisible()
})

test('two tabs that keep a term do not write over each other', async ({ page, request, quiet }) => {
  quiet.allow(/409/)
  const { group } = await makeGroup(request, 'Two tabs', ['Rue'])
  await page.goto(`/term/${group.id}`)
  const keep = page.getByRole('button', { name: 'Save this forecast' })
  await expect(keep).toBeEnabled()
  const [put] = await Promise.all([page.waitForRequest((each) => each.method() === 'PUT'), keep.click()])
  await expect(page.getByText('Saved.', { exact: false })).toBeVisible()
  // Another tab that read the term before has version 0 as well.
  const late = await request.put(`/api/groups/${group.id}/term`, { data: put.postDataJSON() as object })
  expect(late.status()).toBe(409)
})
