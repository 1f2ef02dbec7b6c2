import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate'
import type { Db } from '../connection'
import { type Damaged, type Workspace, readWorkspace } from '../keeping/docs'
import { type Doc, KIND_IDS, kinds } from '../keeping/kinds'
import { Problem } from '../problem'
import { spreadsheets } from './spreadsheets'

/* The whole workspace as one documented file (`docs/formats.md`), and back. */

export const WORKSPACE_FORMAT = 'ripe-acorn-workspace'
/**
 * Version 1 had no log of what was done, and did not say when an answer came in; version 2 did not say which steps of a
 * session stay, nor how long they took; version 3 had no terms, no activities of one's own and no rules of a group.
 */
export const WORKSPACE_VERSION = 4

export interface WorkspaceFile {
  readonly format: typeof WORKSPACE_FORMAT
  readonly formatVersion: typeof WORKSPACE_VERSION
  readonly madeAt: string
  readonly things: Workspace
}

const README = `This is all that Ripe Acorn keeps.

workspace.json   everything, to be taken in again (Your data, Take in a file)
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

/** The most that a file may hold once it is unpacked: a small zip can hold more than any machine has room for. */
const MOST_UNPACKED = 300 * 1024 * 1024

const wrong = (field: string, detail: string) => new Problem(400, 'This file cannot be taken in', { field, detail })

/** The text of `workspace.json`: the file itself, or in a zip. */
function jsonIn(bytes: Uint8Array): string {
  const isZip = bytes[0] === 0x50 && bytes[1] === 0x4b
  if (!isZip) return strFromU8(bytes)
  let tooLarge = false
  let files: Record<string, Uint8Array>
  try {
    files = unzipSync(bytes, {
      filter: ({ name, originalSize }) => {
        if (name !== 'workspace.json') return false
        tooLarge = originalSize > MOST_UNPACKED
        return !tooLarge
      },
    })
  } catch {
    throw wrong('file', 'The zip is damaged and cannot be opened. Take the file from Your data once more.')
  }
  if (tooLarge) throw wrong('file', 'The file in the zip is larger than 300 MB.')
  const file = files['workspace.json']
  if (!file) throw wrong('file', 'The zip has no workspace.json in it. Choose the file that Your data made.')
  return strFromU8(file)
}

type Upgrade = (things: Record<string, Doc[]>) => Record<string, Doc[]>

/** How a file of each older version becomes one of the version after it. */
const UPGRADES: Readonly<Record<number, Upgrade>> = {
  1: (things) => ({
    ...things,
    answers: (things.answers ?? []).map((answer) => ({ ...answer, device_at: null, received_at: null })),
    deeds: [],
  }),
  2: (things) => ({
    ...things,
    sessions: (things.sessions ?? []).map((session) => ({
      ...session,
      steps: Array.isArray(session.steps)
        ? (session.steps as Doc[]).map((step) => ({ ...step, locked: 0, took_seconds: null }))
        : session.steps,
    })),
  }),
  3: (things) => ({
    ...things,
    groups: (things.groups ?? []).map((group) => ({ ...group, rules: {} })),
    terms: [],
    own_activities: [],
    sessions: (things.sessions ?? []).map((session) => ({
      ...session,
      steps: Array.isArray(session.steps)
        ? (session.steps as Doc[]).map((step) => ({ ...step, own: null, stations: null }))
        : session.steps,
    })),
  }),
}

/** Reads a file of the workspace: every thing in it is checked, and what is wrong is named. Nothing is written. */
export function readWorkspaceFile(bytes: Uint8Array): Workspace {
  let file: unknown
  try {
    file = JSON.parse(jsonIn(bytes))
  } catch (error) {
    if (error instanceof Problem) throw error
    throw wrong('file', 'The file is neither a zip nor JSON. Choose the file that Your data made.')
  }
  const { format, formatVersion, things } = (file ?? {}) as Partial<Record<keyof WorkspaceFile, unknown>>
  if (format !== WORKSPACE_FORMAT)
    throw wrong('format', `format must be ${WORKSPACE_FORMAT}: this file is of something else.`)
  if (typeof formatVersion !== 'number' || !Number.isInteger(formatVersion) || formatVersion < 1)
    throw wrong('formatVersion', `formatVersion must be a whole number from 1 to ${WORKSPACE_VERSION}.`)
  if (formatVersion > WORKSPACE_VERSION)
    throw wrong(
      'formatVersion',
      `The file has version ${formatVersion}, and this Ripe Acorn reads up to ${WORKSPACE_VERSION}. Take it in with a newer one.`,
    )
  if (things === null || typeof things !== 'object')
    throw wrong('things', 'things must hold the lists of what is kept.')
  let upgraded = things as Record<string, Doc[]>
  for (let version = formatVersion; version < WORKSPACE_VERSION; version++)
    upgraded = UPGRADES[version]?.(upgraded) ?? upgraded
  return checkedThings(upgraded)
}

function checkedThings(things: Record<string, unknown>): Workspace {
  const unknown = Object.keys(things).find((id) => !(KIND_IDS as readonly string[]).includes(id))
  if (unknown !== undefined) throw wrong(unknown, `${unknown} is nothing that Ripe Acorn keeps.`)
  const read = KIND_IDS.map((id) => {
    const list = things[id]
    if (!Array.isArray(list)) throw wrong(id, `${id} must be a list; it may be empty.`)
    return [id, list.map((doc: unknown, i) => checkedDoc(id, doc, i))] as const
  })
  return Object.fromEntries(read) as unknown as Workspace
}

function checkedDoc(id: (typeof KIND_IDS)[number], doc: unknown, i: number): Doc {
  const { error, value } = kinds[id].schema.validate(doc, { convert: false, errors: { wrap: { label: false } } })
  if (!error) return value as Doc
  const path = error.details[0]?.path ?? []
  const field = path.reduce<string>(
    (text, part) => (typeof part === 'number' ? `${text}[${part}]` : `${text}.${part}`),
    `${id}[${i}]`,
  )
  throw wrong(field, `In ${id}, number ${i + 1}: ${error.message}.`)
}
