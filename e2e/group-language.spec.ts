import { activityWords, activityOf } from '../src/core/activities'
import { misreadings, saidToChild } from '../src/core/teaching'
import { readPdf } from '../tests/readback/pdf'
import { expect, makeGroup, makeSession, test } from './fixtures'

/* A group that speaks German in a house that speaks English: what its children hear and see is German. */

test('what is read and said to children at the table, and a game and its calls, are in the group’s language', async ({
  page,
  request,
}) => {
  const { group } = await makeGroup(request, 'Die Reiher', ['Mila', 'Jonas', 'Lotte'])
  const { name, version, childIds } = group
  const ruled = await request.put(`/api/groups/${group.id}`, {
    data: { name, version, childIds, rules: { language: 'de' } },
  })
  expect(ruled.ok()).toBe(true)
  const session = await makeSession(request, group.id)
  const [first] = session.plan.steps
  if (!first) throw new Error('a session without an activity')
  const words = activityWords(activityOf(first), 'de', first.rung)

  await page.goto(`/table/${session.id}`)
  await expect(page.getByText(`“${words.say}”`)).toBeVisible()
  await expect(page.getByRole('listitem').filter({ hasText: words.steps[0] ?? '' })).toBeVisible()

  // Choices until one of them is wrong.
  await page.keyboard.press('q')
  const said = page.getByText(/^Say: “/)
  const next = page.getByRole('button', { name: 'Next question' })
  for (let tries = 0; tries < 12 && !(await said.isVisible()); tries++) {
    if (await next.isVisible()) await next.click()
    await page
      .locator('.table-choice')
      .nth(tries % 3)
      .click()
    await expect(next).toBeVisible()
  }
  const sentence = ((await said.textContent()) ?? '').replace(/^Say: “|”$/g, '')
  const german = [undefined, ...misreadings.map(({ id }) => id)].map((id) => saidToChild(id, 'de'))
  expect(german).toContain(sentence)

  await page.goto(`/play?game=find-your-time&rung=quarters&group=${group.id}`)
  const href = await page.getByRole('link', { name: 'On paper: the calls' }).getAttribute('href')
  const pages = await readPdf(await (await request.get(href ?? '')).body())
  expect(pages.map(({ text }) => text).join(' ')).toMatch(/[Vv]iertel (nach|vor)/)
  const refused = await request.get(`${href ?? ''}`.replace('language=de', 'language=xx'))
  expect(refused.status()).toBe(400)
})
