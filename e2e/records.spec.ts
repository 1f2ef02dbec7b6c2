import type { Answer } from '../src/core/knowing'
import type { ChildReport } from '../src/core/records'
import { readPdf } from '../tests/readback/pdf'
import { SOON, answersOf, expect, makeGroup, makeSession, overviewOf, test, tryingAgain, findPeople } from './fixtures'

/** Answers as the table sends them: eight readings of half past, three in four of which ignore the minute hand. */
function readings(childId: string, sessionId: string) {
  return Array.from({ length: 8 }, (_, i) => {
    const minute = i * 60 + 30
    const given = { kind: 'time', minute: i % 4 === 0 ? minute : i * 60 }
    const wrong = [i * 60, ((i + 1) % 12) * 60 + 30, ((i + 5) % 12) * 60 + 30]
    const lures = wrong.map((time) => ({ value: { kind: 'time', minute: time } }))
    const item = {
      rung: 'half',
      ask: 'read',
      shown: { as: 'dial', minute, hands: 'both' },
      answer: { kind: 'time', minute },
      lures,
    }
    return {
      id: crypto.randomUUID(),
      childId,
      sessionId,
      at: Date.now() - 60_000 + i * 1000,
      item,
      choices: 4,
      given,
      stage: 'pictorial',
      helped: false,
    }
  })
}

test('the log tells a session, and what is removed is gone but for the answers', async ({ page, request }) => {
  const { group, childIds } = await makeGroup(request, 'Log testers', ['Sorrel'])
  const session = await makeSession(request, group.id)
  await request.post('/api/answers', { data: { answers: readings(childIds[0] ?? '', session.id) } })
  await request.post(`/api/sessions/${session.id}/done`, { data: { note: 'Lamps were lit at half past four.' } })

  await page.goto(`/log?session=${session.id}`)
  const record = page.getByRole('region', { name: 'The session' })
  await expect(record).toContainText('Lamps were lit at half past four.')
  await expect(record).toContainText('2 of 8 right')
  await expect(record).toContainText('The same mistake: ignores the minute hand')
  await expect(record.getByText('half past one, answered “one o’clock”')).toBeVisible()

  await page.getByRole('combobox', { name: 'Which group' }).selectOption('Log testers')
  await expect(page.getByRole('navigation', { name: 'Sessions' }).getByRole('button')).toHaveCount(1)
  // Another group's session is opened with its group, and how far off its minutes were.
  await page.getByRole('combobox', { name: 'Which group' }).selectOption('Ducklings')
  await expect(record.getByRole('heading', { name: /^Ducklings, / })).toBeVisible()
  const off = page.getByRole('region', { name: 'Planned and real minutes' })
  await expect(off).toContainText('Planned and real minutes of Ducklings')
  await off.getByRole('button', { name: 'As a table' }).click()
  await expect(off.getByRole('cell', { name: /^\d+\.\d min$/ })).toHaveCount(6)
  await page.getByRole('combobox', { name: 'Which group' }).selectOption('Log testers')
  await expect(record).toContainText('Lamps were lit at half past four.')

  await record.getByRole('button', { name: 'Remove' }).click()
  await expect(page.getByRole('dialog')).toContainText('The answers given in it stay with the children.')
  await page.getByRole('dialog').getByRole('button', { name: 'Remove it' }).click()
  await expect(page.getByRole('navigation', { name: 'Sessions' }).getByRole('button')).toHaveCount(0)
  expect(await answersOf(request, session.id)).toEqual([])
  const kept = (await (await request.get(`/api/children/${childIds[0]}`)).json()) as ChildReport
  expect(kept.answers).toBe(8)
})

test('an answer logged by mistake is corrected or taken out with a trace, and put back', async ({ page, request }) => {
  const { group, childIds } = await makeGroup(request, 'Answer testers', ['Yarrow'])
  const session = await makeSession(request, group.id)
  await request.post('/api/answers', { data: { answers: readings(childIds[0] ?? '', session.id) } })
  const kept = async () => (await (await request.get(`/api/answers?childId=${childIds[0]}`)).json()) as Answer[]
  await page.goto(`/children/${childIds[0]}`)
  await page.getByRole('tab', { name: '8 answers' }).click()
  const table = page.getByRole('region', { name: 'Answers' })
  await table.getByText('Wrong only').click()
  await expect(table.getByText('6 of 8')).toBeVisible()

  // Taken out: not without a reason.
  await table
    .getByRole('button', { name: /^Change the answer/ })
    .first()
    .click()
  const dialog = page.getByRole('dialog')
  await expect(dialog.getByRole('button', { name: 'Take it out' })).toBeDisabled()
  await dialog.getByLabel('Why is it changed?').fill('Tapped for the wrong child')
  await dialog.getByRole('button', { name: 'Take it out' }).click()
  await expect(page.getByRole('tab', { name: '7 answers' })).toBeVisible()
  await expect(table.getByText(/was taken out\. Tapped for the wrong child/)).toBeVisible()
  expect((await kept()).filter((answer) => !answer.right)).toHaveLength(5)

  // Corrected: what is typed must be a time.
  await table
    .getByRole('button', { name: /^Change the answer/ })
    .first()
    .click()
  await dialog.getByLabel('Something else').check()
  await dialog.getByLabel('What was answered').fill('25:00')
  await expect(dialog.getByText('Hours go from 0 to 23')).toBeVisible()
  await dialog.getByLabel('What was answered').fill('half 8')
  await dialog.getByLabel('Why is it changed?').fill('Heard it wrong')
  await dialog.getByRole('button', { name: 'Correct it' }).click()
  await expect(table.getByText(/was corrected to “half past eight”\. Heard it wrong/)).toBeVisible()

  await table.getByRole('button', { name: 'Put back' }).last().click()
  await expect(page.getByRole('tab', { name: '8 answers' })).toBeVisible()
  await table.getByRole('button', { name: 'Put back' }).click()
  await expect(table.getByRole('button', { name: 'Put back' })).toHaveCount(0)
  expect((await kept()).filter((answer) => !answer.right)).toHaveLength(6)
})

test('a finding says why, what was not found says why not, and the adult’s judgement stands until it is taken back', async ({
  page,
  request,
}) => {
  const { group, childIds } = await makeGroup(request, 'Judgement testers', ['Betony'])
  const session = await makeSession(request, group.id)
  await request.post('/api/answers', { data: { answers: readings(childIds[0] ?? '', session.id) } })
  await page.goto(`/children/${childIds[0]}`)
  const shared = page.getByRole('region', { name: 'Pattern in the mistakes' })
  await expect(shared).toContainText('Ignores the minute hand')
  await expect(shared).toContainText('6 answers speak for it, 2 could have shown it and did not.')
  await shared.getByRole('combobox').selectOption('takes the number the hour hand is nearing')
  await expect(shared.getByRole('status')).toContainText('where 1 to 1 and 2 answers are needed: 0 speak for it')
  await shared.getByRole('combobox').selectOption('reckons as if an hour had 100 minutes')
  await expect(shared.getByRole('status')).toContainText('No answer so far could have shown it')

  const rungs = page.getByRole('region', { name: 'Steps' })
  await rungs.getByText('Half past', { exact: true }).click()
  await expect(rungs).toContainText(
    /Before we call it secure: about \d+ more right answers; right answers on a second day; answers of a second kind, so far only with pictures/,
  )
  await expect(rungs).toContainText('with pictures 2 of 8')
  await rungs
    .getByRole('listitem')
    .filter({ hasText: 'Half past' })
    .getByRole('button', { name: 'Mark as known' })
    .click()
  await page.getByRole('dialog').getByLabel('Why').fill('Reads the kitchen clock at home')
  await page.getByRole('dialog').getByRole('button', { name: 'It is known' }).click()
  await expect(rungs.getByText('You marked it as known on')).toContainText('“Reads the kitchen clock at home”')
  await expect(rungs).toContainText('secure, marked by you')
  const report = (await (await request.get(`/api/children/${childIds[0]}`)).json()) as ChildReport
  expect(report.standing.firm).toContain('half')
  await rungs.getByRole('button', { name: 'Undo' }).click()
  await expect(rungs.getByText('You marked it as known on')).toBeHidden()

  await page.getByRole('tab', { name: 'Notes: 0' }).click()
  await page.getByLabel('A new note').fill('Likes to set the lamp clock.')
  await page.getByRole('button', { name: 'Save' }).click()
  await expect(page.getByRole('tab', { name: 'Notes: 1' })).toBeVisible()
  await page.reload()
  await page.getByRole('tab', { name: 'Notes: 1' }).click()
  await expect(page.getByText('Likes to set the lamp clock.')).toBeVisible()
})

test('a step that is secure has a certificate with the child’s name, in the language of its group', async ({
  page,
  request,
}) => {
  const { group, childIds } = await makeGroup(request, 'Die Störche', ['Mieke'])
  const { name, version } = group
  const ruled = await request.put(`/api/groups/${group.id}`, {
    data: { name, version, childIds: group.childIds, rules: { language: 'de' } },
  })
  expect(ruled.ok()).toBe(true)
  await request.put(`/api/children/${childIds[0]}/overrule`, { data: { rung: 'oclock', verdict: 'firm', note: '' } })
  await page.goto(`/children/${childIds[0]}`)
  const step = page.getByRole('region', { name: 'Steps' }).getByRole('listitem').filter({ hasText: 'O’clock' }).first()
  await step.getByText('O’clock', { exact: true }).click()
  const link = step.getByRole('link', { name: 'Print a certificate to colour in' })
  const [certificate, ...others] = await readPdf(
    await (await request.get((await link.getAttribute('href')) ?? '')).body(),
  )
  expect(certificate?.text).toContain('Ich kann die Uhr lesen')
  expect(certificate?.text).toContain('Mieke')
  // What the clocks say is on the control card.
  expect(others.map(({ text }) => text).join(' ')).toContain('Kontrollkarte')
})

test('growth is told week by week, and what was played in a week', async ({ page, request }) => {
  const { groups } = await overviewOf(request)
  const bram = groups.flatMap((each) => each.children).find(({ name }) => name === 'Bram')
  await page.goto(`/children/${bram?.id}`)
  await page.getByRole('tab', { name: 'Progress' }).click()
  const growth = page.getByRole('region', { name: 'Progress' })
  const oclock = growth.getByRole('row').filter({ hasText: 'O’clock' })
  await expect(oclock).toContainText('secure')
  await expect(oclock).toContainText(/★ \w{3} \d+ \w{3}/)
  const weeks = growth.getByRole('button', { name: /^What was played in the week of/ })
  await expect(oclock.getByRole('cell')).toHaveCount((await weeks.count()) + 1)
  await weeks.last().click()
  const week = growth.getByRole('region', { name: 'The week' })
  await expect(week).toContainText(/Quick check|Check on paper/)
  await expect(week).toContainText(/\d+ of \d+ right/)
})

test('a group stands side by side, with who goes together and why', async ({ page, request, quiet }) => {
  quiet.allow(/404/)
  const { group, childIds } = await makeGroup(request, 'Pair testers', ['Agrimony', 'Betony', 'Comfrey'])
  const session = await makeSession(request, group.id)
  for (const id of childIds.slice(0, 2))
    await request.post('/api/answers', { data: { answers: readings(id, session.id) } })
  await page.goto('/children')
  await findPeople(page, group.name)
  await page.getByRole('region', { name: group.name }).getByRole('link', { name: 'Side by side' }).click()
  await expect(page.getByRole('heading', { name: group.name })).toBeVisible()
  const row = page.getByRole('row').filter({ hasText: 'Agrimony' })
  await expect(row.getByRole('cell')).toHaveCount(9)
  const together = page.getByRole('region', { name: 'Together next time' })
  await expect(together).toContainText('Agrimony and Betony')
  await expect(together).toContainText('each ignores the minute hand')
  await expect(together).toContainText('Comfrey, with the adult')
  await expect(page.getByRole('region', { name: 'Who needs help with what' })).toContainText(
    'Agrimony and Betony: ignores the minute hand',
  )
  await page.goto(`/groups/${crypto.randomUUID()}`)
  await expect(page.getByRole('alert')).toContainText('There is no such group')
})

test('a view that cannot reach the server says so, and comes back', async ({ page, quiet }) => {
  quiet.allow(/Failed to load resource/)
  await page.goto('/log')
  await page.getByRole('combobox', { name: 'Which group' }).selectOption('Ducklings')
  // What the page came with is there; the answers of another session have to be asked for.
  await page.route('**/api/reads/record/*', (route) => route.abort())
  await page.getByRole('navigation', { name: 'Sessions' }).getByRole('button').last().click()
  await expect(page.getByRole('alert')).toContainText('Ripe Acorn cannot be reached. Is it still running?')
  await page.unroute('**/api/reads/record/*')
  await page.getByRole('button', { name: 'Try again' }).click()
  await expect(page.getByText(/of \d+ right|No answers were taken/).first()).toBeVisible()
})

test('a view shows what it knows before its script has come, and without one', async ({ browser, demo }) => {
  const context = await browser.newContext({ javaScriptEnabled: false, baseURL: demo.url })
  const page = await context.newPage()
  await page.goto('/')
  // Which groups are there whole depends on how many others there are.
  await expect(page.getByRole('heading', { name: 'Today' })).toBeVisible()
  await expect(page.getByRole('link', { name: 'Play a game with the whole body now' }).first()).toBeVisible()
  await page.goto('/children')
  await expect(page.getByRole('heading', { name: 'Children' })).toBeVisible()
  await page.goto('/make')
  await expect(page.getByRole('heading', { name: 'Workbench' })).toBeVisible()
  await expect(page.getByRole('img', { name: /A clock showing/ })).toBeVisible()
  await page.goto('/play?game=laps')
  await expect(page.getByRole('button', { name: 'Start laps' })).toBeVisible()
  await expect(page.getByText('Room of about')).toBeVisible()
  await context.close()
})

test('a change that could not be saved stays on the screen and is saved again', async ({ page, request, quiet }) => {
  quiet.allow(/Failed to load resource/)
  await page.clock.install()
  const { group } = await makeGroup(request, 'Save testers', ['Tansy'])
  const session = await makeSession(request, group.id)
  await page.goto(`/plan/${session.id}`)
  await expect(page.getByText('25 of 25 minutes planned')).toBeVisible()
  await page.route('**/api/sessions/*', (route) =>
    route.request().method() === 'PUT' ? route.abort() : route.continue(),
  )
  await page.getByLabel('Minutes available').fill('35')
  await expect(page.getByText('The last change is kept in this browser.')).toBeVisible()
  // Another page sends it as well, and says until then that it waits.
  await page.goto('/children')
  const waits = page.getByText('1 change of a session waits. Kept here')
  await tryingAgain(page, () => expect(waits).toBeVisible(SOON))
  await page.unroute('**/api/sessions/*')
  await tryingAgain(page, () => expect(waits).toBeHidden(SOON))
  await page.goto(`/plan/${session.id}`)
  await expect(page.getByLabel('Minutes available')).toHaveValue('35')
})

test('minutes that no session can have are told at the field, and others are planned', async ({
  page,
  request,
  quiet,
}) => {
  quiet.allow(/400/)
  const { group, childIds } = await makeGroup(request, 'Lone testers', ['Vetch'])
  await request.put(`/api/children/${childIds[0]}`, { data: { version: 1, name: 'Vetch', age: 5 } })
  await page.goto('/')
  await findPeople(page, group.name)
  const card = page.getByRole('region', { name: group.name })
  await card.getByLabel('Place').selectOption('outdoors')
  await card.getByRole('textbox', { name: 'Minutes' }).fill('5')
  await card.getByRole('button', { name: 'Build a session' }).click()
  await expect(card.getByRole('alert')).toContainText('Minutes must be at least 10, not 5.')
  await card.getByRole('textbox', { name: 'Minutes' }).fill('30')
  await card.getByRole('button', { name: 'Build a session' }).click()
  await expect(page.getByText('30 of 30 minutes planned')).toBeVisible()
})
