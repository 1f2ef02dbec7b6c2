import type { Browser, CDPSession, Page } from '@playwright/test'
import type { ChildReport } from '../src/core/records'
import { openBrowser, overviewAt } from '../scripts/browser'
import { viewPaths } from '../src/core/views'

/*
 * What a view costs at first sight, by Chromium's own figures, with the processor slowed: when the largest thing is
 * painted, for how long the main thread is blocked (long tasks beyond 50 ms each), its longest task, and the scripts
 * that come, compressed, without their headers. The median of several fresh visits on a laptop and on a phone; nothing is
 * asserted. A visit begins once the browser's empty page has settled, since a browser that is being started takes the
 * processor from the server and the page alike. All views are visited once, then all once more, and so on, so that a
 * slow spell of the machine falls on all of them. A page of one line, and a loop that does nothing but count, are the raw
 * baseline: how fast the machine is at this moment.
 */

const SLOWED = 4
const VISITS = 3
/** A laptop, and a phone held upright. */
const SIZES = {
  desk: { viewport: { width: 1280, height: 800 } },
  phone: { viewport: { width: 390, height: 844 }, isMobile: true, hasTouch: true, deviceScaleFactor: 2 },
} as const
type Size = keyof typeof SIZES
/** How long the browser's empty page has before the visit, and how long the view has after it has loaded. */
const READY_MS = 1500
const SETTLE_MS = 2500
const TOUCHED_MS = 1500
const BARE = '/one-line'
const COUNTED = 3e7

/** The language of the device. */
const locale = process.env.LOCALE ?? 'en-GB'
const base = process.argv[2] ?? 'http://127.0.0.1:4321'
/** Only the views with one of these beginnings, where any are given: /stories /group */
const wanted = process.argv.slice(3)

interface FirstSight {
  readonly title: string
  readonly paintMs: number
  readonly blockedMs: number
  readonly longestMs: number
  /** The longest task once the view is touched for the first time: charts come then. */
  readonly touchedMs: number
  readonly scriptKb: number
  readonly wordsKb: number
}

/** Notes paints and long tasks from the first moment on. */
const watch = () => {
  const seen = { paint: 0, tasks: [] as number[] }
  Object.assign(window, { firstSight: seen })
  new PerformanceObserver((list) => list.getEntries().forEach((entry) => (seen.paint = entry.startTime))).observe({
    type: 'largest-contentful-paint',
    buffered: true,
  })
  new PerformanceObserver((list) => list.getEntries().forEach((entry) => seen.tasks.push(entry.duration))).observe({
    type: 'longtask',
    buffered: true,
  })
}

async function visit(browser: Browser, path: string, size: Size): Promise<FirstSight> {
  const context = await browser.newContext({ ...SIZES[size], locale })
  const page = await context.newPage()
  const session = await context.newCDPSession(page)
  const scripts = await countScripts(session)
  await session.send('Emulation.setCPUThrottlingRate', { rate: SLOWED })
  await page.addInitScript(watch)
  // A route makes Chromium ask us about every request of the page: so only where the one line is what we measure.
  if (path === BARE) {
    await page.route(`**${BARE}`, (route) => route.fulfill({ contentType: 'text/html', body: '<p>One line.</p>' }))
  }
  await page.waitForTimeout(READY_MS)
  await page.goto(`${base}${path}`, { waitUntil: 'load' })
  await page.waitForTimeout(SETTLE_MS)
  const { paint, tasks } = await seenIn(page)
  await page.mouse.move(3, 3)
  await page.waitForTimeout(TOUCHED_MS)
  const touched = (await seenIn(page)).tasks.slice(tasks.length)
  const title = await page.title()
  await context.close()
  return {
    title: title.replace(/ ·.*/, ''),
    paintMs: paint,
    blockedMs: tasks.reduce((sum, task) => sum + Math.max(0, task - 50), 0),
    longestMs: Math.max(0, ...tasks),
    touchedMs: Math.max(0, ...touched),
    scriptKb: scripts.bytes / 1000,
    wordsKb: scripts.words / 1000,
  }
}

function seenIn(page: Page): Promise<{ paint: number; tasks: number[] }> {
  return page.evaluate(() => (window as unknown as { firstSight: { paint: number; tasks: number[] } }).firstSight)
}

/** Adds up the bytes of all scripts as they come over the wire, and those of the words that come beside a page. */
async function countScripts(session: CDPSession): Promise<{ bytes: number; words: number }> {
  const scripts = { bytes: 0, words: 0 }
  await session.send('Network.enable')
  session.on('Network.responseReceived', ({ type, response }) => {
    const length = Number(response.headers['content-length'] ?? response.headers['Content-Length'])
    if (type === 'Script') scripts.bytes += length
    else if (response.url.includes('/_astro/words-')) scripts.words += length
  })
  return scripts
}

const median = (values: readonly number[]) => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? NaN

const herons = (await overviewAt(base)).groups.find(({ group }) => group.name === 'Herons')
const [child] = (await (await fetch(`${base}/api/children`)).json()) as ChildReport[]
const own = viewPaths({
  child: String(child?.child.id),
  group: String(herons?.group.id),
  session: String(herons?.next?.id),
})

function countMs(): number {
  const start = performance.now()
  let sum = 0
  for (let i = 0; i < COUNTED; i++) sum += Math.sqrt(i)
  return sum > 0 ? performance.now() - start : NaN
}

console.log(`Counting to ${COUNTED} by roots: ${Math.round(median([1, 2, 3].map(countMs)))} ms (Node, not slowed)`)
const browser = await openBrowser()
const chosen = wanted.length === 0 ? own : own.filter((path) => wanted.some((start) => path.startsWith(start)))
const visited = [BARE, ...chosen].flatMap((path) =>
  (Object.keys(SIZES) as Size[]).map((size) => ({ path, size, all: [] as FirstSight[] })),
)
for (let round = 0; round < VISITS; round++)
  for (const { path, size, all } of visited) all.push(await visit(browser, path, size))
for (const { path, size, all } of visited) {
  const of = (figure: Exclude<keyof FirstSight, 'title'>) => Math.round(median(all.map((each) => each[figure])))
  const name = path === BARE ? 'A page of one line' : `${all[0]?.title} (/${path.split('/')[1]})`
  console.log(
    `${name}, ${size}: largest paint ${of('paintMs')} ms, blocked ${of('blockedMs')} ms, longest task ${of('longestMs')} ms, scripts ${of('scriptKb')} kB, words beside ${of('wordsKb')} kB; once touched, longest task ${of('touchedMs')} ms (processor slowed ${SLOWED} times)`,
  )
}
await browser.close()
