import type { Page } from '@playwright/test'
import { VIEW_IDS, pathOfView } from '../src/core/views'
import { ADULT_LANGUAGE_IDS, LANGUAGE_COOKIE, SOURCE_LANGUAGE } from '../src/words/languages'
import {
  type English,
  type Left,
  childrenSpeak,
  englishBeside,
  leftBehindButtons,
  leftOfErrors,
  leftOn,
  opened,
  viewPaths,
} from '../tests/languageLeft'
import { withServer } from '../tests/servers'
import { openBrowser } from './browser'

/*
 * Opens every view in every language but English, at three sizes, and prints what is still English and what is cut off
 * or laid over another text: `npm run check:language -- de 390`. It looks at each view as it opens, behind its tabs and
 * folds, behind each of its buttons, after nonsense was typed into each of its fields, and without any data.
 */

const SIZES = [
  { width: 1280, height: 800 },
  { width: 820, height: 1180 },
  { width: 390, height: 844 },
] as const

const asked = process.argv.slice(2)
const others = ADULT_LANGUAGE_IDS.filter((id) => id !== SOURCE_LANGUAGE)
const languages = others.some((id) => asked.includes(id)) ? others.filter((id) => asked.includes(id)) : others
const sizes = SIZES.filter(({ width }) => asked.includes(String(width)) || !asked.some((each) => /^\d+$/.test(each)))

const OF_NONE = { child: 'none', group: 'none', session: 'none' }
const browser = await openBrowser()
let count = 0

function print(where: string, { english, cut }: Left): void {
  count += english.size + cut.size
  const lines = [
    ...[...english].map((text) => `  English: ${text.slice(0, 160)}`),
    ...[...cut].map((text) => `  cut off: ${text.slice(0, 160)}`),
  ]
  console.log([`${where}: ${lines.length}`, ...lines].join('\n'))
}

/** A page in a language; what is run in it was compiled with a helper that it has not. */
async function pageIn(language: string, url: string, size: (typeof SIZES)[number]): Promise<Page> {
  const context = await browser.newContext({ viewport: size, hasTouch: size.width < 1280 })
  await context.addCookies([{ name: LANGUAGE_COOKIE, value: language, url }])
  await context.addInitScript({ content: 'globalThis.__name = (each) => each' })
  return context.newPage()
}

/** Every view with the demo's data, in each of its states. */
async function checkFull(page: Page, url: string, name: string, beside: English): Promise<void> {
  for (const [view, path] of await viewPaths(page, url)) {
    await opened(page, `${url}${path}`)
    print(`${name} ${view}`, await leftOn(page, beside))
    await opened(page, `${url}${path}`)
    print(`${name} ${view}, nonsense typed`, await leftOfErrors(page, beside))
    await opened(page, `${url}${path}`)
    print(`${name} ${view}, buttons pressed`, await leftBehindButtons(page, path, beside))
  }
}

const withDemo = [true, false]
for (const hasData of withDemo)
  await withServer(
    hasData,
    async ({ url }) => {
      for (const language of languages) {
        for (const size of sizes) {
          const page = await pageIn(language, url, size)
          const name = `${language} ${size.width}`
          await childrenSpeak(page, url, language)
          const beside = await englishBeside(language, page, url)
          if (hasData) {
            await checkFull(page, url, name, beside)
          } else
            for (const view of VIEW_IDS) {
              await opened(page, `${url}${pathOfView(view, OF_NONE)}`)
              print(`${name} ${view}, empty`, await leftOn(page, beside))
            }
          await page.context().close()
        }
      }
    },
    { RIPE_ACORN_LOG: 'silent' },
  )
await browser.close()
console.log(`${count} left`)
process.exit(count === 0 ? 0 : 1)
