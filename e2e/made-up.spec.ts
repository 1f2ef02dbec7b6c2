import { expect, test, usable } from './fixtures'

test('made-up children are tried apart from one’s own, one click back, and go with the server that made them', async ({
  page,
  empty,
  quiet,
}) => {
  // The page outlives the server that it came from.
  quiet.allow(/ERR_CONNECTION_(REFUSED|RESET)|Failed to (load resource|fetch)/)
  await page.goto(empty.url)
  await page.getByLabel('Group').fill('Mine')
  await page.getByRole('button', { name: 'Try it with made-up children' }).click()
  await expect(page.getByRole('heading', { name: 'Ducklings' })).toBeVisible({ timeout: 60_000 })
  const there = new URL(page.url())
  expect(Number(there.port)).not.toBe(empty.port)

  // What is done there stays there.
  await usable(page)
  const { children } = (await (await page.request.get(`${there.origin}/api/overview`)).json()) as { children: number }
  expect(children).toBeGreaterThan(5)
  const again = await page.request.post(`${there.origin}/api/made-up`, { data: {}, headers: { origin: there.origin } })
  expect(again.status()).toBe(409)

  // Every view of theirs leads back.
  await page.goto(`${there.origin}/log`)
  await page.getByRole('link', { name: 'Back to my own' }).click()
  await expect(page.getByRole('heading', { name: 'Who is learning to tell the time?' })).toBeVisible()
  expect(new URL(page.url()).port).toBe(String(empty.port))
  expect(await (await page.request.get(`${empty.url}/api/overview`)).json()).toMatchObject({ children: 0, groups: [] })
  await expect(page.getByText('These children are made up')).toHaveCount(0)

  // They run once: a second click finds them as they were left.
  await usable(page)
  const port = (await (await page.request.post(`${empty.url}/api/made-up`, { data: {} })).json()) as { port: number }
  expect(port.port).toBe(Number(there.port))

  // Also where the server is killed.
  await empty.stop('SIGKILL')
  await expect
    .poll(
      () =>
        fetch(there.origin).then(
          ({ status }) => status,
          () => 'gone',
        ),
      { timeout: 15_000 },
    )
    .toBe('gone')
})
