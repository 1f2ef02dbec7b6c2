import { ADULT_LANGUAGE_IDS, LANGUAGE_COOKIE, SOURCE_LANGUAGE } from '../src/words/languages'
import { childrenSpeak, leftOn, viewPaths } from '../tests/languageLeft'
import { withServer } from '../tests/servers'
import { openBrowser } from './browser'

/*
 * Opens every view in every language but English, with its tabs and folds, at three sizes, and prints what is still
 * English and what is cut off: `npm run check:language -- de 390`.
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

let left = 0
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
        await childrenSpeak(page, url, language)
        for (const [view, path] of await viewPaths(page, url)) {
          await page.goto(`${url}${path}`)
          await page.waitForLoadState('networkidle')
          const { english, cut } = await leftOn(page, view)
          left += english.length + cut.length
          const lines = [
            ...english.map((text) => `  English: ${text.slice(0, 120)}`),
            ...cut.map((text) => `  cut off: ${text.slice(0, 120)}`),
          ]
          console.log([`${language} ${size.width} ${view}: ${lines.length}`, ...lines].join('\n'))
        }
        await context.close()
      }
    await browser.close()
  },
  { RIPE_ACORN_LANGUAGES: 'all', RIPE_ACORN_LOG: 'silent' },
)
console.log(`${left} left`)
process.exit(left === 0 ? 0 : 1)
