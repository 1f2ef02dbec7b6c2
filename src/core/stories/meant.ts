import type { ParsedTime } from '../wording'
import type { Token } from './tokens'
import { plainAt, type Search } from './search'

export type Cue = 'none' | 'before' | 'opener' | 'joined'

const HOUR_WORD = /^(?:heures?|h|uhr|minutes?|minuten?|minutos?|hours?|horas?|stunden?)$/

interface Tried {
  readonly i: number
  readonly end: number
  readonly time: ParsedTime
  readonly cue: Cue
}

/** Whether words that can be a time are meant as one here. */
export function isMeant(search: Search, { i, end, cue }: Tried): boolean {
  const { tokens, cues, text } = search
  const written = tokens
    .slice(i, end + 1)
    .map(({ plain }) => plain)
    .join(' ')
  const next = tokens[end + 1]
  const isDotted = /^\d{1,2}\.\d{2}$/.test(written)
  if (/[€£$]/.test(text.charAt((tokens[i] as Token).from - 1)) || isCounted(search, i)) return false
  if (next?.isJoined && cues.units.test(next.plain)) return false
  // A comma and figures behind figures are a decimal: "4,50".
  if (/^[,.:]\d/.test(text.slice((tokens[end] as Token).to))) return false
  if (/[\d][,.:]$/.test(text.slice(0, (tokens[i] as Token).from))) return false
  if (isDotted && cue === 'none') return false
  // "Um elf Uhr eine Uhr basteln": the article is no minute.
  if (/uhr eine?$|^eine uhr/.test(written)) return false
  // "Between four o'clock and five": what begins here goes on to an hour or a length of its own.
  if (next?.isJoined && HOUR_WORD.test(next.plain)) return false
  // "Y un cuarto de hora después" is a length, and its first words are no time.
  if ([1, 2].some((k) => plainAt(search, end + k) === 'de' && /^horas?$/.test(plainAt(search, end + k + 1))))
    return false
  if (cues.needsCue(written) && cue === 'none') return false
  if (cues.articles && /^(?:y|menos)$/.test(next?.plain ?? '') && /pico/.test(tokens[end + 2]?.plain ?? ''))
    return false
  // Behind "at" a time of several words counts nothing: "at half past nine three boats are waiting".
  const isLong = cue !== 'none' && end - i >= 2 && !/^\d/.test(written)
  return isLong || endsPlainly(written) || canFollow(search, i, end)
}

/** So far back a word like "counted" makes a number a count. */
const COUNTED_WITHIN = 4

/** Words that no noun can follow as something counted. */
const endsPlainly = (written: string) =>
  /o'?clock|uhr|noon|midday|midnight|mittag|mitternacht|midi|minuit|mediodia|medianoche|\d[:.h]\d\d$|[ap]\.? ?m\.?$|morning|afternoon|evening|night|morgens|abends|matin|soir|apres-midi|tarde|noche|manana/.test(
    written,
  )

/** Whether a number that ends at a place counts nothing: the sentence ends there, or a small word follows. */
function canFollow(search: Search, i: number, end: number): boolean {
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
function isCounted(search: Search, i: number): boolean {
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
