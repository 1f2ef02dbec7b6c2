import { readTable } from '../data/childrenTable'
import { readWorkspaceFile } from '../data/readWorkspace'
import { replying } from './reply'

/* Reads files that came from elsewhere: what they hold may be more than a machine has room or time for. */

export interface FileTask {
  readonly as: keyof typeof READERS
  readonly bytes: Uint8Array
}

const READERS = { workspace: readWorkspaceFile, table: readTable } as const

export default replying(({ as, bytes }: FileTask) => READERS[as](bytes))
