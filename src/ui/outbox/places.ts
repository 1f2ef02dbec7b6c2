import { inReach } from '../codeInReach'
import type { DBSchema, IDBPDatabase } from 'idb'
import type { Waiting, WaitingPlace } from './waiting'

/** As it is kept in the browser's database. An older version counted `place` up and had no `order`. */
type WaitingRow = Omit<Waiting, 'order'> & { readonly place?: number; readonly order?: number }
interface OutboxDb extends DBSchema {
  waiting: { key: number; value: WaitingRow; indexes: { answerId: string } }
}
type Store = IDBPDatabase<OutboxDb>

const NAME = 'ripe-acorn'
/** Of the database's shape. It was first made with the number 10, and browsers refuse a smaller one. */
const VERSION = 10
/** An open that never comes back must not hold up an answer. */
const OPEN_MS = 4000

const idb = inReach(() => import('idb'))

let opened: Promise<Store> | undefined

async function open(): Promise<Store> {
  if (typeof indexedDB === 'undefined') throw new Error('no database in this browser')
  const { openDB } = await idb()
  const opening = openDB<OutboxDb>(NAME, VERSION, {
    upgrade: (db) => {
      db.createObjectStore('waiting', { keyPath: 'place', autoIncrement: true }).createIndex('answerId', 'answerId')
    },
    // A newer page needs another shape: this one lets go of the database, so that the other can open it.
    blocking: (_from, _to, event) => {
      opened = undefined
      ;(event.target as IDBDatabase).close()
    },
    // The browser has closed it, for example because its data were deleted. The next answer opens it anew.
    terminated: () => {
      opened = undefined
    },
  })
  const late = new Promise<never>((_, reject) =>
    setTimeout(() => reject(new Error('the database does not open')), OPEN_MS),
  )
  return Promise.race([opening, late])
}

/** What failed once may work again, but not at once: until then nothing waits for it. */
const AGAIN_MS = 30_000

function store(): Promise<Store> {
  if (opened) return opened
  const opening = open()
  opened = opening
  opening.catch(() => setTimeout(() => (opened = opened === opening ? undefined : opened), AGAIN_MS))
  return opening
}

/**
 * Fetches what keeping needs, so that it is there when the connection is not. A browser that refuses is found out
 * later.
 */
export async function readyToKeep(): Promise<void> {
  await store().catch(() => undefined)
}

const FLAG = 'ripe-acorn-kept'

/** Notes whether something may wait in the database, so that other views need not fetch its code only to look. */
function note(isKept: boolean): void {
  try {
    localStorage.setItem(FLAG, isKept ? 'yes' : 'no')
  } catch {
    // Then each view looks for itself.
  }
}

function noted(): string | null {
  try {
    return localStorage.getItem(FLAG)
  } catch {
    return null
  }
}

/** Whether this browser may have kept something before. Its code is not fetched only to find nothing. */
async function isThere(): Promise<boolean> {
  if (opened) return true
  if (noted() === 'no') return false
  if (typeof indexedDB === 'undefined') return false
  const list = await indexedDB.databases?.().catch(() => undefined)
  return list?.some(({ name }) => name === NAME) ?? true
}

const browserPlace: WaitingPlace = {
  safety: 'browser',
  all: async () => {
    if (!(await isThere())) return []
    const rows = await (await store()).getAll('waiting')
    note(rows.length > 0)
    return rows.map(({ place = 0, order = place, ...row }) => ({ ...row, order }))
  },
  add: async (waiting) => {
    note(true)
    await (await store()).add('waiting', waiting)
    // Once more, since somebody may have looked and found nothing in between.
    note(true)
  },
  remove: async (orders) => {
    if (!(await isThere())) return
    const { store: rows, done } = (await store()).transaction('waiting', 'readwrite')
    const gone = (await rows.getAll()).filter(({ place, order = place }) => orders.includes(order ?? 0))
    await Promise.all([...gone.map(({ place = 0 }) => rows.delete(place)), done])
  },
}

/** Where the browser's small storage has it. */
export const SMALL_KEY = 'ripe-acorn-waiting'

const readSmall = (): Waiting[] => JSON.parse(localStorage.getItem(SMALL_KEY) ?? '[]') as Waiting[]

function writeSmall(list: readonly Waiting[]): void {
  if (list.length === 0) localStorage.removeItem(SMALL_KEY)
  else localStorage.setItem(SMALL_KEY, JSON.stringify(list))
}

const smallPlace: WaitingPlace = {
  safety: 'small',
  all: () => Promise.resolve().then(readSmall),
  add: (waiting) => Promise.resolve().then(() => writeSmall([...readSmall(), waiting])),
  remove: (orders) =>
    Promise.resolve().then(() => {
      const before = readSmall()
      const left = before.filter(({ order }) => !orders.includes(order))
      if (left.length < before.length) writeSmall(left)
    }),
}

let onPage: readonly Waiting[] = []

const pagePlace: WaitingPlace = {
  safety: 'page',
  all: () => Promise.resolve(onPage),
  add: (waiting) => Promise.resolve().then(() => void (onPage = [...onPage, waiting])),
  remove: (orders) =>
    Promise.resolve().then(() => void (onPage = onPage.filter(({ order }) => !orders.includes(order)))),
}

export const PLACES: readonly WaitingPlace[] = [browserPlace, smallPlace, pagePlace]
