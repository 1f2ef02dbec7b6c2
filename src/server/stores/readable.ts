import type Joi from 'joi'
import { rungs } from '../../core/teaching'

/* One damaged row must not take the others down: it is left out here, and shown in Your data. */

/** A row as the database gives it: what is in it is known once it has been read. */
export type DbRow = Record<string, unknown>

/** A row that cannot be read. */
export class DamagedRow extends Error {
  constructor(cause?: unknown) {
    super('A row of the database cannot be read.', { cause })
    this.name = 'DamagedRow'
  }
}

export const isObject = (value: unknown): value is Record<string, unknown> =>
  value !== null && typeof value === 'object' && !Array.isArray(value)

const RUNG_IDS: ReadonlySet<unknown> = new Set(rungs.map(({ id }) => id))

export const isRung = (value: unknown): boolean => RUNG_IDS.has(value)

/** Whether a value is what a schema says, as it stands. */
export const fits =
  (schema: Joi.Schema) =>
  (value: unknown): boolean =>
    schema.validate(value, { convert: false }).error === undefined

/** Whether the body of an answer has what every view reads first. */
export function isAnswerBody(body: unknown): boolean {
  if (!isObject(body) || !isObject(body.item) || !isObject(body.given)) return false
  const { rung, shown, answer, lures } = body.item
  return isRung(rung) && isObject(shown) && isObject(answer) && Array.isArray(lures)
}

/** The JSON of a column. Throws DamagedRow where it is none, or not what it should be. */
export function parsed<T>(text: unknown, isRight: (value: unknown) => boolean = isObject): T {
  let value: unknown
  try {
    value = JSON.parse(String(text))
  } catch (cause) {
    throw new DamagedRow(cause)
  }
  if (!isRight(value)) throw new DamagedRow()
  return value as T
}

/** An instant of a column, milliseconds since 1970. */
export function instantIn(value: unknown): number {
  if (typeof value !== 'number') throw new DamagedRow()
  return value
}

/** What can be read of the rows. */
export function readable<T>(rows: readonly DbRow[], read: (row: DbRow) => T): T[] {
  return rows.flatMap((row) => {
    try {
      return [read(row)]
    } catch (error) {
      if (error instanceof DamagedRow) return []
      throw error
    }
  })
}
