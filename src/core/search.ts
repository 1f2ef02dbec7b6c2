/* Finding things by their names, as one types them. */

/** Something that can be found, and where it is. */
export interface Findable {
  readonly kind: string
  readonly name: string
  /** What is said of it; it is found by that too. */
  readonly about: string
  /** Other words that it is found by. */
  readonly also?: string
  readonly href: string
}

/** What was found: the best first, and how many there are in all. */
export interface SearchResult {
  readonly things: readonly Findable[]
  readonly total: number
}

/**
 * Letters as they are compared: small, without accents.
 *
 * plainLetters('Élodie Groß') //=> 'elodie gross'
 */
export function plainLetters(text: string): string {
  return text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase().replaceAll('ß', 'ss')
}

/** How well a word is met: at the beginning of the name, of one of its words, within it, or only in what else it is found by. */
function rankOf(word: string, name: string, about: string): number {
  if (name.startsWith(word)) return 0
  if (name.split(/[^\p{L}\p{N}]+/u).some((part) => part.startsWith(word))) return 1
  if (name.includes(word)) return 2
  return about.includes(word) ? 3 : Infinity
}

/** What has all the words that were typed, the best first and at most so many of them; all things where none was typed. */
export function findByWords(typed: string, things: readonly Findable[], most: number): SearchResult {
  const words = plainLetters(typed).split(/\s+/).filter(Boolean)
  const ranked = things.flatMap((thing) => {
    const [name, about] = [plainLetters(thing.name), plainLetters(`${thing.kind} ${thing.about} ${thing.also ?? ''}`)]
    const rank = words.reduce((sum, word) => sum + rankOf(word, name, about), 0)
    return rank === Infinity ? [] : [{ thing, rank }]
  })
  const sorted = ranked.sort((a, b) => a.rank - b.rank)
  return { things: sorted.slice(0, most).map(({ thing }) => thing), total: sorted.length }
}
