import Joi from 'joi'
import { expect, it } from 'vitest'
import { shape } from './shape'

interface Row {
  readonly name: string
  readonly count: number
  readonly isDone: boolean
  readonly parts: readonly string[]
  readonly of?: { readonly id: string } | null
}

const right = {
  name: Joi.string().required(),
  count: Joi.number().required(),
  isDone: Joi.boolean().required(),
  parts: Joi.array().items(Joi.string()).required(),
  of: Joi.object({ id: Joi.string() }).allow(null),
}

it('takes a schema of the right kind for every field, and no other', () => {
  const row: Row = { name: 'Tavi', count: 2, isDone: false, parts: ['a'], of: null }
  expect(shape<Row>(right).validate(row)).toEqual({ value: row })
  // The compiler refuses each of these; a line that it took would be an error of its own.
  // @ts-expect-error a number where a text belongs
  shape<Row>({ ...right, name: Joi.number() })
  // @ts-expect-error a text where a number belongs
  shape<Row>({ ...right, count: Joi.string() })
  // @ts-expect-error a text where yes or no belongs
  shape<Row>({ ...right, isDone: Joi.string() })
  // @ts-expect-error a text where a list belongs
  shape<Row>({ ...right, parts: Joi.string() })
  // @ts-expect-error a list where an object belongs
  shape<Row>({ ...right, of: Joi.array() })
  const { name, count, isDone, parts } = right
  // @ts-expect-error a field is missing
  shape<Row>({ name, count, isDone, parts })
})
