import type { ParsedTime } from '../wording'
import type { Token } from './tokens'
import { plainAt, type Search } from './search'

export type Cue = 'none' | 'before' | 'opener' | 'joined'

const HOUR_WORD = /^(?:heures?|h|uhr|minutes?|minuten?|minutos?|hours?|horas?|stunden?)$/

interface TriedTime {
  readonly i: number
  readonly end: number
  readonly time: ParsedTime
  readonly cue: Cue
}

/** Whether words that can be a time are meant as one here. */
export function isMeant(search: Search, { i, end, cue }: TriedTime): boolean {
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
  if (end === i && !endsPlainly(written) && isCountHere(search, i, cue)) return false
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
  // "À 17 h 45 de la gare": hours and minutes are no length of the journey.
  if (search.language === 'fr' && cue !== 'none' && /(?:h|heures?) (?!de)\S|\dh\d/.test(written)) return true
  // Behind "at" a time of several words counts nothing: "at half past nine three boats are waiting".
  const isLong = cue !== 'none' && end - i >= 2 && !/^\d/.test(written)
  return isLong || endsPlainly(written) || canFollow(search, i, end)
}

/** Behind these a bare number is a time only where its end follows: "von neun bis zehn", and not "von zwölf". */
const WITH_AN_END = /^(?:between|zwischen|entre|von|de)$/
const BY_SO_MANY = /^(?:won|lost|wins?|loses?|beat|beats|led|leads|ahead|behind|up|down)$/
const STREET = /^(?:lane|street|road|avenue|close|way|square|court|drive|row|hill|yard|quay)$/
const IS = /^(?:is|was|ist|war|est|etait)$/
const ADVERB =
  /^(?:already|only|still|now|nearly|almost|exactly|about|around|schon|erst|fast|etwa|genau|deja|presque|environ)$/
/** So far on the end of a range stands behind "between". */
const RANGE_WITHIN = 8

/** Whether a number of one word counts something here, whatever stands before it: an age, a score, a house. */
function isCountHere(search: Search, i: number, cue: Cue): boolean {
  const { tokens, cues } = search
  const [before, next, third] = [plainAt(search, i - 1), tokens[i + 1], tokens[i + 2]]
  // "Mila is seven" and "Mila ist schon sieben" tell an age, "it is seven" a time.
  const copula = ADVERB.test(before) ? i - 2 : i - 1
  if (IS.test(plainAt(search, copula)) && !cues.timely.test(plainAt(search, copula - 1)))
    return !cues.timely.test(plainAt(search, copula + 1))
  if (before === 'by' && BY_SO_MANY.test(plainAt(search, i - 2))) return true
  // French "a" has something, "à" is at a time.
  if (before === 'a' && search.language === 'fr' && tokens[i - 1]?.text === 'a') return true
  if (/^\p{Lu}/u.test(next?.text ?? '') && third?.isJoined && STREET.test(third.plain)) return true
  // The hour is "la una".
  if (search.language === 'es' && tokens[i]?.plain === 'uno') return true
  if (cue !== 'opener') return false
  const hasArticle = cues.articles?.includes(before) === true
  const opener = hasArticle ? plainAt(search, i - 2) : before
  const ahead = tokens.slice(i + 1, i + 1 + RANGE_WITHIN)
  // "Antes de las siete" begins nothing.
  const isBare = !(hasArticle && opener === 'de') && /^(?:\d+|\p{L}+)$/u.test(plainAt(search, i))
  if (isBare && WITH_AN_END.test(opener) && !ahead.some(({ plain }) => plain === 'an' || cues.joiners.includes(plain)))
    return true
  // "From two to nine years": what ends with a count began with one.
  const isRange = next?.isJoined === true && cues.joiners.includes(next.plain) && third !== undefined
  const noun = tokens[i + 3]
  return (
    isRange &&
    /^\p{L}+$|^\d+$/u.test(third.plain) &&
    noun?.isJoined === true &&
    !HOUR_WORD.test(noun.plain) &&
    search.words.has(third.plain) &&
    !search.words.has(noun.plain) &&
    !canFollow(search, i + 2, i + 2)
  )
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
      return back === 1 || /^(?:count|zahl|compt|cuent|cont|liv|wohn|habit|viv|scor|gagn|perd)/.test(token.plain)
  }
  return false
}
