import type { SessionContext } from '../src/core/records'
import { readPdf } from '../tests/readback/pdf'
import { chooseLike, expect, makeGroup, makeSession, test } from './fixtures'

test('a floor clock is set out from the space, turned, checked, walked and printed', async ({ page, request }) => {
  const { group } = await makeGroup(request, 'Yard testers', ['Moss', 'Fern'])
  const session = await makeSession(request, group.id)
  await page.goto('/yard')
  await page.getByLabel('Left to right').fill('6 m')
  await page.getByLabel('Back to front').fill('10')
  const lengths = page.getByRole('table', { name: 'Lengths' })
  // 6 m across, less a lane of 1 m on both sides.
  await expect(lengths.getByRole('row', { name: /String/ })).toContainText('2.00 m')
  await expect(lengths.getByRole('row', { name: /Hour to hour/ })).toContainText('1.04 m')
  await page.getByText('feet', { exact: true }).click()
  await expect(lengths.getByRole('row', { name: /String/ })).toContainText('6 ft 7 in')
  await page.getByText('metres', { exact: true }).click()

  const facing = page.getByRole('slider', { name: 'Where 12 faces' })
  const box = await page.locator('.dial svg').boundingBox()
  if (!box) throw new Error('no plan')
  const middle = { x: box.x + box.width / 2, y: box.y + box.height / 2 }
  await page.mouse.move(middle.x, middle.y - 60)
  await page.mouse.down()
  await page.mouse.move(middle.x + 90, middle.y, { steps: 6 })
  await page.mouse.up()
  await expect(facing).toHaveAttribute('aria-valuenow', '90')
  await facing.focus()
  await page.keyboard.press('ArrowRight')
  await expect(facing).toHaveAttribute('aria-valuenow', '91')

  await page.getByRole('tab', { name: 'Check it' }).click()
  await expect(page.getByText('Nothing measured yet.')).toBeVisible()
  await page.getByLabel('3: from 12').fill('3.2')
  await expect(page.getByText('To move: 3.')).toBeVisible()
  await expect(page.getByText(/It reads \d(\.\d)? min late\. Facing 12, move it .* right and .* ahead\./)).toBeVisible()
  await page.getByLabel('3: from 12').fill('9')
  await expect(
    page.getByText(/3: tape from 12 must be between 0\.00 m and 4\.00 m .* cannot meet, not 9\.00 m/),
  ).toBeVisible()
  await page.getByRole('button', { name: 'Start again' }).click()
  await expect(page.getByText('Nothing measured yet.')).toBeVisible()

  await page.getByRole('tab', { name: 'Walk it' }).click()
  await expect(page.getByText(/half past three: long hand at the 6, short hand halfway from 3 to 4/)).toBeVisible()

  await page.getByRole('tab', { name: 'Print and save', exact: true }).click()
  const href = await page.getByRole('link', { name: 'Print the set-out sheet' }).getAttribute('href')
  const pages = await readPdf(await (await request.get(href ?? '')).body())
  expect(pages.map(({ text }) => text).join(' ')).toContain('Radius and string 2.00 m')
  await page.getByLabel('Name').fill('By the lock')
  await page.getByRole('button', { name: 'Save as new' }).click()
  await chooseLike(page.getByRole('combobox', { name: 'Put it into a session' }), /^Yard testers/)
  await expect(page.getByText('By the lock is printed with that session now.')).toBeVisible()
  const context = (await (await request.get(`/api/sessions/${session.id}`)).json()) as SessionContext
  expect(context.yard?.body.turnDeg).toBe(91)
  const printed = await readPdf(await (await request.get(`/api/sessions/${session.id}/print.pdf`)).body())
  expect(printed.some(({ text }) => text.includes('Floor clock, radius 2.00 m'))).toBe(true)
})

test('a marker is dragged to where it lies', async ({ page }) => {
  await page.goto('/yard')
  await page.getByRole('tab', { name: 'Check it' }).click()
  const box = await page.locator('.dial svg').boundingBox()
  if (!box) throw new Error('no plan')
  // 8 by 7 m with a radius of 2.5 m: the 3 lies 2.5 of 8 m right of the middle.
  const three = { x: box.x + box.width * (0.5 + 2.5 / 8), y: box.y + box.height / 2 }
  await page.mouse.move(three.x, three.y)
  await page.mouse.down()
  await page.mouse.move(three.x, three.y + box.height / 14, { steps: 5 })
  await page.mouse.up()
  await expect(page.getByText('To move: 3.')).toBeVisible()
  // Half a metre beside it at 2.5 m: atan(0.5 / 2.5) is 11.3°, 1.9 minutes.
  await expect(page.getByText(/^It reads 1\.9 min late/)).toBeVisible()
})

test('what cannot be laid is told, and the last plan that fits stays', async ({ page }) => {
  await page.goto('/yard')
  const plan = page.locator('.dial svg')
  const good = await plan.getAttribute('viewBox')
  for (const bad of ['0', '-3', 'abc']) {
    await page.getByLabel('Left to right').fill(bad)
    await expect(page.getByText(/^Left to right must be a length above 0 such as 2\.4 m, not/)).toBeVisible()
  }
  await page.getByLabel('Left to right').fill('2')
  await expect(page.getByRole('alert')).toContainText('free space must be at least 3 m across')
  expect(await plan.getAttribute('viewBox')).toBe(good)
  await page.getByLabel('Left to right').fill('8')
  await page.getByLabel('Radius of the clock').fill('5')
  await expect(page.getByRole('alert')).toContainText(
    'radius must be 0.3 to 2.5 m here, with a lane of 1 m all round, not 5 m',
  )
  await page.getByRole('button', { name: 'Take the largest' }).click()
  await expect(page.getByRole('alert')).toBeHidden()
})
