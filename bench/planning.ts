import { randomUUID } from 'node:crypto'
import { MATERIAL_IDS } from '../src/core/activities'
import { overviewAt } from '../scripts/browser'

/* How long the server takes to plan a session, and how much longer everybody else waits while it plans. */

const base = process.argv[2] ?? 'http://127.0.0.1:4321'
const PLANS = 60
const PLACES = ['table', 'floor', 'hall', 'outdoors']

const { groups } = await overviewAt(base)

const at = (sorted: readonly number[], share: number) => sorted[Math.floor(share * (sorted.length - 1))] ?? NaN
const spread = (spent: readonly number[]) => {
  const sorted = [...spent].sort((a, b) => a - b)
  const [median, late, most] = [at(sorted, 0.5), at(sorted, 0.95), at(sorted, 1)]
  return { median, late, most, said: `${median.toFixed(1)} / ${late.toFixed(1)} / ${most.toFixed(1)} ms` }
}

async function timed(send: () => Promise<Response>): Promise<number> {
  const start = performance.now()
  const response = await send()
  await response.arrayBuffer()
  if (response.status >= 500 || response.status === 404) throw new Error(`answered ${response.status}`)
  return performance.now() - start
}

/** Plans that follow each other at once, of all the demo's groups: every third one cannot be and is refused late. */
async function planAll(): Promise<number[]> {
  const spent: number[] = []
  for (let i = 0; i < PLANS; i++) {
    const wish = {
      id: randomUUID(),
      groupId: groups[i % groups.length]?.group.id,
      date: '2027-01-11',
      start: 570,
      minutes: i % 3 === 2 ? 10 : 30 + 15 * (i % 5),
      place: PLACES[i % PLACES.length],
      materials: i % 3 === 2 ? [] : MATERIAL_IDS,
    }
    const body = JSON.stringify(wish)
    spent.push(
      await timed(() =>
        fetch(`${base}/api/sessions`, { method: 'POST', headers: { 'content-type': 'application/json' }, body }),
      ),
    )
  }
  return spent
}

/** Light requests, one after the other, for as long as something goes on. */
async function others(isOver: () => boolean): Promise<number[]> {
  const spent: number[] = []
  while (!isOver()) {
    spent.push(await timed(() => fetch(`${base}/api/settings`)))
    await new Promise((resolve) => setTimeout(resolve, 5))
  }
  return spent
}

let isPlanned = false
const until = performance.now() + 3000
const alone = spread(await others(() => performance.now() > until))
const [plans, beside] = await Promise.all([planAll().finally(() => (isPlanned = true)), others(() => isPlanned)])
const planned = spread(plans)
const waited = spread(beside)
console.log(`planning (median / 95th / most): a session planned and kept in ${planned.said};`)
console.log(
  `a light request alone takes ${alone.said}, while sessions are planned ${waited.said}: ` +
    `${(waited.median / alone.median).toFixed(1)} times at the median, ${(waited.late / alone.late).toFixed(1)} at the 95th`,
)
