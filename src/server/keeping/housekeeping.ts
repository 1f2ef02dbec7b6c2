import type { Db } from '../connection'
import { log } from '../log'
import { forgetGone } from '../stores/gone'
import { backUpDaily } from './backups'
import { forgetUndone } from './undos'

const EVERY_MS = 60_000

/** What is done by itself while the server runs: the day's backup, and forgetting what can no longer be undone. */
export function keepHouse(db: Db): () => void {
  const look = async () => {
    const now = Date.now()
    for (const work of [forgetUndone, forgetGone, backUpDaily])
      await work(db, now).catch((error: unknown) => log.error({ err: error }, 'housekeeping failed'))
  }
  void look()
  const timer = setInterval(() => void look(), EVERY_MS)
  return () => clearInterval(timer)
}
