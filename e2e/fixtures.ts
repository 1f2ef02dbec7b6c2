import AxeBuilder from '@axe-core/playwright'
import { type APIRequestContext, type Locator, type Page, expect, test as base } from '@playwright/test'
import type { Answer } from '../src/core/knowing'
import type { Group, Overview, Session } from '../src/core/records'
import { idFrom } from '../tests/idFrom'
import { type Served, withServer } from '../tests/servers'

interface OfTest {
  readonly quiet: { allow: (pattern: RegExp) => void }
  /** A server with nothing in it, for one test alone. */
  readonly empty: Served
}

interface OfWorker {
  /** The demo, for all tests of a worker: each makes what it changes. */
  readonly demo: Served
}

/** Every test also holds that nothing is logged as an error and that no request leaves this machine. */
export const test = base.extend<OfTest, OfWorker>({
  // Each worker has servers of its own, so that what one test changes for all meets no other at the same time.
  demo: [({}, give) => withServer(true, give), { scope: 'worker' }],
  empty: ({}, give) => withServer(false, give),
  baseURL: ({ demo }, give) => give(demo.url),
  // A view is on the screen before its script has come: what is done to it waits until it can be used.
  page: async ({ page }, give) => {
    const open = page.goto.bind(page)
    page.goto = async (url, options) => {
      const response = await open(url, options)
      await usable(page)
      return response
    }
    const again = page.reload.bind(page)
    page.reload = async (options) => {
      const response = await again(options)
      await usable(page)
      return response
    }
    await give(page)
  },
  quiet: [
    async ({ page }, use) => {
      const allowed: RegExp[] = []
      const heard: string[] = []
      page.on('console', (message) => {
        if (message.type() === 'error') heard.push(message.text())
      })
      page.on('pageerror', (error) => heard.push(error.message))
      page.on('request', (request) => {
        const { hostname, protocol } = new URL(request.url())
        if (protocol.startsWith('http') && hostname !== '127.0.0.1') heard.push(`request to ${hostname}`)
      })
      await use({ allow: (pattern) => allowed.push(pattern) })
      expect(heard.filter((text) => !allowed.some((pattern) => pattern.test(text)))).toEqual([])
    },
    { auto: true },
  ],
})

export { expect }

/** Waits until everything that came from the server has its script. */
export async function usable(page: Page): Promise<void> {
  await page.waitForFunction(() => document.querySelector('astro-island[ssr], [data-waits]') === null)
}

/**
 * The page's clock goes on by a minute and stands still there, but for what `page.clock.runFor` gives it. It was
 * installed before. A shorter step could be over on a busy machine before it is taken.
 */
export async function stopClock(page: Page): Promise<void> {
  await page.clock.pauseAt(await page.evaluate(() => Date.now() + 60_000))
}

/** What waits is tried again every five seconds: lets the page do so as often as it takes, without waiting for it. */
export async function tryingAgain(page: Page, holds: () => Promise<void>): Promise<void> {
  await expect(async () => {
    await page.clock.fastForward(5000)
    await holds()
  }).toPass({ timeout: 20_000, intervals: [0] })
}

/** How long one look takes at what is tried again. */
export const SOON = { timeout: 1000 }

/**
 * What of the page is against a rule of accessibility, each with the first place. No page here has frames of others, so
 * it is looked at in one piece: the usual way opens a second page for each look, which takes four times as long.
 */
export async function violationsOf(page: Page): Promise<string[]> {
  const axe = new AxeBuilder({ page }).setLegacyMode(true).options({ resultTypes: ['violations'] })
  const { violations } = await axe.analyze()
  return violations.map(({ id, nodes }) => `${id}: ${nodes[0]?.html}`)
}

/**
 * What sticks out of the page sideways, each with how far, px. A browser that plays a phone widens its page until all
 * fits, and hides it: so the width is that of the window, in a context that is no phone.
 */
export function stickingOut(page: Page): Promise<string[]> {
  return page.evaluate(() => {
    const { clientWidth: width, scrollWidth } = document.documentElement
    // What scrolls in a box of its own sticks out of that box only.
    const isCut = (element: Element): boolean =>
      element !== document.body &&
      ((getComputedStyle(element).overflowX !== 'visible' && element.getBoundingClientRect().right <= width + 1) ||
        (element.parentElement ? isCut(element.parentElement) : false))
    const found = [...document.querySelectorAll('body *')]
      .filter((element) => {
        const { left, right, height } = element.getBoundingClientRect()
        return (
          height > 0 && (right > width + 1 || left < -1) && !isCut(element) && !element.closest('.shell-skip, .sr-only')
        )
      })
      .map((element) => {
        const { right } = element.getBoundingClientRect()
        return `${element.tagName} ${String(element.className).slice(0, 60)} ${(element.textContent ?? '').slice(0, 30)}: ${Math.round(right - width)} px`
      })
    return scrollWidth > width ? [...found, `the page: ${scrollWidth - width} px`] : found
  })
}

/** Chooses what begins like this from a list whose whole entry the test does not know. */
export async function chooseLike(field: Locator, name: RegExp): Promise<void> {
  const label = await field.getByRole('option', { name }).first().textContent()
  await field.selectOption({ label: label ?? '' })
}

const ids = new Map<string, number>()

/** An id of a test's own, the same in every run: what is planned or drawn by it must not change what a test meets. */
export function steadyId(): string {
  const { titlePath, repeatEachIndex, retry } = test.info()
  const whose = [...titlePath, repeatEachIndex, retry].join(' ')
  const count = (ids.get(whose) ?? 0) + 1
  ids.set(whose, count)
  return idFrom(`${whose} ${count}`)
}

const DAY_MS = 86_400_000

/** The date of so many days from now. */
export const dateIn = (days: number) => new Date(Date.now() + days * DAY_MS).toISOString().slice(0, 10)

export interface Made {
  readonly group: Group
  readonly childIds: readonly string[]
}

/** A group of a test's own, so that tests do not meet in each other's records. */
export async function makeGroup(request: APIRequestContext, name: string, children: readonly string[]): Promise<Made> {
  const newChildren = children.map((child) => ({ id: steadyId(), name: child, age: 6 }))
  const response = await request.post('/api/groups', {
    data: { id: steadyId(), name, childIds: [], newChildren },
  })
  expect(response.status()).toBe(200)
  return { group: (await response.json()) as Group, childIds: newChildren.map((child) => child.id) }
}

export async function makeSession(request: APIRequestContext, groupId: string, minutes = 25): Promise<Session> {
  const response = await request.post('/api/sessions', {
    data: {
      id: steadyId(),
      groupId,
      date: dateIn(2),
      start: 570,
      minutes,
      place: 'table',
      materials: ['card', 'scissors', 'fasteners', 'crayons', 'paper', 'slates', 'circles'],
    },
  })
  expect(response.status()).toBe(200)
  return (await response.json()) as Session
}

export async function answersOf(request: APIRequestContext, sessionId: string): Promise<Answer[]> {
  return (await (await request.get(`/api/answers?sessionId=${sessionId}`)).json()) as Answer[]
}

export async function overviewOf(request: APIRequestContext): Promise<Overview> {
  return (await (await request.get('/api/overview')).json()) as Overview
}

/** The middle of the dial on the page, and its size. */
export async function dialBox(page: Page) {
  const box = await page.locator('.table-dial .dial').boundingBox()
  if (!box) throw new Error('no dial on the page')
  return { x: box.x + box.width / 2, y: box.y + box.height / 2, radius: box.width / 2 }
}

/** A point on the dial: degrees clockwise from 12, and a share of the radius. Written apart from the core. */
export function onDial(box: { x: number; y: number; radius: number }, degrees: number, share: number) {
  const radians = (degrees * Math.PI) / 180
  return { x: box.x + Math.sin(radians) * box.radius * share, y: box.y - Math.cos(radians) * box.radius * share }
}

/** Looks for a group on Today, or for a group or a child among the children: where there are many, they are folded. */
export async function findPeople(page: Page, name: string) {
  const field = page.getByLabel(/^Find a group( or a child)?$/)
  if (await field.isVisible()) await field.fill(name)
}

/** Opens a step of a plan: its words, and what is rarely done with it. */
export async function openStep(name: Locator) {
  await name.click()
  await expect(name).toHaveAttribute('aria-expanded', 'true')
}

export async function openTable(page: Page, session: Session) {
  await page.goto(`/table/${session.id}`)
  await expect(page.getByRole('slider', { name: 'Time shown' })).toBeVisible()
}

/** On to the next question: by the button, unless it has come by itself, as it does after a right answer. */
export async function nextQuestion(page: Page) {
  const button = page.getByRole('button', { name: 'Next question' })
  await button.click({ timeout: 1500 }).catch(() => undefined)
  await expect(button).toBeHidden()
}
