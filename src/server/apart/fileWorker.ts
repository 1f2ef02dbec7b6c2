import { type Db, connect } from '../connection'
import { readTable } from '../data/childrenTable'
import { readWorkspaceFile } from '../data/readWorkspace'
import { compareBackup } from '../data/restoring'
import { compareWith } from '../data/takingIn'
import { workspaceZip } from '../data/workspaceFile'
import type { AdultLanguageId } from '../../words/languages'
import { speaking } from '../language'
import { replying } from './reply'

/*
 * Reads files that came from elsewhere, which may hold more than a machine has room or time for, and makes the one that
 * holds everything.
 */

export type FileTask =
  | { readonly as: 'workspace' | 'table'; readonly bytes: Uint8Array }
  /** `file` is that of the database. */
  | { readonly as: 'everything'; readonly file: string; readonly now: number; readonly language: AdultLanguageId }
  | { readonly as: 'compare'; readonly file: string; readonly bytes: Uint8Array }
  | { readonly as: 'compare-backup'; readonly file: string; readonly name: string }

/** Reads over a connection of this thread's own. */
async function reading<T>(file: string, read: (db: Db) => Promise<T>): Promise<T> {
  const db = connect(file)
  try {
    return await read(db)
  } finally {
    await db.destroy()
  }
}

export default replying<FileTask, unknown>((task) => {
  switch (task.as) {
    case 'workspace':
      return readWorkspaceFile(task.bytes)
    case 'table':
      return readTable(task.bytes)
    case 'everything':
      return speaking(task.language, () => reading(task.file, (db) => workspaceZip(db, task.now)))
    case 'compare':
      return reading(task.file, (db) => compareWith(db, readWorkspaceFile(task.bytes)))
    case 'compare-backup':
      return reading(task.file, (db) => compareBackup(db, task.name))
  }
})
