import { told, inSentences } from '../../core/wording'
import { chmodSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import Database from 'better-sqlite3'
import { StorageTrouble, trouble, troubleOf } from './storageTrouble'

/* One server a folder. The lock is SQLite's own on a file of its own, so that the system frees it however we end. */

const LOCK = 'in-use.lock'
const WHO = 'in-use.txt'

/**
 * Holds a folder for this process until the returned function is called. A second process is refused, and told which
 * one holds it.
 */
export function holdFolder(folder: string, whoAmI: string): () => void {
  let lock: Database.Database | undefined
  try {
    lock = new Database(join(folder, LOCK), { timeout: 0 })
    lock.pragma('journal_mode = MEMORY')
    lock.exec('begin exclusive')
    chmodSync(join(folder, LOCK), 0o600)
    writeFileSync(join(folder, WHO), whoAmI, { mode: 0o600 })
  } catch (error) {
    lock?.close()
    const told = troubleOf(error, folder)
    if (told?.kind === 'locked') throw inUse(folder, error)
    throw told ?? error
  }
  return () => {
    rmSync(join(folder, WHO), { force: true })
    lock.close()
  }
}

function inUse(folder: string, cause: unknown): StorageTrouble {
  const { says } = trouble('in-use', folder)
  try {
    const who = readFileSync(join(folder, WHO), 'utf8').trim()
    return new StorageTrouble('in-use', inSentences([says, told('It is {0}.', who)]), cause)
  } catch {
    return new StorageTrouble('in-use', says, cause)
  }
}
