import { getCatalogs } from '@lingui/cli/api'
import { getConfig } from '@lingui/conf'
import type { Locator, Page } from '@playwright/test'
import type { Overview, Settings } from '../src/core/records'
import { VIEW_IDS, type ViewId, pathOfView } from '../src/core/views'
import { ADULT_LANGUAGES, type AdultLanguageId } from '../src/words/languages'

/* What is still English on a page in another language, and what is cut off there. Written apart from what speaks. */

/** The words of two letters and more, small. */
const wordsIn = (text: string): string[] => text.toLowerCase().match(/\p{L}{2,}/gu) ?? []

/** What the catalogues have in English, and in another language for each. */
async function catalogued(language: AdultLanguageId): Promise<Map<string, string>> {
  const texts = new Map<string, string>()
  for (const catalogue of await getCatalogs(getConfig()))
    for (const [id, { message = id, translation }] of Object.entries(await catalogue.read(language)))
      texts.set(message, translation)
  return texts
}

/** The words of the places of a message, such as "plural" and "one", are no words of it. */
const withoutPlaces = (message: string): string =>
  message.replace(
    /\{\w+, (plural|selectordinal|select),|\b(zero|one|two|few|many|other|=\d+) ?\{|\{\w+\}|<\/?\d+\/?>/g,
    ' ',
  )

/** What tells English from another language: its words that the other has not, and whole texts that differ. */
export interface English {
  readonly words: ReadonlySet<string>
  readonly texts: ReadonlySet<string>
}

/** The English of the catalogues that a language does not have too. */
export async function englishBeside(language: AdultLanguageId): Promise<English> {
  const texts = await catalogued(language)
  const theirs = new Set([...texts.values()].flatMap((text) => wordsIn(withoutPlaces(text))))
  const ours = [...texts.keys()].flatMap((text) => wordsIn(withoutPlaces(text)))
  return {
    words: new Set(ours.filter((word) => !theirs.has(word))),
    texts: new Set([...texts].filter(([english, other]) => english !== other).map(([english]) => english)),
  }
}

/** Names, and what people typed into the demo data, which nobody translates. */
const TYPED = /Ripe Acorn|Herons|Ducklings|At home|Bram counts 5, 10, 15 aloud now|iCalendar|JSON|Europe\/London/g

/** A story, its times and its questions, and the rows of a day, stay in the language in which they were written. */
const TYPED_IN: Partial<Record<ViewId, RegExp>> = {
  days: /\d the ferry|\d the kingfisher…|The (lock|ferry|kingfisher)[^:]*/gi,
  stories:
    /Four slices of pie|(three|four) o’clock|(half|quarter) past three|quarter to four|At (three|quarter|half|four|…).*|there is a whole pie.*|Mirela takes one.*|a third one is gone.*|only the dish is left.*|says who it was\.|The cat looks very pleased\.|the first, by 15 min|Which clock is right\?|This bar is 100 mm when printed at 100 %/g,
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
      if (text === '' || !parent || parent.closest('script, style, noscript, [lang]:not(html)')) continue
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
    // Two texts in the same place: neither can be read.
    const boxes = [
      ...document.querySelectorAll(
        'main button, main label, main th, main td, main a, main h1, main h2, main h3, main p',
      ),
    ]
      .filter((element) => isShown(element) && element.children.length === 0 && element.textContent?.trim())
      .map((element) => ({ element, box: element.getBoundingClientRect() }))
    for (const [i, { element, box }] of boxes.entries())
      for (const other of boxes.slice(i + 1)) {
        const wide = Math.min(box.right, other.box.right) - Math.max(box.left, other.box.left)
        const high = Math.min(box.bottom, other.box.bottom) - Math.max(box.top, other.box.top)
        const isLaidOver = getComputedStyle(element).position !== 'static' || element.closest('[data-sticky], .sticky')
        if (wide > 4 && high > 4 && !isLaidOver)
          cut.push(`${element.textContent?.trim() ?? ''} ✕ ${other.element.textContent?.trim() ?? ''}`)
      }
    return { texts: [document.title, ...texts], cut }
  })

/** Whether a text of a view is one of our English texts, or has an English word that is ours to translate. */
export function isEnglish(text: string, view: ViewId, english: English): boolean {
  const typedHere = TYPED_IN[view === 'read' ? 'stories' : view] ?? /(?!)/g
  const ours = text.replace(TYPED, '').replace(typedHere, '')
  return english.texts.has(ours) || wordsIn(ours).some((word) => english.words.has(word))
}

/** What is left of a view. */
export interface Left {
  readonly english: Set<string>
  readonly cut: Set<string>
}

export const nothingLeft = (): Left => ({ english: new Set(), cut: new Set() })

/** Looks at what a page shows now. */
export async function lookAt(page: Page, view: ViewId, beside: English, left: Left): Promise<void> {
  const seen = await textsOf(page)
  for (const text of seen.texts) if (isEnglish(text, view, beside)) left.english.add(text)
  for (const text of seen.cut) left.cut.add(text)
}

const click = (what: Locator) => what.click({ timeout: 1500 }).catch(() => undefined)

/** What is left on a view as it opens, and behind each of its tabs and folds. */
export async function leftOn(page: Page, view: ViewId, beside: English): Promise<Left> {
  const left = nothingLeft()
  await lookAt(page, view, beside, left)
  const opens = page.locator('main [role=tab]:not([aria-selected=true]), main button[aria-expanded=false]')
  for (let i = 0, count = Math.min(20, await opens.count()); i < count; i++) {
    if (!(await opens.nth(i).isVisible())) continue
    await click(opens.nth(i))
    await page.waitForTimeout(150)
    await lookAt(page, view, beside, left)
  }
  return left
}

/** More buttons than these are alike: one for each child, or for each row. */
const MOST_PRESSED = 45

/** What is left where every button of a view was pressed once: dialogs, menus, and what is then said. */
export async function leftBehindButtons(page: Page, path: string, view: ViewId, beside: English): Promise<Left> {
  const left = nothingLeft()
  const buttons = page.locator('main button:visible:enabled, main summary:visible')
  for (let i = 0, count = Math.min(MOST_PRESSED, await buttons.count()); i < count; i++) {
    const button = buttons.nth(i)
    if (!(await button.isVisible().catch(() => false))) continue
    await click(button)
    await page.waitForTimeout(200)
    await lookAt(page, view, beside, left)
    await page.keyboard.press('Escape')
    if (!page.url().endsWith(path)) await opened(page, new URL(path, page.url()).href)
  }
  return left
}

/** What is left where nothing that is typed can be read. */
export async function leftOfErrors(page: Page, view: ViewId, beside: English): Promise<Left> {
  const left = nothingLeft()
  const fields = page.locator('main input:visible:enabled:not([type=checkbox]):not([type=radio]):not([type=file])')
  for (let i = 0, count = Math.min(30, await fields.count()); i < count; i++)
    for (const typed of ['§§', '']) {
      await fields
        .nth(i)
        .fill(typed, { timeout: 1500 })
        .catch(() => undefined)
      await page.keyboard.press('Tab')
      await page.waitForTimeout(80)
      await lookAt(page, view, beside, left)
    }
  return left
}

/** Opens an address and waits until nothing more comes. */
export async function opened(page: Page, url: string): Promise<void> {
  await page.goto(url)
  await page.waitForLoadState('networkidle')
}

/** Sets what is for the children to the same language, so that all of a page should be in it. */
export async function childrenSpeak(page: Page, url: string, language: AdultLanguageId): Promise<void> {
  const { settings } = (await (await page.request.get(`${url}/api/overview`)).json()) as { settings: Settings }
  await page.request.put(`${url}/api/settings`, {
    data: { ...settings, language: ADULT_LANGUAGES[language].wording },
  })
}

/** The address of each view with the demo's larger group. */
export async function viewPaths(page: Page, url: string): Promise<ReadonlyMap<ViewId, string>> {
  const { groups } = (await (await page.request.get(`${url}/api/overview`)).json()) as Overview
  const shown = groups.find(({ group }) => group.name === 'Herons') ?? groups[0]
  const ids = { child: shown?.children[0]?.id, group: shown?.group.id, session: shown?.next?.id }
  return new Map(VIEW_IDS.map((view) => [view, pathOfView(view, ids)]))
}
