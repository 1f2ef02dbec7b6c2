import type { SessionId } from '../../core/ids'
import type { GameOptions, Playing, Timeline } from '../../core/movement'
import type { Player } from '../../ui/WhoShowed'

/** A game as it is kept on this device, so that it goes on after a reload. */
export interface KeptGame {
  readonly timeline: Timeline
  readonly options: GameOptions
  /** Whose answers can be taken; none for nobody in particular. */
  readonly players: readonly Player[]
  /** The session that it is a step of; left out for a game without a plan. */
  readonly sessionId?: SessionId
  /** Left out, it begins. */
  readonly playing?: Playing
}

export const KEY = 'caller-game'
/** A game that was left for longer than this is over. */
const STALE_MS = 60 * 60 * 1000

export function keptGame(): KeptGame | undefined {
  try {
    const kept = JSON.parse(localStorage.getItem(KEY) ?? 'null') as KeptGame | null
    if (!kept?.playing || Date.now() - kept.playing.since > STALE_MS) return undefined
    return kept
  } catch {
    // What cannot be read is as good as nothing kept: a game can be started anew.
    return undefined
  }
}

export function keepGame(game: KeptGame): void {
  try {
    localStorage.setItem(KEY, JSON.stringify(game))
  } catch {
    // Without storage the game goes on all the same; only a reload would end it.
  }
}

export function forgetGame(): void {
  try {
    localStorage.removeItem(KEY)
  } catch {
    // Nothing was kept then.
  }
}
