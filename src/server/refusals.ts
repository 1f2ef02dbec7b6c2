import type Joi from 'joi'
import { MOST_WHAT_LETTERS } from '../core/days'
import { LONGEST_NAME } from '../core/records'
import { type Told, type ToldValue, asPart, inARow, ownWords, told } from '../core/wording'

/* What a schema refuses, in plain words: the field by its name, and what would be right. */

/** Names of fields stand as they are, without quotation marks. */
export const CHECKED_BY: Joi.ValidationOptions = { errors: { wrap: { label: false } } }

type Name = ToldValue

/** What a text must say that may not be empty, by the field's own name. */
const EMPTY: Readonly<Record<string, (name: Name) => Told>> = {
  name: (name) => told('{0} must be 1 to {1} characters, not none', name, LONGEST_NAME),
  reason: (name) => told('{0} must say why, in 1 to 300 characters, not none', name),
  what: (name) => told('{0} must say what happens in 1 to {1} letters, not none', name, MOST_WHAT_LETTERS),
}

const oneLine = (name: Name) =>
  told('{0} must be one line of text that can be seen, without control or invisible characters', name)

const PATTERNS: Readonly<Record<string, (name: Name) => Told>> = {
  lines: (name) => told('{0} must be text without control characters', name),
}

type Context = Readonly<Record<string, unknown>>

const number = (value: unknown): Name => (typeof value === 'number' ? value : String(value))
const lengthOf = ({ value }: Context): number => (typeof value === 'string' || Array.isArray(value) ? value.length : 0)

/** By what the schema calls it. */
const REFUSALS: Readonly<Record<string, (name: Name, context: Context) => Told>> = {
  'any.required': (name) => told('{0} is required', name),
  'any.only': (name, { valids = [] }) =>
    told('{0} must be one of {1}', name, inARow([`[${(valids as readonly unknown[]).map(String).join(', ')}]`])),
  'zone.known': (name) => told('{0} must be a time zone such as Europe/London', name),
  'object.unknown': (name) => told('{0} is not allowed', name),
  'object.base': (name) => told('{0} must hold fields', name),
  'array.base': (name) => told('{0} must be a list', name),
  'array.unique': (name) => told('{0} stands in the list twice', name),
  'array.min': (name, { limit }) => told('{0} must have at least {1}', name, number(limit)),
  'array.max': (name, { limit }) => told('{0} must have at most {1}', name, number(limit)),
  'array.length': (name, { limit }) => told('{0} must have exactly {1}', name, number(limit)),
  'boolean.base': (name) => told('{0} must be true or false', name),
  'number.base': (name) => told('{0} must be a number', name),
  'number.integer': (name) => told('{0} must be a whole number', name),
  'number.unsafe': (name) => told('{0} must be a whole number', name),
  'number.min': (name, { limit }) => told('{0} must be at least {1}', name, number(limit)),
  'number.max': (name, { limit }) => told('{0} must be at most {1}', name, number(limit)),
  'number.less': (name, { limit }) => told('{0} must be below {1}', name, number(limit)),
  'number.greater': (name, { limit }) => told('{0} must be above {1}', name, number(limit)),
  'number.multiple': (name, { multiple }) => told('{0} must be a multiple of {1}', name, number(multiple)),
  'string.base': (name) => told('{0} must be a text', name),
  'string.guid': (name) => told('{0} must be an id', name),
  'string.min': (name, { limit }) => told('{0} must have at least {1} characters', name, number(limit)),
  'string.max': (name, context) =>
    told('{0} must have at most {1} characters, not {2}', name, number(context.limit), lengthOf(context)),
  'string.empty': (name, { key }) => EMPTY[String(key)]?.(name) ?? told('{0} must not be empty', name),
  'string.pattern.name': (name, context) => (PATTERNS[String(context.name)] ?? oneLine)(name),
  'string.pattern.base': (name) => told('{0} must be a date like 2026-11-25', name),
  'date.real': (name) => told('{0} must be a date that is in the calendar, like 2026-11-25', name),
}

/** What is refused, of the field as it is named. What only a program can have sent wrong stays as the schema says it. */
export function refusalOf(error: Joi.ValidationError, named: Told): Told {
  const [detail] = error.details
  const made = detail && REFUSALS[detail.type]?.(asPart(named), detail.context ?? {})
  return made ?? ownWords(error.message)
}

const LONGEST_SHOWN = 40
/** These say it themselves. */
const SAYS_WHAT_CAME: readonly string[] = ['string.max', 'string.empty']

/** A refusal with what came. */
export function withReceived(refusal: Told, error: Joi.ValidationError): Told {
  const [detail] = error.details
  const received: unknown = detail?.context?.value
  if (!detail || SAYS_WHAT_CAME.includes(detail.type) || received === undefined || typeof received === 'object')
    return refusal
  const shown = String(received)
  return told(
    '{0}, not {1}',
    asPart(refusal),
    shown.length > LONGEST_SHOWN ? `${shown.slice(0, LONGEST_SHOWN)}…` : shown,
  )
}
