import { capital } from '../core/wording'

/* Fields as an adult would name them. The exact path goes along with each refusal, for whoever writes files. */

/** What a list holds, by its name in a body. */
const ITEMS: Readonly<Record<string, string>> = {
  newChildren: 'child',
  childIds: 'child',
  holidays: 'holiday',
  rows: 'row',
  starts: 'plan of when to start',
  steps: 'activity',
}

const FIELDS: Readonly<Record<string, string>> = {
  from: 'first day',
  until: 'last day',
  what: 'text',
  minute: 'time',
  to: 'end',
  startsAt: 'start',
}

const ORDINALS = ['first', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh', 'eighth', 'ninth', 'tenth']

/** "the third child", and from the eleventh on "child 11". */
const placeOf = (item: string, at: number): string => {
  const ordinal = ORDINALS[at]
  return ordinal === undefined ? `${item} ${at + 1}` : `the ${ordinal} ${item}`
}

/**
 * A path into a body: in words where it leads into a list that an adult fills in, else as it is, since only a program
 * can have sent it.
 *
 * fieldInWords(['newChildren', 2, 'name']) //=> 'the name of the third child'
 */
export function fieldInWords(path: readonly (string | number)[]): string {
  const [list, at, field, ...deeper] = path.filter((part) => part !== 'body')
  const item = ITEMS[String(list)]
  if (item === undefined || typeof at !== 'number' || deeper.length > 0) return pathOf(path)
  const place = placeOf(item, at)
  return field === undefined ? place : `the ${FIELDS[String(field)] ?? String(field)} of ${place}`
}

/** A refusal as a sentence. A name that an adult knows begins it with a capital; an exact path stays as it is written. */
export const asSentence = (message: string): string => (/^[a-z]+ /.test(message) ? capital(message) : message)

/** The exact path: "answers[0].given". */
export function pathOf(path: readonly (string | number)[]): string {
  return path.reduce<string>(
    (text, part) => (typeof part === 'number' ? `${text}[${part}]` : text ? `${text}.${part}` : String(part)),
    '',
  )
}
