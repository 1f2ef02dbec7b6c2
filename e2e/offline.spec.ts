import { answersOf, expect, makeGroup, makeSession, test, usable, findPeople } from './fixtures'

/* Without a connection: what opens, what says that it cannot, and that nothing is lost. */

test.use({ serviceWorkers: 'allow' })

/** What a browser says that is cut off, or whose page was opened again since one of its scripts did not come. */
const CUT_OFF = /ERR_INTERNET_DISCONNECTED|Failed to load resource|ERR_FAILED|no-response|dynamically imported module/

test('the table opens without a connection, takes answers, and sends them later; what was never opened says what works', async ({
  page,
  context,
  request,
  quiet,
}) => {
  quiet.allow(CUT_OFF)
  const { group } = await makeGroup(request, 'Ferry without signal', ['Moss'])
  const session = await makeSession(request, group.id)
  await page.goto(`/table/${session.id}`)
  await page.waitForFunction(() => navigator.serviceWorker.controller !== null)
  // Once more, so that the worker has seen it.
  await page.reload()
  await expect(page.getByRole('slider', { name: 'Time shown' })).toBeVisible()
  const held = () =>
    page.evaluate(async () =>
      (await (await caches.open('ripe-acorn-records')).keys()).map(({ url }) => new URL(url).pathname),
    )
  await expect.poll(held).toEqual(expect.arrayContaining(['/play', `/table/${session.id}`]))

  await context.setOffline(true)
  await page.goto('/make')
  await expect(page.getByRole('heading', { name: 'There is no connection to Ripe Acorn' })).toBeVisible()
  await page
    .getByRole('link', { name: /^Table/ })
    .first()
    .click()
  await page.waitForURL('**/table/*')
  await usable(page)
  await page.keyboard.press('q')
  await expect(page.getByRole('heading', { name: 'Moss' })).toBeVisible()
  await page.keyboard.press('2')
  await expect(page.getByText('1 answer waits. Kept here until Ripe Acorn can be reached again.')).toBeVisible()
  await page.reload()
  await expect(page.getByText('1 answer waits. Kept here until Ripe Acorn can be reached again.')).toBeVisible()
  await page.goto('/play')
  await expect(page.getByRole('heading', { name: 'Play now' })).toBeVisible()
  // The one page that is kept serves for every game.
  await page.goto('/play?game=laps')
  await expect(page.getByRole('button', { name: 'Start laps' })).toBeVisible()
  await expect(page.getByRole('button', { name: /^Laps/ })).toHaveAttribute('aria-pressed', 'true')

  await context.setOffline(false)
  await expect.poll(async () => (await answersOf(request, session.id)).length).toBe(1)
})

test.describe('in German', () => {
  test.use({ locale: 'de-DE' })

  test('a table that nobody has opened yet speaks it without a connection, in what comes later too', async ({
    page,
    context,
    request,
    quiet,
  }) => {
    quiet.allow(CUT_OFF)
    const { group } = await makeGroup(request, 'Fähre ohne Netz', ['Moss'])
    const session = await makeSession(request, group.id)
    await page.goto(`/plan/${session.id}`)
    await page.waitForFunction(() => navigator.serviceWorker.controller !== null)
    await page.reload()
    const holdsWords = () =>
      page.evaluate(async () =>
        (await (await caches.open('ripe-acorn-words')).keys()).some(({ url }) => url.includes('words-table-de')),
      )
    await expect.poll(holdsWords).toBe(true)

    await context.setOffline(true)
    await page.goto(`/table/${session.id}`)
    await usable(page)
    await page.keyboard.press('q')
    await expect(page.getByRole('heading', { name: 'Moss' })).toBeVisible()
    await page.keyboard.press('2')
    await expect(page.getByText(/^1 Antwort wartet/)).toBeVisible()
  })
})

test('every view that was opened opens as it was last seen, and says of when', async ({
  page,
  context,
  request,
  quiet,
}) => {
  // Some forty pages are opened.
  test.slow()
  quiet.allow(CUT_OFF)
  const { group, childIds } = await makeGroup(request, 'Seen before', ['Moss'])
  const session = await makeSession(request, group.id)
  const views = [
    ...['/', '/children', '/activities', '/days', '/days/now', '/stories', '/print', '/make', '/yard', '/log'],
    ...['/settings', '/fetch', `/plan/${session.id}`, `/groups/${group.id}`, `/term/${group.id}`],
    ...[`/table/${session.id}`, `/children/${childIds[0]}`, '/play', '/stories/read'],
  ]
  await page.goto('/')
  await page.waitForFunction(() => navigator.serviceWorker.controller !== null)
  for (const view of views) {
    const response = await page.goto(view)
    expect(response?.status(), view).toBe(200)
    await page.waitForLoadState('networkidle')
  }
  await context.setOffline(true)
  for (const view of views) {
    await page.goto(view)
    await expect(
      page.getByText(/^There is no connection to Ripe Acorn\. This is as it was today at \d\d:\d\d\.$/),
      view,
    ).toBeVisible()
    await expect(page.getByRole('heading', { name: 'There is no connection to Ripe Acorn' }), view).toHaveCount(0)
    await expect(page.getByText('Nothing could be loaded'), view).toHaveCount(0)
  }
  await page.goto('/children')
  await findPeople(page, 'Seen before')
  await expect(page.getByText('Moss').first()).toBeVisible()
  await context.setOffline(false)
  await expect(page.getByText(/This is as it was today/)).toBeHidden()
})

test('what this device holds of a child goes with the child', async ({ page, request }) => {
  const { group, childIds } = await makeGroup(request, 'Forgetters', ['Ottoline'])
  const session = await makeSession(request, group.id)
  await page.goto(`/table/${session.id}`)
  await page.waitForFunction(() => navigator.serviceWorker.controller !== null)
  await page.reload()
  const holds = () =>
    page.evaluate(async () => {
      const cache = await caches.open('ripe-acorn-records')
      const pages = await Promise.all(
        (await cache.keys()).map(async (key) => (await (await cache.match(key))?.text()) ?? ''),
      )
      return pages.some((text) => text.includes('Ottoline'))
    })
  await expect.poll(holds).toBe(true)
  await page.evaluate(async (id) => {
    localStorage.setItem('caller-game', JSON.stringify({ players: [{ id }] }))
    localStorage.setItem(
      'ripe-acorn-waiting',
      JSON.stringify([{ order: 1, answerId: 'x', clash: true, plan: { note: id } }]),
    )
    await (await caches.open('ripe-acorn-prints')).put('/api/x.pdf', new Response(`sheet of ${id}`))
  }, childIds[0])
  await request.delete(`/api/children/${childIds[0]}`)
  await page.goto('/children')
  await expect.poll(holds).toBe(false)
  expect(await page.evaluate(() => localStorage.getItem('caller-game'))).toBeNull()
  expect(await page.evaluate(() => caches.has('ripe-acorn-prints'))).toBe(false)
  // What waits is never dropped: answers of others may be among it.
  expect(await page.evaluate(() => localStorage.getItem('ripe-acorn-waiting'))).toContain(childIds[0])
})

test('a note that was typed without a connection waits, and is put back and saved later', async ({
  page,
  context,
  request,
  quiet,
}) => {
  quiet.allow(CUT_OFF)
  const { childIds } = await makeGroup(request, 'Typed in a tunnel', ['Fennimore'])
  const childPage = `/children/${childIds[0]}`
  const openNotes = async () => {
    await page.goto(childPage)
    await usable(page)
    await page.getByRole('tab', { name: 'Notes' }).click()
  }
  await page.goto(childPage)
  await page.waitForFunction(() => navigator.serviceWorker.controller !== null)
  await openNotes()
  await page.waitForLoadState('networkidle')
  const note = page.getByRole('textbox', { name: 'A new note' })
  await context.setOffline(true)
  await note.fill('Counted the ring of fives aloud.')
  await page.getByRole('button', { name: 'Save' }).click()
  await expect(
    page.getByText('What you typed is kept in this browser. Save it when the connection is back.'),
  ).toBeVisible()
  await openNotes()
  await expect(page.getByText(/^What you typed on .* could not be saved then\.$/)).toBeVisible()
  await context.setOffline(false)
  await openNotes()
  await page.getByRole('button', { name: 'Put it back' }).click()
  await expect(note).toHaveValue('Counted the ring of fives aloud.')
  await page.getByRole('button', { name: 'Save' }).click()
  await expect(note).toHaveValue('')
  await expect(page.getByText('Counted the ring of fives aloud.')).toBeVisible()
  await openNotes()
  await expect(page.getByText(/could not be saved then/)).toHaveCount(0)
  // What waits of a child is found by its id, so that it goes with the child.
  await note.fill('Another.')
  await context.setOffline(true)
  await page.getByRole('button', { name: 'Save' }).click()
  const kept = await page.evaluate(() => Object.keys(localStorage).filter((key) => key.startsWith('ripe-acorn-typed')))
  expect(kept).toEqual([`ripe-acorn-typed note of ${childIds[0]}`])
})
