import type { SessionEdit } from '../../core/records'
import type { SessionId } from '../../core/ids'
import { allKept, keep, letGo } from './keep'
import type { Waiting } from './waiting'

/* Plans that were edited while the server could not be reached. */

const ofSession = async (id: SessionId) =>
  (await allKept()).list.filter(({ plan, answerId }) => plan !== undefined && answerId === id)

/** Keeps a plan until it can be sent. The latest takes the place of those before it. */
export async function keepPlan(id: SessionId, plan: SessionEdit): Promise<void> {
  const before = await ofSession(id)
  await keep({ answerId: id, plan })
  await letGo(before)
}

/** Keeps that a session was held, with its note, until it can be sent. */
export async function keepDone(id: SessionId, note: string): Promise<void> {
  await keep({ answerId: id, done: { note } })
}

/** The plan that waits for a session, if there is one. */
export async function waitingPlan(id: SessionId): Promise<Waiting | undefined> {
  return (await ofSession(id)).at(-1)
}

/** Forgets the plan that waits: it was saved, or somebody chose the other one. */
export async function forgetPlan(id: SessionId): Promise<void> {
  await letGo(await ofSession(id))
}
