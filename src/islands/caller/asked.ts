import type { Instant } from '../../core/knowing'
import { GAME_IDS } from '../../core/movement'
import { hasDialTimes, rungs } from '../../core/teaching'
import type { KeptGame } from './keptGame'

/* What a page of Play now was asked for by its address. */

/** What a page was asked for, and the number of a game that nobody has chosen. */
export interface GameAddress {
  /** The query of the address, with its question mark. */
  readonly search: string
  readonly number: number
  /** When the page was made. */
  readonly at: Instant
}

/** A page that is older was kept for a time without a connection. */
const KEPT_MS = 60_000

const gameNumber = () => 1 + Math.floor(Math.random() * 9999)

/** For a page that is made now. */
export const askedNow = (search: string): GameAddress => ({ search, number: gameNumber(), at: Date.now() })

/** A page that was kept may have been asked for by another address, and its number has been played. */
export function askedHere(page: GameAddress): GameAddress {
  const isKept = Date.now() - page.at > KEPT_MS || location.search !== page.search
  return isKept ? askedNow(location.search) : page
}

/** The steps whose times can be called. */
export const CALLED_RUNGS = rungs.filter(({ id }) => hasDialTimes(id) && id !== 'fives')

/** What the address asks for: a group, a game, and the session that it belongs to. */
export function wishOf(query: URLSearchParams) {
  return {
    group: query.get('group'),
    session: query.get('session') ?? undefined,
    game: GAME_IDS.find((id) => id === query.get('game')) ?? 'arms-as-hands',
    day: query.get('day'),
  }
}

/** A game that was left goes on by itself, unless the address asks for another one. */
export function isAskedFor({ timeline, sessionId }: KeptGame, search: string): boolean {
  const query = new URLSearchParams(search)
  const [game, session] = [query.get('game'), query.get('session')]
  return (game === null || game === timeline.game) && (session === null || session === sessionId)
}
