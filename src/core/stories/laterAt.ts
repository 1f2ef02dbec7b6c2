import { parseDuration } from '../wording'
import type { Token } from './tokens'
import { type At, MOST_WORDS, plainAt, type Search } from './search'

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
