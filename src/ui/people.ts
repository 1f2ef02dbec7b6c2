import { newId } from './api'

export interface NamedChild {
  readonly name: string
  readonly age: number | null
}

/**
 * Children as an adult types them: one a line or with commas, an age after the name if wanted.
 * "Tavi 6, Bram" is Tavi of 6 and Bram of no told age.
 */
export function splitNames(text: string): NamedChild[] {
  return text
    .split(/[\n,;]/)
    .map((part) => part.trim())
    .filter((part) => part !== '')
    .map((part) => {
      const match = /^(.*\S)\s+\(?(\d{1,2})\)?$/.exec(part)
      return match?.[1] ? { name: match[1], age: Number(match[2]) } : { name: part, age: null }
    })
}

/** Those children with an id of their own, ready to be sent. */
export function withIds(children: readonly NamedChild[]) {
  return children.map((child) => ({ id: newId(), ...child }))
}
