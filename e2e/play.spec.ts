import AxeBuilder from '@axe-core/playwright'
import { readPdf } from '../tests/readback/pdf'
import type { Answer } from '../src/core/knowing'
import { activityOf } from '../src/core/activities'
import { expect, makeGroup, makeSession, openTable, test } from './fixtures'

const stage = 'The game'

test('a game is played at once: started from Today, paused, moved by keys, gone on with after a reload, and ended', async ({
  page,
}) => {
  await page.goto('/')
  await page.getByRole('link', { name: 'Play now' }).click()
  await page.getByRole('button', { name: /^Walk the hours/ }).click()
  await page.getByRole('button', { name: 'Start walk the hours' }).click()
  const game = page.getByRole('region', { name: stage })
  await expect(game).toContainText('Stand with an arm’s length of room all round.')
  await page.keyboard.press('ArrowRight')
  await page.keyboard.press('PageDown')
  await expect(game).toContainText('It is one o’clock. Say it back.')
  await expect(page.getByRole('img', { name: 'The clock of this call' })).toBeVisible()
  await page.keyboard.press('Space')
  await expect(page.getByRole('button', { name: 'Go on' })).toBeVisible()
  // Paused, it stays where it is for longer than the call would take.
  await page.waitForTimeout(7000)
  await expect(game).toContainText('It is one o’clock.')
  await page.reload()
  await expect(game).toContainText('It is one o’clock.')
  await expect(page.getByRole('button', { name: 'Go on' })).toBeVisible()
  await page.keyboard.press('ArrowLeft')
  await expect(game).toContainText('Reach up high.')
  // A tapped button and the space bar are one tap each.
  await page.getByRole('button', { name: 'Go on' }).click()
  await expect(page.getByRole('button', { name: 'Pause' })).toBeVisible()
  await page.keyboard.press('Space')
  await expect(page.getByRole('button', { name: 'Go on' })).toBeVisible()
  await page.getByRole('button', { name: 'End the game' }).click()
  await expect(page.getByRole('heading', { name: 'Play now' })).toBeVisible()
  await page.reload()
  await expect(page.getByRole('heading', { name: 'Play now' })).toBeVisible()
})

test('calls come in their time, and what comes next does not tell an answer', async ({ page }) => {
  await page.goto('/play?game=choose-a-move')
  await page.getByLabel('Time to think').selectOption('15 seconds')
  await page.getByRole('button', { name: 'Start choose a move' }).click()
  const game = page.getByRole('region', { name: stage })
  for (let i = 0; i < 3; i++) await page.keyboard.press('ArrowRight')
  await expect(game.getByText('What time is it?')).toBeVisible()
  await expect(game.getByRole('img', { name: /^The move/ })).toHaveCount(3)
  await expect(game.getByText('Next: the answer')).toBeVisible()
  const started = Date.now()
  await page.keyboard.press('ArrowRight')
  await expect(game).toHaveAttribute('data-kind', 'answer')
  await expect(game).toHaveAttribute('data-kind', 'reason', { timeout: 8000 })
  expect(Date.now() - started).toBeGreaterThan(3000)
  await expect(game.getByText(/^The short hand is .* The long hand is/)).toBeVisible()
})

test('a step at the table opens its game with its own minutes and times, and leads back to the same step', async ({
  page,
  request,
}) => {
  const { group } = await makeGroup(request, 'Steps', ['Bo', 'Wren'])
  const session = await makeSession(request, group.id, 40)
  const place = session.plan.steps.findIndex(({ activityId }) => activityOf(activityId).game !== undefined)
  const step = session.plan.steps[place]
  if (!step) throw new Error('a session of 40 minutes has a movement break')
  await openTable(page, session)
  for (let i = 0; i < place; i++) await page.keyboard.press('n')
  const { name } = activityOf(step.activityId)
  await expect(page.getByRole('heading', { name })).toBeVisible()
  await page.getByRole('button', { name: 'Run this game' }).click()
  await expect(page.getByLabel('Minutes')).toHaveValue(String(step.minutes))
  await page.getByRole('link', { name: 'Back to the table' }).click()
  await expect(page.getByRole('heading', { name })).toBeVisible()
})

test('the leader sees the mirror image, and the seated form has no legs to stand on', async ({ page }) => {
  await page.goto('/play?game=balance-clock')
  await page.getByRole('switch', { name: /^Seated/ }).click({ force: true })
  await page.getByRole('button', { name: 'Start balance clock' }).click()
  const game = page.getByRole('region', { name: stage })
  await expect(game).toContainText('Sit with room for your arms.')
  await page.keyboard.press('ArrowRight')
  await page.keyboard.press('ArrowRight')
  await expect(page.getByRole('img', { name: 'How the children stand' })).toBeVisible()
  await expect(game).not.toContainText('Stand on')
  await page.getByRole('switch', { name: 'My own picture' }).click({ force: true })
  await expect(page.getByRole('img', { name: 'How you stand, facing them' })).toBeVisible()
})

test('bad numbers are said by field, and nothing starts', async ({ page }) => {
  await page.goto('/play?game=laps')
  const start = page.getByRole('button', { name: 'Start laps' })
  const said = page.getByRole('alert').filter({ hasText: /\w/ })
  await page.getByLabel('Minutes').fill('90')
  await expect(said).toHaveText('Minutes must be an integer in [1, 30], got 90.')
  await expect(start).toBeDisabled()
  await page.getByLabel('Minutes').fill('6')
  await page.getByLabel('Children').fill('60')
  await expect(said).toContainText('Children must be')
  await page.getByLabel('Children').fill('6')
  await page.getByLabel('Metres between marks').fill('0')
  await expect(said).toContainText('Distance of the marks (m) must be')
  await page.getByLabel('Metres between marks').fill('5000')
  await expect(said).toContainText('Distance of the marks (m) must be')
  await page.getByLabel('Metres between marks').fill('5')
  await expect(start).toBeEnabled()
})

test('without storage and without a voice a game goes on', async ({ page }) => {
  await page.addInitScript(() => {
    Object.defineProperty(window, 'localStorage', {
      get: () => {
        throw new Error('no storage')
      },
    })
    Object.defineProperty(window, 'speechSynthesis', { value: undefined })
    Object.defineProperty(window, 'AudioContext', { value: undefined })
  })
  await page.goto('/play?game=freeze')
  await page.getByRole('button', { name: 'Start freeze' }).click()
  const game = page.getByRole('region', { name: stage })
  await page.keyboard.press('ArrowRight')
  await page.keyboard.press('ArrowRight')
  await expect(game).toContainText('Move about like the second hand.')
})

test('the calls are printed in large type, each with its second', async ({ page, request }) => {
  await page.goto('/play?game=three-speeds')
  const href = await page.getByRole('link', { name: 'The calls on paper' }).getAttribute('href')
  const reply = await request.get(href ?? '')
  expect(reply.headers()['content-type']).toContain('application/pdf')
  const [first] = await readPdf(await reply.body())
  expect(first?.text).toContain('Three speeds')
  expect(first?.text).toContain('0:00 Stand with an arm’s length of room all round.')
  const refused = await request.get('/api/caller.pdf?game=jumps&seed=1')
  expect(refused.status()).toBe(400)
  expect(await refused.json()).toMatchObject({ field: 'game' })
})

test('what each child chose is taken in one tap a child, kept as met with the body, and taken back by a second', async ({
  page,
  request,
}) => {
  const names = Array.from({ length: 24 }, (_, i) => `Kit ${i + 1}`)
  const { group, childIds } = await makeGroup(request, 'Hall', names)
  await page.goto(`/play?group=${group.id}&game=choose-a-move&rung=quarters`)
  await expect(page.getByLabel('Children')).toHaveValue('24')
  await page.getByRole('button', { name: 'Start choose a move' }).click()
  for (let i = 0; i < 3; i++) await page.keyboard.press('ArrowRight')
  await page.keyboard.press('Space')
  await page.getByRole('switch', { name: 'Take answers' }).click({ force: true })
  const taking = page.getByRole('group', { name: 'Who did which move' })
  const right = await taking.locator('button[aria-pressed="true"]').innerText()
  for (const name of names.slice(0, 23)) await taking.getByRole('button', { name, exact: true }).click()
  await expect(taking.getByRole('button', { name: `Kit 23: ${right}` })).toBeVisible()
  await taking.locator('button[aria-pressed="false"]').first().click()
  const wrong = await taking.locator('button[aria-pressed="true"]').first().innerText()
  expect(wrong).not.toBe(right)
  await taking.getByRole('button', { name: 'Kit 24', exact: true }).click()
  // The second tap on the same child takes the answer back.
  await taking.getByRole('button', { name: 'Kit 24: ' }).click()
  await expect(taking.getByRole('button', { name: 'Kit 24', exact: true })).toBeVisible()
  await taking.getByRole('button', { name: 'Kit 24', exact: true }).click()
  const answersOfChild = async (i: number) =>
    (await (await request.get(`/api/answers?childId=${childIds[i]}`)).json()) as Answer[]
  await expect.poll(async () => (await answersOfChild(23)).length).toBe(1)
  expect((await answersOfChild(23))[0]).toMatchObject({ right: false, stage: 'concrete', choices: 3 })
  expect(await answersOfChild(0)).toMatchObject([{ right: true, stage: 'concrete' }])
})

for (const scheme of ['light', 'dark'] as const)
  test(`a running game has no accessibility violation: ${scheme}`, async ({ page }) => {
    await page.emulateMedia({ colorScheme: scheme, reducedMotion: 'reduce' })
    await page.goto('/play?game=choose-a-move')
    const found = [...(await new AxeBuilder({ page }).analyze()).violations]
    await page.getByRole('button', { name: 'Start choose a move' }).click()
    for (let i = 0; i < 3; i++) await page.keyboard.press('ArrowRight')
    found.push(...(await new AxeBuilder({ page }).analyze()).violations)
    expect(found.map(({ id, nodes }) => `${id}: ${nodes[0]?.html}`)).toEqual([])
  })
