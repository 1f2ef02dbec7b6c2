import type { Page } from '@playwright/test'
import { VIEW_IDS, type ViewId, pathOfView } from '../src/core/views'
import type { Overview, Settings } from '../src/core/records'
import { ADULT_LANGUAGES, ADULT_LANGUAGE_IDS, LANGUAGE_COOKIE, SOURCE_LANGUAGE } from '../src/words/languages'
import { withServer } from '../tests/servers'
import { openBrowser } from './browser'

/*
 * Opens every view in every language but English, with its tabs and folds, and prints what is still English and what is
 * cut off: `npm run check:language -- de 390`. The house rules are set to the same language, so that what is for the
 * children is in it too; what people typed in the demo data is English, and listed below.
 */

const SIZES = [
  { width: 1280, height: 800 },
  { width: 820, height: 1180 },
  { width: 390, height: 844 },
] as const

/** English words that neither German nor French nor Spanish has. */
const ENGLISH =
  /\b(the|and|of|with|is|are|your|you|this|that|from|what|which|when|where|who|how|not|for|all|each|one|two|by|hour|hands|child|children|clock|step|steps|session|answer|answers|today|week|time|half past|quarter|yes|print|save|remove|undo|add)\b/i

/** What people typed into the demo data, and names. */
const TYPED = [
  /Ripe Acorn/g,
  /Herons|Ducklings|At home/g,
  /Bram counts 5, 10, 15 aloud now\.|counts 5, 10, 15 aloud now/g,
  /\b(iCalendar|JSON|Letter|Legal|Tabloid|Europe\/London)\b/g,
]

interface Found {
  readonly english: string[]
  readonly cut: string[]
}

/** The texts that are in sight or are read aloud, and those of which a part is cut off. */
const textsOf = (page: Page): Promise<{ texts: string[]; cut: string[] }> =>
  page.evaluate(() => {
    const texts: string[] = []
    const cut: string[] = []
    const isShown = (element: Element) => element.checkVisibility({ visibilityProperty: true })
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT)
    for (let node = walker.nextNode(); node; node = walker.nextNode()) {
      const parent = node.parentElement
      const text = node.textContent?.trim() ?? ''
      if (text === '' || !parent || parent.closest('script, style, noscript, [lang]:not(html), [data-typed]')) continue
      if (isShown(parent)) texts.push(text)
    }
    for (const element of document.querySelectorAll('[aria-label], [placeholder], [title], [alt]'))
      for (const name of ['aria-label', 'placeholder', 'title', 'alt']) {
        const text = element.getAttribute(name)
        if (text && isShown(element)) texts.push(text)
      }
    for (const element of document.querySelectorAll('button, label, th, a, h1, h2, h3, [role=tab]')) {
      const { overflowX, textOverflow } = getComputedStyle(element)
      const isCut = element.scrollWidth > element.clientWidth + 1 && element.clientWidth > 0
      if (isShown(element) && isCut && (overflowX === 'hidden' || textOverflow === 'ellipsis'))
        cut.push(element.textContent?.trim() ?? '')
    }
    return { texts: [document.title, ...texts], cut }
  })

const isEnglish = (text: string) => ENGLISH.test(TYPED.reduce((rest, typed) => rest.replace(typed, ''), text))

async function look(page: Page, found: Found): Promise<void> {
  const { texts, cut } = await textsOf(page)
  found.english.push(...texts.filter(isEnglish))
  found.cut.push(...cut)
}

/** The view as it opens, then each of its tabs and folds. */
async function lookAtAll(page: Page): Promise<Found> {
  const found: Found = { english: [], cut: [] }
  await look(page, found)
  const opens = page.locator('main [role=tab]:not([aria-selected=true]), main button[aria-expanded=false]')
  for (let i = 0, count = await opens.count(); i < count && i < 20; i++) {
    const next = opens.nth(i)
    if (!(await next.isVisible().catch(() => false))) continue
    await next.click({ timeout: 2000 }).catch(() => undefined)
    await page.waitForTimeout(150)
    await look(page, found)
  }
  return found
}

async function pathsOf(page: Page, url: string): Promise<ReadonlyMap<ViewId, string>> {
  const { groups } = (await (await page.request.get(`${url}/api/overview`)).json()) as Overview
  const shown = groups.find(({ group }) => group.name === 'Herons') ?? groups[0]
  const ids = { child: shown?.children[0]?.id, group: shown?.group.id, session: shown?.next?.id }
  return new Map(VIEW_IDS.map((view) => [view, pathOfView(view, ids)]))
}

const asked = process.argv.slice(2)
const languages = ADULT_LANGUAGE_IDS.filter(
  (id) =>
    id !== SOURCE_LANGUAGE && (asked.some((each) => each === id) || !asked.some((each) => /^[a-z]{2}$/.test(each))),
)
const sizes = SIZES.filter(({ width }) => asked.includes(String(width)) || !asked.some((each) => /^\d+$/.test(each)))

let isRight = true
await withServer(
  true,
  async ({ url }) => {
    const browser = await openBrowser()
    for (const language of languages)
      for (const size of sizes) {
        const context = await browser.newContext({ viewport: size, hasTouch: size.width < 1280 })
        await context.addCookies([{ name: LANGUAGE_COOKIE, value: language, url }])
        // What is run in the page was compiled with this helper.
        await context.addInitScript({ content: 'globalThis.__name = (each) => each' })
        const page = await context.newPage()
        const { settings } = (await (await page.request.get(`${url}/api/overview`)).json()) as { settings: Settings }
        await page.request.put(`${url}/api/settings`, {
          data: { ...settings, language: ADULT_LANGUAGES[language].wording },
        })
        for (const [view, path] of await pathsOf(page, url)) {
          await page.goto(`${url}${path}`)
          await page.waitForLoadState('networkidle')
          const { english, cut } = await lookAtAll(page)
          const lines = [
            ...[...new Set(english)].map((text) => `  English: ${text.slice(0, 120)}`),
            ...[...new Set(cut)].map((text) => `  cut off: ${text.slice(0, 120)}`),
          ]
          isRight = isRight && lines.length === 0
          console.log([`${language} ${size.width} ${view}: ${lines.length}`, ...lines].join('\n'))
        }
        await context.close()
      }
    await browser.close()
  },
  { RIPE_ACORN_LANGUAGES: 'all', RIPE_ACORN_LOG: 'silent' },
)
process.exit(isRight ? 0 : 1)
