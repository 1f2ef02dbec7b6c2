import type { Page } from '@playwright/test'
import type { SessionContext } from '../src/core/records'
import { readPdf } from '../tests/readback/pdf'
import { expect, makeGroup, makeSession, openStep, test } from './fixtures'

const steps = (page: Page) => page.getByRole('list', { name: 'Activities', exact: true }).getByRole('listitem')

async function names(page: Page): Promise<string[]> {
  const labels = await page
    .getByRole('button', { name: /^Move / })
    .evaluateAll((buttons) => buttons.map((button) => button.getAttribute('aria-label') ?? ''))
  return labels.map((label) => label.replace('Move ', ''))
}

test('steps are moved by key, swapped, lengthened and taken out; checks follow, undo brings back', async ({
  page,
  request,
}) => {
  const { group } = await makeGroup(request, 'Plan testers', ['Moss', 'Fern', 'Reed'])
  const session = await makeSession(request, group.id)
  await page.goto(`/plan/${session.id}`)
  await expect(page.getByText('25 of 25 minutes planned')).toBeVisible()
  const before = await names(page)

  await page.getByRole('button', { name: `Move ${before[0]}`, exact: true }).focus()
  await page.keyboard.press('Space')
  await expect(page.getByText(`${before[0]} is over place 1`)).toBeAttached()
  await page.keyboard.press('ArrowDown')
  await expect(page.getByText(`${before[0]} is over place 2`)).toBeAttached()
  await page.keyboard.press('Space')
  await expect.poll(() => names(page)).toEqual([before[1], before[0], ...before.slice(2)])

  await page.keyboard.press('Control+z')
  await expect.poll(() => names(page)).toEqual(before)

  await page.getByLabel(`Minutes of ${before[0]}`).fill('9')
  await expect(page.getByText(/too long for 25|left over of 25/)).toBeVisible()
  await expect(page.getByRole('tab', { name: /to mend/ })).toBeVisible()
  await page.getByRole('button', { name: 'Undo' }).click()
  await page.getByRole('button', { name: /^All \d+ checks hold$/ }).click()
  await expect(page.getByText('Fills the 25 minutes exactly.')).toBeVisible()

  // It is there at the row one is at.
  const swap = page.getByRole('button', { name: `Swap ${before[1]}` })
  await expect(swap).toBeHidden()
  await page.getByRole('button', { name: `Move ${before[1]}` }).focus()
  await swap.click()
  const other = page.getByRole('menuitem').first()
  const otherName = (await other.textContent())?.split(',')[0] ?? ''
  await other.click()
  await expect.poll(async () => (await names(page))[1]).toBe(otherName)

  await openStep(page.locator('.plan-name').first())
  await page.getByRole('button', { name: `Remove ${before[0]}` }).click()
  await expect(steps(page)).toHaveCount(before.length - 1)

  // What is on the screen is what was kept.
  await expect
    .poll(async () => {
      const context = (await (await request.get(`/api/sessions/${session.id}`)).json()) as SessionContext
      return context.session.plan.steps.length
    })
    .toBe(before.length - 1)
  await page.reload()
  await expect(steps(page)).toHaveCount(before.length - 1)
  expect((await names(page))[0]).toBe(otherName)
})

test('a step is dragged by mouse', async ({ page, request }) => {
  const { group } = await makeGroup(request, 'Drag testers', ['Moss', 'Fern'])
  const session = await makeSession(request, group.id)
  await page.goto(`/plan/${session.id}`)
  await expect(steps(page).first()).toBeVisible()
  const before = await names(page)
  const from = await page.getByRole('button', { name: `Move ${before[2]}`, exact: true }).boundingBox()
  const to = await page.getByRole('button', { name: `Move ${before[0]}`, exact: true }).boundingBox()
  if (!from || !to) throw new Error('no handles')
  await page.mouse.move(from.x + 10, from.y + 10)
  await page.mouse.down()
  await page.mouse.move(to.x + 10, to.y + 2, { steps: 12 })
  await page.mouse.up()
  await expect.poll(() => names(page)).toEqual([before[2], before[0], before[1], ...before.slice(3)])
})

test('impossible minutes are told at the field and nothing is saved', async ({ page, request }) => {
  const { group } = await makeGroup(request, 'Minute testers', ['Moss'])
  const session = await makeSession(request, group.id)
  await page.goto(`/plan/${session.id}`)
  const field = page.getByLabel('Minutes available')
  for (const bad of ['0', '-5', '1000000000']) {
    await field.fill(bad)
    await expect(page.getByText('10 to 120')).toBeVisible()
  }
  await field.fill('30')
  await expect(page.getByText('10 to 120')).toBeHidden()
  await expect(page.getByText('5 min left over of 30: lengthen or add one.')).toBeVisible()
})

test('a plan that was changed elsewhere is not written over', async ({ page, request, quiet }) => {
  quiet.allow(/409/)
  const { group } = await makeGroup(request, 'Two tabs', ['Moss'])
  const session = await makeSession(request, group.id)
  await page.goto(`/plan/${session.id}`)
  await expect(page.getByText('25 of 25 minutes planned')).toBeVisible()
  const { date, start, place, materials, plan } = session
  const elsewhere = await request.put(`/api/sessions/${session.id}`, {
    data: {
      version: session.version,
      date,
      start,
      minutes: 40,
      place,
      materials,
      note: '',
      rung: plan.rung,
      steps: plan.steps,
    },
  })
  expect(elsewhere.status()).toBe(200)
  await page.getByLabel('Minutes available').fill('35')
  await expect(page.getByText('This session was changed elsewhere')).toBeVisible()
  await expect(page.getByLabel('Minutes available')).toHaveValue('40')
  // What was tried here is one undo away.
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByLabel('Minutes available')).toHaveValue('35')
})

test('the shelf adds, the fetch list ticks, the prints are shown', async ({ page, request }) => {
  const { group } = await makeGroup(request, 'Shelf testers', ['Moss', 'Fern'])
  const session = await makeSession(request, group.id)
  await page.goto(`/plan/${session.id}`)
  await expect(steps(page).first()).toBeVisible()
  const count = await steps(page).count()
  await page.getByRole('tab', { name: 'More activities' }).click()
  await page.getByRole('button', { name: /^Add / }).first().click()
  await expect(steps(page)).toHaveCount(count + 1)
  await page.getByRole('tab', { name: 'What you need' }).click()
  const first = page.getByRole('checkbox').first()
  const wasTicked = await first.isChecked()
  await first.click()
  expect(await first.isChecked()).toBe(!wasTicked)
  await page.getByRole('tab', { name: 'Prints' }).click()
  await expect(page.getByText('Session plan, for you')).toBeVisible()
})

test('a plan is built again for other minutes, and undone', async ({ page, request }) => {
  const { group } = await makeGroup(request, 'Build testers', ['Moss', 'Fern', 'Reed'])
  const session = await makeSession(request, group.id)
  await page.goto(`/plan/${session.id}`)
  await expect(page.getByText('25 of 25 minutes planned')).toBeVisible()
  const before = await names(page)
  await page.getByLabel('Minutes available').fill('40')
  await expect(page.getByText('25 of 40 minutes planned')).toBeVisible()
  await page.getByRole('button', { name: 'Build again' }).click()
  await expect(page.getByText('40 of 40 minutes planned')).toBeVisible()
  await expect(page.getByRole('tab', { name: 'Checks', exact: true })).toBeVisible()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect.poll(() => names(page)).toEqual(before)
  await page.getByLabel('Minutes available').fill('120')
  await page.getByRole('button', { name: 'Build again' }).click()
  await expect(page.getByText(/No session fits|120 of 120 minutes planned/)).toBeVisible()
})

test('how many pages come is said before they are printed; answers, paper, children and parts are chosen', async ({
  page,
  request,
}) => {
  const names = ['Moss', 'Fern', 'Reed', 'Sedge', 'Rush', 'Bur', 'Teasel', 'Yarrow', 'Sorrel', 'Tansy']
  const { group } = await makeGroup(request, 'Ten of them', names)
  const session = await makeSession(request, group.id)
  const steps = session.plan.steps.map((step, i) => (i === 0 ? { ...step, activityId: 'check-on-paper' } : step))
  const { id, version, date, start, minutes, place, materials, note, plan } = session
  const edit = { version, date, start, minutes, place, materials, note, rung: plan.rung, steps }
  expect((await request.put(`/api/sessions/${id}`, { data: edit })).ok()).toBe(true)
  await page.goto(`/plan/${id}?print`)
  const dialog = page.getByRole('dialog', { name: 'Print for Ten of them' })
  const total = async () => Number.parseInt((await dialog.getByRole('status').textContent()) ?? '', 10)
  const pagesOf = async (href: string | null) => (await readPdf(await (await request.get(href ?? '')).body())).length
  const link = dialog.getByRole('link', { name: /^Open the PDF/ })
  await expect(link).toBeVisible()
  const usual = await total()
  expect(await pagesOf(await link.getAttribute('href'))).toBe(usual)
  // Five sheets of two checks each, and one page or two of answers.
  await expect(dialog.getByText('Check of a step, one a child: 5')).toBeVisible()
  await dialog.getByRole('switch', { name: 'Two children’s sheets on one page' }).click()
  await expect(dialog.getByText('Check of a step, one a child: 10')).toBeVisible()
  await dialog.getByText('A page for each').click()
  await expect.poll(total).toBeGreaterThan(usual + 5 + 10)
  expect(await pagesOf(await link.getAttribute('href'))).toBe(await total())
  await dialog.getByLabel('Sheets that the printer holds').fill('20')
  const parts = dialog.getByRole('link', { name: /^Pages \d+ to \d+$/ })
  await expect(parts).toHaveCount(Math.ceil((await total()) / 20))
  expect(await pagesOf(await parts.first().getAttribute('href'))).toBe(20)
  await dialog.getByRole('combobox', { name: 'For', exact: true }).click()
  await page.getByRole('option', { name: 'Reed' }).click()
  await expect(dialog.getByText('Session plan, for you')).toHaveCount(0)
  await page.keyboard.press('Escape')
  await page.goto(`/plan/${id}`)
  await expect(page.getByRole('link', { name: `Print the session: ${usual} pages` })).toBeVisible()
})
