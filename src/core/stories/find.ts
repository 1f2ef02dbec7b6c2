import { onDial } from '../clock'
import { type LanguageId, type ParsedTime, parseDuration, parseTime } from '../wording'
import { type Cues, cuesOf } from './cues'
import { type Token, tokensOf, vocabularyOf } from './tokens'

/** A time that stands in a text, from one letter to another (the last one is out). */
export interface FoundTime {
  readonly from: number
  readonly to: number
  readonly text: string
  readonly says: FoundSays
}

/** What it says: a dial time (0 to 719), a time of the day (0 to 1439), or so many minutes from the time before it. */
export type FoundSays =
  | { readonly kind: 'dial'; readonly minute: number }
  | { readonly kind: 'day'; readonly minute: number }
  | { readonly kind: 'later'; readonly by: number }

/** The longest text that is searched. */
export const LONGEST_STORY = 100_000
/** The most words that a time or a length has. */
const MOST_WORDS = 9
/** So far back a word like "counted" makes a number a count. */
const COUNTED_WITHIN = 4

interface Search {
  readonly text: string
  readonly language: LanguageId
  readonly tokens: readonly Token[]
  readonly cues: Cues
  readonly words: ReadonlySet<string>
}

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
    const at = timeAt(search, i, open) ?? laterAt(search, i) ?? hourlessAt(search, i, found)
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

interface At extends Omit<FoundTime, 'text'> {
  /** The place of the word behind it. */
  readonly next: number
}

const plainAt = ({ tokens }: Search, i: number): string => tokens[i]?.plain ?? ''

/** The words of a time that begin at a place, the longest first. */
function timeAt(search: Search, i: number, open: number): At | undefined {
  const { tokens, words, text, language } = search
  const first = tokens[i] as Token
  if (!isWord(first, words) || NEVER_FIRST.has(first.plain)) return undefined
  let last = i
  while (last + 1 < tokens.length && last - i + 1 < MOST_WORDS) {
    const next = tokens[last + 1] as Token
    if (!next.isJoined || !isWord(next, words)) break
    last++
  }
  const cue = cueBefore(search, i, open)
  for (let end = last; end >= i; end--) {
    const token = tokens[end] as Token
    const written = text.slice(first.from, token.to)
    if (cue === 'opener' && isCrossing(search, i, end)) continue
    const time = timeOf(written, language)
    if (!time || !isMeant(search, { i, end, time, cue })) continue
    const says = time.kind === 'day' ? time : { kind: 'dial' as const, minute: onDial(time.minute) }
    return { from: first.from, to: token.to, says: { kind: says.kind, minute: says.minute }, next: end + 1 }
  }
  return undefined
}

/** What was read before: at each keystroke nearly all words of a story are the same as before. */
const readBefore = new Map<string, ParsedTime | undefined>()
const MOST_READ = 20_000

function timeOf(written: string, language: LanguageId): ParsedTime | undefined {
  const key = `${language} ${written}`
  if (readBefore.has(key)) return readBefore.get(key)
  if (readBefore.size >= MOST_READ) readBefore.clear()
  const time = parseTime(written, language)
  readBefore.set(key, time)
  return time
}

const isWord = ({ plain, text }: Token, words: ReadonlySet<string>) =>
  /^\d/.test(text) ? plain.length <= 5 : words.has(plain) || plain.split('-').every((part) => words.has(part))

/** Words that stand inside a time or before it, but are not its first. */
const NEVER_FIRST = new Set([
  'at',
  'in',
  'the',
  'this',
  'of',
  'to',
  'past',
  'after',
  'till',
  'til',
  'las',
  'la',
  'y',
  'de',
  'am',
  'der',
  'et',
  'le',
  'du',
])

type Cue = 'none' | 'before' | 'opener' | 'joined'

/** What stands before a word that makes a bare number a time. */
function cueBefore(search: Search, i: number, open: number): Cue {
  const { cues } = search
  const articles = cues.articles ?? []
  const hasArticle = articles.includes(plainAt(search, i - 1))
  const at = hasArticle ? i - 2 : i - 1
  const before = plainAt(search, at)
  if (open >= 0 && at === open && cues.joiners.includes(before)) return 'joined'
  if (cues.openers.includes(before)) return 'opener'
  if (cues.articles) return hasArticle && ARTICLE_CUES.test(before) ? 'before' : 'none'
  return cues.before.includes(before) ? 'before' : 'none'
}

/** Before the article of a Spanish time. */
const ARTICLE_CUES = /^(?:a|son|es|eran|era|desde|hasta|de|sobre|hacia|casi|y|entre|a|para|ya)$/

/** Whether the time that ends at a place has an end to come. */
function opens(search: Search, i: number): boolean {
  const articles = search.cues.articles ?? []
  const at = articles.includes(plainAt(search, i - 1)) ? i - 2 : i - 1
  return search.cues.openers.includes(plainAt(search, at))
}

/** "from nine to five": the "to" is no part of a time behind a word that opens a range. */
function isCrossing({ tokens, cues }: Search, i: number, end: number): boolean {
  const startsWithNumber = !/^(?:a|an|quarter|half|viertel|halb)$/.test(tokens[i]?.plain ?? '')
  return (
    startsWithNumber && tokens.slice(i + 1, end).some(({ plain }) => plain === 'to' && cues.joiners.includes(plain))
  )
}

const HOUR_WORD = /^(?:heures?|h|uhr|minutes?|minuten?|minutos?|hours?|horas?|stunden?)$/

interface Tried {
  readonly i: number
  readonly end: number
  readonly time: ParsedTime
  readonly cue: Cue
}

/** Whether words that can be a time are meant as one here. */
function isMeant(search: Search, { i, end, cue }: Tried): boolean {
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

/** "twenty minutes after that", "eine halbe Stunde später": a length, and which way. */
function laterAt(search: Search, i: number): At | undefined {
  const { tokens, text, language, cues } = search
  const first = tokens[i] as Token
  for (let end = i; end < Math.min(tokens.length - 1, i + MOST_WORDS); end++) {
    const after = tokens[end + 1] as Token
    if (!after.isJoined || (end > i && !(tokens[end] as Token).isJoined)) return undefined
    const way = wayAt(search, end + 1)
    if (!way) continue
    // A number alone is no length: "one after another".
    if (end === i) continue
    const length = parseDuration(text.slice(first.from, (tokens[end] as Token).to), language)
    if (!length) continue
    const next = tokens[way.next]
    if (next?.isJoined && way.isPreposition && cues.notBefore.test(next.plain)) return undefined
    const by = (length.hours * 60 + length.minutes) * way.sign
    if (by === 0) return undefined
    return { from: first.from, to: (tokens[way.next - 1] as Token).to, says: { kind: 'later', by }, next: way.next }
  }
  return undefined
}

interface Way {
  readonly sign: 1 | -1
  readonly next: number
  /** A word that could also begin "before lunch". */
  readonly isPreposition: boolean
}

const PREPOSITION = /^(?:after|before|on|apres|avant|antes|despues)$/

function wayAt(search: Search, i: number): Way | undefined {
  const { cues } = search
  const two = `${plainAt(search, i)} ${plainAt(search, i + 1)}`
  for (const [list, sign] of [
    [cues.later, 1],
    [cues.earlier, -1],
  ] as const) {
    if (list.includes(two)) return { sign, next: i + 2, isPreposition: false }
    if (list.includes(plainAt(search, i)))
      return { sign, next: i + 1, isPreposition: PREPOSITION.test(plainAt(search, i)) }
  }
  return undefined
}

/** "at ten past": the hour is that of the time before. */
function hourlessAt(search: Search, i: number, found: readonly FoundTime[]): At | undefined {
  const { cues, tokens, text, language } = search
  const before = found[found.length - 1]
  if (!cues.hourless || before?.says.kind !== 'dial' || cueBefore(search, i, -1) !== 'before') return undefined
  for (let end = Math.min(tokens.length - 1, i + 3); end > i; end--) {
    const token = tokens[end] as Token
    const written = plainOf(tokens, i, end)
    const match = cues.hourless.exec(written)
    if (!match?.[1] || !match[2] || tokens[end + 1]?.isJoined) continue
    const hour = Math.floor(before.says.minute / 60)
    const isPast = cues.isPast?.test(match[2]) ?? true
    const named = parseTime(
      `${text.slice((tokens[i] as Token).from, token.to)} ${isPast ? hour || 12 : hour + 1}`,
      language,
    )
    if (!named) continue
    return {
      from: (tokens[i] as Token).from,
      to: token.to,
      says: { kind: 'dial', minute: onDial(named.minute) },
      next: end + 1,
    }
  }
  return undefined
}

const plainOf = (tokens: readonly Token[], i: number, end: number) =>
  tokens
    .slice(i, end + 1)
    .map(({ plain }) => plain)
    .join(' ')
