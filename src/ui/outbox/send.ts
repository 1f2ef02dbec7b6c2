import type { GroupCount, RecordedAnswers, SentAnswer, Session } from '../../core/records'
import { Refusal, Unreached, api } from '../api'
import { allKept, keep, letGo } from './keep'
import { tellSaved } from './saved'
import type { Waiting } from './waiting'

/* Sending what waits, in the order in which it happened. */

const MOST_AT_ONCE = 100

let sending: Promise<void> | undefined

/** Sends what waits; what cannot be sent now stays for the next try. Two pages of a browser never send at once. */
export function sendWaiting(): Promise<void> {
  sending ??= alone(sendInOrder).finally(() => {
    sending = undefined
  })
  return sending
}

/** Over plain http on a network browsers have no locks; then the server itself sees what comes twice or too late. */
async function alone(work: () => Promise<void>): Promise<void> {
  const { locks } = navigator as Partial<Navigator>
  if (!locks) return work()
  await locks.request('ripe-acorn-outbox', work)
}

/**
 * Statuses that would come again at every try. Others may pass, such as a busy server or a passcode that is asked
 * again.
 */
const FOR_GOOD: readonly number[] = [400, 404, 409, 413, 415, 422]
/** A request that never ends must not hold up what waits behind it. */
const SEND_MS = 20_000

/** What became of it; a refusal comes with its reason. */
type Sent = 'sent' | 'later' | { readonly why: string }

async function sendInOrder(): Promise<void> {
  let most = MOST_AT_ONCE
  for (;;) {
    const list = (await allKept()).list.filter(({ clash, refused }) => !clash && refused === undefined)
    const [first, ...rest] = list.slice(0, most)
    if (!first) return
    const end = rest.findIndex((each) => each.answer === undefined)
    const run = first.answer ? [first, ...(end < 0 ? rest : rest.slice(0, end))] : [first]
    const sent = await trySending(run)
    if (sent === 'later') return
    if (sent === 'sent') await letGo(run)
    // One answer that is refused must not hold up the others, so they are sent one by one.
    else if (run.length > 1) most = 1
    else await setAside(first, sent.why)
  }
}

/** Keeps a thing that the server does not take, with its reason, and out of the way of the others. */
async function setAside(thing: Waiting, refused: string): Promise<void> {
  await keep({ ...thing, refused })
  await letGo([thing])
}

async function trySending(run: readonly Waiting[]): Promise<Sent> {
  const [first] = run
  if (!first) return 'sent'
  try {
    if (first.answer) await sendAnswers(run)
    else if (first.count) await api.put(`/api/counts/${first.count.id}`, countBody(first.count), SEND_MS)
    else if (first.plan) await sendPlan(first)
    else if (first.done) await api.post(`/api/sessions/${first.answerId}/done`, first.done, SEND_MS)
    else await api.remove(`/api/answers/${first.answerId}`, SEND_MS)
    return 'sent'
  } catch (error) {
    if (error instanceof Unreached) return 'later'
    if (!(error instanceof Refusal)) throw error
    if (first.plan && error.status === 409) {
      await keep({ ...first, clash: true })
      return 'sent'
    }
    // An answer that is not there need not be taken back.
    if (isTakenBack(first) && error.status === 404) return 'sent'
    return FOR_GOOD.includes(error.status) ? { why: error.message } : 'later'
  }
}

const isTakenBack = ({ answer, count, plan, done }: Waiting) => !answer && !count && !plan && !done

const countBody = ({ sessionId, at, item, lines }: GroupCount) => ({ sessionId, at, item, lines })

async function sendAnswers(run: readonly Waiting[]): Promise<void> {
  const answers = run.flatMap(({ answer }): SentAnswer[] => (answer ? [answer] : []))
  // The server compares this with its own clock, and places the answers by the difference.
  const { refused } = await api.post<RecordedAnswers>('/api/answers', { answers, sentAt: Date.now() }, SEND_MS)
  for (const { id, reason } of refused) {
    const thing = run.find(({ answerId }) => answerId === id)
    if (thing) await keep({ ...thing, refused: reason })
  }
}

async function sendPlan({ answerId, plan }: Waiting): Promise<void> {
  const session = await api.put<Session>(`/api/sessions/${answerId}`, plan, SEND_MS)
  tellSaved(session)
}
