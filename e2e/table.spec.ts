import type { Page } from '@playwright/test'

import {
  answersOf,
  dialBox,
  expect,
  makeGroup,
  makeSession,
  nextQuestion,
  onDial,
  openTable,
  SOON,
  stickingOut,
  stopClock,
  test,
  tryingAgain,
} from './fixtures'

/** Takes hold of a hand at one angle and brings it round to another. */
async function dragHand(page: Page, share: number, from: number, to: number) {
  const box = await dialBox(page)
  const start = onDial(box, from, share)
  await page.mouse.move(start.x, start.y)
  await page.mouse.down()
  for (let i = 1; i <= 12; i++) {
    const at = onDial(box, from + ((to - from) * i) / 12, share)
    await page.mouse.move(at.x, at.y)
  }
  await page.mouse.up()
}

test('a hand goes on from where the finger is when the window turns narrow in the middle of a drag', async ({
  page,
  request,
}) => {
  const { group } = await makeGroup(request, 'Window pullers', ['Moss'])
  await openTable(page, await makeSession(request, group.id))
  const wide = await dialBox(page)
  const start = onDial(wide, 180, 0.8)
  await page.mouse.move(start.x, start.y)
  await page.mouse.down()
  const quarter = onDial(wide, 270, 0.8)
  await page.mouse.move(quarter.x, quarter.y, { steps: 6 })
  const dial = page.getByRole('slider', { name: 'Time shown' })
  await expect(dial).toHaveAttribute('aria-valuetext', 'quarter to ten')
  await page.setViewportSize({ width: 390, height: 844 })
  await page.locator('.table-dial .dial').scrollIntoViewIfNeeded()
  await expect.poll(async () => (await dialBox(page)).radius).toBeLessThan(wide.radius)
  const narrow = await dialBox(page)
  // A hand can be brought on from the 9 to the 12, and then lets go.
  for (const degrees of [270, 300, 330, 360]) {
    const at = onDial(narrow, degrees, 0.8)
    await page.mouse.move(at.x, at.y, { steps: 4 })
  }
  await page.mouse.up()
  await expect(dial).toHaveAttribute('aria-valuetext', 'ten o’clock')
  await page.mouse.move(narrow.x, narrow.y + 40)
  await expect(dial).toHaveAttribute('aria-valuetext', 'ten o’clock')
  expect(await stickingOut(page)).toEqual([])
})

test('geared hands turn together through the hour; free hands are judged', async ({ page, request }) => {
  const { group } = await makeGroup(request, 'Dial testers', ['Moss'])
  await openTable(page, await makeSession(request, group.id))
  // The session starts at 9:30; the long hand goes from 6 on to 2, past 12.
  await dragHand(page, 0.8, 180, 420)
  const dial = page.getByRole('slider', { name: 'Time shown' })
  await expect(dial).toHaveAttribute('aria-valuetext', 'ten past ten')
  await dial.focus()
  // 1, 5, 15 and 60 minutes by key; with shift, the hour hand by an hour.
  for (const [key, said] of [
    ['ArrowUp', 'quarter past ten'],
    ['End', 'quarter past eleven'],
    ['PageDown', 'eleven o’clock'],
    ['ArrowRight', 'one minute past eleven'],
    ['Shift+ArrowLeft', 'one minute past ten'],
    ['ArrowLeft', 'ten o’clock'],
    ['PageUp', 'quarter past ten'],
    ['Shift+ArrowUp', 'quarter past eleven'],
  ] as const) {
    await page.keyboard.press(key)
    await expect(dial).toHaveAttribute('aria-valuetext', said)
  }

  await page.keyboard.press('g')
  await dragHand(page, 0.8, 90, 180)
  await page.getByRole('button', { name: 'Say the time' }).click()
  // The hour hand stayed at a quarter past: 337.5 degrees is 15 past 11.
  await expect(page.getByText('Your hour hand says about 15 past, your minute hand says 30.')).toBeVisible()
})

test('answers are kept over a reload, taken back by undo, and counted once after a lost connection', async ({
  page,
  request,
  context,
  quiet,
}) => {
  quiet.allow(/ERR_INTERNET_DISCONNECTED|Failed to load resource/)
  const { group } = await makeGroup(request, 'Queue testers', ['Moss', 'Fern'])
  const session = await makeSession(request, group.id)
  await page.clock.install()
  await openTable(page, session)
  await page.keyboard.press('q')
  await expect(page.getByRole('heading', { name: 'Moss' })).toBeVisible()
  await page.keyboard.press('2')
  await nextQuestion(page)
  await expect(page.getByRole('heading', { name: 'Fern' })).toBeVisible()
  await expect.poll(async () => (await answersOf(request, session.id)).length).toBe(1)

  await context.setOffline(true)
  await page.keyboard.press('1')
  const waits = page.getByText('1 answer waits. Kept here until Ripe Acorn can be reached again.')
  await tryingAgain(page, () => expect(waits).toBeVisible(SOON))
  expect((await answersOf(request, session.id)).length).toBe(1)
  await context.setOffline(false)
  await expect.poll(async () => (await answersOf(request, session.id)).length).toBe(2)

  await page.reload()
  await page.getByRole('tab', { name: 'Quick check' }).click()
  await expect(page.getByRole('button', { name: /^Moss ?[01]\/1$/ })).toBeVisible()
  await page.keyboard.press('u')
  await expect.poll(async () => (await answersOf(request, session.id)).map((answer) => answer.childId).length).toBe(1)
})

test('the hands that a child sets are logged as they stand', async ({ page, request }) => {
  const { group } = await makeGroup(request, 'Setting testers', ['Moss'])
  const session = await makeSession(request, group.id)
  await openTable(page, session)
  await page.keyboard.press('q')
  await page.getByRole('combobox', { name: 'Which step' }).selectOption('Half past')
  await page.getByRole('combobox', { name: 'Which way' }).selectOption('setting a clock')
  await expect(page.getByRole('button', { name: 'Done' })).toBeVisible()
  const asked = (await page.getByText(/^Show me half past/).textContent()) ?? ''
  const hours = ['twelve', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven']
  const hour = hours.findIndex((word) => asked.includes(`past ${word}.`))
  // Both hands stand at 12: the long one is taken far out, the short one near the middle.
  await dragHand(page, 0.8, 0, 180)
  await dragHand(page, 0.4, 0, hour * 30 + 15)
  await page.getByLabel('I helped').check()
  await page.getByRole('button', { name: 'Done' }).click()
  await expect(page.getByText(/^Right: half past/)).toBeVisible()
  await expect.poll(async () => (await answersOf(request, session.id)).length).toBe(1)
  const [answer] = await answersOf(request, session.id)
  expect(answer).toMatchObject({ right: true, helped: true, choices: 0, stage: 'concrete' })
  expect(answer?.given).toMatchObject({ kind: 'hands', minute: 180 })
})

test('the step’s time runs and the steps go to their end by key', async ({ page, request }) => {
  const { group } = await makeGroup(request, 'Timer testers', ['Moss'])
  const session = await makeSession(request, group.id)
  await page.clock.install()
  await openTable(page, session)
  await stopClock(page)
  const first = session.plan.steps[0]
  await expect(page.getByRole('timer')).toHaveText(`${first?.minutes}:00`)
  await page.keyboard.press('t')
  await page.clock.runFor(2000)
  await expect(page.getByRole('timer')).toHaveText(`${(first?.minutes ?? 1) - 1}:58`)
  await page.keyboard.press('t')
  await page.clock.resume()
  await expect(page.getByRole('button', { name: 'Start' })).toBeVisible()
  for (let i = 0; i < session.plan.steps.length; i++) await page.keyboard.press('n')
  await expect(page.getByRole('dialog', { name: 'End the session' })).toBeVisible()
})

test('a list of keys is shown on ?', async ({ page }) => {
  await page.goto('/')
  await expect(page.getByRole('heading', { name: 'Today' })).toBeVisible()
  await page.keyboard.press('?')
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible()
})

test('undo goes back to the question that was answered, whatever was skipped since', async ({ page, request }) => {
  const { group } = await makeGroup(request, 'Undo testers', ['Moss'])
  const session = await makeSession(request, group.id)
  await openTable(page, session)
  await page.keyboard.press('q')
  const choices = async () => (await page.locator('.table-choice').allTextContents()).join('|')
  await expect(page.locator('.table-choice')).toHaveCount(6)
  const asked = await choices()
  await page.keyboard.press('1')
  await nextQuestion(page)
  for (let i = 0; i < 3; i++) await page.getByRole('button', { name: 'Skip' }).click()
  expect(await choices()).not.toBe(asked)
  await page.keyboard.press('u')
  await expect.poll(choices).toBe(asked)
  await expect.poll(async () => (await answersOf(request, session.id)).length).toBe(0)
})

test('keys go on working after a switch was clicked', async ({ page, request }) => {
  const { group } = await makeGroup(request, 'Focus testers', ['Moss'])
  await openTable(page, await makeSession(request, group.id))
  await page.getByText('Each hand alone', { exact: true }).click()
  await expect(page.getByRole('slider', { name: 'Minute hand' })).toBeVisible()
  await page.keyboard.press('g')
  await expect(page.getByRole('slider', { name: 'Time shown' })).toBeVisible()
})

test('an answer that cannot be taken does not take the others with it', async ({ page, request, context, quiet }) => {
  quiet.allow(/ERR_INTERNET_DISCONNECTED|Failed to load resource/)
  const { group } = await makeGroup(request, 'Batch testers', ['Moss'])
  const session = await makeSession(request, group.id)
  await page.clock.install()
  await openTable(page, session)
  await page.keyboard.press('q')
  await expect(page.locator('.table-choice').first()).toBeVisible()
  await context.setOffline(true)
  for (let i = 0; i < 3; i++) {
    await page.keyboard.press('1')
    await nextQuestion(page)
  }
  await tryingAgain(page, () => expect(page.getByText('3 answers wait. Kept here')).toBeVisible(SOON))
  // The second of them is spoilt where it waits, as an older version of the app might have left it.
  await page.evaluate(async () => {
    const open = indexedDB.open('ripe-acorn')
    const db = await new Promise<IDBDatabase>((resolve) => (open.onsuccess = () => resolve(open.result)))
    const store = db.transaction('waiting', 'readwrite').objectStore('waiting')
    const all = await new Promise<{ answer: { choices: number } }[]>((resolve) => {
      const asked = store.getAll()
      asked.onsuccess = () => resolve(asked.result as { answer: { choices: number } }[])
    })
    const second = all[1]
    if (!second) throw new Error('nothing waits')
    second.answer.choices = -7
    await new Promise((resolve) => (store.put(second).onsuccess = resolve))
    db.close()
  })
  await context.setOffline(false)
  await expect.poll(async () => (await answersOf(request, session.id)).length).toBe(2)
  const refused = page.getByRole('list', { name: 'Not accepted' })
  await tryingAgain(page, () => expect(refused).toContainText('choices must be at least 0', SOON))
})

test('helps are switched one by one and faded in the order that was chosen', async ({ page, request }) => {
  const { group } = await makeGroup(request, 'Help testers', ['Moss'])
  await openTable(page, await makeSession(request, group.id))
  const ring = page.locator('.table-dial text', { hasText: /^25$/ })
  await page.getByRole('button', { name: 'Hints on the clock' }).click()
  await page.getByRole('switch', { name: 'ring of fives' }).check()
  await page.getByRole('switch', { name: 'hour zone' }).check()
  await expect(ring).toBeVisible()
  await expect(page.getByText('still 9-something')).toBeVisible()
  await expect(page.getByRole('button', { name: 'Fade ring of fives', exact: true })).toBeVisible()
  // The hour zone goes to the top of the order, two places up.
  for (let i = 0; i < 2; i++) await page.getByRole('button', { name: 'Fade hour zone sooner' }).click()
  await page.getByText('quarters', { exact: true }).click()
  await expect(page.locator('.table-dial text', { hasText: /^7$/ })).toHaveCount(0)
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: 'Fade hour zone', exact: true }).click()
  await expect(page.getByText('still 9-something')).toBeHidden()
  await page.getByRole('button', { name: 'Fade ring of fives', exact: true }).click()
  await expect(ring).toHaveCount(0)
  await page.reload()
  await expect(page.getByRole('button', { name: 'Hints on the clock', exact: true })).toBeVisible()
})

test('the number line and the minute hand move each other, and a jump is shown on the clock', async ({
  page,
  request,
}) => {
  const { group } = await makeGroup(request, 'Line testers', ['Moss'])
  await openTable(page, await makeSession(request, group.id))
  const dial = page.getByRole('slider', { name: 'Time shown' })
  await page.getByLabel('Line under the clock').selectOption('Number line')
  const line = page.getByRole('slider', { name: 'Number line' })
  await expect(line).toHaveAttribute('aria-valuetext', '30 minutes past, 30 to')
  const box = await line.boundingBox()
  if (!box) throw new Error('no line')
  // 50 minutes: the line runs from 10 to 210 of its 220 mm.
  await page.mouse.click(box.x + (box.width * (10 + (200 * 50) / 60)) / 220, box.y + box.height / 2)
  await expect(dial).toHaveAttribute('aria-valuetext', 'ten to ten')
  await dial.focus()
  await page.keyboard.press('ArrowUp')
  await expect(line).toHaveAttribute('aria-valuenow', '55')

  await page.getByLabel('Line under the clock').selectOption('Jumps')
  // 9:55 and 20 minutes: 5 to the hour, 15 more.
  await expect(page.getByRole('img', { name: 'Jumps from 9:55 to 10:15' })).toContainText('5 min')
  await page.getByRole('button', { name: 'Show 10:15 on the clock' }).click()
  await expect(dial).toHaveAttribute('aria-valuetext', 'quarter past ten')
  await page.getByText('Start when', { exact: true }).click()
  await page.getByLabel('Minutes of each jump').fill('12, 8, soon')
  await expect(page.getByText('Like 12, 8, 20')).toBeVisible()
  await page.getByLabel('Minutes of each jump').fill('12, 8, 20')
  await page.getByRole('button', { name: 'Show 9:35 on the clock' }).click()
  await expect(dial).toHaveAttribute('aria-valuetext', 'twenty-five to ten')
})

test('each hand stands on its own clock beside both, and the clock is set by what is typed', async ({
  page,
  request,
}) => {
  const { group } = await makeGroup(request, 'Apart testers', ['Moss'])
  await openTable(page, await makeSession(request, group.id))
  await page.getByLabel('Which clocks').selectOption('One hand each, then both')
  await expect(page.locator('.table-dial')).toHaveCount(3)
  const setTo = page.getByLabel('Set the clock to')
  for (const [typed, why] of [
    ['25:00', 'there is no 25'],
    ['9:5', 'Two figures follow the colon'],
    ['half past 13', 'there is no 13'],
    ['x'.repeat(10_000), 'at most 80 characters, this has 10000'],
  ] as const) {
    await setTo.fill(typed)
    await setTo.press('Enter')
    await expect(page.getByText(why)).toBeVisible()
  }
  await setTo.fill('quarter till five')
  await setTo.press('Enter')
  await expect(page.getByRole('img', { name: 'The hour hand alone showing quarter to five' })).toBeVisible()
  await expect(page.getByRole('img', { name: 'Both hands showing quarter to five' })).toBeVisible()
  // Back past midnight: the day before is told.
  await page.getByLabel('Which clocks').selectOption('Both hands')
  const dial = page.getByRole('slider', { name: 'Time shown' })
  await dial.focus()
  for (let i = 0; i < 5; i++) await page.keyboard.press('Home')
  await page.keyboard.press('r')
  await expect(page.getByText('quarter to twelve · 11:45 p.m. · the day before')).toBeVisible()
})
