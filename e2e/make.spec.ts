import type { Page } from '@playwright/test'
import type { Recipe } from '../src/core/make'
import type { Kept, SessionContext } from '../src/core/records'
import { readPdf } from '../tests/readback/pdf'
import { chooseLike, expect, makeGroup, makeSession, test } from './fixtures'

async function openBench(page: Page, kind?: string) {
  await page.goto('/make')
  await expect(page.getByRole('slider', { name: 'Time shown' })).toBeVisible()
  if (kind) await choose(page, 'What to make', kind)
}

async function choose(page: Page, field: string, option: string) {
  await page.getByRole('combobox', { name: field }).selectOption(option)
}

/** The PDF behind a link that opens in a tab of its own. */
async function pdfOf(page: Page, name: string | RegExp) {
  const href = await page.getByRole('link', { name }).getAttribute('href')
  const response = await page.request.get(href ?? '')
  expect(response.headers()['content-type'], await response.text().catch(() => '')).toBe('application/pdf')
  return readPdf(await response.body())
}

test('18 cm paper plates, hairpins, 160 g card and Letter paper for seven children come to a true PDF', async ({
  page,
}) => {
  await openBench(page, 'Paper-plate clock')
  await page.getByRole('button', { name: '180 mm' }).click()
  await choose(page, 'Paper', 'Letter')
  await page.getByLabel('Children').fill('7')
  await expect(page.getByRole('textbox', { name: 'Face' })).toHaveValue('122 mm')
  await expect(page.getByRole('tab', { name: 'Checks', exact: true })).toBeVisible()
  await page.getByRole('tab', { name: 'Amounts' }).click()
  await expect(page.getByText('hairpins, two a clock: 14 hairpins')).toBeVisible()
  await expect(page.getByText('paper plates: 7 plates')).toBeVisible()
  await page.getByRole('tab', { name: 'Print and save' }).click()
  const pages = await pdfOf(page, 'Print 7 clocks')
  // A card for the adult, then a page a child.
  expect(pages.length).toBe(8)
  expect(pages[0]?.text).toContain('hairpins, two a clock: 14 hairpins')
  for (const each of pages.slice(1)) {
    expect(each.width).toBeCloseTo(215.9, 2)
    const level = each.paths.filter(
      ({ filled, points }) =>
        !filled && points.length === 2 && Math.abs((points[0]?.y ?? 0) - (points[1]?.y ?? 9)) < 0.01,
    )
    const bar = Math.max(
      ...level
        .filter(({ points }) => (points[0]?.y ?? 0) > each.height - 16)
        .map(({ points: [a, b] }) => Math.abs((a?.x ?? 0) - (b?.x ?? 0))),
    )
    expect(Math.abs(bar - 100)).toBeLessThanOrEqual(0.1)
    // The cut round the face is the widest outline of the page: 1.015 of 122 mm, less the line's own 0.4.
    const widths = each.paths
      .filter(({ filled, points }) => !filled && points.length > 4)
      .map(({ points }) => Math.max(...points.map(({ x }) => x)) - Math.min(...points.map(({ x }) => x)))
    expect(Math.abs(Math.max(...widths) - (122 * 1.015 - 0.4))).toBeLessThanOrEqual(0.1)
  }
})

test('a touched measure is kept, the rest follows and says so, and one click mends what went wrong', async ({
  page,
}) => {
  await openBench(page)
  const minute = page.getByRole('textbox', { name: 'Minute hand', exact: true })
  const before = await minute.inputValue()
  await page.getByRole('textbox', { name: 'Face' }).fill('12 cm')
  await expect(minute).toHaveValue('55.5 mm')
  await expect(page.getByText(/Worked out again: .*minute hand/)).toBeVisible()
  await minute.fill('70')
  await expect(page.getByText('The minute hand reaches 12.1 mm beyond the minute marks.')).toBeVisible()
  await page.getByRole('button', { name: 'Make the minute hand 55.5 mm' }).click()
  await expect(page.getByText('The minute hand reaches the marks and stays on the face.')).toBeVisible()
  await page.getByRole('button', { name: 'Work out the face again' }).click()
  await page.getByRole('button', { name: 'Work out the minute hand again' }).click()
  await expect(minute).toHaveValue(before)
  await page.getByText('in', { exact: true }).click()
  await expect(page.getByRole('textbox', { name: 'Face' })).toHaveValue(/ in$/)
})

test('what is no measure is told, and the last good drawing stays', async ({ page }) => {
  await openBench(page)
  const face = page.getByRole('textbox', { name: 'Face' })
  const drawing = page.locator('.dial svg')
  await face.fill('150')
  const good = await drawing.getAttribute('viewBox')
  for (const bad of ['0', '-5', 'abc', '1,2,3', '12 apples']) {
    await face.fill(bad)
    await expect(page.getByText(/^Face must be a length above 0 such as 180 mm, not/)).toBeVisible()
    expect(await drawing.getAttribute('viewBox')).toBe(good)
  }
  await face.fill('9999')
  await expect(page.getByRole('alert')).toContainText(
    'face must be 60 to 420 mm, not 9999 mm. The drawing is the last that could be made.',
  )
  expect(await drawing.getAttribute('viewBox')).toBe(good)
  await face.fill('14,5 cm')
  await expect(page.getByRole('alert')).toBeHidden()
  for (const count of ['0', '500']) {
    await page.getByLabel('Children').fill(count)
    await expect(page.getByRole('alert')).toContainText(`children must be a whole number from 1 to 60, not ${count}`)
  }
})

test('a face larger than the page is printed in parts', async ({ page }) => {
  await openBench(page)
  await page.getByRole('textbox', { name: 'Face' }).fill('300 mm')
  await page.getByText('In parts', { exact: true }).click()
  await expect(page.getByText(/printed in parts to join/)).toBeVisible()
  await page.getByText('Pages', { exact: true }).click()
  await expect(page.getByRole('img', { name: 'Page 4: My clock, part 4 of 4' })).toBeVisible()
})

test('the printer’s scale is told from the bar, and made good for', async ({ page }) => {
  await openBench(page)
  await page.getByRole('textbox', { name: 'Face' }).fill('120')
  await page.getByRole('tab', { name: 'Print and save' }).click()
  await page.getByLabel('The 100 mm bar measures, in mm').fill('94')
  await expect(page.getByText('The printer prints at 94 %: the face came out 113 mm across.')).toBeVisible()
  const [, first] = await pdfOf(page, 'Print made good for it')
  const level = (first?.paths ?? []).filter(
    ({ filled, points }) =>
      !filled && points.length === 2 && Math.abs((points[0]?.y ?? 0) - (points[1]?.y ?? 9)) < 0.01,
  )
  const longest = Math.max(...level.map(({ points: [a, b] }) => Math.abs((a?.x ?? 0) - (b?.x ?? 0))))
  expect(longest * 0.94).toBeCloseTo(100, 1)
})

test('a recipe is saved, copied, put into a session, exported and imported again', async ({ page, request }) => {
  const { group } = await makeGroup(request, 'Bench testers', ['Moss', 'Fern'])
  const session = await makeSession(request, group.id)
  await openBench(page, 'Draw your own')
  await choose(page, 'On a page', '4')
  await page.getByRole('tab', { name: 'Print and save' }).click()
  const saved = page.getByRole('region', { name: 'Saved ones' })
  await saved.getByLabel('Name').fill('Four to fold')
  await saved.getByRole('button', { name: 'Save as new' }).click()
  await expect(saved.getByRole('combobox', { name: 'Saved' }).locator('option:checked')).toHaveText('Four to fold')
  await chooseLike(saved.getByRole('combobox', { name: 'Put it into a session' }), /^Bench testers/)
  await expect(page.getByText('Four to fold is printed with that session now.')).toBeVisible()
  const context = (await (await request.get(`/api/sessions/${session.id}`)).json()) as SessionContext
  expect(context.recipe?.body).toMatchObject({ kind: 'draw', perPage: 4 })

  const download = page.waitForEvent('download')
  await saved.getByRole('button', { name: 'Export' }).click()
  const path = await (await download).path()
  await saved.getByRole('button', { name: 'Copy' }).click()
  await expect(saved.getByRole('combobox', { name: 'Saved' }).locator('option:checked')).toHaveText('Four to fold copy')
  const before = ((await (await request.get('/api/recipes')).json()) as Kept<Recipe>[]).length
  await page.locator('input[type=file]').setInputFiles(path)
  await expect
    .poll(async () => ((await (await request.get('/api/recipes')).json()) as unknown[]).length)
    .toBe(before + 1)

  await page.goto(`/plan/${session.id}`)
  await page.getByRole('tab', { name: 'Prints' }).click()
  await expect(page.getByText('Clocks by Four to fold')).toBeVisible()
  await page.getByRole('tab', { name: 'What you need' }).click()
  const amounts = page.getByRole('list', { name: 'For the clocks' })
  // A page for each of the two children, with four clocks on it.
  await expect(amounts).toContainText(/pages on \d+ g\/m²: 2 pages/)
  await page.getByRole('tab', { name: 'Prints' }).click()
  await page.getByRole('button', { name: 'Take Four to fold out of the session' }).click()
  await expect(page.getByText('Clocks by Four to fold')).toBeHidden()
})

test('a file that is no recipe, or of a newer version, is refused with the reason', async ({ page, quiet }) => {
  quiet.allow(/400/)
  await openBench(page)
  await page.getByRole('tab', { name: 'Print and save' }).click()
  const give = (text: string) =>
    page
      .locator('input[type=file]')
      .setInputFiles({ name: 'x.json', mimeType: 'application/json', buffer: Buffer.from(text) })
  await give('{"half":')
  await expect(page.getByText('The file is not JSON.')).toBeVisible()
  await give('{"format":"something-else"}')
  await expect(page.getByText('this is no recipe of Ripe Acorn')).toBeVisible()
  await give('{"format":"ripe-acorn-recipe","formatVersion":9}')
  await expect(
    page.getByText('The file is of version 9, from a newer Ripe Acorn; this one reads version 1.'),
  ).toBeVisible()
  await give('{"format":"ripe-acorn-recipe","formatVersion":1,"recipe":{"kind":"sundial"}}')
  await expect(page.getByText(/recipe.kind must be one of/)).toBeVisible()
})

test('which clock suits follows what is to hand', async ({ page }) => {
  await openBench(page)
  await page.getByRole('tab', { name: 'Which clock suits?' }).click()
  for (const material of [
    'card',
    'paper plates',
    'paper fasteners',
    'hairpins',
    'pushpins and erasers',
    'pipe cleaners',
    'dough',
    'scissors',
  ])
    await page.getByRole('checkbox', { name: material, exact: true }).uncheck()
  const first = page.getByRole('list', { name: 'Which clock suits' }).getByRole('listitem').first()
  await expect(first).toContainText('Draw your own')
  await first.getByRole('button', { name: 'Take Draw your own' }).click()
  await expect(page.getByRole('combobox', { name: 'What to make' }).locator('option:checked')).toHaveText(
    'Draw your own',
  )
})

test('on a phone, Print shows what can be printed, though it lies below the clock', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await page.goto('/make')
  const tab = page.locator('[data-part="out"]')
  await expect(tab).not.toBeInViewport()
  await page.getByRole('button', { name: 'Print', exact: true }).click()
  await expect(tab).toBeFocused()
  await expect(tab).toBeInViewport()
})
