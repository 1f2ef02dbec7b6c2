import { keep, letGo } from './keep'
import { sendWaiting } from './send'
import type { Waiting } from './waiting'

/** Sends things again that were not taken before. */
export async function sendAgain(things: readonly Waiting[]): Promise<void> {
  for (const thing of things) await keep({ ...thing, refused: undefined })
  await letGo(things)
  await sendWaiting()
}
