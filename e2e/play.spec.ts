import { inEnglish } from '../src/core/wording'
import { readPdf } from '../tests/readback/pdf'
import { activityOf } from '../src/core/activities'
import { expect, makeGroup, makeSession, openTable, stopClock, test, violationsOf } from './fixtures'

const stage = 'The game'

test('a game is played at once: started from Today, paused, moved by keys, gone on with after a reload, and ended', async ({
  page,
}) => {
  await page.clock.install()
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
  await page.clock.fastForward(60_000)
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
  await page.clock.install()
  await page.goto('/play?game=choose-a-move')
  await page.getByLabel('Time to think').selectOption('15 seconds')
  await page.getByRole('button', { name: 'Start choose a move' }).click()
  const game = page.getByRole('region', { name: stage })
  for (let i = 0; i < 3; i++) await page.keyboard.press('ArrowRight')
  await expect(game.getByText('What time is it?')).toBeVisible()
  await expect(game.getByRole('img', { name: /^The move/ })).toHaveCount(3)
  await expect(game.getByText('Next: the answer')).toBeVisible()
  await page.keyboard.press('Space')
  await stopClock(page)
  await page.keyboard.press('ArrowRight')
  await page.getByRole('button', { name: 'Go on' }).click()
  await expect(game).toHaveAttribute('data-kind', 'answer')
  await page.clock.runFor(3000)
  await expect(game).toHaveAttribute('data-kind', 'answer')
  await page.clock.runFor(5000)
  await expect(game).toHaveAttribute('data-kind', 'reason')
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
  const name = inEnglish(activityOf(step.activityId).name)
  await expect(page.getByRole('heading', { name })).toBeVisible()
  await page.getByRole('button', { name: 'Run this game' }).click()
  await expect(page.getByLabel('Minutes')).toHaveValue(String(step.minutes))
  await expect(page.getByLabel('Children')).toHaveValue('2')
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
  await page.getByRole('button', { name: 'Voice and picture' }).click()
  await page.getByRole('switch', { name: 'My own picture' }).click({ force: true })
  await page.keyboard.press('Escape')
  await expect(page.getByRole('img', { name: 'How you stand, facing them' })).toBeVisible()
})

test('bad numbers are said by field, and nothing starts', async ({ page }) => {
  await page.goto('/play?game=laps')
  const start = page.getByRole('button', { name: 'Start laps' })
  const said = page.getByRole('alert').filter({ hasText: /\w/ })
  await page.getByLabel('Minutes').fill('90')
  await expect(said).toHaveText('Minutes must be a whole number from 1 to 30, not 90.')
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

test('a voice that fails half-way is followed by a tone, and the game goes on', async ({ page }) => {
  await page.addInitScript(() => {
    const heard = { said: 0, tones: 0 }
    Object.assign(window, { heard })
    class Said {
      onerror?: (event: { error: string }) => void
      constructor(readonly text: string) {}
    }
    const speak = (said: Said) => {
      heard.said++
      if (heard.said > 1) said.onerror?.({ error: 'synthesis-failed' })
    }
    const getVoices = () => [{ lang: 'en-GB', localService: true, name: 'Test' }]
    Object.defineProperty(window, 'SpeechSynthesisUtterance', { value: Said })
    Object.defineProperty(window, 'speechSynthesis', { value: { speak, getVoices, cancel: () => undefined } })
    const own = AudioContext.prototype.createOscillator
    AudioContext.prototype.createOscillator = function () {
      heard.tones++
      return own.call(this)
    }
  })
  const heard = () => page.evaluate(() => (window as unknown as { heard: { said: number; tones: number } }).heard)
  await page.goto('/play?game=walk-the-hours')
  await page.getByRole('button', { name: 'Start walk the hours' }).click()
  await expect.poll(heard).toEqual({ said: 1, tones: 0 })
  await page.keyboard.press('ArrowRight')
  await expect.poll(heard).toEqual({ said: 2, tones: 2 })
  await page.keyboard.press('ArrowRight')
  await expect(page.getByRole('region', { name: stage })).toContainText('It is one o’clock.')
})

test('without an age the careful numbers hold, and without minutes nothing starts', async ({ page }) => {
  await page.goto('/play?game=three-speeds')
  await page.getByLabel('Age of the youngest').fill('')
  await expect(page.getByText('Quick moving: 20 s at a time')).toBeVisible()
  await expect(page.getByRole('button', { name: 'Start three speeds' })).toBeEnabled()
  await page.getByLabel('Minutes').fill('')
  await expect(page.getByRole('alert').filter({ hasText: /\w/ })).toHaveText(
    'Minutes must be a whole number from 1 to 30; it is no number.',
  )
  await expect(page.getByRole('button', { name: 'Start three speeds' })).toBeDisabled()
})

test('the calls are printed in large type, each with its second', async ({ page, request }) => {
  await page.goto('/play?game=three-speeds')
  const href = await page.getByRole('link', { name: 'On paper: the calls' }).getAttribute('href')
  const reply = await request.get(href ?? '')
  expect(reply.headers()['content-type']).toContain('application/pdf')
  const [first] = await readPdf(await reply.body())
  expect(first?.text).toContain('Three speeds')
  expect(first?.text).toContain('0:00 Stand with an arm’s length of room all round.')
  expect(href).not.toContain('lean=')
  expect((await request.get(`${href}&lean=next-hour`)).ok()).toBe(true)
  const unknown = await request.get(`${href}&lean=nobody`)
  expect(await unknown.json()).toMatchObject({ status: 400, field: 'lean[0]' })
  const refused = await request.get('/api/caller.pdf?game=jumps&seed=1')
  expect(refused.status()).toBe(400)
  expect(await refused.json()).toMatchObject({ field: 'game' })
})

test('the leader has a screen of their own that follows by itself', async ({ page, context }) => {
  await page.goto('/play?game=arms-as-hands')
  const leader = await context.newPage()
  await leader.goto('/play?view=leader')
  await expect(leader.getByRole('heading', { name: 'No game is running on this machine' })).toBeVisible()
  await page.getByRole('button', { name: 'Start arms as hands' }).click()
  await page.keyboard.press('Space')
  const screen = leader.getByRole('region', { name: 'The leader’s screen' })
  await expect(screen).toContainText('Stand with an arm’s length of room all round.')
  for (let i = 0; i < 3; i++) await page.keyboard.press('ArrowRight')
  await expect(leader.getByRole('img', { name: 'How you stand, facing them' })).toBeVisible()
  await expect(screen).toContainText('Paused.')
})

test('paper and screen are one game: the cards that are printed are those that are called', async ({
  page,
  request,
}) => {
  await page.goto('/play?game=find-your-time&rung=quarters')
  await page.getByLabel('Game number').fill('4711')
  const href = await page.getByRole('link', { name: 'On paper: the calls' }).getAttribute('href')
  const pages = await readPdf(await (await request.get(href ?? '')).body())
  await page.getByRole('button', { name: 'Start find your time' }).click()
  for (let i = 0; i < 4; i++) await page.keyboard.press('ArrowRight')
  const cards = page.locator('.stage-cards li')
  await expect(cards).toHaveCount(4)
  const printed = pages.map(({ text }) => text).join(' ')
  for (const card of await cards.allInnerTexts()) {
    const [, number = '', says = ''] = /^(\d+)\s+(.+)$/.exec(card) ?? []
    expect(printed).toContain(`Card ${number}`)
    for (const word of says.split(' ')) expect(printed).toContain(word)
  }
  await page.goto('/play?game=laps')
  await page.getByLabel('Game number').fill('-1')
  await expect(page.getByRole('alert').filter({ hasText: /\w/ })).toContainText('Game number must be a whole number')
})

test('a session that is ended on another screen is told, and the game goes on', async ({ page, request }) => {
  const { group } = await makeGroup(request, 'Ended', ['Bo'])
  const session = await makeSession(request, group.id, 40)
  await request.post(`/api/sessions/${session.id}/done`, { data: {} })
  await page.goto(`/play?group=${group.id}&session=${session.id}&game=freeze`)
  await page.getByRole('button', { name: 'Start freeze' }).click()
  const game = page.getByRole('region', { name: stage })
  await expect(game.getByRole('status').filter({ hasText: 'ended on another screen' })).toBeVisible()
  await page.keyboard.press('ArrowRight')
  await expect(game).toContainText('Reach up high.')
})

test('another game than the one that was left is asked for, and the one that was left can be gone on with', async ({
  page,
}) => {
  await page.goto('/play?game=freeze')
  await page.getByRole('button', { name: 'Start freeze' }).click()
  await expect(page.getByRole('region', { name: stage })).toBeVisible()
  await page.goto('/play?game=laps')
  await expect(page.getByText('Freeze was left half-way.')).toBeVisible()
  await page.getByRole('button', { name: 'Go on with it' }).click()
  await expect(page.getByRole('region', { name: stage })).toContainText('Stand with an arm’s length')
})

test('a floor that is too small is refused in words, and the seated form is played on it', async ({ page }) => {
  await page.goto('/play?game=jump-the-day')
  await page.getByLabel('Room across (m)').fill('1')
  const said = page.getByRole('alert').filter({ hasText: /\w/ })
  await expect(said).toHaveText('Room across (m) must be at least 5.2 for 4 children, or the seated form, not 1.')
  await page.getByRole('switch', { name: /^Seated/ }).click({ force: true })
  await page.getByRole('button', { name: 'Start jump the day' }).click()
  for (let i = 0; i < 5; i++) await page.keyboard.press('ArrowRight')
  await expect(page.getByRole('img', { name: 'The five things from above' })).toBeVisible()
  await expect(page.getByRole('region', { name: stage })).toContainText('point three times')
})

for (const scheme of ['light', 'dark'] as const)
  test(`a running game has no accessibility violation: ${scheme}`, async ({ page }) => {
    await page.emulateMedia({ colorScheme: scheme, reducedMotion: 'reduce' })
    await page.goto('/play?game=choose-a-move')
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
    const found = await violationsOf(page)
    await page.getByRole('button', { name: 'Start choose a move' }).click()
    await expect(page.getByRole('region', { name: stage })).toBeVisible()
    for (let i = 0; i < 3; i++) await page.keyboard.press('ArrowRight')
    found.push(...(await violationsOf(page)))
    expect(found).toEqual([])
  })
