import Joi from 'joi'

/** What may check a value of this type: the kind of schema must be right; which texts or numbers, Joi cannot say. */
type SchemaFor<V> = [V] extends [string]
  ? Joi.StringSchema
  : [V] extends [number]
    ? Joi.NumberSchema
    : [V] extends [boolean]
      ? Joi.BooleanSchema
      : [V] extends [readonly unknown[]]
        ? Joi.ArraySchema
        : Joi.ObjectSchema | Joi.AlternativesSchema

/** A schema for every field that a type has, and for no other: what the type gains or loses, this must too. */
export function shape<T>(fields: {
  readonly [Field in keyof Required<T>]: SchemaFor<NonNullable<T[Field]>>
}): Joi.ObjectSchema<T> {
  return Joi.object<T>(fields)
}
