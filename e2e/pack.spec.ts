import { createHash } from 'node:crypto'
import { chooseLike, expect, makeGroup, makeSession, test } from './fixtures'

test('a pack has a version for each child, is followed to its end and fetched', async ({ page, request }) => {
  const { group } = await makeGroup(request, 'Pack people', ['Fern', 'Reed'])
  await page.goto('/print')
  await page.getByRole('button', { name: 'One version for each child' }).click()
  const panel = page.getByRole('region', { name: 'A pack for a group' })
  await panel.getByLabel('For which group').selectOption(group.id)
  // A game can be in it too, and be taken out again.
  await panel.getByLabel('Twirl and fill').check()
  await panel.getByLabel('Twirl and fill').uncheck()
  await panel.getByLabel('Right or wrong?').check()
  await panel.getByRole('button', { name: 'Make the pack' }).click()
  await expect(panel.getByRole('status')).toContainText('Ready. 6 pages')
  await expect(panel.getByRole('listitem')).toHaveCount(4)
  await expect(panel.getByRole('listitem').first()).toContainText('Fern: Read the dials')
  const pdf = await request.get((await panel.getByRole('link', { name: 'PDF of the pack' }).getAttribute('href')) ?? '')
  expect([pdf.status(), (await pdf.body()).subarray(0, 5).toString()]).toEqual([200, '%PDF-'])
})

test('a long pack is cancelled half-way, and the app answers while it is made', async ({ page, request }) => {
  const { group } = await makeGroup(
    request,
    'A whole class',
    Array.from({ length: 30 }, (_, i) => `Pupil ${i + 1}`),
  )
  await page.goto('/print')
  await page.getByRole('button', { name: 'One version for each child' }).click()
  const panel = page.getByRole('region', { name: 'A pack for a group' })
  await panel.getByLabel('For which group').selectOption(group.id)
  for (const name of ['Right or wrong?', 'Spot the same', 'Check of a step', 'Match cards'])
    await panel.getByLabel(name).check()
  // Five at most.
  await expect(panel.getByLabel('Draw the hands')).toBeDisabled()
  await panel.getByRole('button', { name: 'Make the pack' }).click()
  await expect(panel.getByRole('progressbar')).toBeVisible()
  expect((await request.get('/api/overview')).status()).toBe(200)
  await panel.getByRole('button', { name: 'Cancel' }).click()
  await expect(panel.getByRole('status')).toContainText('Cancelled: nothing was kept.')
  await expect(panel.getByRole('link', { name: 'PDF of the pack' })).toHaveCount(0)
})

test('a pack for nobody says what is missing', async ({ page, request, quiet }) => {
  quiet.allow(/400/)
  const { group } = await makeGroup(request, 'Still empty', [])
  await page.goto('/print')
  await page.getByRole('button', { name: 'One version for each child' }).click()
  const panel = page.getByRole('region', { name: 'A pack for a group' })
  await panel.getByLabel('For which group').selectOption(group.id)
  await panel.getByRole('button', { name: 'Make the pack' }).click()
  await expect(panel.getByRole('alert')).toContainText('Still empty has no children yet: add one first.')
})

test('a print is kept, opened again with the same pages, and printed with a session', async ({ page, request }) => {
  const { group } = await makeGroup(request, 'Keepers', ['Sedge'])
  const session = await makeSession(request, group.id)
  await page.goto('/print')
  const page1 = page.getByRole('img', { name: /^Page 1/ })
  // All of the drawing in a few letters.
  const drawn = async () =>
    createHash('sha256')
      .update(await page1.innerHTML())
      .digest('hex')
  await page.getByRole('button', { name: /^Jigsaw halves/ }).click()
  await page.getByRole('button', { name: 'Shuffle' }).click()
  await expect(page1).toContainText('Jigsaw halves')
  const before = await drawn()
  await page.getByRole('button', { name: 'Save for later', exact: true }).click()
  const kept = page.getByRole('region', { name: 'Saved ones' })
  await kept.getByLabel('Name').fill('Halves for Sedge')
  await kept.getByRole('button', { name: 'Save as new' }).click()
  await expect(kept.getByRole('combobox', { name: 'Saved' }).locator('option:checked')).toHaveText('Halves for Sedge')
  await chooseLike(kept.getByRole('combobox', { name: 'Put it into a session' }), /^Keepers/)
  await expect(page.getByText('Halves for Sedge is printed with that session now.')).toBeVisible()

  // Another day: something else is on the bench, the kept one comes back as it was.
  await page.reload()
  await page.getByRole('button', { name: /^Bingo boards/ }).click()
  await page.getByRole('button', { name: 'Save for later', exact: true }).click()
  await kept.getByRole('combobox', { name: 'Saved' }).selectOption('Halves for Sedge')
  await expect.poll(drawn).toBe(before)

  await page.goto(`/plan/${session.id}`)
  await page.getByRole('tab', { name: 'Prints' }).click()
  await expect(page.getByText('Halves for Sedge, from the Print room')).toBeVisible()
  await page.getByRole('button', { name: 'Take Halves for Sedge out of the session' }).click()
  await expect(page.getByText('Halves for Sedge, from the Print room')).toHaveCount(0)
})
