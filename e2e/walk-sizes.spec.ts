import type { Locator, Page } from '@playwright/test'
import { VIEW_IDS, pathOfView, type ViewId } from '../src/core/views'
import { expect, makeGroup, makeSession, overviewOf, stickingOut, test } from './fixtures'

/*
 * What each view asks of whoever holds it: at 1280×800 by mouse, on a tablet and two phones by touch. `npm run walk`
 * prints the figures; what is asserted is that nothing sticks out, that fingers meet what they aim at, and that no view
 * meets one with more controls than can be looked through.
 */

const SIZES = [
  { width: 1280, height: 800, isTouched: false },
  { width: 820, height: 1180, isTouched: true },
  { width: 390, height: 844, isTouched: true },
  { width: 320, height: 700, isTouched: true },
] as const

const MOST_CONTROLS = 35
const FINGER_PX = 44

interface Seen {
  readonly height: number
  /** Controls in sight at first, without those of the head and the foot, which every view has. */
  readonly controls: number
  /** Controls too small for a finger, by name and size. */
  readonly small: readonly string[]
  /** Buttons that are filled: the main action. */
  readonly filled: number
  readonly kinds: number
  readonly fonts: number
  /** Of letters and grounds, without those of drawings. */
  readonly colours: number
}

/** What is on the page, by the browser's own measure. */
const look = (page: Page): Promise<Seen> =>
  page.evaluate((finger) => {
    const isSeen = (element: Element) => {
      const { width, height } = element.getBoundingClientRect()
      const { visibility, display } = getComputedStyle(element)
      return width > 0 && height > 0 && visibility !== 'hidden' && display !== 'none'
    }
    const all = [
      ...document.querySelectorAll('a[href], button, input, select, textarea, summary, [role=tab], [role=slider]'),
    ].filter(isSeen)
    const isAtFirst = (element: Element) => {
      const { top, bottom } = element.getBoundingClientRect()
      return top < innerHeight && bottom > 0 && !element.closest('.shell-head, .shell-foot')
    }
    // A box is touched by its label too; a link within a sentence is as high as its line.
    const touched = (element: Element) =>
      element.matches('[type=checkbox], [type=radio]')
        ? (element.closest('label, .mantine-Checkbox-root, .mantine-Radio-root, .mantine-Switch-root') ?? element)
        : element
    const isInText = (element: Element) => element.matches('a') && getComputedStyle(element).display === 'inline'
    const small = all
      .filter((element) => !isInText(element) && !element.matches('.shell-skip'))
      .map((element) => ({ element, box: touched(element).getBoundingClientRect() }))
      .filter(({ box }) => box.height < finger - 0.5 || box.width < finger - 0.5)
      .map(
        ({ element, box }) =>
          `${element.getAttribute('aria-label') ?? element.textContent?.trim().slice(0, 30)}: ${Math.round(box.width)}×${Math.round(box.height)}`,
      )
    const buttons = all.filter((element) => element.matches('.mantine-Button-root') && !element.closest('.shell-head'))
    const styleOf = (element: Element) => {
      const { backgroundColor, color, borderTopColor } = getComputedStyle(element)
      return `${backgroundColor} ${color} ${borderTopColor}`
    }
    const enabled = buttons.filter((element) => !element.matches(':disabled, [data-disabled]'))
    const shown = [...document.querySelectorAll('#main *')].filter(
      (element) => isSeen(element) && !element.closest('svg'),
    )
    const fontOf = (element: Element) => getComputedStyle(element).fontFamily.split(',')[0] ?? ''
    return {
      height: document.documentElement.scrollHeight,
      controls: all.filter(isAtFirst).length,
      small,
      filled: enabled.filter((element) => element.matches('[data-variant=filled], :not([data-variant])')).length,
      kinds: new Set(enabled.map(styleOf)).size,
      fonts: new Set(shown.map(fontOf)).size,
      colours: new Set(
        shown.flatMap((element) => [getComputedStyle(element).color, getComputedStyle(element).backgroundColor]),
      ).size,
    }
  }, FINGER_PX)

const told: string[] = []
test.afterAll(() => void process.stdout.write(`${told.sort().join('\n')}\n`))

for (const { width, height, isTouched } of SIZES)
  test.describe(`at ${width}×${height}`, () => {
    test.use({ viewport: { width, height }, hasTouch: isTouched })

    for (const view of VIEW_IDS)
      test(`${view} sticks out nowhere, ${isTouched ? 'is met by fingers' : 'and shows no crowd of controls'}`, async ({
        page,
        request,
      }) => {
        await page.goto(await pathTo(view, request))
        await page.waitForLoadState('networkidle')
        const seen = await look(page)
        const out = await stickingOut(page)
        told.push(
          `${String(width).padStart(4)} ${view.padEnd(11)} ${seen.height} px high, ${out.length} out, ${seen.small.length} small, ${seen.controls} controls at first, ${seen.filled} filled, ${seen.kinds} kinds of button, ${seen.fonts} fonts, ${seen.colours} colours`,
        )
        expect(out).toEqual([])
        if (isTouched) expect(seen.small).toEqual([])
        else expect(seen.controls).toBeLessThanOrEqual(MOST_CONTROLS)
        expect(seen.fonts).toBeLessThanOrEqual(3)
      })
  })

for (const { width, height } of SIZES.slice(0, 3))
  test(`at ${width}×${height} with text at twice its size nothing sticks out`, async ({ page, context, request }) => {
    await page.setViewportSize({ width, height })
    const browser = await context.newCDPSession(page)
    await browser.send('Page.setFontSizes', { fontSizes: { standard: 32, fixed: 26 } })
    for (const view of VIEW_IDS) {
      await page.goto(await pathTo(view, request))
      await page.waitForLoadState('networkidle')
      expect(await page.evaluate(() => getComputedStyle(document.documentElement).fontSize)).toBe('32px')
      expect({ view, out: await stickingOut(page) }).toEqual({ view, out: [] })
    }
  })

/** What a view is for, which is whole on a laptop before anything is scrolled. */
const MAIN_JOBS: Readonly<Partial<Record<ViewId, (page: Page) => readonly Locator[]>>> = {
  plan: (page) => [
    page.getByRole('list', { name: 'Activities', exact: true }),
    page.getByRole('link', { name: 'Start the session' }),
  ],
  yard: (page) => [
    page.getByLabel('Radius of the clock'),
    page.getByRole('region', { name: 'Plan' }),
    page.getByRole('table', { name: 'Lengths' }),
    page.getByRole('button', { name: 'Print', exact: true }),
  ],
  days: (page) => [
    page.getByLabel('Type or paste rows'),
    page.getByRole('button', { name: 'Add', exact: true }),
    page.getByRole('link', { name: /^Print 2/ }),
  ],
  make: (page) => [
    page.getByLabel('Face', { exact: true }).first(),
    page.getByRole('region', { name: 'Drawing' }),
    page.getByRole('button', { name: 'Print', exact: true }),
  ],
  log: (page) => [page.getByLabel('Group'), page.getByText(/^Bram \d+ of \d+ right/)],
}

for (const [view, parts] of Object.entries(MAIN_JOBS))
  test(`the main job of ${view} is in sight on a laptop`, async ({ page, request }) => {
    await page.setViewportSize({ width: 1280, height: 800 })
    await page.goto(await pathTo(view as ViewId, request))
    await page.waitForLoadState('networkidle')
    for (const part of parts(page)) await expect(part).toBeInViewport({ ratio: 1 })
  })

test('a plan of seven activities has no crowd of controls', async ({ page, request }) => {
  const { group } = await makeGroup(request, 'Long session', ['Moss', 'Fern'])
  const sessions = await Promise.all([40, 45, 50, 55].map((minutes) => makeSession(request, group.id, minutes)))
  const session = sessions.find(({ plan }) => plan.steps.length === 7)
  expect(session).toBeDefined()
  await page.setViewportSize({ width: 1280, height: 800 })
  await page.goto(`/plan/${session?.id}`)
  await page.waitForLoadState('networkidle')
  expect((await look(page)).controls).toBeLessThanOrEqual(MOST_CONTROLS)
})

async function pathTo(view: ViewId, request: Parameters<typeof overviewOf>[0]): Promise<string> {
  const { groups } = await overviewOf(request)
  // The log opens with the session that was held last, which may be one of another test's; the demo's is asked for.
  const held = groups.find(({ group }) => group.name === 'Herons')?.last
  if (view === 'log' && held) return `/log?session=${held.id}`
  const shown = groups.find(({ group }) => group.name === 'Ducklings')
  return pathOfView(view, { child: shown?.children[0]?.id, group: shown?.group.id, session: shown?.next?.id })
}
