import { type APIRequestContext, type Page } from '@playwright/test'
import type { Overview } from '../src/core/records'
import { readPdf } from '../tests/readback/pdf'
import type { Served } from '../tests/servers'
import { expect, nextQuestion, test, usable } from './fixtures'

/*
 * Four people begin with nothing. `npm run walk` prints what it takes them: clicks, keys, pages. What is asserted is
 * loose; the figures are there to be looked at.
 */

/** Counts what a person does; typing and pasting are keys. */
class Hands {
  clicks = 0
  keys = 0
  constructor(readonly page: Page) {}

  async click(role: 'button' | 'link' | 'tab', name: string | RegExp) {
    this.clicks += 1
    await this.page.getByRole(role, { name }).first().click()
  }

  async type(label: string, text: string) {
    this.keys += text.length
    await this.page.getByRole('textbox', { name: label }).fill(text)
  }
}

/** Held in the hand, at the table and at the printer. */
const DEVICES = [
  ['tablet', { width: 820, height: 1180 }],
  ['phone', { width: 390, height: 844 }],
] as const

// The server of a walk ends before its page does, which may still be fetching what it needs later.
test.beforeEach(({ quiet }) =>
  quiet.allow(/ERR_CONNECTION_(REFUSED|RESET)|Failed to (load resource|fetch)|dynamically imported module/),
)

const told: string[] = []
const tell = (line: string) => void told.push(line)
test.afterAll(() => void process.stdout.write(`${told.join('\n')}\n`))

/** The pages behind a link, as text. */
async function pagesBehind(page: Page, request: APIRequestContext, name: RegExp, base: string): Promise<string[]> {
  const href = await page.getByRole('link', { name }).first().getAttribute('href')
  const pdf = await request.get(new URL(href ?? '', base).href)
  expect(pdf.headers()['content-type']).toBe('application/pdf')
  return (await readPdf(await pdf.body())).map(({ text }) => text)
}

/** The whole way from an empty start to a plan: names typed or pasted, one click each for the group and the session. */
async function toThePlan(
  hands: Hands,
  { group, names, language }: { group: string; names: string; language?: string },
) {
  const { page } = hands
  if (language) {
    hands.clicks += 1
    await page.getByLabel('The children learn to tell the time in').selectOption(language)
  }
  await hands.type('Group', group)
  await page.getByRole('textbox', { name: 'Children' }).fill(names)
  hands.keys += names.length
  await hands.click('button', /^Add the group of/)
  await hands.click('button', 'Build a session')
  await expect(page.getByText(/of \d+ minutes planned/)).toBeVisible()
}

test('a parent prints for one child of five, and takes eight answers', async ({ page, request, empty }) => {
  const hands = new Hands(page)
  await page.goto(`${empty.url}/`)
  await toThePlan(hands, { group: 'At home', names: 'Wren 5' })
  const pages = await pagesBehind(page, request, /^Print the session/, empty.url)
  await hands.click('link', /^Print the session/)
  tell(`parent: ${hands.clicks} clicks and ${hands.keys} keys to the first PDF, ${pages.length} pages`)
  expect(hands.clicks).toBeLessThanOrEqual(3)

  await page.getByRole('link', { name: 'Start the session' }).click()
  await page.waitForURL(/\/table\//)
  await usable(page)
  await page.getByRole('tab', { name: 'Quick check' }).click()
  const before = hands.clicks
  let wrong = 0
  for (let i = 0; i < 8; i++) {
    hands.clicks += 1
    await page
      .locator('.table-choice')
      .nth(i % 3)
      .click()
    const next = page.getByRole('button', { name: 'Next question' })
    await expect(next).toBeVisible()
    // What is wrong, or looks like guessing, waits for the adult.
    const isSmooth =
      (await page.getByText(/^Right: /).isVisible()) && !(await page.getByText('These look like guesses').isVisible())
    if (isSmooth) await expect(next).toBeHidden({ timeout: 10_000 })
    else {
      wrong += 1
      await hands.click('button', 'Next question')
    }
  }
  tell(`parent: 8 answers in ${hands.clicks - before} clicks, ${wrong} of them wrong or guessed`)
  expect(hands.clicks - before).toBe(8 + wrong)
})

for (const [device, viewport] of DEVICES)
  test(`a tutor has six at four steps in German on a ${device}, and nothing for children is in English`, async ({
    page,
    request,
    empty,
  }) => {
    await page.setViewportSize(viewport)
    const hands = new Hands(page)
    await page.goto(`${empty.url}/`)
    const names = 'Anni;6\nBosse, 7 Jahre\n3. Carla (8)\nDörte 9\nEmil\t7\n– Fritzi 10'
    await toThePlan(hands, { group: 'Reiher', names, language: 'de' })
    const pages = await pagesBehind(page, request, /^Print the session/, empty.url)
    const english = pages.join(' ').match(/\b(the|and|with|clock|answers?|minutes past)\b/gi) ?? []
    tell(
      `tutor, ${device}: ${hands.clicks} clicks, ${pages.length} pages in German, English words on them: ${english.length}`,
    )
    expect(english).toEqual([])
    const { groups } = (await (await request.get(`${empty.url}/api/overview`)).json()) as Overview
    expect(groups[0]?.children.map(({ name }) => name)).toEqual(['Anni', 'Bosse', 'Carla', 'Dörte', 'Emil', 'Fritzi'])
    // A wrong entry is told in words: no field as a program names it.
    await page.getByLabel('Minutes available').fill('3')
    const wrong = await page.getByText(/^\d+ to \d+$/).textContent()
    expect(wrong).not.toMatch(/[[\]_]|[a-z][A-Z]/)
  })

for (const [device, viewport] of DEVICES)
  test(`a teacher enters 24 on a ${device}, and prints their session`, async ({ page, request, empty }) => {
    await page.setViewportSize(viewport)
    const hands = new Hands(page)
    await page.goto(`${empty.url}/`)
    const names = Array.from({ length: 24 }, (_, i) => `Child${String.fromCharCode(65 + i)} ${6 + (i % 3)}`).join('\n')
    await page.getByRole('textbox', { name: 'Children' }).fill(names)
    await expect(page.getByLabel('ChildX starts at')).toBeVisible()
    const height = await page.evaluate(() => document.documentElement.scrollHeight)
    const begun = Date.now()
    await toThePlan(hands, { group: 'Class two', names })
    const seconds = (Date.now() - begun) / 1000
    const pages = await pagesBehind(page, request, /^Print the session/, empty.url)
    tell(
      `teacher, ${device}: the form of 24 is ${height} px high; group and plan after ${seconds.toFixed(0)} s; ${pages.length} pages`,
    )
    if (device === 'tablet') expect(height).toBeLessThanOrEqual(1500)
    expect(pages.length).toBeLessThanOrEqual(50)
    await expect(page.getByRole('link', { name: `Print the session: ${pages.length} pages` })).toBeVisible()
  })

test('a grandparent prints a game with its rules', async ({ page, request, empty }) => {
  const hands = new Hands(page)
  await page.goto(`${empty.url}/`)
  await hands.click('link', 'Choose a game')
  await hands.click('button', /^Trail/)
  const pages = await pagesBehind(page, request, /^Print, with rules/, empty.url)
  await hands.click('link', /^Print, with rules/)
  tell(`grandparent: a game in ${hands.clicks} clicks, ${pages.length} pages, its rules among them`)
  expect(hands.clicks).toBeLessThanOrEqual(3)
  expect(pages.filter((text) => text.startsWith('How to play: Trail'))).toHaveLength(1)
})

/* Each walk once more, with the server killed in the middle of it and started again a little later. */

/** Runs the work while the server is down, and afterwards has it up again until the test ends. */
async function whileDown(empty: Served, work: () => Promise<void>, after: () => Promise<void>) {
  await empty.stop('SIGKILL')
  await work()
  const again = await empty.again()
  try {
    await after()
  } finally {
    await again.stop('SIGKILL')
  }
}

test('with the server stopped in the middle, a parent goes on taking answers, which are sent once it is back', async ({
  page,
  empty,
}) => {
  await page.goto(`${empty.url}/`)
  const hands = new Hands(page)
  await toThePlan(hands, { group: 'At home', names: 'Wren 5' })
  await page.getByRole('link', { name: 'Start the session' }).click()
  await page.waitForURL(/\/table\//)
  await usable(page)
  await page.getByRole('tab', { name: 'Quick check' }).click()
  await page.locator('.table-choice').first().click()
  await nextQuestion(page)
  await whileDown(
    empty,
    async () => {
      await page.locator('.table-choice').first().click()
      await expect(page.getByText(/Kept (here until|in this browser)/)).toBeVisible({
        timeout: 45_000,
      })
    },
    async () => {
      await expect(page.getByText(/Kept (here until|in this browser)/)).toBeHidden({ timeout: 30_000 })
      const { groups } = (await (await page.request.get(`${empty.url}/api/overview`)).json()) as Overview
      const child = groups[0]?.children[0]?.id ?? ''
      const answers = (await (await page.request.get(`${empty.url}/api/answers?childId=${child}`)).json()) as unknown[]
      expect(answers).toHaveLength(2)
    },
  )
})

test('with the server stopped in the middle, a tutor sends the first form again, with all that was typed', async ({
  page,
  empty,
}) => {
  await page.goto(`${empty.url}/`)
  const hands = new Hands(page)
  await hands.type('Group', 'Reiher')
  await page.getByRole('textbox', { name: 'Children' }).fill('Anni;6\nBosse, 7 Jahre')
  await whileDown(
    empty,
    async () => {
      await hands.click('button', /^Add the group of/)
      await expect(page.getByRole('alert')).toHaveText(/Ripe Acorn cannot be reached/)
      // It is said once.
      await expect(page.getByText(/cannot be reached/)).toHaveCount(1)
    },
    async () => {
      await hands.click('button', /^Add the group of/)
      await expect(page.getByRole('heading', { name: 'Reiher' })).toBeVisible()
      await hands.click('button', 'Build a session')
      await expect(page.getByText(/of \d+ minutes planned/)).toBeVisible()
    },
  )
})

test('with the server stopped in the middle, a teacher goes on planning, and the change is saved by itself', async ({
  page,
  empty,
}) => {
  await page.goto(`${empty.url}/`)
  await toThePlan(new Hands(page), { group: 'Class two', names: 'Ash 6\nElm 7\nFir 7' })
  await usable(page)
  await whileDown(
    empty,
    async () => {
      await page.getByLabel('Minutes available').fill('35')
      await expect(page.getByText('The last change is kept in this browser.')).toBeVisible()
      await expect(page.getByText(/kept (in this browser|here)|cannot be reached/)).toHaveCount(1)
    },
    async () => {
      await expect(page.getByText('The last change is kept in this browser.')).toBeHidden({ timeout: 30_000 })
      await page.reload()
      await expect(page.getByLabel('Minutes available')).toHaveValue('35')
    },
  )
})

test('with the server stopped in the middle, a grandparent still sees the pages of a game, and prints once it is back', async ({
  page,
  request,
  empty,
}) => {
  await page.goto(`${empty.url}/print`)
  await page.waitForLoadState('networkidle')
  await whileDown(
    empty,
    async () => {
      await page
        .getByRole('button', { name: /^Trail/ })
        .first()
        .click()
      await expect(page.getByRole('img', { name: /^Page 1: / })).toBeVisible()
    },
    async () => {
      const pages = await pagesBehind(page, request, /^Print, with rules/, empty.url)
      expect(pages.filter((text) => text.startsWith('How to play: Trail'))).toHaveLength(1)
    },
  )
})
