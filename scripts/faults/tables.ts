import Database from 'better-sqlite3'
import type { BrowserContext, Page } from '@playwright/test'
import { v4 as newId } from 'uuid'
import type { Session } from '../../src/core/records'
import { openBrowser } from '../browser'
import { BASE, databaseFile, end, send, start } from './server'

/*
 * What happens at the table itself, in the browser: every answer that was scored on the screen must be in the file in the
 * end, once.
 */

export interface TableScene {
  readonly name: string
  /** Answers that the screen showed as scored. */
  readonly shown: number
  /** Answers of the session that are in the file. */
  readonly kept: number
  readonly isRight: boolean
}

interface Tables {
  readonly context: BrowserContext
  readonly session: Session
}

const SERVER_AWAY_MS = 60_000
/** Longer than the longest pause between two tries to send. */
const SENT_WITHIN_MS = 60_000

async function newSession(): Promise<Session> {
  const groupId = newId()
  const newChildren = ['Moss', 'Fern'].map((name) => ({ id: newId(), name }))
  await send('POST', '/api/groups', { id: groupId, name: `At the table ${groupId}`, childIds: [], newChildren })
  const wish = {
    id: newId(),
    groupId,
    date: '2026-11-28',
    start: 570,
    minutes: 25,
    place: 'table',
    materials: ['card'],
  }
  return (await send<Session>('POST', '/api/sessions', wish)).body
}

async function openCheck(context: BrowserContext, session: Session): Promise<Page> {
  const page = await context.newPage()
  await page.goto(`${BASE}/table/${session.id}`)
  await page.waitForFunction(() => document.querySelector('astro-island[ssr], [data-waits]') === null)
  await page.keyboard.press('q')
  await page.getByRole('heading', { name: /^(Moss|Fern)$/ }).waitFor()
  return page
}

/** Answers so many questions; each is scored on the screen before the next is asked for. */
async function answer(page: Page, count: number): Promise<number> {
  for (let i = 0; i < count; i++) {
    await page.keyboard.press('1')
    await page.getByRole('button', { name: 'Next question' }).click()
  }
  return count
}

function keptOf(session: Session): string[] {
  const db = new Database(databaseFile, { readonly: true })
  const rows = db.prepare('select id from answers where session_id = ?').all(session.id) as { id: string }[]
  db.close()
  return rows.map(({ id }) => id)
}

async function scene(name: string, play: (tables: Tables) => Promise<number>, spoil?: () => void): Promise<TableScene> {
  const browser = await openBrowser()
  try {
    const context = await browser.newContext({ serviceWorkers: 'block' })
    if (spoil) await context.addInitScript(spoil)
    const session = await newSession()
    const shown = await play({ context, session })
    const until = Date.now() + SENT_WITHIN_MS
    while (keptOf(session).length < shown && Date.now() < until) await new Promise((done) => setTimeout(done, 200))
    // Whatever is sent twice has come by now.
    await new Promise((done) => setTimeout(done, 1500))
    const kept = keptOf(session)
    return { name, shown, kept: kept.length, isRight: kept.length === shown && new Set(kept).size === shown }
  } finally {
    await browser.close()
  }
}

async function twoTabs({ context, session }: Tables): Promise<number> {
  const first = await openCheck(context, session)
  const second = await openCheck(context, session)
  let shown = (await answer(first, 2)) + (await answer(second, 2))
  await context.setOffline(true)
  shown += (await answer(first, 2)) + (await answer(second, 2))
  await end('SIGKILL')
  await context.setOffline(false)
  shown += await answer(first, 1)
  await start()
  return shown + (await answer(second, 1))
}

async function offlineAndBack({ context, session }: Tables): Promise<number> {
  const page = await openCheck(context, session)
  let shown = await answer(page, 1)
  for (let i = 0; i < 3; i++) {
    await context.setOffline(true)
    shown += await answer(page, 2)
    await context.setOffline(false)
    shown += await answer(page, 1)
  }
  return shown
}

async function serverAway({ context, session }: Tables): Promise<number> {
  const page = await openCheck(context, session)
  let shown = await answer(page, 2)
  await end('SIGTERM')
  const until = Date.now() + SERVER_AWAY_MS
  shown += await answer(page, 3)
  await new Promise((done) => setTimeout(done, until - Date.now()))
  await start()
  return shown + (await answer(page, 1))
}

async function withoutStorage({ context, session }: Tables): Promise<number> {
  const page = await openCheck(context, session)
  let shown = await answer(page, 1)
  await context.setOffline(true)
  shown += await answer(page, 3)
  await context.setOffline(false)
  return shown + (await answer(page, 1))
}

/** Runs in the page before anything else: neither database nor small storage. */
function refuseStorage(): void {
  Object.defineProperty(window, 'indexedDB', { value: undefined })
  Object.defineProperty(window, 'localStorage', {
    get: () => {
      throw new DOMException('refused', 'SecurityError')
    },
  })
}

/** Every scene in turn. The server runs before and after. */
export async function atTables(): Promise<TableScene[]> {
  return [
    await scene('two tabs, a lost connection and a kill', twoTabs),
    await scene('offline and back, three times', offlineAndBack),
    await scene('the server away for a minute', serverAway),
    await scene('no storage in the browser', withoutStorage, refuseStorage),
  ]
}
