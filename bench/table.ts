import type { Page } from '@playwright/test'
import { openBrowser, overviewAt } from '../scripts/browser'

/* What the table's touches cost in the browser, in milliseconds at the median, beside an empty frame. */

const base = process.argv[2] ?? 'http://127.0.0.1:4321'

const browser = await openBrowser()
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })

/** The median of the times, ms, from a press of something until what it changes is on the screen, frame included. */
async function presses(target: Page, times: number, press: string, changes: string): Promise<number> {
  return target.evaluate(
    async ({ times: rounds, press: what, changes: seen }) => {
      const spent: number[] = []
      const frame = () => new Promise((resolve) => requestAnimationFrame(resolve))
      for (let i = 0; i < rounds; i++) {
        const button = [...document.querySelectorAll('button')].find((each) => each.textContent === what)
        const before = document.querySelector(seen)?.textContent
        if (!button) throw new Error(`no button ${what}`)
        const start = performance.now()
        button.click()
        while (document.querySelector(seen)?.textContent === before && performance.now() - start < 2000) await frame()
        await frame()
        spent.push(performance.now() - start)
        await new Promise((resolve) => setTimeout(resolve, 60))
      }
      return [...spent].sort((a, b) => a - b)[Math.floor(spent.length / 2)] ?? NaN
    },
    { times, press, changes },
  )
}

const herons = (await overviewAt(base)).groups.find(({ group }) => group.name === 'Herons')
await page.goto(`${base}/table/${herons?.next?.id}`)
await page.waitForLoadState('networkidle')

// All helps on, then the minute hand dragged by script, a move a frame.
await page.getByRole('button', { name: 'Helps' }).click()
for (const name of ['hand names', 'counted arc', 'ring of fives', 'quarter folds', 'hour zone', 'past and to sides'])
  await page.getByRole('switch', { name }).check()
await page.keyboard.press('Escape')
await page.getByLabel('Line under the clock').selectOption('Number line')
const { moved, empty } = await page.evaluate(async () => {
  const dial = document.querySelector<HTMLElement>('.table-dial .dial')
  if (!dial) throw new Error('no dial')
  const box = dial.getBoundingClientRect()
  const frame = () => new Promise<number>((resolve) => requestAnimationFrame(resolve))
  const at = (degrees: number) => ({
    clientX: box.x + box.width / 2 + Math.sin((degrees * Math.PI) / 180) * box.width * 0.36,
    clientY: box.y + box.height / 2 - Math.cos((degrees * Math.PI) / 180) * box.width * 0.36,
  })
  const send = (type: string, degrees: number) =>
    dial.dispatchEvent(
      new PointerEvent(type, {
        bubbles: true,
        cancelable: true,
        pointerId: 1,
        buttons: 1,
        isPrimary: true,
        ...at(degrees),
      }),
    )
  const middle = (list: number[]) => [...list].sort((a, b) => a - b)[Math.floor(list.length / 2)] ?? NaN
  const run = async (work: (i: number) => void) => {
    const gaps: number[] = []
    let last = await frame()
    for (let i = 0; i < 240; i++) {
      work(i)
      const now = await frame()
      gaps.push(now - last)
      last = now
    }
    return middle(gaps)
  }
  const still = await run(() => undefined)
  send('pointerdown', 90)
  const dragged = await run((i) => send('pointermove', 90 + 6 * i))
  send('pointerup', 90)
  return { moved: dragged, empty: still }
})
console.log(
  `dragging the minute hand with all helps and the number line on: a frame every ${moved.toFixed(1)} ms at the median, ${(moved / empty).toFixed(2)} times an empty page's frame`,
)

await page.keyboard.press('q')
await page.getByRole('combobox', { name: 'Which rung' }).click()
await page.getByRole('option', { name: 'To the minute' }).click()
await page.getByRole('combobox', { name: 'Which way' }).click()
await page.getByRole('option', { name: 'reading a clock' }).click()
await page.waitForTimeout(300)
const next = await presses(page, 25, 'Skip', '.table-choices')
console.log(`quick check, to the minute: the next question is on the screen after ${next.toFixed(0)} ms at the median`)
await browser.close()
