import { type LanguageId, parseDuration } from '../wording'
import type { Token } from './tokens'
import { type At, type FoundTime, MOST_WORDS, plainAt, type Search } from './search'

/** "twenty minutes after that", "eine halbe Stunde später": a length, and which way. */
export function laterAt(search: Search, i: number): At | undefined {
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

interface LaterWay {
  readonly sign: 1 | -1
  readonly next: number
  /** A word that could also begin "before lunch". */
  readonly isPreposition: boolean
}

const PREPOSITION = /^(?:after|before|on|apres|avant|antes|despues)$/

function wayAt(search: Search, i: number): LaterWay | undefined {
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

const UNIT = /min|hour|stunde|heure|hora|\bh\b/

/** "after half an hour", "nach einer halben Stunde", "au bout d'une heure": so much later than the time before it. */
export function laterByAt(search: Search, i: number, found: readonly FoundTime[]): At | undefined {
  const { tokens, text, language, cues } = search
  if (found.length === 0) return undefined
  const count = [3, 2, 1].find((words) =>
    cues.laterBy.includes(
      tokens
        .slice(i, i + words)
        .map(({ plain }) => plain)
        .join(' '),
    ),
  )
  const first = count === undefined ? undefined : tokens[i + count]
  if (count === undefined || !first?.isJoined) return undefined
  for (let end = Math.min(tokens.length - 1, i + count + MOST_WORDS); end > i + count; end--) {
    if (tokens.slice(i + count + 1, end + 1).some(({ isJoined }) => !isJoined)) continue
    const last = tokens[end] as Token
    const length = lengthOf(text.slice(first.from, last.to), language)
    const next = plainAt(search, end + 1)
    // "In an hour earlier" is none: what follows the length says which way by itself.
    if (!length || cues.later.includes(next) || cues.earlier.includes(next)) continue
    return { from: (tokens[i] as Token).from, to: last.to, says: { kind: 'later', by: length }, next: end + 1 }
  }
  return undefined
}

/** Minutes of a length that names its unit, as it stands behind a preposition. */
function lengthOf(written: string, language: LanguageId): number | undefined {
  const plain = written
    .replace(/^(?:d[’']|de )/i, '')
    .replace(/^einer halben /i, 'eine halbe ')
    .replace(/^einer /i, 'eine ')
  if (!UNIT.test(plain.toLowerCase())) return undefined
  const length = parseDuration(plain, language)
  return length && length.hours * 60 + length.minutes
}
