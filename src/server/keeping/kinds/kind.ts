import { inEnglish, type Told } from '../../../core/wording'
import Joi from 'joi'
import { instant, name, uuid, version } from '../../fields'

/* What every kind of thing that is kept says of itself. */

/** One thing as it stands in a file: its columns by name, JSON columns as they are, and its parts in their order. */
export type Doc = Readonly<Record<string, unknown>>

/** Rows of another table that belong to a thing and stand inside it. */
interface Parts {
  readonly field: string
  readonly table: string
  /** The column that names the thing they belong to. */
  readonly by: string
  readonly columns: Readonly<Record<string, string>>
  /** Columns that are JSON in the database and plain in the file. */
  readonly json: readonly string[]
}

export interface DocKind {
  /** Its name in the file, which is its table's too unless `table` says otherwise. */
  readonly id: KindId
  readonly table: string
  /** What one and several of them are called. */
  readonly one: Told
  readonly many: Told
  /** Columns that tell one from another. */
  readonly key: readonly string[]
  /** Each column and what it means. */
  readonly columns: Readonly<Record<string, string>>
  /** Columns that are JSON in the database and plain in the file. */
  readonly json: readonly string[]
  readonly parts?: Parts
  readonly schema: Joi.ObjectSchema
  /** Whether what was read, with its parts, is what may be written. What is not is damaged. */
  readonly isWhole: (doc: Doc) => boolean
  /** Kinds by the column that refers to them: what is referred to must be there. */
  readonly refers: Readonly<Record<string, KindId>>
  /** How one is named where it is listed. */
  readonly label: (doc: Doc) => string
}

/** A kind is what its schema says, unless it knows a quicker or a kinder look. */
export type KindSpec = Omit<DocKind, 'isWhole'> & Partial<Pick<DocKind, 'isWhole'>>

export const KIND_IDS = [
  'settings',
  'children',
  'groups',
  'terms',
  'own_activities',
  'recipes',
  'yards',
  'days',
  'stories',
  'sessions',
  'prints',
  'answers',
  'answer_changes',
  'overrules',
  'notes',
  'group_counts',
  'deeds',
] as const
export type KindId = (typeof KIND_IDS)[number]

export const VERSION = 'how often it was changed, from 1'
export const CREATED = 'when it was made, in milliseconds since 1970'
export const AT = 'when, in milliseconds since 1970'
export const created = { created_at: instant.required() }
export const named = { id: 'its id, a UUID', name: 'its name', version: VERSION, created_at: CREATED }
export const byName = (doc: Doc) => String(doc.name)
export const nothing = {} as const

/** What is kept by name with a body of its own. */
export function shelf(
  id: KindId,
  [one, many]: readonly [Told, Told],
  body: Joi.Schema,
  more: Partial<KindSpec> = {},
): KindSpec {
  const fields = { id: uuid.required(), name: name.required(), body: body.required(), version: version.required() }
  return {
    id,
    table: id,
    one,
    many,
    key: ['id'],
    columns: { ...named, body: `the ${inEnglish(one)} itself` },
    json: ['body'],
    schema: Joi.object({ ...fields, ...created }),
    refers: nothing,
    label: byName,
    ...more,
  }
}

export const flag = Joi.number().valid(0, 1)
