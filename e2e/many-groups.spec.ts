import type { APIRequestContext } from '@playwright/test'
import { expect, makeGroup, makeSession, overviewOf, test } from './fixtures'

/* Many groups in one workspace: those that need the adult come first, the others are found by name. */

/** So many that they do not all stand there whole. */
async function nineGroups(request: APIRequestContext, name: string) {
  for (let i = 1; i <= 9; i++) await makeGroup(request, `${name} ${i}`, [`Child of ${name} ${i}`])
}

test('Today has six groups whole, the one that meets first at the head, and finds the others by name', async ({
  page,
  request,
}) => {
  await nineGroups(request, 'Shelf')
  const { group } = await makeGroup(request, 'Zebras', ['Zed'])
  await makeSession(request, group.id)
  await page.goto('/')
  await expect(page.getByRole('region', { name: 'Other groups' })).toBeVisible()
  // A group with nothing planned stands behind all that have something.
  const { groups } = await overviewOf(request)
  const planned = groups.filter(({ next, unsaid }) => Boolean(next) || unsaid.length > 0).map((each) => each.group.name)
  const cards = await page.locator('main section h2').allInnerTexts()
  expect(cards.filter((name) => planned.includes(name))).toHaveLength(Math.min(6, planned.length))
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

test('Children folds many groups and finds one by a child in it', async ({ page, request }) => {
  await nineGroups(request, 'Rack')
  await page.goto('/children')
  const field = page.getByLabel('Find a group or a child')
  await expect(page.getByRole('button', { name: 'Rack 4: 1 child' })).toHaveAttribute('aria-expanded', 'false')
  await field.fill('child of rack 4')
  await expect(page.getByRole('link', { name: 'Child of Rack 4' })).toBeVisible()
  await expect(page.getByText('Rack 5')).toBeHidden()
  await field.fill('nobody has this name')
  await expect(page.getByText('Nobody is called that.')).toBeVisible()
})
