import type { GroupCount, SentAnswer } from '../../core/records'
import { keep } from './keep'
import { sendWaiting } from './send'

/* Keeping first, then sending: a lost connection or a reload loses nothing. */

/** Keeps an answer in the browser, and sends it. */
export async function keepAnswer(answer: SentAnswer): Promise<void> {
  await keep({ answerId: answer.id, answer })
  await sendWaiting()
}

/** Takes an answer back, whether it was sent or not. */
export async function takeBack(answerId: string): Promise<void> {
  await keep({ answerId })
  await sendWaiting()
}

/** Keeps a count of a group the same way; a later one with its id takes its place. */
export async function keepCount(count: GroupCount): Promise<void> {
  await keep({ answerId: count.id, count })
  await sendWaiting()
}
