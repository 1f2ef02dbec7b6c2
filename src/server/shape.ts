import Joi from 'joi'

/** The schema of a shape. The compiler holds its fields to those of the shape, so that the two cannot drift apart. */
export function shape<T>(fields: { readonly [Field in keyof Required<T>]: Joi.Schema }): Joi.ObjectSchema<T> {
  return Joi.object<T>(fields)
}
