import type Joi from 'joi'
import { appDb } from './db'
import { getKept, type Shelf } from './stores/kept'

/** In the address after what could not be read was taken out of it: its view says so. */
const UNREAD = 'unread'

/**
 * Where a page goes instead of what its address asks for; undefined where it can stay. What stands in it as JSON is
 * looked at here, field by field, so that a view may take it as what it is. What cannot be read is left out, and the
 * view says so.
 */
export function readableAddress({ pathname, search }: URL, name: string, schema: Joi.ObjectSchema): string | undefined {
  const query = new URLSearchParams(search)
  const text = query.get(name)
  if (text === null) return undefined
  const fields = fieldsOf(text)
  const right = Object.entries(fields ?? {}).filter(([field, value]) => isRight(schema, field, value))
  if (fields && right.length === Object.keys(fields).length) return undefined
  if (right.length > 0) query.set(name, JSON.stringify(Object.fromEntries(right)))
  else query.delete(name)
  query.set(
    UNREAD,
    fields
      ? Object.keys(fields)
          .filter((field) => !right.some(([each]) => each === field))
          .join(', ')
      : name,
  )
  return `${pathname}?${query.toString()}`
}

function fieldsOf(text: string): Record<string, unknown> | undefined {
  try {
    const value: unknown = JSON.parse(text)
    return value !== null && typeof value === 'object' && !Array.isArray(value) ? { ...value } : undefined
  } catch {
    return undefined
  }
}

function isRight(schema: Joi.ObjectSchema, field: string, value: unknown): boolean {
  if (!schema.$_terms.keys?.some(({ key }: { key: string }) => key === field)) return false
  return schema.extract(field).validate(value, { convert: false }).error === undefined
}

/** The address of something that is saved, whole, so that what is changed in it stands in the address too. */
export async function savedInAddress({ pathname, searchParams }: URL, shelf: Shelf): Promise<string | undefined> {
  const id = searchParams.get('saved')
  if (id === null) return undefined
  const kept = await getKept(await appDb(), shelf, id).catch(() => undefined)
  if (!kept) return `${pathname}?${UNREAD}=saved`
  return `${pathname}?${new URLSearchParams({ part: 'out', clock: JSON.stringify(kept.body) }).toString()}`
}
