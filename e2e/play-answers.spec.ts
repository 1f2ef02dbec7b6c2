import type { Answer } from '../src/core/knowing'
import type { GroupCount } from '../src/core/records'
import { expect, makeGroup, makeSession, test } from './fixtures'

const stage = 'The game'

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
  const taking = page.getByRole('group', { name: 'Who showed what' })
  await expect(taking.getByRole('button', { name: 'Kit 1', exact: true })).toBeVisible()
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

test('in a game with arms it is taken who was there, nearly, or at which wrong time, with the session', async ({
  page,
  request,
}) => {
  const { group, childIds } = await makeGroup(request, 'Arms', ['Bo', 'Wren', 'Ilse'])
  const session = await makeSession(request, group.id, 40)
  await page.goto(`/play?group=${group.id}&session=${session.id}&game=arms-as-hands&rung=quarters`)
  await page.getByRole('button', { name: 'Start arms as hands' }).click()
  for (let i = 0; i < 4; i++) await page.keyboard.press('ArrowRight')
  await page.keyboard.press('Space')
  await expect(page.getByRole('region', { name: stage })).toContainText('Show three o’clock with your arms.')
  await page.getByRole('switch', { name: 'Take answers' }).click({ force: true })
  const taking = page.getByRole('group', { name: 'Who showed what' })
  await taking.getByRole('button', { name: 'Bo', exact: true }).click()
  await taking.getByRole('button', { name: 'Nearly', exact: true }).click()
  await taking.getByRole('button', { name: 'Wren', exact: true }).click()
  // The first of the wrong times stands after "Nearly".
  const wrong = taking
    .getByRole('button')
    .filter({ hasNotText: /There|Nearly|Bo|Wren|Ilse/ })
    .first()
  const said = await wrong.innerText()
  await wrong.click()
  await taking.getByRole('button', { name: 'Ilse', exact: true }).click()
  await expect(taking.getByRole('button', { name: `Ilse: ${said}` })).toBeVisible()
  const kept = async () => (await (await request.get(`/api/answers?sessionId=${session.id}`)).json()) as Answer[]
  await expect.poll(async () => (await kept()).length).toBe(3)
  const of = Object.fromEntries((await kept()).map((answer) => [childIds.indexOf(answer.childId), answer]))
  expect(of[0]).toMatchObject({ right: true, helped: false, stage: 'concrete', item: { ask: 'set' } })
  expect(of[1]).toMatchObject({ right: true, helped: true })
  expect(of[2]).toMatchObject({ right: false, helped: false })
})

test('a group is counted, which is kept with the session and read in the log', async ({ page, request }) => {
  const { group } = await makeGroup(request, 'Counted', ['Bo', 'Wren'])
  const session = await makeSession(request, group.id, 40)
  await page.goto(`/play?group=${group.id}&session=${session.id}&game=freeze&rung=oclock`)
  await page.getByRole('button', { name: 'Start freeze' }).click()
  for (let i = 0; i < 3; i++) await page.keyboard.press('ArrowRight')
  await page.keyboard.press('Space')
  await page.getByRole('switch', { name: 'Take answers' }).click({ force: true })
  await page.getByText('Count the group').click({ force: true })
  const there = page.getByRole('button', { name: /^There: .*one more$/ })
  for (let i = 0; i < 3; i++) await there.click()
  await page.getByRole('button', { name: /^One fewer: There/ }).click()
  await page.getByRole('button', { name: /^Nearly: 0/ }).click()
  await expect(page.getByText('Kept with the session, not with a child.')).toBeVisible()
  await expect
    .poll(async () => {
      const [kept] = (await (await request.get(`/api/sessions/${session.id}/counts`)).json()) as GroupCount[]
      return kept?.lines.map(({ count }) => count)
    })
    .toEqual([2, 1, 0, 0, 0])
  await page.goto(`/log?session=${session.id}`)
  await expect(page.getByRole('region', { name: 'Counted in games' })).toContainText(/o’clock: 2 there, 1 nearly/)
})

test('without a connection a game goes on, its answers wait, and they are sent once it is back', async ({
  page,
  request,
  context,
  quiet,
}) => {
  quiet.allow(/ERR_INTERNET_DISCONNECTED/)
  const { group, childIds } = await makeGroup(request, 'Far off', ['Bo'])
  await page.goto(`/play?group=${group.id}&game=walk-the-hours&rung=oclock`)
  await page.getByRole('button', { name: 'Start walk the hours' }).click()
  await page.getByRole('button', { name: 'Voice and picture' }).click()
  await page.keyboard.press('Escape')
  await context.setOffline(true)
  const game = page.getByRole('region', { name: stage })
  for (let i = 0; i < 14; i++) await page.keyboard.press('ArrowRight')
  await expect(game).toContainText('What time is it?')
  await page.keyboard.press('Space')
  await page.getByRole('switch', { name: 'Take answers' }).click({ force: true })
  await page.getByRole('button', { name: 'Bo', exact: true }).click()
  await expect(page.getByRole('button', { name: /^Bo: There/ })).toBeVisible()
  await context.setOffline(false)
  await expect
    .poll(async () => ((await (await request.get(`/api/answers?childId=${childIds[0]}`)).json()) as Answer[]).length, {
      timeout: 15_000,
    })
    .toBe(1)
})
