import { expect, makeGroup, makeSession, test } from './fixtures'

/* Many groups in one workspace: those that need the adult come first, the others are found by name. */

test.beforeEach(async ({ request }) => {
  for (let i = 1; i <= 9; i++) await makeGroup(request, `Shelf ${i}`, [`Child of shelf ${i}`])
})

test('Today has six groups whole, the one that meets first at the head, and finds the others by name', async ({
  page,
  request,
}) => {
  const { group } = await makeGroup(request, 'Zebras', ['Zed'])
  await makeSession(request, group.id)
  await page.goto('/')
  await expect(page.getByRole('region', { name: 'Other groups' })).toBeVisible()
  await expect(page.getByRole('main').getByRole('heading', { name: 'Zebras' })).toBeVisible()
  const others = page.getByRole('region', { name: 'Other groups' })
  await others.getByRole('button', { name: /more groups$/ }).click()
  await expect(others.getByRole('listitem').first()).toBeVisible()
  await page.getByLabel('Find a group').fill('shelf 9')
  await expect(page.getByRole('main').getByRole('heading', { name: 'Shelf 9' })).toBeVisible()
  await expect(page.getByRole('main').getByRole('heading', { name: 'Zebras' })).toBeHidden()
  await expect(others).toBeHidden()
  await page.getByLabel('Find a group').fill('nobody has this name')
  await expect(page.getByText('No group is called that.')).toBeVisible()
  await expect(page.getByRole('main').getByRole('heading', { level: 2, name: 'Shelf 1' })).toBeHidden()
})

test('Children folds many groups and finds one by a child in it', async ({ page }) => {
  await page.goto('/children')
  const field = page.getByLabel('Find a group or a child')
  await expect(page.getByRole('button', { name: 'Shelf 4: 1 child' })).toHaveAttribute('aria-expanded', 'false')
  await field.fill('child of shelf 4')
  await expect(page.getByRole('link', { name: 'Child of shelf 4' })).toBeVisible()
  await expect(page.getByText('Shelf 5')).toBeHidden()
  await field.fill('nobody has this name')
  await expect(page.getByText('Nobody is called that.')).toBeVisible()
})
