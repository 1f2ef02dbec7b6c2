import { onDial } from '../clock'
import { type LanguageId, type ParsedTime, parseTime } from '../wording'
import type { Token } from './tokens'
import { type At, MOST_WORDS, plainAt, type Search } from './search'
import { type Cue, isMeant } from './meant'

/** The words of a time that begin at a place, the longest first. */
export function timeAtWord(search: Search, i: number, open: number): At | undefined {
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
  'before',
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

/** What stands before a word that makes a bare number a time. */
export function cueBefore(search: Search, i: number, open: number): Cue {
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
const ARTICLE_CUES =
  /^(?:a|son|es|eran|era|desde|hasta|de|sobre|hacia|casi|y|entre|a|para|ya|marcan?|dan|dieron|tocan|senalan?|indican?)$/

/** "from nine to five": the "to" is no part of a time behind a word that opens a range. */
function isCrossing({ tokens, cues }: Search, i: number, end: number): boolean {
  const startsWithNumber = !/^(?:a|an|quarter|half|viertel|halb)$/.test(tokens[i]?.plain ?? '')
  return (
    startsWithNumber && tokens.slice(i + 1, end).some(({ plain }) => plain === 'to' && cues.joiners.includes(plain))
  )
}
