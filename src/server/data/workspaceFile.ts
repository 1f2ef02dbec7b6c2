import { strToU8, zipSync } from 'fflate'
import { type Told, told } from '../../core/wording'
import { said } from '../../words/i18n'
import type { Db } from '../connection'
import { type Damaged, type Workspace, readWorkspace } from '../keeping/docs'
import { WORKSPACE_FORMAT, WORKSPACE_VERSION, type WorkspaceFile } from './readWorkspace'
import { spreadsheets } from './spreadsheets'

/* The whole workspace as one documented file (`docs/formats.md`). */

/** What is in the zip, line by line, in the language of who asks for it. */
const README: readonly [file: string, what: Told][] = [
  ['workspace.json', told('everything, to be taken in again under “Your data”')],
  ['*.csv', told('the same records as tables for a spreadsheet')],
  ['damaged.json', told('rows that could not be read, as they are; only where there are some')],
]

function readme(): string {
  const files = README.map(([file, what]) => `${file.padEnd(16)} ${said(what)}`)
  const care = said('Names and notes of children are in these files. Keep them where only you can open them.')
  return [said('This is all that Ripe Acorn keeps.'), '', ...files, '', care, ''].join('\n')
}

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
    'README.txt': readme(),
    'workspace.json': JSON.stringify(workspaceFile(workspace, now), null, 1),
    ...(await spreadsheets(db, now)),
  }
  const broken = await unreadable(db, damaged)
  if (broken.length > 0) files['damaged.json'] = JSON.stringify(broken, null, 1)
  return zipSync(Object.fromEntries(Object.entries(files).map(([name, text]) => [name, strToU8(text)])))
}
