import { asPart, ownWords, told, type Told } from '../../core/wording'
import { strFromU8 } from 'fflate'
import Joi from 'joi'
import type { Workspace } from '../keeping/docs'
import { type Doc, KIND_IDS, kinds } from '../keeping/kinds'
import { pathOf } from '../fieldNames'
import { CHECKED_BY, refusalOf } from '../refusals'
import { Problem } from '../problem'
import { printWithRows } from './printRows'
import { withSupposed } from './supposed'
import { boundedJson, fileInZip } from './bounded'

/* A file of the whole workspace (`docs/formats.md`), read and checked. What is in it may come from anywhere. */

export const WORKSPACE_FORMAT = 'ripe-acorn-workspace'
/**
 * Version 1 had no log of what was done, and did not say when an answer came in; version 2 did not say which steps of a
 * session stay, nor how long they took; version 3 had no terms, no activities of one's own and no rules of a group;
 * version 4 had the rows of one's own day in kept prints as they were typed; version 5 kept a guess from the age as if
 * the adult had judged it; version 7 had no pictures of children.
 */
export const WORKSPACE_VERSION = 8

export interface WorkspaceFile {
  readonly format: typeof WORKSPACE_FORMAT
  readonly formatVersion: typeof WORKSPACE_VERSION
  readonly madeAt: string
  readonly things: Workspace
}

const wrong = (field: string, detail: Told) => new Problem(400, told('This file cannot be imported'), { field, detail })

/** The bytes of `workspace.json`: the file itself, or in a zip. */
function jsonIn(bytes: Uint8Array): Uint8Array {
  const isZip = bytes[0] === 0x50 && bytes[1] === 0x4b
  if (!isZip) return bytes
  const file = fileInZip(bytes, 'workspace.json')
  if (!file) throw wrong('file', told('The zip has no workspace.json in it. Choose the file that Your data made.'))
  return file
}

/** What a file of any version is: lists of things, of which a session's steps are things too. */
const list = Joi.array().items(Joi.object().unknown())
const ANY_VERSION = Joi.object({
  sessions: Joi.array().items(Joi.object({ steps: list }).unknown()),
}).pattern(Joi.string(), list)

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
  4: (things) => ({
    ...things,
    prints: (things.prints ?? []).map((print) => ({ ...print, body: printWithRows(print.body) })),
  }),
  5: (things) => ({ ...things, overrules: (things.overrules ?? []).map(withSupposed) }),
  7: (things) => ({ ...things, children: (things.children ?? []).map((child) => ({ ...child, picture: null })) }),
}

/** Reads a file of the workspace: every thing in it is checked, and what is wrong is named. Nothing is written. */
export function readWorkspaceFile(bytes: Uint8Array): Workspace {
  const { format, formatVersion, things } = partsOf(strFromU8(boundedJson(jsonIn(bytes))))
  if (format !== WORKSPACE_FORMAT)
    throw wrong('format', told('format must be {0}: this file is of something else.', WORKSPACE_FORMAT))
  if (typeof formatVersion !== 'number' || !Number.isInteger(formatVersion) || formatVersion < 1)
    throw wrong('formatVersion', told('formatVersion must be a whole number from 1 to {0}.', WORKSPACE_VERSION))
  if (formatVersion > WORKSPACE_VERSION)
    throw wrong(
      'formatVersion',
      told(
        'The file has version {0}, and this Ripe Acorn reads up to {1}. Import it with a newer one.',
        formatVersion,
        WORKSPACE_VERSION,
      ),
    )
  if (things === null || typeof things !== 'object')
    throw wrong('things', told('things must hold the lists of what is kept.'))
  const { error } = ANY_VERSION.validate(things, { ...CHECKED_BY, convert: false })
  if (error) throw wrong(fieldOf('things', error), told('{0}.', asPart(refusalOf(error, ownWords(pathIn(error))))))
  let upgraded = things as Record<string, Doc[]>
  for (let version = formatVersion; version < WORKSPACE_VERSION; version++)
    upgraded = UPGRADES[version]?.(upgraded) ?? upgraded
  return checkedThings(upgraded)
}

function partsOf(text: string): Partial<Record<keyof WorkspaceFile, unknown>> {
  try {
    return (JSON.parse(text) ?? {}) as Partial<Record<keyof WorkspaceFile, unknown>>
  } catch {
    throw wrong('file', told('The file is neither a zip nor JSON. Choose the file that Your data made.'))
  }
}

const pathIn = (error: Joi.ValidationError) => pathOf(error.details[0]?.path ?? []) || 'it'

const fieldOf = (begin: string, error: Joi.ValidationError) => pathOf([begin, ...(error.details[0]?.path ?? [])])

function checkedThings(things: Record<string, unknown>): Workspace {
  const unknown = Object.keys(things).find((id) => !(KIND_IDS as readonly string[]).includes(id))
  if (unknown !== undefined) throw wrong(unknown, told('{0} is nothing that Ripe Acorn keeps.', unknown))
  const read = KIND_IDS.map((id) => {
    const list = things[id]
    if (!Array.isArray(list)) throw wrong(id, told('{0} must be a list; it may be empty.', id))
    return [id, list.map((doc: unknown, i) => checkedDoc(id, doc, i))] as const
  })
  return Object.fromEntries(read) as unknown as Workspace
}

function checkedDoc(id: (typeof KIND_IDS)[number], doc: unknown, i: number): Doc {
  const { error, value } = kinds[id].schema.validate(doc, { ...CHECKED_BY, convert: false })
  if (!error) return value as Doc
  throw wrong(
    fieldOf(`${id}[${i}]`, error),
    told('In {0}, number {1}: {2}.', id, i + 1, asPart(refusalOf(error, ownWords(pathIn(error))))),
  )
}
