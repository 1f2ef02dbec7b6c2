import { strToU8, zipSync } from 'fflate'
import type { Db } from '../connection'
import { type Damaged, type Workspace, readWorkspace } from '../keeping/docs'
import { WORKSPACE_FORMAT, WORKSPACE_VERSION, type WorkspaceFile } from './readWorkspace'
import { spreadsheets } from './spreadsheets'

/* The whole workspace as one documented file (`docs/formats.md`). */

const README = `This is all that Ripe Acorn keeps.

workspace.json   everything, to be imported again (Your data, Take in a file)
*.csv            the same records as tables for a spreadsheet
damaged.json     rows that could not be read, as they are; only where there are some

Names and notes of children are in these files. Keep them where only you can open them.
`

/** What could not be read now, and what was set aside before. */
async function unreadable(db: Db, damaged: readonly Damaged[]): Promise<readonly unknown[]> {
  return [...damaged.map(({ kind, row }) => ({ kind, row })), ...((await db('set_aside')) as unknown[])]
}

export function workspaceFile(things: Workspace, now: number): WorkspaceFile {
  const madeAt = new Date(now).toISOString()
  return { format: WORKSPACE_FORMAT, formatVersion: WORKSPACE_VERSION, madeAt, things }
}

/** The zip with everything in it. */
export async function workspaceZip(db: Db, now: number): Promise<Uint8Array> {
  const { workspace, damaged } = await readWorkspace(db)
  const files: Record<string, string> = {
    'README.txt': README,
    'workspace.json': JSON.stringify(workspaceFile(workspace, now), null, 1),
    ...(await spreadsheets(db, now)),
  }
  const broken = await unreadable(db, damaged)
  if (broken.length > 0) files['damaged.json'] = JSON.stringify(broken, null, 1)
  return zipSync(Object.fromEntries(Object.entries(files).map(([name, text]) => [name, strToU8(text)])))
}
