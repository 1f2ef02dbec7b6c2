import type { Page } from '@playwright/test'
import { expect, test } from './fixtures'

/* Code that cannot be fetched: the server was stopped or updated since the page was opened. */

const COULD_NOT = 'This part could not be fetched.'

/** From now on no script comes any more. Gives back what lets them through again. */
async function cutOff(page: Page): Promise<() => Promise<void>> {
  await page.route('**/_astro/**', (route) => route.abort())
  return () => page.unroute('**/_astro/**')
}

const PARTS = [
  { view: '/settings', opens: 'Your data' },
  { view: '/days', opens: 'When must we start?' },
  { view: '/make', opens: 'Amounts' },
] as const

for (const { view, opens } of PARTS)
  test(`a part of ${view} that cannot be fetched says so, and comes by itself`, async ({ page, quiet }) => {
    quiet.allow(/ERR_FAILED|Failed to load resource|dynamically imported module/)
    await page.goto(view)
    const heading = page.getByRole('heading').first()
    await expect(heading).toBeVisible()
    const letThrough = await cutOff(page)
    await page.getByRole('tab', { name: opens }).click()
    const failed = page.getByRole('alert').filter({ hasText: COULD_NOT })
    await expect(failed).toBeVisible()
    await expect(page.getByRole('tab', { name: opens })).toBeVisible()
    await letThrough()
    await failed.getByRole('button', { name: 'Try again now' }).click()
    await expect(failed).toBeHidden()
    await expect(page.getByRole('tabpanel', { name: opens })).not.toBeEmpty()
  })

test('a page whose scripts do not come says that it cannot be used yet', async ({ browser, demo, quiet }) => {
  quiet.allow(/./)
  const page = await browser.newPage()
  await page.clock.install()
  // As after it was opened again by itself, which it is once.
  await page.addInitScript(() => sessionStorage.setItem('ripe-acorn-opened-again', String(Date.now())))
  await cutOff(page)
  await page.goto(`${demo.url}/children`)
  await expect(page.getByRole('heading', { name: 'Children' })).toBeVisible()
  await page.clock.runFor(11_000)
  await expect(page.getByRole('alert').filter({ hasText: 'can be read but not used yet' })).toBeVisible()
  await page.unroute('**/_astro/**')
  await page.getByRole('link', { name: 'Try again' }).click()
  await expect(page.getByRole('button', { name: 'Add a group' })).toBeVisible()
  await page.clock.runFor(11_000)
  await expect(page.getByText('can be read but not used yet')).toBeHidden()
  await page.close()
})

test('a page of which one script failed to come is opened again by itself', async ({ page, quiet }) => {
  quiet.allow(/ERR_FAILED|Failed to load resource|dynamically imported module/)
  let cut = 0
  await page.route('**/_astro/client.*.js', (route) => (++cut === 1 ? route.abort() : route.continue()))
  await page.goto('/children')
  await page.getByRole('button', { name: 'Add a group' }).click()
  await expect(page.getByRole('textbox', { name: /^Group/ })).toBeVisible()
  expect(cut).toBe(2)
})

test('a save that fails is told though the code for notices cannot be fetched', async ({ page, quiet }) => {
  quiet.allow(/ERR_FAILED|Failed to load resource|dynamically imported module/)
  await page.goto('/activities')
  const letThrough = await cutOff(page)
  await page.route('**/api/settings', (route) => route.abort())
  await page.getByRole('button', { name: 'Not for us', exact: true }).click()
  const told = page.locator('.plain-notices')
  await expect(told).toContainText('Not saved')
  await expect(page.getByRole('heading', { name: 'Activities' })).toBeVisible()
  await letThrough()
  await expect(page.locator('.mantine-Notification-root')).toContainText('Not saved')
  await expect(told).toBeHidden()
})
