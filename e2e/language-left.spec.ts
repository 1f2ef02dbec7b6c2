import { expect, test } from './fixtures'
import { childrenSpeak, englishBeside, isEnglish, leftOn, viewPaths } from '../tests/languageLeft'
import { withServer } from '../tests/servers'
import { LANGUAGE_COOKIE } from '../src/words/languages'

/* The whole run is `npm run check:language`; here each language is opened on a phone. */

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true })
test.setTimeout(180_000)

for (const language of ['de', 'fr', 'es'] as const)
  test(`no view in ${language} has English in it, or a text that is cut off`, async ({ page, context }) => {
    await withServer(
      true,
      async ({ url }) => {
        await context.addCookies([{ name: LANGUAGE_COOKIE, value: language, url }])
        await childrenSpeak(page, url, language)
        const beside = await englishBeside(language, page, url)
        for (const [view, path] of await viewPaths(page, url)) {
          await page.goto(`${url}${path}`)
          await page.waitForLoadState('networkidle')
          const { english, cut } = await leftOn(page, beside)
          expect([...english, ...cut], `${view} in ${language}`).toEqual([])
        }
        // What the last page still asks for would fail once its server stops.
        await page.goto('about:blank')
      },
      { RIPE_ACORN_LOG: 'silent' },
    )
  })

test('what looks for English finds it, and leaves alone what people typed', () => {
  const beside = {
    typed: ['four slices of pie', 'mirela'],
    words: new Set(['print', 'cards', 'takes']),
    texts: new Set(['Plan it']),
  }
  expect(isEnglish('Print 6 Karten', beside)).toBe(true)
  expect(isEnglish('6 cards', beside)).toBe(true)
  expect(isEnglish('Plan it', beside)).toBe(true)
  expect(isEnglish('Die Einheit drucken', beside)).toBe(false)
  expect(isEnglish('Four slices of pie', beside)).toBe(false)
  expect(isEnglish('Mirela nimmt Four slices of pie', beside)).toBe(false)
  expect(isEnglish('Mirela takes Four slices of pie', beside)).toBe(true)
})
