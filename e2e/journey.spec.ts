import { answersOf, expect, nextQuestion, overviewOf, test, findPeople } from './fixtures'

test('a tutor takes a group from Today to printed pages, ten answers and what comes next', async ({
  page,
  request,
}) => {
  await page.goto('/')
  await findPeople(page, 'Herons')
  const card = page.getByRole('region', { name: 'Herons' })
  await card.getByRole('link', { name: 'Open the plan', exact: true }).click()
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Herons')
  await expect(page.getByText('40 of 40 minutes planned')).toBeVisible()
  const sessionId = page.url().split('/').pop() ?? ''

  const pdf = await request.get(`/api/sessions/${sessionId}/print.pdf`)
  expect(pdf.headers()['content-type']).toBe('application/pdf')
  expect((await pdf.body()).subarray(0, 5).toString()).toBe('%PDF-')

  await page.getByRole('link', { name: 'Start the session' }).click()
  // The session begins with what is nearly known, asked of all; here each child is asked in turn.
  await page.getByRole('button', { name: 'Ask all at once' }).click()
  await page.getByText('In turn', { exact: true }).click()
  for (let i = 0; i < 10; i++) {
    const set = page.getByRole('button', { name: 'Done' })
    const choice = page.locator('.table-choice').first()
    const written = page.getByLabel('What the child wrote')
    await expect(set.or(choice).or(written)).toBeVisible()
    if (await choice.isVisible()) {
      // By tap and by key in turn.
      if (i % 2 === 0) await choice.click()
      else await page.keyboard.press('1')
    } else if (await set.isVisible()) await page.keyboard.press('Enter')
    else {
      await written.fill('4:05')
      await page.getByRole('button', { name: 'Take it' }).click()
    }
    await expect(page.getByRole('status').filter({ hasText: /Right|Why\?/ })).toBeVisible()
    await nextQuestion(page)
  }
  await expect.poll(async () => (await answersOf(request, sessionId)).length).toBe(10)

  await page.getByRole('button', { name: 'End the session now' }).click()
  await page.getByLabel('Note').fill('The ferry came while we set the hands.')
  await page.getByRole('button', { name: 'End it and see what comes next' }).click()
  await expect(page).toHaveURL(/\/log\?session=/)
  const record = page.getByRole('region', { name: 'The session' })
  await expect(record).toContainText('The ferry came while we set the hands.')
  const answers = await answersOf(request, sessionId)
  const right = answers.filter((answer) => answer.right).length
  const shown = await record.getByText(/\d+ of \d+ right/).allTextContents()
  const sum = shown.reduce((total, text) => total + Number(/(\d+) of \d+ right/.exec(text)?.[1]), 0)
  expect(sum).toBe(right)

  const next = record.getByRole('region', { name: 'The next session' })
  await next.getByRole('button', { name: 'Build a session' }).click()
  await expect(page).toHaveURL(/\/plan\//)
  // As long as the one that ended.
  await expect(page.getByText('40 of 40 minutes planned')).toBeVisible()
  const herons = (await overviewOf(request)).groups.find(({ group }) => group.name === 'Herons')
  expect(herons?.last?.id).toBe(sessionId)
})

test('the planted misreadings of the demo are told in words on the children’s pages', async ({ page }) => {
  await page.goto('/children')
  await findPeople(page, 'Herons')
  const row = page.getByRole('listitem').filter({ hasText: 'Kwame' })
  await expect(row).toContainText('mixes up the hands')
  await row.getByRole('link', { name: 'Kwame' }).click()
  const findings = page.getByRole('region', { name: 'Pattern in the mistakes' })
  await findings.getByText('Show the answers').first().click()
  await expect(findings.getByText(/answered/).first()).toBeVisible()
  // A child in whom nothing was planted has nothing named.
  await page.goto('/children')
  await findPeople(page, 'Wren')
  await expect(page.getByRole('listitem').filter({ hasText: 'Wren' })).not.toContainText('The same mistake')
})
