import type { RungId, School } from '../core/teaching'
import { likelyStart } from '../core/planning'
import { newId } from './api'

export interface NamedChild {
  readonly name: string
  readonly age: number | null
}

const AGE = /^\(?(\d{1,2})\)?$/

/**
 * Children as an adult types them: one a line or with commas, an age after the name if wanted, with or without a comma.
 * "Tavi 6, Bram" is Tavi of 6 and Bram of no told age; "Dev, 7" is Dev of 7.
 */
export function splitNames(text: string): NamedChild[] {
  return text.split(/[\n;]/).flatMap((line) => {
    const children: NamedChild[] = []
    for (const part of line.split(',').map((each) => each.trim())) {
      const last = children[children.length - 1]
      const alone = AGE.exec(part)
      const match = /^(.*\S)\s+\(?(\d{1,2})\)?$/.exec(part)
      if (part === '') continue
      // An age by itself belongs to the name before it in the line.
      if (alone && last?.age === null) children[children.length - 1] = { ...last, age: Number(alone[1]) }
      else if (match?.[1]) children.push({ name: match[1], age: Number(match[2]) })
      else children.push({ name: part, age: null })
    }
    return children
  })
}

/** Where each child starts: by name, as the adult chose it; else the guess from the age. */
export type Starts = Readonly<Record<string, RungId>>

export function startOf({ name, age }: NamedChild, starts: Starts, school: School): RungId {
  return starts[name] ?? likelyStart(age, school)
}

/** Those children with an id of their own, ready to be sent. */
export function withIds(children: readonly NamedChild[], starts: Starts, school: School) {
  return children.map((child) => ({ id: newId(), ...child, startsAt: startOf(child, starts, school) }))
}
