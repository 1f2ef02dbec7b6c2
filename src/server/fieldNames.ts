import { type Told, asPart, capital, ownWords, told } from '../core/wording'

/* Fields as an adult would name them. The exact path goes along with each refusal, for whoever writes files. */

/** What a list holds, by its name in a body: which one it is, counted from 1. */
const ITEMS: Readonly<Record<string, (at: number) => Told>> = {
  newChildren: (at) => told('child {0}', at),
  childIds: (at) => told('child {0}', at),
  holidays: (at) => told('holiday {0}', at),
  rows: (at) => told('row {0}', at),
  starts: (at) => told('start {0}', at),
  steps: (at) => told('activity {0}', at),
}

const FIELDS: Readonly<Record<string, Told>> = {
  name: told('name'),
  age: told('age'),
  from: told('first day'),
  until: told('last day'),
  what: told('text'),
  minute: told('time'),
  minutes: told('minutes'),
  to: told('end'),
  startsAt: told('start'),
  date: told('date'),
  start: told('start'),
  reason: told('reason'),
  text: told('text'),
  note: told('note'),
  passcode: told('passcode'),
}

/** A field by its own name: in words where an adult fills it in. */
const fieldNamed = (field: string): Told => FIELDS[field] ?? ownWords(field)

/**
 * A path into a body: in words where it leads to what an adult fills in, else as it is, since only a program can have
 * sent it.
 *
 * inEnglish(fieldInWords(['newChildren', 2, 'name'])) //=> 'child 3: name'
 */
export function fieldInWords(path: readonly (string | number)[]): Told {
  const [list, at, field, ...deeper] = path.filter((part) => part !== 'body')
  if (list === undefined) return told('what was sent')
  if (at === undefined) return fieldNamed(String(list))
  const item = ITEMS[String(list)]
  if (item === undefined || typeof at !== 'number' || deeper.length > 0) return ownWords(pathOf(path))
  const place = item(at + 1)
  return field === undefined ? place : told('{0}: {1}', asPart(place), asPart(fieldNamed(String(field))))
}

/** A refusal as a sentence. A name that an adult knows begins it with a capital; an exact path stays as it is written. */
export const asSentence = (message: string): string => (/^\p{Ll}+[ :]/u.test(message) ? capital(message) : message)

/** The exact path: "answers[0].given". */
export function pathOf(path: readonly (string | number)[]): string {
  return path.reduce<string>(
    (text, part) => (typeof part === 'number' ? `${text}[${part}]` : text ? `${text}.${part}` : String(part)),
    '',
  )
}
