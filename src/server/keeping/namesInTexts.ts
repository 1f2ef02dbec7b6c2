import { said } from '#words'
import { told } from '../../core/wording'
import type { Counted, NameElsewhere, Spelling } from '../../core/keeping'
import type { Db } from '../connection'
import { Problem, notFound } from '../problem'
import { canonical, readDoc, readKind } from './docs'
import { type Doc, type DocKind, type KindId, kinds } from './kinds'

/* A child's name in what people wrote: where it stands, as it is and in other spellings, and the texts without it. */

/** What a child’s name becomes where it stands in other texts. It is the same in every language. */
export const NO_NAME = '…'

/** Columns in which people write what they like. */
const TEXTS: Partial<Record<KindId, readonly string[]>> = {
  sessions: ['note', 'steps'],
  notes: ['text'],
  overrules: ['note'],
  answer_changes: ['reason'],
  recipes: ['name'],
  yards: ['name', 'body'],
  prints: ['name', 'body'],
  days: ['name', 'body'],
  stories: ['name', 'body'],
  own_activities: ['name', 'body'],
}

const escaped = (name: string) => name.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')

/** Matches names where they stand by themselves, whatever the letters about them; the longest first. */
const namesAlone = (names: readonly string[]) =>
  new RegExp(
    `(?<![\\p{L}\\p{N}])(?:${[...names]
      .sort((one, other) => other.length - one.length)
      .map(escaped)
      .join('|')})(?![\\p{L}\\p{N}])`,
    'gu',
  )

function withoutName(value: unknown, pattern: RegExp): unknown {
  if (typeof value === 'string') return value.replace(pattern, NO_NAME)
  if (Array.isArray(value)) return value.map((each) => withoutName(each, pattern))
  if (value === null || typeof value !== 'object') return value
  return Object.fromEntries(Object.entries(value).map(([key, inner]) => [key, withoutName(inner, pattern)]))
}

/** The steps of a session: why each was chosen, and what the adult wrote of an own one. The rest are words of ours. */
const stepsWithoutName = (steps: unknown, pattern: RegExp) =>
  (steps as readonly Doc[]).map((step) => ({
    ...step,
    why: withoutName(step.why, pattern),
    own: step.own === null ? null : withoutTexts(step.own as Doc, pattern),
  }))

const OWN_TEXTS = ['name', 'steps', 'say', 'lookFor', 'easier', 'harder']

const withoutTexts = (own: Doc, pattern: RegExp): Doc => ({
  ...own,
  ...Object.fromEntries(OWN_TEXTS.map((field) => [field, withoutName(own[field], pattern)])),
})

const withoutNames = (columns: readonly string[], before: Doc, pattern: RegExp): Doc =>
  Object.fromEntries(
    columns.map((column) => [
      column,
      column === 'steps' ? stepsWithoutName(before.steps, pattern) : withoutName(before[column], pattern),
    ]),
  )

/** A word that is no name but one of ours, such as the name of a picture, must stay, or the thing could not be read. */
function keptRight(kind: DocKind, before: Doc, change: Doc): Doc {
  const isRight = (doc: Doc) => kind.schema.validate(doc, { convert: false }).error === undefined
  if (!('body' in change) || !isRight(before) || isRight({ ...before, ...change })) return change
  return { ...change, body: before.body }
}

/** All texts that a name stands in, as they are and as they would be without it. */
export async function textsWith(
  db: Db,
  names: readonly string[],
): Promise<{ kind: DocKind; before: Doc; change: Doc }[]> {
  const pattern = namesAlone(names)
  const found: { kind: DocKind; before: Doc; change: Doc }[] = []
  for (const [kindId, columns] of Object.entries(TEXTS) as [KindId, readonly string[]][]) {
    const kind = kinds[kindId]
    for (const before of (await readKind(db, kind)).docs) {
      const change = keptRight(kind, before, withoutNames(columns, before, pattern))
      if (canonical(change) !== canonical(Object.fromEntries(columns.map((column) => [column, before[column]]))))
        found.push({ kind, before, change })
    }
  }
  return found
}

/** Whether another child has the same name: then it stands for that one, and stays. */
export async function isShared(db: Db, name: string, besides: string): Promise<boolean> {
  const row: unknown = await db('children').where({ name }).whereNot({ id: besides }).first('id')
  return row !== undefined
}

/** Where a child’s name stands beside the child’s own records: told before the child is removed. */
export async function nameElsewhere(db: Db, childId: string): Promise<NameElsewhere> {
  const child = await readDoc(db, kinds.children, { id: childId })
  if (!child) throw notFound(told('child'))
  const name = String(child.name)
  const isOthers = ({ before }: { before: Doc }) => before.child_id !== childId
  const found = (await isShared(db, name, childId)) ? [] : (await textsWith(db, [name])).filter(isOthers)
  const counts = new Map<KindId, number>()
  for (const { kind } of found) counts.set(kind.id, (counts.get(kind.id) ?? 0) + 1)
  const places = [...counts].map(([kind, count]): Counted => ({
    what: said(count === 1 ? kinds[kind].one : kinds[kind].many),
    count,
  }))
  return { places, spellings: await spellingsOf(db, { id: childId, name }) }
}

/** In small letters without accents: "Ümit" and "umit" alike. */
const plain = (text: string) => text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase()

/** Endings that a name takes: "Brams", "bram's". */
const ENDING = /(?:['’]?s|['’])$/iu

/** Whether a word could be another spelling of a name, and not the name itself. */
function isSpelling(word: string, name: string): boolean {
  return word !== name && [word, word.replace(ENDING, '')].some((each) => plain(each) === plain(name))
}

/** Other children whose names these are keep them. */
async function spellingsOf(db: Db, { id, name }: { id: string; name: string }): Promise<Spelling[]> {
  const others = new Set(((await db('children').select('name')) as { name: string }[]).map((row) => row.name))
  const found = new Map<string, number>()
  for (const text of await textsBeside(db, id))
    for (const word of new Set(wordsLike(text, name)))
      if (!others.has(word)) found.set(word, (found.get(word) ?? 0) + 1)
  return [...found].map(([spelling, count]) => ({ spelling, count }))
}

/** The words of a text, as many together as a name has, that could be it. */
function wordsLike(text: string, name: string): string[] {
  const words = text.split(/[^\p{L}\p{M}\p{N}'’-]+/u).map((word) => word.replace(/^['’-]+|['’-]+$/gu, ''))
  const count = name.split(/\s+/).length
  const together = count === 1 ? words : words.map((_, i) => words.slice(i, i + count).join(' '))
  return together.filter((word) => isSpelling(word, name) && word.replace(/['’]s$/u, '') !== name)
}

/** Everything that people wrote beside a child's own records, a text each. */
async function textsBeside(db: Db, childId: string): Promise<string[]> {
  const texts: string[] = []
  const collect = (value: unknown): void => {
    if (typeof value === 'string') texts.push(value)
    else if (value !== null && typeof value === 'object') for (const inner of Object.values(value)) collect(inner)
  }
  for (const [kindId, columns] of Object.entries(TEXTS) as [KindId, readonly string[]][])
    for (const doc of (await readKind(db, kinds[kindId])).docs)
      if (doc.child_id !== childId) for (const column of columns) collect(doc[column])
  return texts
}

/** Refuses to take words out of texts that are no spelling of the name. */
export function requireSpellings(name: string, also: readonly string[]): void {
  for (const word of also)
    if (!isSpelling(word, name))
      throw new Problem(400, told('Not removed'), {
        field: 'also',
        detail: told('also must be other spellings of {0}, not “{1}”. Nothing was removed.', name, word.slice(0, 60)),
      })
}
