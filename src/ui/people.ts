import type { QueryClient } from '@tanstack/react-query'
import { likelyStart } from '../core/planning'
import type { NewChild, SentAnswer } from '../core/records'
import { type RungId, type School, schools } from '../core/teaching'
import { newId } from './api'
import { keepAnswer } from './outbox/answers'
import { settingsQuery } from './queries'

export interface NamedChild {
  readonly name: string
  readonly age: number | null
}

/** An age as it is written behind a name: "7", "(8)", "9 Jahre", "6 years old", "aged 5", "6½", which is 6. */
const AGE_TEXT =
  '\\(?(?:aged? |alter |âge |edad )?(\\d{1,2})(?: ?½| 1\\/2)?(?: ?(?:years?(?: old)?|yrs?\\.?|y\\.?o?\\.?|jahre?(?: alt)?|j\\.?|ans?|años?))?\\)?'
const AGE = new RegExp(`^${AGE_TEXT}$`, 'i')
const NAME_AND_AGE = new RegExp(`^(.*?\\S)\\s+${AGE_TEXT}$`, 'i')
/** Half a year as a decimal, so that its comma parts no two children. */
const HALF_YEAR = /(\d)[.,]5(?!\d)/g
/** What a list puts before each name: "4.", "12)", "-", "•". */
const NUMBERED = /^(?:\d{1,2}[.)]\s*|[-–•*]\s+)(?=\p{L})/u
/** The first line of a table. */
const HEADING = /^(?:first )?(?:name|vorname|prénom|nombre)s?\W+(?:age|alter|âge|edad)$/i

/**
 * Children as an adult types or pastes them: one a line, with commas, semicolons or tabs, an age after the name if
 * wanted. "Tavi 6, Bram" is Tavi of 6 and Bram of no told age; "Dev;7" is Dev of 7; "4. Emil (8 years)" is Emil of 8.
 */
export function splitNames(text: string): NamedChild[] {
  const lines = text.split('\n').filter((line) => !HEADING.test(line.trim()))
  return lines.flatMap((line) => {
    const children: NamedChild[] = []
    for (const part of line
      .replace(HALF_YEAR, '$1½')
      .split(/[,;\t]/)
      .map((each) => each.trim().replace(NUMBERED, ''))) {
      const last = children[children.length - 1]
      const alone = AGE.exec(part)
      const match = NAME_AND_AGE.exec(part)
      if (part === '') continue
      // An age by itself belongs to the name before it in the line.
      if (alone && last?.age === null) children[children.length - 1] = { ...last, age: Number(alone[1]) }
      else if (match?.[1]) children.push({ name: match[1], age: Number(match[2]) })
      else children.push({ name: part, age: null })
    }
    return children
  })
}

/** An answer given before the child is kept: whose it is, is known by the child's key. */
export type EarlyAnswer = Omit<SentAnswer, 'id' | 'childId' | 'sessionId'>

/** How three quick questions went. */
export interface PlacingResult {
  readonly startsAt: RungId
  /** In words: what was right and what was not. */
  readonly found: string
  readonly answers: readonly EarlyAnswer[]
}

/** Names as they are typed, and what else was said or found of these children. */
export interface Names {
  readonly text: string
  /** Where a child starts, as the adult chose it, by the child's key. */
  readonly starts: Readonly<Record<string, RungId>>
  /** Who was asked, by the child's key. */
  readonly placed: Readonly<Record<string, PlacingResult>>
}

export const NO_NAMES: Names = { text: '', starts: {}, placed: {} }

/** What children are known by while the text changes: the name, and which one it is where two have the same. */
export function keysOf(children: readonly NamedChild[]): string[] {
  return children.map(({ name }, i) => {
    const before = children.slice(0, i).filter((other) => other.name === name).length
    return before === 0 ? name : `${name} ${before + 1}`
  })
}

/** Names of a list that do not tell one child from another. */
export interface SharedNames {
  /** Those that stand there again with the same age: most likely the list was pasted twice. */
  readonly repeated: readonly string[]
  /** Those of two children of different ages. */
  readonly alike: readonly string[]
  /** Those of children who were there before. */
  readonly known: readonly string[]
}

const folded = (name: string) => name.toLocaleLowerCase()
const isAgain = (child: NamedChild, i: number, all: readonly NamedChild[]) =>
  all.findIndex(({ name, age }) => folded(name) === folded(child.name) && age === child.age) < i

/** Which names of a list are shared, each once. */
export function sharedNames(children: readonly NamedChild[], known: readonly string[]): SharedNames {
  const once = (names: readonly NamedChild[]) => [
    ...new Map(names.map(({ name }) => [folded(name), name] as const)).values(),
  ]
  const firsts = children.filter((child, i, all) => !isAgain(child, i, all))
  const before = new Set(known.map(folded))
  return {
    repeated: once(children.filter(isAgain)),
    alike: once(firsts.filter(({ name }, i) => firsts.findIndex((other) => folded(other.name) === folded(name)) < i)),
    known: once(children.filter(({ name }) => before.has(folded(name)))),
  }
}

/** The list as text again, with nobody in it twice. */
export function withoutRepeats(children: readonly NamedChild[]): string {
  return children
    .filter((child, i, all) => !isAgain(child, i, all))
    .map(({ name, age }) => (age === null ? name : `${name} ${age}`))
    .join('\n')
}

/** Where a child starts: as the adult chose it, else the guess from the age. */
export function startOf({ age }: NamedChild, chosen: RungId | undefined, school: School): RungId {
  return chosen ?? likelyStart(age, school)
}

/** The children with ids of their own, ready to be sent, and what they have answered already. */
export function newChildrenOf(names: Names, school: School): { newChildren: NewChild[]; answers: SentAnswer[] } {
  const children = splitNames(names.text)
  const keys = keysOf(children)
  const made = children.map((child, i) => {
    const key = keys[i] ?? ''
    const id = newId()
    return {
      child: { id, ...child, startsAt: startOf(child, names.starts[key], school) },
      answers: (names.placed[key]?.answers ?? []).map((answer) => ({ ...answer, id: newId(), childId: id })),
    }
  })
  return { newChildren: made.map(({ child }) => child), answers: made.flatMap(({ answers }) => answers) }
}

/** Sends what has new children; once they are kept, what they answered follows. */
export async function sendNewChildren<T>(
  client: QueryClient,
  names: Names,
  send: (newChildren: readonly NewChild[]) => Promise<T>,
): Promise<T> {
  const { school } = await client.ensureQueryData(settingsQuery)
  const { newChildren, answers } = newChildrenOf(names, schools[school])
  const sent = await send(newChildren)
  await Promise.all(answers.map(keepAnswer))
  return sent
}
