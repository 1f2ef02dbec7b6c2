import type { Page } from '@playwright/test'
import type { Overview, Settings } from '../src/core/records'
import { VIEW_IDS, type ViewId, pathOfView } from '../src/core/views'
import { ADULT_LANGUAGES, type AdultLanguageId } from '../src/words/languages'

/* What is still English on a page in another language, and what is cut off there. Written apart from what speaks. */

/** English words that neither German nor French nor Spanish has. */
const ENGLISH =
  /\b(the|and|of|with|is|are|your|you|this|that|from|what|which|when|where|who|how|not|for|all|each|one|two|by|hour|hands|child|children|clock|step|steps|session|answer|answers|today|week|time|half past|quarter|yes|print|save|remove|undo|add|harder|easier)\b/i

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
    return { texts: [document.title, ...texts], cut }
  })

/** Whether a text of a view has an English word that is ours to translate. */
function isEnglish(text: string, view: ViewId): boolean {
  const typedHere = TYPED_IN[view === 'read' ? 'stories' : view] ?? /(?!)/g
  return ENGLISH.test(text.replace(TYPED, '').replace(typedHere, ''))
}

interface Left {
  readonly english: readonly string[]
  readonly cut: readonly string[]
}

/** What is left on a view as it opens, and behind each of its tabs and folds. */
export async function leftOn(page: Page, view: ViewId): Promise<Left> {
  const english = new Set<string>()
  const cut = new Set<string>()
  const look = async () => {
    const seen = await textsOf(page)
    for (const text of seen.texts) if (isEnglish(text, view)) english.add(text)
    for (const text of seen.cut) cut.add(text)
  }
  await look()
  const opens = page.locator('main [role=tab]:not([aria-selected=true]), main button[aria-expanded=false]')
  for (let i = 0, count = Math.min(20, await opens.count()); i < count; i++) {
    if (!(await opens.nth(i).isVisible())) continue
    await opens
      .nth(i)
      .click({ timeout: 2000 })
      .catch(() => undefined)
    await page.waitForTimeout(150)
    await look()
  }
  return { english: [...english], cut: [...cut] }
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
