import type { Page } from '@playwright/test'
import { expect, test, usable } from './fixtures'
import { type Served, startServer } from '../tests/servers'

/* The adult's own language: the device's at first, and whatever is chosen at the foot of a page. */

test.use({ locale: 'de-DE' })

/** A server of its own. The page is left before it stops: what that still asked of it would fail. */
async function inAll(work: (served: Served) => Promise<void>, page?: Page): Promise<void> {
  const served = await startServer({
    folder: test.info().outputPath('data'),
    env: { RIPE_ACORN_LOG: 'silent' },
  })
  try {
    await work(served)
  } finally {
    await page?.goto('about:blank')
    await served.stop()
  }
}

const spokenIn = (page: Page) => page.evaluate(() => document.documentElement.lang)

/** Chooses a language at the foot, and waits until the page speaks it. */
async function choose(page: Page, language: 'de' | 'en', navigation: string): Promise<void> {
  await page.locator('#shell-language').selectOption(language)
  await expect(page.locator('.shell-nav')).toContainText(navigation)
}

test('a page speaks the device’s language, another one at once when it is chosen, and loses nothing that was typed', async ({
  page,
}) => {
  await inAll(async ({ url }) => {
    await page.goto(`${url}/days`)
    expect(await spokenIn(page)).toBe('de')
    await expect(page).toHaveTitle('Tage · Ripe Acorn')
    await page.getByRole('button', { name: 'Neuer Tag' }).first().click()
    const typed = page.getByLabel('Zeilen tippen oder einfügen')
    await typed.fill('halb acht Frühstück')

    await choose(page, 'en', 'House rules')
    await expect(page.getByLabel('Type or paste rows')).toHaveValue('halb acht Frühstück')
    await expect(page.getByRole('tab', { name: 'When must we start?' })).toBeVisible()
    expect(await spokenIn(page)).toBe('en')

    await choose(page, 'de', 'Hausregeln')
    await expect(typed).toHaveValue('halb acht Frühstück')

    // It is kept for the device, and holds for every page.
    await choose(page, 'en', 'House rules')
    await page.goto(`${url}/log`)
    expect(await spokenIn(page)).toBe('en')
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Log')
  }, page)
})

test('a page brings the words of its own view, and none of another', async ({ page }) => {
  await inAll(async ({ url }) => {
    const wordsOf = async (path: string) => {
      await page.goto(`${url}${path}`)
      const inPage = (await page.locator('#words').textContent()) ?? ''
      const { rest } = JSON.parse(inPage) as { rest: string }
      return inPage + (await (await page.request.get(`${url}${rest}`)).text())
    }
    const [days, workbench] = [await wordsOf('/days'), await wordsOf('/make')]
    expect(days).toContain('Zeilen tippen oder einfügen')
    expect(workbench).toContain('Auseinanderziehen')
    expect(days).not.toContain('Auseinanderziehen')
    expect(workbench).not.toContain('Zeilen tippen oder einfügen')
    // What the core names is there too, and what is chosen between by number.
    expect(workbench).toContain('Pappteller')
    expect(days).toContain('Zeilen hinzufügen')
  }, page)
})

test('what is opened before the rest of its words have come is said anew when they have', async ({ page }) => {
  await inAll(async ({ url }) => {
    let letGo = () => {}
    const wanted = new Promise<void>((done) => (letGo = done))
    await page.route('**/_astro/words-days-de.*', async (route) => {
      await wanted
      await route.continue()
    })
    await page.goto(`${url}/days`)
    await usable(page)
    await page.getByRole('button', { name: 'Neuer Tag' }).first().click()
    await expect(page.getByRole('group', { name: 'Weekdays' })).toBeVisible()
    await page.getByLabel('Name').fill('Dienstag bei Oma')
    letGo()
    await expect(page.getByRole('group', { name: 'Wochentage' })).toBeVisible()
    await expect(page.getByRole('group', { name: 'Weekdays' })).toBeHidden()
    await expect(page.getByLabel('Name')).toHaveValue('Dienstag bei Oma')
  }, page)
})

test('a device in the United States begins with Letter, inches and feet', async ({ browser }) => {
  await inAll(async ({ url }) => {
    const context = await browser.newContext({ locale: 'en-US' })
    const page = await context.newPage()
    await page.goto(`${url}/yard`)
    await usable(page)
    await expect(page.getByRole('radio', { name: 'feet' })).toBeChecked()
    await page.goto(`${url}/make`)
    await expect(page.getByRole('radio', { name: 'in', exact: true })).toBeChecked()
    await context.close()
  })
})

test('a language that there is none for is English', async ({ browser }) => {
  await inAll(async ({ url }) => {
    const context = await browser.newContext({ locale: 'pl-PL' })
    const page = await context.newPage()
    await page.goto(`${url}/`)
    await usable(page)
    expect(await spokenIn(page)).toBe('en')
    await context.close()
  })
})

test('a new start proposes the language of the children by the device, and keeps it with the first group', async ({
  page,
}) => {
  await inAll(async ({ url }) => {
    await page.goto(`${url}/`)
    await page.getByRole('textbox', { name: /^Gruppe/ }).fill('Entenküken')
    await page.getByRole('textbox', { name: /^Kinder/ }).fill('Jürgen 6½\nKäthe 7 Jahre')
    await page.getByRole('button', { name: 'Die Gruppe mit 2 Kindern hinzufügen' }).click()
    await expect(page.getByText('Jürgen', { exact: true })).toBeVisible()
    expect(await (await page.request.get(`${url}/api/settings`)).json()).toMatchObject({ language: 'de', paper: 'a4' })
    const children = (await (await page.request.get(`${url}/api/children`)).json()) as unknown
    expect(JSON.stringify(children)).toMatch(/"age":6.*"age":7|"age":7.*"age":6/)
  }, page)
})

test('a time that is pasted as it is written in the language is read', async ({ page, context }) => {
  await inAll(async ({ url }) => {
    await context.grantPermissions(['clipboard-read', 'clipboard-write'])
    await page.goto(`${url}/`)
    await page.getByRole('textbox', { name: /^Gruppe/ }).fill('Entenküken')
    await page.getByRole('textbox', { name: /^Kinder/ }).fill('Käthe 7')
    await page.getByRole('button', { name: /^Die Gruppe mit/ }).click()
    await page.getByRole('button', { name: 'Eine Einheit planen' }).click()
    await page.getByText('Wann und wo').click()
    const hour = page.getByRole('spinbutton', { name: /Stunde$/ })
    await hour.click()
    await page.evaluate(() => navigator.clipboard.writeText('16.30 Uhr'))
    await page.keyboard.press('Control+v')
    await expect(hour).toHaveValue('16')
    await expect(page.getByRole('spinbutton', { name: /Minute$/ })).toHaveValue('30')
  }, page)
})
