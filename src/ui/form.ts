import type { UseFormReturnType } from '@mantine/form'
import type { ReactNode } from 'react'
import { Refusal } from './api'

/** A field whose change is told as a value, not as an event: of a form, by its name. */
export function fieldOf<Values extends Record<string, unknown>, Name extends keyof Values & string>(
  form: UseFormReturnType<Values>,
  name: Name,
): { readonly value: Values[Name]; readonly error: ReactNode; readonly onChange: (value: Values[Name]) => void } {
  return {
    value: form.values[name],
    error: form.errors[name],
    onChange: (value) => form.setValues({ [name]: value } as unknown as Partial<Values>),
  }
}

/**
 * Marks the field of a form that the server refused; `Refused` says what is wrong with it. `called` has the fields
 * that the server knows by other names.
 */
export function markRefused<Values extends Record<string, unknown>>(
  form: UseFormReturnType<Values>,
  error: Error,
  called: Readonly<Record<string, keyof Values & string>> = {},
): void {
  if (!(error instanceof Refusal) || error.field === undefined) return
  // Of "newChildren[2].name" the list is the field.
  const [first = ''] = error.field.split(/[.[]/)
  const field = called[first] ?? first
  if (field in form.values) form.setFieldError(field, true)
}
