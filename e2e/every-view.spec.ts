import type { APIRequestContext, Page } from '@playwright/test'
import { wrongIn } from '../tests/notSaid'
import { expect, overviewOf, test, violationsOf } from './fixtures'

/** Of a view at first sight. Charts come once it is touched. */
const MOST_SCRIPT_KB = 260
/** When views fetch what they may need later (`ui/later.tsx`). */
const LATER_MS = 4000

/** Each view by name, with what shows that it is there whole. */
async function views(
  request: APIRequestContext,
): Promise<{ name: string; path: string; ready: (page: Page) => Promise<void> }[]> {
  const { groups } = await overviewOf(request)
  const group = groups.find((each) => each.group.name === 'Ducklings')
  const heading = (text: string | RegExp) => async (page: Page) =>
    expect(page.getByRole('heading', { name: text }).first()).toBeVisible()
  return [
    { name: 'Today', path: '/', ready: heading('Today') },
    { name: 'Children', path: '/children', ready: heading('Children') },
    { name: 'a child', path: `/children/${group?.children[0]?.id}`, ready: heading('Pattern in the mistakes') },
    { name: 'a group', path: `/groups/${group?.group.id}`, ready: heading('Where everyone stands') },
    { name: 'Weeks ahead', path: `/term/${group?.group.id}`, ready: heading('Week by week') },
    { name: 'Activities', path: '/activities', ready: heading('Activities') },
    { name: 'What you need', path: '/fetch', ready: heading('What you need') },
    { name: 'Plan', path: `/plan/${group?.next?.id}`, ready: heading(/^Ducklings/) },
    {
      name: 'Table',
      path: `/table/${group?.next?.id}`,
      ready: async (page) => expect(page.getByRole('timer')).toBeVisible(),
    },
    { name: 'Play now', path: '/play', ready: heading('Play now') },
    { name: 'Days', path: '/days', ready: heading('Days') },
    { name: 'Now and next', path: '/days/now', ready: heading(/\w/) },
    {
      name: 'Stories',
      path: '/stories',
      ready: async (page) => expect(page.getByRole('textbox', { name: 'The story' })).toBeVisible(),
    },
    {
      name: 'Read together',
      path: '/stories/read',
      ready: async (page) => expect(page.getByText('Touch a sentence')).toBeVisible(),
    },
    { name: 'Print room', path: '/print', ready: heading('Print room') },
    { name: 'Workbench', path: '/make', ready: heading('Workbench') },
    { name: 'Yard', path: '/yard', ready: heading('Floor clock') },
    { name: 'Log', path: '/log', ready: async (page) => expect(page.getByText(/of \d+ right/).first()).toBeVisible() },
    { name: 'House rules', path: '/settings', ready: heading('House rules') },
  ]
}

const NAMES = [
  'Today',
  'Children',
  'a child',
  'a group',
  'Weeks ahead',
  'Activities',
  'What you need',
  'Plan',
  'Table',
  'Play now',
  'Days',
  'Now and next',
  'Stories',
  'Read together',
  'Print room',
  'Workbench',
  'Yard',
  'Log',
  'House rules',
] as const

/** What else a view shows once something in it is opened. */
const TABS: Partial<Record<(typeof NAMES)[number], readonly (string | RegExp)[]>> = {
  'a child': [/^\d+ answers?$/, /^Notes/, 'Progress'],
  Plan: ['More activities', 'What you need', 'Prints'],
  Table: ['Quick check'],
  Days: ['When must we start?', 'Ask', 'Import and export'],
  Stories: ['Questions', 'Stories and maker', 'Print'],
  Workbench: ['Amounts', 'Print and save', 'Which clock suits?'],
  Yard: ['Check it', 'Walk it', 'Print and save'],
}

/** Opens a view by its name and waits until it is there whole. */
async function openView(page: Page, request: APIRequestContext, name: (typeof NAMES)[number]) {
  const view = (await views(request)).find((each) => each.name === name)
  if (!view) throw new Error(`no view ${name}`)
  await page.goto(view.path)
  await view.ready(page)
}

/** What the page says that it should not, also what is put together at run time; what children are called is theirs. */
async function wrongWords(page: Page): Promise<string[]> {
  const said = await page.evaluate(() => {
    const named = [...document.querySelectorAll('[aria-label], [title], [placeholder]')].flatMap((element) =>
      ['aria-label', 'title', 'placeholder'].map((name) => element.getAttribute(name) ?? ''),
    )
    return [...document.body.innerText.split('\n'), ...named].map((text) => text.trim())
  })
  expect(said.length).toBeGreaterThan(20)
  return wrongIn([...new Set(said)])
}

/** What is wrong with the page as it stands: rules of accessibility, and words. */
const wrongOn = async (page: Page) => [...(await violationsOf(page)), ...(await wrongWords(page))]

/** What is wrong in a view, in it and behind all that can be opened in it. */
async function violationsIn(page: Page, name: (typeof NAMES)[number]): Promise<string[]> {
  const found = await wrongOn(page)
  for (const tab of TABS[name] ?? []) {
    await page.getByRole('tab', { name: tab, exact: true }).click()
    // What is behind a tab may come a little later, and React holds it back for 300 ms.
    await page.waitForLoadState('networkidle')
    await page.waitForTimeout(400)
    found.push(...(await wrongOn(page)))
  }
  if (name === 'Print room') {
    await page.getByRole('button', { name: 'Save for later', exact: true }).click()
    await page.getByRole('button', { name: 'One version for each child' }).click()
    await expect(page.getByRole('button', { name: 'Make the pack' })).toBeVisible()
    found.push(...(await wrongOn(page)))
  }
  if (name === 'Stories') {
    const text = page.getByRole('textbox', { name: 'The story' })
    await text.click()
    await expect(text).toBeEditable()
    found.push(...(await wrongOn(page)))
  }
  return found
}

/** Which of the theme's colours and sizes the styles of a view name, and which of them are set nowhere. */
function namedInStyles(page: Page): Promise<{ named: number; missing: string[] }> {
  return page.evaluate(() => {
    const texts = [...document.querySelectorAll('[style]')].map((element) => element.getAttribute('style') ?? '')
    const collect = (rules: CSSRuleList) => {
      for (const rule of rules) {
        if (rule instanceof CSSGroupingRule && !(rule instanceof CSSStyleRule)) collect(rule.cssRules)
        if (rule instanceof CSSStyleRule) texts.push(rule.style.cssText)
      }
    }
    for (const { cssRules } of document.styleSheets) collect(cssRules)
    const own = new Set(texts.flatMap((text) => text.match(/var\(--mantine-[\w-]+\)/g) ?? []))
    const root = getComputedStyle(document.documentElement)
    const all = [...own].map((use) => use.slice('var('.length, -1))
    return { named: all.length, missing: all.filter((variable) => root.getPropertyValue(variable) === '') }
  })
}

/** Fields that came with one id from the server and have another by now: each was drawn twice. */
async function lostIds(page: Page, request: APIRequestContext): Promise<string[]> {
  const html = await (await request.get(page.url())).text()
  const ids = [...html.matchAll(/<(?:input|button|textarea|select)[^>]* id="(mantine-[^"]+)"/g)].map(
    ([, id = '']) => id,
  )
  return page.evaluate((all) => all.filter((id) => document.getElementById(id) === null), ids)
}

for (const name of NAMES) {
  test(`${name} is light to fetch, finds all that its styles name, and is accessible`, async ({ page, request }) => {
    await page.emulateMedia({ colorScheme: 'light', reducedMotion: 'reduce' })
    const sizes: Promise<number>[] = []
    let begun = Number.POSITIVE_INFINITY
    page.on('request', (asked) => {
      if (asked.isNavigationRequest()) begun = Date.now()
    })
    page.on('response', (response) => {
      // What a view fetches once it has stood for a while is not what it needs at first.
      if (response.request().resourceType() === 'script' && Date.now() - begun < LATER_MS)
        sizes.push(response.headerValue('content-length').then(Number))
    })
    await openView(page, request, name)
    await page.waitForLoadState('networkidle')
    const kB = (await Promise.all(sizes)).reduce((sum, size) => sum + size, 0) / 1000
    test.info().annotations.push({ type: 'script', description: `${name}: ${kB.toFixed(0)} kB` })
    expect(kB).toBeGreaterThan(50)
    expect(kB).toBeLessThanOrEqual(MOST_SCRIPT_KB)

    const { named, missing } = await namedInStyles(page)
    expect(named).toBeGreaterThan(30)
    // Mantine names this one and sets it nowhere.
    expect(missing).toEqual(['--mantine-text-wrap'])

    expect(await lostIds(page, request)).toEqual([])
    expect(await violationsIn(page, name)).toEqual([])
  })

  test(`${name} is accessible in the dark`, async ({ page, request }) => {
    await page.emulateMedia({ colorScheme: 'dark', reducedMotion: 'reduce' })
    await openView(page, request, name)
    expect(await violationsIn(page, name)).toEqual([])
  })
}

for (const name of NAMES) {
  test(`${name} is accessible on a phone, on a tablet, and where the device has colours of its own`, async ({
    page,
    request,
  }) => {
    await page.emulateMedia({ colorScheme: 'light', reducedMotion: 'reduce' })
    await page.setViewportSize({ width: 390, height: 844 })
    await openView(page, request, name)
    expect(await violationsIn(page, name)).toEqual([])
    await page.setViewportSize({ width: 820, height: 1180 })
    expect(await wrongOn(page)).toEqual([])
    await page.emulateMedia({ forcedColors: 'active' })
    expect(await wrongOn(page)).toEqual([])
  })
}

test.describe('on a tablet, upright, by touch', () => {
  test.use({ viewport: { width: 820, height: 1180 }, hasTouch: true, isMobile: true })

  test('nothing runs off the side, and what is tapped is at least 44 px', async ({ page, request }) => {
    for (const { name, path, ready } of await views(request)) {
      await page.goto(path)
      await ready(page)
      expect(await page.evaluate(() => document.documentElement.scrollWidth), name).toBeLessThanOrEqual(820)
      const small = await page
        .locator('button:visible, a.mantine-Button-root:visible, .shell-link:visible')
        .evaluateAll((targets) =>
          targets
            .map((target) => ({ box: target.getBoundingClientRect(), name: target.textContent || target.ariaLabel }))
            .filter(({ box }) => box.height < 43.5 && box.height > 0)
            .map(({ box, name: text }) => `${text}: ${box.height}`),
        )
      expect(small, name).toEqual([])
    }
  })

  test('a hand is turned by a finger', async ({ page, request }) => {
    const { groups } = await overviewOf(request)
    await page.goto(`/table/${groups.find((each) => each.next)?.next?.id}`)
    const dial = page.getByRole('slider', { name: 'Time shown' })
    await expect(dial).toBeVisible()
    const before = Number(await dial.getAttribute('aria-valuenow'))
    const box = await page.locator('.table-dial .dial').boundingBox()
    if (!box) throw new Error('no dial')
    const at = (degrees: number) => ({
      x: box.x + box.width / 2 + Math.sin((degrees * Math.PI) / 180) * box.width * 0.4,
      y: box.y + box.height / 2 - Math.cos((degrees * Math.PI) / 180) * box.width * 0.4,
    })
    const client = await page.context().newCDPSession(page)
    const from = (before % 60) * 6
    await client.send('Input.dispatchTouchEvent', { type: 'touchStart', touchPoints: [at(from)] })
    for (let i = 1; i <= 10; i++)
      await client.send('Input.dispatchTouchEvent', { type: 'touchMove', touchPoints: [at(from + 9 * i)] })
    await client.send('Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [] })
    await expect(dial).toHaveAttribute('aria-valuenow', String(before + 15))
  })
})
