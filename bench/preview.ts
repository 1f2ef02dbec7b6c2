import { openBrowser } from '../scripts/browser'

/* How long after an option is changed the first page stands on the screen, in milliseconds at the median. */

const base = process.argv[2] ?? 'http://127.0.0.1:4321'
const browser = await openBrowser()
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
await page.goto(`${base}/print`)
await page.waitForLoadState('networkidle')

for (const name of ['Read the dials', 'Match cards', 'Spot the same', 'Trail', 'Bingo boards']) {
  await page.getByRole('button', { name: new RegExp(`^${name} \\d`) }).click()
  const spent = await page.evaluate(async () => {
    const times: number[] = []
    const frame = () => new Promise((resolve) => requestAnimationFrame(resolve))
    const shown = () => document.querySelector('.print-page .drawing')?.innerHTML
    for (let i = 0; i < 25; i++) {
      const button = [...document.querySelectorAll('button')].find((each) => each.textContent === 'Shuffle')
      const before = shown()
      const start = performance.now()
      button?.click()
      while (shown() === before && performance.now() - start < 3000) await frame()
      await frame()
      times.push(performance.now() - start)
      await new Promise((resolve) => setTimeout(resolve, 80))
    }
    return times.sort((a, b) => a - b)[12] ?? NaN
  })
  console.log(`preview of “${name}” after a change: ${spent.toFixed(0)} ms at the median of 25, its frame included`)
}
await browser.close()
