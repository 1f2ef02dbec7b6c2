import type { Answer, ChildReport } from '../src/core'
import { answersOf, expect, makeGroup, makeSession, test } from './fixtures'

/** Answers as the table sends them: eight readings of half past, three in four of which ignore the minute hand. */
function readings(childId: string, sessionId: string) {
  return Array.from({ length: 8 }, (_, i) => {
    const minute = i * 60 + 30
    const given = { kind: 'time', minute: i % 4 === 0 ? minute : i * 60 }
    const wrong = [i * 60, ((i + 1) % 12) * 60 + 30, ((i + 5) % 12) * 60 + 30]
    const lures = wrong.map((time) => ({ value: { kind: 'time', minute: time } }))
    const item = { rung: 'half', ask: 'read', shown: { as: 'dial', minute, hands: 'both' }, answer: { kind: 'time', minute }, lures } // prettier-ignore
    return { id: crypto.randomUUID(), childId, sessionId, at: Date.now() - 60_000 + i * 1000, item, choices: 4, given, stage: 'pictorial', helped: false } // prettier-ignore
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
  await expect(record).toContainText('Mistakes share: ignores the minute hand')
  await expect(record.getByText('half past one, answered “one o’clock”')).toBeVisible()

  await page.getByRole('combobox', { name: 'Which group' }).click()
  await page.getByRole('option', { name: 'Log testers' }).click()
  await expect(page.getByRole('navigation', { name: 'Sessions' }).getByRole('button')).toHaveCount(1)

  await record.getByRole('button', { name: 'Remove' }).click()
  await expect(page.getByRole('dialog')).toContainText('The answers given in it stay with the children.')
  await page.getByRole('dialog').getByRole('button', { name: 'Remove it' }).click()
  await expect(page.getByRole('navigation', { name: 'Sessions' }).getByRole('button')).toHaveCount(0)
  expect(await answersOf(request, session.id)).toEqual([])
  const kept = (await (await request.get(`/api/children/${childIds[0]}`)).json()) as ChildReport
  expect(kept.answers).toBe(8)
})

test('an answer logged by mistake is taken out, and what follows from it is worked out again', async ({
  page,
  request,
}) => {
  const { group, childIds } = await makeGroup(request, 'Answer testers', ['Yarrow'])
  const session = await makeSession(request, group.id)
  await request.post('/api/answers', { data: { answers: readings(childIds[0] ?? '', session.id) } })
  await page.goto(`/children/${childIds[0]}`)
  const table = page.getByRole('region', { name: 'Answers' })
  await expect(table.getByRole('heading')).toHaveText('8 answers')
  await table.getByText('Wrong ones').click()
  await expect(table.getByRole('row')).toHaveCount(7)
  await table.getByRole('button', { name: /^Take out/ }).first().click() // prettier-ignore
  await expect(page.getByRole('dialog')).toContainText('goes for good')
  await page.getByRole('dialog').getByRole('button', { name: 'Take it out' }).click()
  await expect(table.getByRole('heading')).toHaveText('7 answers')
  const left = (await (await request.get(`/api/answers?childId=${childIds[0]}`)).json()) as Answer[]
  expect(left.filter((answer) => !answer.right)).toHaveLength(5)
})

test('a view that cannot reach the server says so, and comes back', async ({ page, quiet }) => {
  quiet.allow(/Failed to load resource/)
  await page.route('**/api/overview', (route) => route.abort())
  await page.goto('/')
  await expect(page.getByRole('alert')).toContainText('Ripe Acorn cannot be reached. Is it still running?')
  await page.unroute('**/api/overview')
  await page.getByRole('button', { name: 'Try again' }).click()
  await expect(page.getByRole('heading', { name: 'Today' })).toBeVisible()
})

test('a change that could not be saved stays on the screen and is saved again', async ({ page, request, quiet }) => {
  quiet.allow(/Failed to load resource/)
  const { group } = await makeGroup(request, 'Save testers', ['Tansy'])
  const session = await makeSession(request, group.id)
  await page.goto(`/plan/${session.id}`)
  await expect(page.getByText('25 of 25 minutes planned')).toBeVisible()
  await page.route('**/api/sessions/*', (route) => (route.request().method() === 'PUT' ? route.abort() : route.continue()))
  await page.getByLabel('Minutes there are').fill('35')
  await expect(page.getByText('The last change is not saved yet.')).toBeVisible()
  await page.unroute('**/api/sessions/*')
  await page.getByRole('button', { name: 'Save again' }).click()
  await expect(page.getByText('The last change is not saved yet.')).toBeHidden()
  await page.reload()
  await expect(page.getByLabel('Minutes there are')).toHaveValue('35')
}) // prettier-ignore

test('a session nobody can fill says what would fit', async ({ page, request, quiet }) => {
  quiet.allow(/400/)
  const { group } = await makeGroup(request, 'Lone testers', ['Vetch'])
  await page.goto('/')
  const card = page.getByRole('region', { name: group.name })
  await card.getByRole('textbox', { name: 'Minutes' }).fill('120')
  await card.getByRole('button', { name: 'Build a session' }).click()
  await expect(card.getByRole('alert')).toContainText(/minutes must be a length that .* such as \d+/)
  await card.getByRole('textbox', { name: 'Minutes' }).fill('5')
  await card.getByRole('button', { name: 'Build a session' }).click()
  await expect(card.getByRole('alert')).toContainText('minutes must be greater than or equal to 10')
})
