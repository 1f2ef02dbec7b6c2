import type { Dexie, EntityTable } from 'dexie'
import { useEffect, useState } from 'react'
import type { GroupCount, RecordedAnswers, SentAnswer } from '../core/records'
import { Refusal, Unreached, api } from './api'

/** What is still to be told to the server, in the order in which it happened. */
interface Waiting {
  readonly place?: number
  readonly answerId: string
  /** Left out, and without a count: the answer is to be taken back. */
  readonly answer?: SentAnswer
  /** How many of a group showed what, instead of an answer. */
  readonly count?: GroupCount
}

type Store = Dexie & { waiting: EntityTable<Waiting, 'place'> }

let opened: Promise<Store> | undefined

/** The browser's own database. Its code comes once the view stands, before the first answer can be given. */
function store(): Promise<Store> {
  opened ??= import('dexie').then(({ Dexie }) => {
    const db = new Dexie('ripe-acorn') as Store
    db.version(1).stores({ waiting: '++place, answerId' })
    return db
  })
  return opened
}

const MOST_AT_ONCE = 100
const RETRY_MS = 5000

/** Keeps an answer in the browser first, then sends it: a lost connection or a reload loses nothing. */
export async function keepAnswer(answer: SentAnswer): Promise<void> {
  await (await store()).waiting.add({ answerId: answer.id, answer })
  await sendWaiting()
}

/** Takes an answer back, whether it was sent or not. */
export async function takeBack(answerId: string): Promise<void> {
  await (await store()).waiting.add({ answerId })
  await sendWaiting()
}

/** Keeps a count of a group the same way; a later one with its id takes its place. */
export async function keepCount(count: GroupCount): Promise<void> {
  await (await store()).waiting.add({ answerId: count.id, count })
  await sendWaiting()
}

let sending: Promise<void> | undefined
let refusals: readonly string[] = []

/** Sends what waits; what cannot be sent now stays for the next try. */
export function sendWaiting(): Promise<void> {
  sending ??= sendInOrder().finally(() => {
    sending = undefined
  })
  return sending
}

/**
 * Statuses that would come again at every try. Others may pass, such as a busy server or a passcode that is asked
 * again.
 */
const FOR_GOOD: readonly number[] = [400, 404, 413, 415, 422]

async function sendInOrder(): Promise<void> {
  const db = await store()
  let most = MOST_AT_ONCE
  for (;;) {
    const [first, ...rest] = await db.waiting.orderBy('place').limit(most).toArray()
    if (!first) return
    const end = rest.findIndex((each) => each.answer === undefined)
    const run = first.answer ? [first, ...(end < 0 ? rest : rest.slice(0, end))] : [first]
    try {
      if (first.answer) await sendAnswers(run.flatMap(({ answer }) => (answer ? [answer] : [])))
      else if (first.count) await api.put(`/api/counts/${first.count.id}`, countBody(first.count))
      else await api.remove(`/api/answers/${first.answerId}`)
    } catch (error) {
      if (error instanceof Unreached) return
      if (!(error instanceof Refusal)) throw error
      if (!FOR_GOOD.includes(error.status)) return
      // One answer that is refused must not hold up the others, so they are sent one by one.
      if (run.length > 1) {
        most = 1
        continue
      }
      // An answer that is taken back may never have been kept, and then nothing is wrong. Other refusals are shown.
      if (error.status !== 404 || first.answer || first.count) refusals = [...refusals, error.message]
    }
    await db.waiting.bulkDelete(run.flatMap(({ place }) => (place === undefined ? [] : [place])))
  }
}

const countBody = ({ sessionId, at, item, lines }: GroupCount) => ({ sessionId, at, item, lines })

async function sendAnswers(answers: readonly SentAnswer[]): Promise<void> {
  const { refused } = await api.post<RecordedAnswers>('/api/answers', { answers })
  refusals = [...refusals, ...refused.map(({ reason }) => reason)]
}

/** How many answers wait to be sent, and what the server refused; it keeps trying while the view is open. */
export function useWaiting(): { waiting: number; refused: readonly string[] } {
  const [state, setState] = useState({ waiting: 0, refused: refusals })
  useEffect(() => {
    let open = true
    const look = async () => {
      await sendWaiting()
      const waiting = await (await store()).waiting.count()
      if (open)
        setState((before) =>
          before.waiting === waiting && before.refused === refusals ? before : { waiting, refused: refusals },
        )
    }
    void look()
    const timer = setInterval(() => void look(), RETRY_MS)
    const back = () => void look()
    window.addEventListener('online', back)
    return () => {
      open = false
      clearInterval(timer)
      window.removeEventListener('online', back)
    }
  }, [])
  return state
}
