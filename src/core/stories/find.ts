import type { LanguageId } from '../wording'
import { cuesOf } from './cues'
import { tokensOf } from './tokens'
import { vocabularyOf } from './vocabulary'
import { type FoundTime, plainAt, type Search } from './search'
import { timeAtWord } from './timeAtWord'
import { laterAt, laterByAt } from './laterAt'
import { hourlessAt } from './hourlessAt'

/** The longest text that is searched. */
export const LONGEST_STORY = 100_000

/**
 * The times in a text: in figures, with o'clock, half, quarters, minutes past and to, in 24 hours, "noon", and those
 * that are told from the time before them ("an hour later"). A number that counts something is no time.
 *
 * findTimes('At half past two Bram ate 7 apples.', 'en-GB').map(({ text }) => text) //=> ['half past two']
 */
export function findTimes(text: string, language: LanguageId): FoundTime[] {
  const tokens = tokensOf(text.slice(0, LONGEST_STORY))
  const search: Search = { text, language, tokens, cues: cuesOf(language), words: vocabularyOf(language) }
  const found: FoundTime[] = []
  // The place behind a time that has an end to come: "from nine" … "till ten".
  let open = -1
  for (let i = 0; i < tokens.length;) {
    const at =
      laterByAt(search, i, found) ?? timeAtWord(search, i, open) ?? laterAt(search, i) ?? hourlessAt(search, i, found)
    if (!at) {
      i++
      continue
    }
    found.push({ from: at.from, to: at.to, text: text.slice(at.from, at.to), says: at.says })
    open = opens(search, i) ? at.next : -1
    i = at.next
  }
  return found
}

/** Whether the time that ends at a place has an end to come. */
function opens(search: Search, i: number): boolean {
  const articles = search.cues.articles ?? []
  const at = articles.includes(plainAt(search, i - 1)) ? i - 2 : i - 1
  return search.cues.openers.includes(plainAt(search, at))
}
