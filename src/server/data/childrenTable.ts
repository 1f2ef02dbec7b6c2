import { said } from '#words'
import { told, type Told } from '../../core/wording'
import Joi from 'joi'
import Papa from 'papaparse'
import type { TableLine, Undo } from '../../core/keeping'
import { GROUP_MOST, age as ageSchema, name as nameSchema } from '../fields'
import { type Db, inTransaction } from '../connection'
import type { Doing } from '../keeping/deeds'
import { readDoc } from '../keeping/docs'
import { type Doc, kinds } from '../keeping/kinds'
import { type Change, makeChanges } from '../keeping/undos'
import { picturesFor } from '../stores/people'
import { CHECKED_BY, refusalOf } from '../refusals'
import { Problem } from '../problem'
import { v4 as newId } from 'uuid'

/* Children from a table: any order of columns, with or without headings in one of the five languages. */

const HEADINGS = {
  name: ['name', 'nickname', 'child', 'kind', 'nom', 'prénom', 'prenom', 'enfant', 'nombre', 'niño', 'vorname'],
  age: ['age', 'alter', 'âge', 'edad', 'years', 'jahre', 'ans', 'años'],
} as const
type Column = keyof typeof HEADINGS

const isHeading = (cell: string, column: Column) =>
  (HEADINGS[column] as readonly string[]).includes(cell.trim().toLowerCase())

/** Where names and ages stand: by their headings, else the only numbers are ages and the first text is the name. */
function columnsOf(rows: readonly string[][]): { name: number; age: number; first: number } {
  const [head = []] = rows
  const name = head.findIndex((cell) => isHeading(cell, 'name'))
  if (name >= 0) return { name, age: head.findIndex((cell) => isHeading(cell, 'age')), first: 1 }
  const width = Math.max(0, ...rows.map((row) => row.length))
  const columns = Array.from({ length: width }, (_, i) => rows.map((row) => (row[i] ?? '').trim()).filter(Boolean))
  const isNumber = (cells: readonly string[]) => cells.length > 0 && cells.every((cell) => /^\d{1,2}$/.test(cell))
  return {
    name: columns.findIndex((cells) => cells.length > 0 && !isNumber(cells)),
    age: columns.findIndex(isNumber),
    first: 0,
  }
}

/** Our own tables guard a cell that would begin a formula; that apostrophe is no part of the name. */
const unguarded = (cell: string) => cell.replace(/^'(?=[=+\-@])/, '')

const LINE = Joi.object<{ name: string }>({ name: nameSchema })

function readLine(cells: readonly string[], at: { name: number; age: number }, line: number): TableLine {
  const name = LINE.validate({ name: unguarded((cells[at.name] ?? '').trim()) }, CHECKED_BY)
  if (name.error) return { line, kind: 'wrong', why: said(refusalOf(name.error, told('The name'))) }
  const written = at.age < 0 ? '' : (cells[at.age] ?? '').trim()
  const age = ageSchema.validate(written === '' ? null : /^\d+$/.test(written) ? Number(written) : Number.NaN)
  if (age.error)
    return { line, kind: 'wrong', why: said('The age must be a whole number from 2 to 99 or empty, not {0}', written) }
  return { line, kind: 'new', name: name.value.name, age: age.value as number | null }
}

/** The most lines that are read, and the most letters: a line is a name and an age. */
const MOST_LINES = 500
const MOST_LETTERS = 200_000

const refused = (detail: Told) => new Problem(400, told('This table cannot be imported'), { field: 'file', detail })

/** The cells of a table of children, row by row. Throws a Problem for more than a table of children can be. */
export function readTable(bytes: Uint8Array): string[][] {
  if (bytes.byteLength > MOST_LETTERS)
    throw refused(told('The table must have at most {0} letters, not {1}.', MOST_LETTERS, bytes.byteLength))
  const text = Buffer.from(bytes)
    .toString('utf8')
    .replace(/^\uFEFF/, '')
  const { data } = Papa.parse<string[]>(text, { skipEmptyLines: 'greedy' })
  if (data.length > MOST_LINES)
    throw refused(told('The table must have at most {0} lines, not {1}.', MOST_LINES, data.length))
  return data
}

/** What each line of a table would become. A child with the name and age of one that is here is the same child. */
export async function childrenIn(db: Db, data: readonly string[][]): Promise<TableLine[]> {
  const at = columnsOf(data)
  if (at.name < 0) throw refused(told('The table must have a column of names. Its heading may be “name”.'))
  const here = (await db('children').select('name', 'age')) as { name: string; age: number | null }[]
  const known = new Set(here.map(({ name, age }) => `${age} ${name}`))
  return data.slice(at.first).map((cells, i) => {
    const read = readLine(cells, at, i + at.first + 1)
    if (read.kind === 'wrong') return read
    const id = `${read.age} ${read.name}`
    const isKnown = known.has(id)
    known.add(id)
    return isKnown ? { ...read, kind: 'same' } : read
  })
}

/** Takes the new children in, into a group where one is named; all of them or, where a line is wrong, none. */
export function takeInChildren(
  db: Db,
  data: readonly string[][],
  groupId: string | undefined,
  doing: Doing,
): Promise<Undo> {
  return inTransaction(db, async (trx) => {
    const lines = await childrenIn(trx, data)
    const wrong = lines.find((line) => line.kind === 'wrong')
    if (wrong)
      throw new Problem(400, told('This table cannot be imported'), {
        field: `line ${wrong.line}`,
        detail: told('Line {0}: {1}. No child was added.', wrong.line, wrong.why),
      })
    const added = lines.flatMap((line) => (line.kind === 'new' ? [line] : []))
    const pictures = await picturesFor(
      trx,
      added.map(({ age }) => age),
    )
    const fresh = added.map(({ name, age }, i) => {
      const picture = pictures[i] ?? null
      return { id: newId(), name, age, picture, version: 1, created_at: doing.now + i }
    })
    const changes: Change[] = fresh.map((after) => ({ kind: 'children', before: null, after }))
    if (groupId !== undefined) changes.push(await intoGroup(trx, groupId, fresh))
    const detail =
      fresh.length === 1 ? told('A table with one new child') : told('A table with {0} new children', fresh.length)
    return makeChanges(trx, changes, { what: 'took in', detail }, doing)
  })
}

async function intoGroup(db: Db, id: string, fresh: readonly { id: string }[]): Promise<Change> {
  const before = await readDoc(db, kinds.groups, { id })
  if (!before)
    throw new Problem(400, told('This table cannot be imported'), {
      field: 'groupId',
      detail: told('There is no such group.'),
    })
  const members = [...(before.children as Doc[]), ...fresh.map((child) => ({ child_id: child.id }))]
  if (members.length > GROUP_MOST)
    throw new Problem(400, told('This table cannot be imported'), {
      field: 'groupId',
      detail: told(
        'A group has at most {0} children, and this one would have {1}. Take them in without a group, or into another one.',
        GROUP_MOST,
        members.length,
      ),
    })
  return { kind: 'groups', before, after: { ...before, version: Number(before.version) + 1, children: members } }
}
