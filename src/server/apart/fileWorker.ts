import { connect } from '../connection'
import { readTable } from '../data/childrenTable'
import { readWorkspaceFile } from '../data/readWorkspace'
import { workspaceZip } from '../data/workspaceFile'
import { replying } from './reply'

/*
 * Reads files that came from elsewhere, which may hold more than a machine has room or time for, and makes the one that
 * holds everything.
 */

export type FileTask =
  | { readonly as: 'workspace' | 'table'; readonly bytes: Uint8Array }
  /** `file` is that of the database. */
  | { readonly as: 'everything'; readonly file: string; readonly now: number }

/** The zip with everything, read over a connection of this thread's own. */
async function everything(file: string, now: number): Promise<Uint8Array> {
  const db = connect(file)
  try {
    return await workspaceZip(db, now)
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
      return everything(task.file, task.now)
  }
})
