import { getCatalogs } from '@lingui/cli/api'
import { getConfig } from '@lingui/conf'
import type { Locator, Page } from '@playwright/test'
import { strFromU8, unzipSync } from 'fflate'
import type { Overview, Settings } from '../src/core/records'
import { VIEW_IDS, type ViewId, pathOfView } from '../src/core/views'
import { PRINTED_IN } from '../src/core/wording/printed/registry'
import { activityTexts } from '../scripts/words/activities'
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
  /** What people typed, the longest first. */
  readonly typed: readonly string[]
  readonly words: ReadonlySet<string>
  readonly texts: ReadonlySet<string>
}

/** The English of the catalogues that a language does not have too. */
export async function englishBeside(language: AdultLanguageId, page: Page, url: string): Promise<English> {
  const texts = await catalogued(language)
  const { wording } = ADULT_LANGUAGES[language]
  const printed = PRINTED_IN[wording]
  const others = new Set([
    ...texts.values(),
    ...Object.values(activityTexts(wording)),
    ...Object.values({ ...printed?.names, ...printed?.phrases }),
  ])
  const theirs = new Set([...others].flatMap((text) => wordsIn(withoutPlaces(text))))
  const ours = [...texts.keys()].flatMap((text) => wordsIn(withoutPlaces(text)))
  return {
    typed: await typedTexts(page, url),
    words: new Set(ours.filter((word) => word.length > 2 && !theirs.has(word))),
    texts: new Set([...texts].filter(([english]) => !others.has(english)).map(([english]) => english)),
  }
}

/** Our own name, other names, and times of stories, which are in the language of the story. */
const NAMES = /ripe acorn|icalendar|json|csv|uuid|europe\/london|https?:\/\/\S+/g
const TIMES_IN_ENGLISH =
  /([a-z]+-)?(half|quarter|twenty|ten|five|nine|ten|three|four)[- ](past|to|o’clock|minutes|an hour)[\p{L} ’-]*|[a-z]+ o’clock|(half an hour|twenty minutes) later/gu

/** All texts of what is kept: they are somebody's own words, which nobody translates. */
async function typedTexts(page: Page, url: string): Promise<string[]> {
  const answer = await page.request.get(`${url}/api/data/workspace.zip`)
  const files = unzipSync(new Uint8Array(await answer.body()))
  const texts = new Set<string>()
  const collect = (value: unknown): void => {
    if (typeof value === 'string') for (const line of value.split('\n')) texts.add(line.trim().toLowerCase())
    else if (typeof value === 'object' && value !== null) Object.values(value).forEach(collect)
  }
  collect(JSON.parse(strFromU8(files['workspace.json'] ?? new Uint8Array())))
  // Short ones are ids of ours: "set", "hall".
  return [...texts].filter((text) => text.length > 3).sort((one, other) => other.length - one.length)
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
      const isCut = element.scrollWidth > element.clientWidth + 1 && element.clientWidth > 2
      if (isShown(element) && isCut && (overflowX === 'hidden' || textOverflow === 'ellipsis'))
        cut.push(element.textContent?.trim() ?? '')
    }
    // What scrolls shows only a part of what is in it.
    const boxInSight = (element: Element) => {
      // Of a text that goes over several lines the last one.
      const { left, right, top, bottom } = [...element.getClientRects()].at(-1) ?? element.getBoundingClientRect()
      const box = { left, right, top, bottom }
      for (let around = element.parentElement; around; around = around.parentElement) {
        const { overflowX, overflowY } = getComputedStyle(around)
        if (overflowX === 'visible' && overflowY === 'visible') continue
        const outer = around.getBoundingClientRect()
        box.left = Math.max(box.left, outer.left)
        box.right = Math.min(box.right, outer.right)
        box.top = Math.max(box.top, outer.top)
        box.bottom = Math.min(box.bottom, outer.bottom)
      }
      return box
    }
    // Two texts in the same place: neither can be read.
    const boxes = [
      ...document.querySelectorAll(
        'main button, main label, main th, main td, main a, main h1, main h2, main h3, main p',
      ),
    ]
      .filter((element) => isShown(element) && element.children.length === 0 && element.textContent?.trim())
      .map((element) => ({ element, box: boxInSight(element) }))
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

/** Whether a text is one of our English texts, or has an English word that is ours to translate. */
export function isEnglish(text: string, { typed, texts, words }: English): boolean {
  // What is too long for its place is cut.
  const begun = /^(?:\d+ )?(.{4,})…$/.exec(text)?.[1]
  if (
    typed.some((each) => each === text.toLowerCase() || (begun !== undefined && each.startsWith(begun.toLowerCase())))
  )
    return false
  const without = (left: string, some: readonly string[]) =>
    some.reduce((rest, each) => rest.replaceAll(each, ''), left)
  // Times that a whole sentence of theirs has go with it.
  const [whole, parts] = [typed.filter((each) => each.length > 12), typed.filter((each) => each.length <= 12)]
  const ours = without(without(text.toLowerCase(), whole).replace(TIMES_IN_ENGLISH, '').replace(NAMES, ''), parts)
  return texts.has(text) || wordsIn(ours).some((word) => words.has(word))
}

/** What is left of a view. */
export interface Left {
  readonly english: Set<string>
  readonly cut: Set<string>
}

const nothingLeft = (): Left => ({ english: new Set(), cut: new Set() })

/** Looks at what a page shows now. */
async function lookAt(page: Page, beside: English, left: Left): Promise<void> {
  const seen = await textsOf(page)
  for (const text of seen.texts) if (isEnglish(text, beside)) left.english.add(text)
  for (const text of seen.cut) left.cut.add(text)
}

const click = (what: Locator) => what.click({ timeout: 1500 }).catch(() => undefined)

/** What is left on a view as it opens, and behind each of its tabs and folds. */
export async function leftOn(page: Page, beside: English): Promise<Left> {
  const left = nothingLeft()
  await lookAt(page, beside, left)
  const opens = page.locator('main [role=tab]:not([aria-selected=true]), main button[aria-expanded=false]')
  for (let i = 0, count = Math.min(20, await opens.count()); i < count; i++) {
    if (!(await opens.nth(i).isVisible())) continue
    await click(opens.nth(i))
    await page.waitForTimeout(150)
    await lookAt(page, beside, left)
  }
  return left
}

/** More buttons than these are alike: one for each child, or for each row. */
const MOST_PRESSED = 45

/** What is left where every button of a view was pressed once: dialogs, menus, and what is then said. */
export async function leftBehindButtons(page: Page, path: string, beside: English): Promise<Left> {
  const left = nothingLeft()
  const buttons = page.locator('main button:visible:enabled, main summary:visible')
  for (let i = 0, count = Math.min(MOST_PRESSED, await buttons.count()); i < count; i++) {
    const button = buttons.nth(i)
    if (!(await button.isVisible().catch(() => false))) continue
    await click(button)
    await page.waitForTimeout(200)
    await lookAt(page, beside, left)
    await page.keyboard.press('Escape')
    if (!page.url().endsWith(path)) await opened(page, new URL(path, page.url()).href)
  }
  return left
}

/** What is left where nothing that is typed can be read. */
export async function leftOfErrors(page: Page, beside: English): Promise<Left> {
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
      await lookAt(page, beside, left)
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
