import type { Page } from '@playwright/test'
import type { Group } from '../src/core/records'
import { expect, makeGroup, makeSession, overviewOf, test, usable, violationsOf } from './fixtures'

/* What is chosen stands in the address, the focus goes back, and everything is found by its name. */

/** Where the focus is, in words. */
const focused = (page: Page) =>
  page.evaluate(() => {
    const { activeElement: element } = document
    return element === document.body ? 'nowhere' : (element?.getAttribute('aria-label') ?? element?.textContent ?? '')
  })

interface Choice {
  readonly name: string
  readonly path: string
  readonly choose: (page: Page) => Promise<unknown>
  /** Whether it is as it was chosen. */
  readonly isChosen: (page: Page) => Promise<boolean>
}

const tab = (path: string, name: string): Choice => ({
  name: `the tab ${name} of ${path}`,
  path,
  choose: (page) => page.getByRole('tab', { name }).click(),
  isChosen: async (page) => (await page.getByRole('tab', { name }).getAttribute('aria-selected')) === 'true',
})

const list = (path: string, label: string, option: string): Choice => ({
  name: `${label} of ${path}`,
  path,
  choose: (page) => page.getByLabel(label, { exact: true }).first().selectOption({ label: option }),
  isChosen: async (page) =>
    (await page.getByLabel(label, { exact: true }).first().locator('option:checked').textContent()) === option,
})

const button = (path: string, name: RegExp): Choice => ({
  name: `${name.source} of ${path}`,
  path,
  choose: (page) => page.getByRole('button', { name }).first().click(),
  isChosen: async (page) => {
    const one = page.getByRole('button', { name }).first()
    return (await one.getAttribute('aria-pressed')) === 'true' || (await one.getAttribute('aria-current')) === 'true'
  },
})

const CHOICES: readonly Choice[] = [
  button('/print', /^Toss and fill/),
  list('/print', 'Step', 'O’clock'),
  list('/print', 'Hints on the clock', 'ring of fives'),
  list('/activities', 'Step', 'Half past'),
  list('/activities', 'Place', 'In a hall'),
  list('/activities', 'Show', 'Favourites'),
  { ...button('/activities', /relay/), name: 'the activity' },
  list('/log', 'Which group', 'Ducklings'),
  button('/play', /^Laps/),
  list('/play', 'Times', 'Half past'),
  list('/make', 'What to make', 'Paper-plate clock'),
  tab('/make', 'Amounts'),
  tab('/yard', 'Walk it'),
  tab('/days', 'Ask'),
  tab('/stories', 'Questions'),
  tab('/settings', 'Your data'),
]

/* `npm run walk` prints them: what was kept, and where the focus came back to. Several browsers share these tests. */
const told: string[] = []
test.afterAll(() => void process.stdout.write(`${told.sort().join('\n')}\n`))

for (const { name, path, choose, isChosen } of CHOICES)
  test(`${name} stays after a reload, behind a link, and goes with Back`, async ({ page, context }) => {
    await page.goto(path)
    const before = page.url()
    const chosen = (of: Page, is: boolean) => expect.poll(() => isChosen(of), { timeout: 8000 }).toBe(is)
    await chosen(page, false)
    await choose(page)
    await chosen(page, true)
    await expect.poll(() => page.url()).not.toBe(before)
    await page.reload()
    await chosen(page, true)
    const other = await context.newPage()
    await other.goto(page.url())
    await usable(other)
    await chosen(other, true)
    await other.close()
    await page.goBack()
    await expect.poll(() => page.url()).toBe(before)
    await chosen(page, false)
    told.push(`kept on reload, by a sent link and with Back: ${name}`)
  })

test('an address made by hand shows what it can, and says what it could not', async ({ page }) => {
  await page.goto('/settings?part=cellar')
  await expect(page.getByText('The address asks for “cellar”, which is not here.')).toBeVisible()
  await expect(page.getByRole('heading', { name: 'House rules' })).toBeVisible()
  const clock = JSON.stringify({ kind: 'plate', children: -3, wheels: 4 })
  await page.goto(`/make?clock=${encodeURIComponent(clock)}`)
  await expect(page.getByText('left as usual: children, wheels')).toBeVisible()
  await expect(page.getByLabel('What to make').locator('option:checked')).toHaveText('Paper-plate clock')
  await page.goto('/make?clock=%7Bbroken')
  await expect(page.getByText('left as usual: clock')).toBeVisible()
  await page.goto(`/days?day=${crypto.randomUUID()}`)
  await expect(page.getByText('The day that the address asks for is not here any more.')).toBeVisible()
})

test('Back over what was removed says so, and leads on', async ({ page, request, quiet }) => {
  quiet.allow(/404 \(Not Found\)/)
  const { group, childIds } = await makeGroup(request, 'Gone people', ['Sorrel'])
  const session = await makeSession(request, group.id)
  const paths = [`/children/${childIds[0]}`, `/groups/${group.id}`, `/plan/${session.id}`]
  for (const path of paths) {
    await page.goto(path)
    await usable(page)
  }
  await page.goto('/log')
  for (const path of [`sessions/${session.id}`, `groups/${group.id}`, `children/${childIds[0]}`])
    expect((await request.delete(`/api/${path}`)).ok()).toBe(true)
  for (const path of paths.toReversed()) {
    await page.goBack()
    await expect(page).toHaveURL(new RegExp(`${path}$`))
    await expect(page.getByRole('alert').getByText(/There is no such (child|group|session)/)).toBeVisible()
    await expect(page.getByRole('link', { name: 'Today' }).first()).toBeVisible()
  }
})

test('the search finds people, prints, activities and views by keyboard alone, and gives the focus back', async ({
  page,
}) => {
  await page.goto('/log')
  await page.locator('#shell-search').focus()
  await page.keyboard.press('Enter')
  const field = page.getByRole('textbox', { name: 'Search for' })
  await expect(field).toBeFocused()
  await field.fill('junip')
  await expect(page.getByRole('dialog').getByRole('button', { name: /^Juniper/ })).toBeVisible()
  expect(await violationsOf(page)).toEqual([])
  await field.fill('zzzz')
  await expect(page.getByText('Nothing is called that.')).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(page.getByRole('dialog')).toBeHidden()
  await expect(page.locator('#shell-search')).toBeFocused()
  await page.keyboard.press('Control+k')
  await field.fill('bingo boards')
  await expect(page.getByRole('dialog').getByRole('button', { name: /^Bingo boards/ })).toBeVisible()
  await page.keyboard.press('ArrowDown')
  await page.keyboard.press('Enter')
  await page.waitForURL(/\/print\?printable=bingo/)
})

test('a thousand that are found are counted, and the best come first', async ({ request }) => {
  const group = async (i: number) => {
    const children = Array.from({ length: 30 }, (_, j) => `Plover ${i} ${j}`)
    await makeGroup(request, `Waders ${i}`, children)
  }
  for (let i = 0; i < 4; i++) await group(i)
  const found = (await (await request.get('/api/search?for=plover')).json()) as { things: unknown[]; total: number }
  expect(found.total).toBe(120)
  expect(found.things).toHaveLength(40)
})

/** Each opens something by the element that is given, and closes it by Esc. */
const OPENED: readonly [string, (page: Page, group: Group) => Promise<ReturnType<Page['getByRole']>>][] = [
  ['Add a group', async (page) => (await page.goto('/children'), page.getByRole('button', { name: 'Add a group' }))],
  [
    'a game’s download',
    async (page) => (await page.goto('/print'), page.getByRole('button', { name: 'Download', exact: true })),
  ],
  ['a menu of the head', async (page) => (await page.goto('/'), page.locator('summary', { hasText: 'Make' }))],
]

for (const [name, open] of OPENED)
  test(`${name} closes at the first Esc, and gives the focus back`, async ({ page, request }) => {
    await page.emulateMedia({ reducedMotion: 'reduce' })
    const { groups } = await overviewOf(request)
    const opener = await open(page, groups[0]?.group as Group)
    await opener.focus()
    await page.keyboard.press('Enter')
    const opened = page.locator('[role=dialog], [role=menu], details[open] .shell-list').first()
    await expect(opened).toBeVisible()
    expect(await violationsOf(page)).toEqual([])
    await page.keyboard.press('Escape')
    await expect(opened).toBeHidden()
    const label = (await opener.textContent())?.trim() ?? ''
    await expect.poll(() => focused(page)).toContain(label)
    told.push(`focus returned: ${name}`)
  })

test('a removed note hands the focus to its neighbour', async ({ page, request }) => {
  const { childIds } = await makeGroup(request, 'Note keepers', ['Sorrel'])
  for (const text of ['First note', 'Second note'])
    await request.post(`/api/children/${childIds[0]}/notes`, { data: { id: crypto.randomUUID(), text } })
  await page.goto(`/children/${childIds[0]}?part=notes`)
  await page
    .getByRole('button', { name: /^Remove the note/ })
    .first()
    .click()
  await page.getByRole('dialog').getByRole('button', { name: 'Remove it' }).click()
  await expect(page.getByRole('dialog')).toBeHidden()
  await expect(page.getByText('Second note')).toHaveCount(0)
  await expect.poll(() => focused(page), { timeout: 5000 }).not.toBe('nowhere')
})

test('what was typed and not saved is asked about before the page is left', async ({ page }) => {
  await page.goto('/settings')
  await page.getByRole('radiogroup', { name: 'Form' }).getByRole('radio', { checked: false }).first().check()
  const asked = page.waitForEvent('dialog')
  const leaving = page.getByRole('link', { name: 'Log' }).click()
  const dialog = await asked
  expect(dialog.type()).toBe('beforeunload')
  await dialog.dismiss()
  await leaving.catch(() => undefined)
  await expect(page.getByRole('heading', { name: 'House rules' })).toBeVisible()
})

test('titles name whom a view is about, and a choice of colours stays', async ({ page, request }) => {
  const { group, childIds } = await makeGroup(request, 'Title testers', ['Yarrow'])
  const session = await makeSession(request, group.id)
  for (const [path, title] of [
    [`/children/${childIds[0]}`, /^Yarrow · /],
    [`/groups/${group.id}`, /^Title testers · /],
    [`/plan/${session.id}`, /^Plan of Title testers · /],
    [`/table/${session.id}`, /^Table of Title testers · /],
  ] as const) {
    await page.goto(path)
    await expect(page).toHaveTitle(title)
  }
  await page.emulateMedia({ colorScheme: 'light' })
  await page.goto('/')
  await page.getByLabel('Colours').selectOption('dark')
  await expect(page.locator('html')).toHaveAttribute('data-mantine-color-scheme', 'dark')
  await page.goto('/log')
  await expect(page.locator('html')).toHaveAttribute('data-mantine-color-scheme', 'dark')
  await expect(page.getByLabel('Colours')).toHaveValue('dark')
})

test('the help says what each view is for and what a step is', async ({ page }) => {
  await page.goto('/help')
  await expect(page.getByRole('heading', { name: 'What a step is' })).toBeVisible()
  await expect(
    page.getByText('Paper and card clocks to make, measured, checked and printed at true size.'),
  ).toBeVisible()
  expect(await violationsOf(page)).toEqual([])
  const manifest = await page.request.get('/manifest.webmanifest')
  expect(((await manifest.json()) as { start_url: string }).start_url).toBe('/')
})
