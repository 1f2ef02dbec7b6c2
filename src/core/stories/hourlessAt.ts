import { onDial } from '../clock'
import { parseTime } from '../wording'
import type { Token } from './tokens'
import type { At, FoundTime, Search } from './search'
import { cueBefore } from './timeAtWord'

/** "at ten past": the hour is that of the time before. */
export function hourlessAt(search: Search, i: number, found: readonly FoundTime[]): At | undefined {
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
