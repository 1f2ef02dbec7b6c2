import type { Token } from './tokens'
import { plainAt, type Search } from './search'

/** So far back a word like "counted" makes a number a count. */
const COUNTED_WITHIN = 4

/** Words that no noun can follow as something counted. */
export const endsPlainly = (written: string) =>
  /o'?clock|uhr|noon|midday|midnight|mittag|mitternacht|midi|minuit|mediodia|medianoche|\d[:.h]\d\d$|[ap]\.? ?m\.?$|morning|afternoon|evening|night|morgens|abends|matin|soir|apres-midi|tarde|noche|manana/.test(
    written,
  )

/** Whether a number that ends at a place counts nothing: the sentence ends there, or a small word follows. */
export function canFollow(search: Search, i: number, end: number): boolean {
  const { tokens, cues, text } = search
  const next = tokens[end + 1]
  if (!next?.isJoined) return true
  if (/^[–—]/.test(text.slice((tokens[end] as Token).to).trimStart())) return true
  if (cues.hasLargeNouns) {
    // "Um zehn vor elf Brot kaufen": a time of several words counts nothing, whatever noun follows.
    const words = end > i ? `${plainAt(search, end - 1)} ` : ''
    return /^(?:nach|vor|halb|viertel) $/.test(words) || cues.follow.test(next.text)
  }
  // A name follows: "at nine Kwame opened the door".
  if (/^\p{Lu}/u.test(next.text)) return true
  return cues.follow.test(next.plain)
}

/** Whether a number is counted or numbered: "page 12", "counted to ten". */
export function isCounted(search: Search, i: number): boolean {
  const { tokens, cues } = search
  for (let back = 1; back <= COUNTED_WITHIN && i - back >= 0; back++) {
    // A stop between them: what was counted before it counts no more.
    if (!(tokens[i - back + 1] as Token).isJoined) return false
    const token = tokens[i - back] as Token
    if (cues.counted.test(token.plain))
      return back === 1 || /^(?:count|zahl|compt|cuent|cont|liv|wohn|habit|viv)/.test(token.plain)
  }
  return false
}
