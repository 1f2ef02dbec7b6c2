import { readFileSync } from 'node:fs'
import type { Page } from '@playwright/test'
import { expect, test } from './fixtures'

const page1 = (page: Page) => page.getByRole('region', { name: 'The pages' }).getByRole('img').first()

test('a sheet is picked for a rung, shuffled, pinned, turned to its key and printed as it is seen', async ({ page, request }) => {
  await page.goto('/print')
  await expect(page.getByRole('heading', { name: 'Print room' })).toBeVisible()
  await page.getByLabel('For which rung').selectOption('Quarter past and to')
  await page.getByRole('button', { name: /^Draw the hands/ }).click()
  await expect(page.getByLabel('Rung', { exact: true })).toHaveValue('quarters')
  await expect(page1(page)).toContainText('Draw the hands.')
  const first = await page1(page).innerHTML()
  await page.getByRole('button', { name: 'Shuffle' }).click()
  await expect.poll(() => page1(page).innerHTML()).not.toBe(first)
  // The same number makes the same page again.
  await page.getByRole('textbox', { name: 'Number', exact: true }).fill('1')
  await expect.poll(() => page1(page).innerHTML()).toBe(first)
  await page.getByRole('button', { name: 'No. 1' }).click()
  await expect(page.getByRole('button', { name: 'Shuffle' })).toBeDisabled()

  // Only the key has hands.
  expect(await page1(page).locator('[data-part="hour-hand"]').count()).toBe(0)
  await page.getByText('Key: 1').click()
  expect(await page1(page).locator('[data-part="hour-hand"]').count()).toBe(6)

  const pdf = await request.get((await page.getByRole('link', { name: 'PDF with the key' }).getAttribute('href')) ?? '')
  expect(pdf.status()).toBe(200)
  expect((await pdf.body()).subarray(0, 5).toString()).toBe('%PDF-')
}) // prettier-ignore

test('a count that the rung does not have is refused with what is possible', async ({ page }) => {
  await page.goto('/print')
  await page.getByLabel('Rung', { exact: true }).selectOption('O’clock')
  await page.getByRole('textbox', { name: 'How many dials' }).fill('60')
  await expect(page.getByRole('alert')).toContainText('an integer in [1, 11], got 60')
  await expect(page.getByRole('alert')).toContainText('Between 1 and 11 dials are possible here.')
  await page.getByRole('textbox', { name: 'How many dials' }).fill('11')
  await expect(page.getByRole('alert')).toHaveCount(0)
})

test('a game says how long it lasts, and which sizes fit the minutes there are', async ({ page }) => {
  await page.goto('/print')
  await page.getByRole('button', { name: /^Toss and fill/ }).click()
  await expect(page1(page)).toContainText('Die: cut round it')
  const lasts = page.getByRole('region', { name: 'How long it lasts' })
  // Six faces with three cells each: 32.68 rolls.
  await expect(lasts.getByRole('status')).toContainText('32.7 turns on the average')
  await page.getByRole('region', { name: 'Options' }).getByText('1', { exact: true }).click()
  await expect(lasts.getByRole('status')).toContainText('14.7 turns on the average')
  await expect(page.getByRole('note', { name: 'Cautions' })).toContainText('Small parts are not for under-threes')
  await page.getByRole('button', { name: /^Twirl and fill/ }).click()
  await lasts.getByRole('textbox', { name: 'I have so many minutes' }).fill('20')
  const size = lasts.getByRole('button', { name: /times × \d: about/ }).first()
  const [, times = '', cells = ''] = /(\d+) times × (\d)/.exec((await size.textContent()) ?? '') ?? []
  await size.click()
  await expect(page.getByRole('textbox', { name: 'How many sectors' })).toHaveValue(times)
  const mat = page.locator('.print-page').nth(1)
  await expect(mat.locator('[data-part="dial"]')).toHaveCount(Number(times) * Number(cells))
})

test('the questions are saved as rows', async ({ page }) => {
  await page.goto('/print')
  await page.getByRole('button', { name: /^Spot the same/ }).click()
  const saving = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save', exact: true }).click()
  await page.getByRole('menuitem', { name: 'Questions as CSV' }).click()
  const download = await saving
  expect(download.suggestedFilename()).toBe('spot-same-1.csv')
  const [head = '', ...rows] = readFileSync(await download.path(), 'utf8')
    .trim()
    .split(/\r?\n/)
  expect(head).toBe('number,rung,shown,to,answer,wrong')
  expect(rows).toHaveLength(5)
  for (const row of rows) expect(row).toMatch(/^\d,half,\d+:30,,half past \w+,/)
})
