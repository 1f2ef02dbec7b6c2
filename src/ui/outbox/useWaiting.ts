import { inReach } from '../codeInReach'
import { useEffect, useState } from 'react'
import { useAskBeforeLeaving } from '../leaving'
import { allKept } from './keep'
import type { Safety, Waiting } from './waiting'

const RETRY_MS = 5000

export interface WaitingNow {
  /** Answers, counts and what is taken back. */
  readonly answers: number
  /** Plans that were edited, and ends of sessions. */
  readonly plans: number
  /** Those of them that the view does not speak of itself. */
  readonly plansUnsaid: number
  /** Sessions whose plan was changed here and elsewhere, and that are not open. */
  readonly clashes: readonly string[]
  readonly safety: Safety
  /** What the server did not take. */
  readonly refused: readonly Waiting[]
}

const NOTHING: WaitingNow = { answers: 0, plans: 0, plansUnsaid: 0, clashes: [], safety: 'browser', refused: [] }

/** The plan that is open says by itself that it waits. */
const saysItself = (sessionId: string) => location.pathname === `/plan/${sessionId}`

async function look(): Promise<WaitingNow> {
  const { list: all, safety } = await allKept()
  const refused = all.filter((each) => each.refused !== undefined)
  const list = all.filter((each) => each.refused === undefined)
  const plans = list.filter(({ plan, done }) => plan !== undefined || done !== undefined)
  return {
    answers: list.length - plans.length,
    plans: plans.filter(({ clash }) => !clash).length,
    plansUnsaid: plans.filter(({ answerId, clash }) => !clash && !saysItself(answerId)).length,
    // While one is marked as clashing it stands there twice for a moment.
    clashes: [
      ...new Set(plans.filter(({ answerId, clash }) => clash && !saysItself(answerId)).map(({ answerId }) => answerId)),
    ],
    safety,
    refused,
  }
}

const sending = inReach(() => import('./send'))

/** Whatever can be sent now is. Its code comes when something waits: without a connection nothing could be sent. */
async function afterSending(): Promise<WaitingNow> {
  const before = await look()
  if (before.answers + before.plans === 0) return before
  await sending()
    .then(({ sendWaiting }) => sendWaiting())
    .catch(() => undefined)
  return look()
}

/** What waits to be sent, and what the server refused. It keeps trying while a page is open. */
export function useWaiting(): WaitingNow {
  const [state, setState] = useState(NOTHING)
  useEffect(() => {
    let open = true
    const again = async () => {
      const now = await afterSending()
      if (open) setState((before) => (JSON.stringify(before) === JSON.stringify(now) ? before : now))
    }
    const back = () => void again()
    back()
    const timer = setInterval(back, RETRY_MS)
    window.addEventListener('online', back)
    return () => {
      open = false
      clearInterval(timer)
      window.removeEventListener('online', back)
    }
  }, [])
  useAskBeforeLeaving(state.safety === 'page' && state.answers + state.plans + state.refused.length > 0)
  return state
}
