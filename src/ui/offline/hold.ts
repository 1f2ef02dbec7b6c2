import { t } from '@lingui/core/macro'
import { withRest, wordsOfPage } from '../../words/i18n'
import { dayOf, today, minuteOf, toTimeField } from '../dates'
import { forgetGoneHere } from '../forgetHere'
import { RECORDS_CACHE } from './names'

/** Pages that are wanted without a connection though nobody has opened them yet. */
function wanted(): string[] {
  const tables = [...document.querySelectorAll<HTMLAnchorElement>('a[href^="/table/"]')].map(({ pathname }) => pathname)
  return ['/play', ...new Set(tables)]
}

/**
 * Lets the worker hold what is wanted, and this view. First goes what must, since forgetting empties what the worker
 * holds. Where the server cannot be reached, the view says of when it is.
 */
export async function holdWanted(): Promise<void> {
  if (!(await forgetGoneHere())) return sayAsSeen()
  if (!import.meta.env.PROD || !('serviceWorker' in navigator)) return
  try {
    await navigator.serviceWorker.register('/sw.js')
    await navigator.serviceWorker.ready
    if (!navigator.serviceWorker.controller) return
    for (const path of wanted()) await hold(path)
    // What was opened before the worker was there.
    if (!(await (await caches.open(RECORDS_CACHE)).match(location.href))) await hold(location.href)
  } catch {
    // Without the worker everything works but opening without a connection.
  }
}

/** A page, and the words that it came without. */
async function hold(path: string): Promise<void> {
  const page = await fetch(path, { headers: { accept: 'text/html' } })
  const words = wordsOfPage(new DOMParser().parseFromString(await page.text(), 'text/html'))
  if (words) await withRest(words)
}

/** Says that the view is as it was last seen, and when that was, until there is a connection again. */
function sayAsSeen(): void {
  const line = document.getElementById('as-seen')
  const made = new Date(Number(line?.dataset.made))
  if (!line || Number.isNaN(made.getTime())) return
  const day = dayOf(made.getTime())
  const time = toTimeField(minuteOf(made))
  const when = day === dayOf(Date.parse(`${today()}T12:00:00`)) ? t`today at ${time}` : t`${day} at ${time}`
  line.textContent = t`There is no connection to Ripe Acorn. This is as it was ${when}.`
  line.hidden = false
  window.addEventListener('online', () => (line.hidden = true), { once: true })
}
