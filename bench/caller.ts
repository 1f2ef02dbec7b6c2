import type { Page } from '@playwright/test'
import type { KeptGame } from '../src/islands/caller/keptGame'
import { openBrowser } from '../scripts/browser'

/*
 * How late a call is on the screen, whether a game drifts, and what a tap costs; in milliseconds, beside an empty
 * frame.
 */

const base = process.argv[2] ?? 'http://127.0.0.1:4321'
const minutes = Number(process.argv[3] ?? 10)
const browser = await openBrowser()

/** How late each call was on the screen while a game ran for so many minutes, ms: by the clock, frame included. */
async function lateness(page: Page, during: number): Promise<number[]> {
  await page.goto(`${base}/play?game=walk-the-hours`)
  await page.getByLabel('Minutes').fill(String(Math.max(2, Math.ceil(during))))
  await page.evaluate(() => {
    const seen: number[] = []
    Object.assign(window, { seen })
    let last = ''
    const look = () => {
      const text = document.querySelector('.caller')?.textContent ?? ''
      if (text !== last && document.querySelector('.caller')) seen.push(Date.now())
      last = text
      requestAnimationFrame(look)
    }
    requestAnimationFrame(look)
  })
  await page.getByRole('button', { name: 'Start walk the hours' }).click()
  await page.waitForTimeout(during * 60_000)
  const [kept, seen] = await page.evaluate(() => [
    JSON.parse(localStorage.getItem('caller-game') ?? 'null') as KeptGame,
    (window as unknown as { seen: number[] }).seen,
  ])
  const started = kept.playing?.since ?? NaN
  const due = kept.timeline.calls
    .map(({ at }) => started + at * 1000)
    .filter((at) => at > started && at < Date.now() - 2000)
  return due.map((at) => (seen.find((each) => each >= at) ?? NaN) - at)
}

const most = (all: readonly number[]) => Math.round(Math.max(...all))
const middle = (all: readonly number[]) => [...all].sort((a, b) => a - b)[Math.floor(all.length / 2)] ?? NaN

const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
const late = await lateness(page, minutes)
const tenth = Math.max(1, Math.floor(late.length / 10))
const drift = middle(late.slice(-tenth)) - middle(late.slice(0, tenth))
console.log(
  `${late.length} calls in ${minutes} min: on the screen ${Math.round(middle(late))} ms after their time at the median, ${most(late)} ms at most; from the first tenth to the last they drift by ${drift.toFixed(0)} ms`,
)

const slowed = await browser.newPage({ viewport: { width: 1280, height: 800 } })
await slowed.addInitScript(() => {
  const own = window.setInterval.bind(window)
  Object.assign(window, { setInterval: (work: () => void, ms: number) => own(work, Math.max(1300, ms)) })
})
const behind = await lateness(slowed, Math.min(2, minutes))
const half = Math.floor(behind.length / 2)
console.log(
  `timers slowed to one in 1.3 s: calls are ${most(behind.slice(0, half))} ms late at most in the first half, ${most(behind.slice(half))} ms in the second`,
)

const names = Array.from({ length: 24 }, (_, i) => `Kit ${i + 1}`)
const groupId = crypto.randomUUID()
await page.request.post(`${base}/api/groups`, {
  data: {
    id: groupId,
    name: 'Bench',
    childIds: [],
    newChildren: names.map((name) => ({ id: crypto.randomUUID(), name, age: 6 })),
  },
})
await page.evaluate(() => localStorage.clear())
await page.goto(`${base}/play?group=${groupId}&game=choose-a-move&rung=quarters`)
await page.getByRole('button', { name: 'Start choose a move' }).click()
for (let i = 0; i < 3; i++) await page.keyboard.press('ArrowRight')
await page.keyboard.press('Space')
await page.getByRole('switch', { name: 'Take answers' }).click({ force: true })
const [taps, frames] = await page.evaluate(async () => {
  const frame = () => new Promise<number>((resolve) => requestAnimationFrame(resolve))
  const spent: number[] = []
  const buttons = [...document.querySelectorAll<HTMLElement>('.caller-taking button')].filter(({ innerText }) =>
    innerText.startsWith('Kit'),
  )
  for (const button of buttons) {
    const start = performance.now()
    button.click()
    while (button.getAttribute('aria-pressed') !== 'true' && performance.now() - start < 2000) await frame()
    spent.push(performance.now() - start)
    await new Promise((resolve) => setTimeout(resolve, 60))
  }
  const empty: number[] = []
  for (let i = 0; i < 60; i++) {
    const start = await frame()
    empty.push((await frame()) - start)
  }
  return [spent, empty]
})
console.log(
  `${taps.length} children in ${taps.length} taps: each is shown after ${Math.round(middle(taps))} ms at the median, ${most(taps)} ms at most (an empty frame: ${middle(frames).toFixed(1)} ms)`,
)
await page.request.delete(`${base}/api/groups/${groupId}`)
await browser.close()
