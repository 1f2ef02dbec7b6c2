import { inEnglish, told } from '../src/core/wording'
import { activityOf } from '../src/core/activities'
import { answersOf, expect, makeGroup, makeSession, openTable, test, violationsOf } from './fixtures'

test('all show at once: one tap for those who are there, one for who is not, and a second takes it back', async ({
  page,
  request,
}) => {
  const names = ['Moss', 'Fern', 'Reed', 'Sedge']
  const { group, childIds } = await makeGroup(request, 'Show testers', names)
  const session = await makeSession(request, group.id)
  await openTable(page, session)
  await page.keyboard.press('q')
  await page.getByRole('combobox', { name: 'Which step' }).selectOption('O’clock')
  await page.getByText('All at once', { exact: true }).click()
  await expect(page.getByRole('heading', { name: 'Round 1' })).toBeVisible()
  const panel = page.getByRole('region', { name: 'Moss, Fern, Reed and Sedge' })
  const asked = await page.getByRole('region', { name: 'What each is asked' }).innerText()
  expect(asked).toContain('Show me')

  await panel.getByRole('button').nth(3).click()
  await panel.getByRole('button', { name: 'Fern', exact: true }).click()
  await expect(panel.getByText('Say to Fern')).toBeVisible()
  await panel.getByRole('button', { name: 'All the others are there' }).click()
  await expect(page.getByText('3 of 4 right so far; 4 were asked.')).toBeVisible()
  await expect.poll(async () => (await answersOf(request, session.id)).length).toBe(4)
  const kept = await answersOf(request, session.id)
  for (const answer of kept)
    expect(answer).toMatchObject({
      right: answer.childId !== childIds[1],
      stage: 'concrete',
      helped: false,
      item: { rung: 'oclock', ask: 'set' },
    })

  // What was tapped stands after a reload; the same tap once more takes it back.
  await page.reload()
  await page.getByRole('tab', { name: 'Quick check' }).click()
  await expect(page.getByText('3 of 4 right so far; 4 were asked.')).toBeVisible()
  await panel.getByRole('button', { name: 'Reed: There' }).click()
  await expect(page.getByText('2 of 3 right so far; 4 were asked.')).toBeVisible()
  await expect.poll(async () => (await answersOf(request, session.id)).length).toBe(3)

  await page.getByRole('button', { name: 'Show what is right' }).click()
  await expect(page.getByRole('region', { name: 'What each is asked' }).getByRole('img')).toBeVisible()
  await page.getByRole('button', { name: 'Next round' }).click()
  await expect(page.getByRole('heading', { name: 'Round 2' })).toBeVisible()
  expect(await page.getByRole('region', { name: 'What each is asked' }).innerText()).not.toBe(asked)
  // Undo takes back the last answer of the round before.
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect.poll(async () => (await answersOf(request, session.id)).length).toBe(2)
})

test('who only lacks answers is asked first, in a step that asks all at once by itself', async ({ page, request }) => {
  const { group, childIds } = await makeGroup(request, 'Nearly there', ['Moss'])
  const before = await makeSession(request, group.id)
  await openTable(page, before)
  await page.keyboard.press('q')
  await page.getByText('All at once', { exact: true }).click()
  for (let i = 0; i < 5; i++) {
    const panel = page.getByRole('region', { name: 'Moss', exact: true })
    const heading = (await panel.locator('p').first().innerText()).replace('Moss: ', '')
    await panel.getByRole('button', { name: new RegExp(`: ${heading}$`) }).click()
    await page.getByRole('button', { name: 'Next round' }).click()
  }
  await expect.poll(async () => (await answersOf(request, before.id)).length).toBe(5)
  const session = await makeSession(request, group.id, 30)
  const [first] = session.plan.steps
  expect(first && activityOf(first).role).toBe('recall')
  expect(inEnglish(first?.why ?? told(''))).toContain('Moss')
  await openTable(page, session)
  await page.getByRole('button', { name: 'Ask all at once' }).click()
  await expect(page.getByRole('heading', { name: 'Round 1' })).toBeVisible()
  await page.getByText('In turn', { exact: true }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'Moss' })).toBeVisible()
  expect(await violationsOf(page)).toEqual([])
  expect(childIds).toHaveLength(1)
})
