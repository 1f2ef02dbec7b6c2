import type { Timeline } from './types'

/** Where a game stands: `seconds` of it were over at `since` (ms); it goes on from there unless it is paused. */
export interface Playing {
  readonly seconds: number
  readonly since: number
  readonly isPaused: boolean
}

export const atStart = (now: number): Playing => ({ seconds: 0, since: now, isPaused: false })

/** Seconds of the game that are over at `now` (ms); never beyond its end, never back where a clock is set back. */
export function positionAt({ seconds, since, isPaused }: Playing, now: number, timeline: Timeline): number {
  const passed = isPaused ? 0 : Math.max(0, now - since) / 1000
  return Math.min(waitingAt(timeline, seconds), seconds + passed)
}

/** Where the game comes to a stop: at the end of a call that waits, a hair before the next, or at its own end. */
function waitingAt(timeline: Timeline, from: number): number {
  const waiting = timeline.calls.find(({ at, seconds, waits }) => waits && at + seconds > from)
  return waiting ? waiting.at + waiting.seconds - 1e-3 : timeline.seconds
}

export const paused = (playing: Playing, now: number, timeline: Timeline): Playing => ({
  seconds: positionAt(playing, now, timeline),
  since: now,
  isPaused: true,
})

export const resumed = (playing: Playing, now: number): Playing => ({ ...playing, since: now, isPaused: false })

/** To the beginning of a call, the first or last where there is none so far on. A pause stays a pause. */
export function movedTo(playing: Playing, call: number, now: number, timeline: Timeline): Playing {
  const place = Math.max(0, Math.min(timeline.calls.length - 1, call))
  return { ...playing, seconds: timeline.calls[place]?.at ?? 0, since: now }
}

/**
 * How much of a game is left after so many of its seconds: a share from 0 to 1, and the whole minutes begun.
 *
 * gameLeft(90, 360) //=> { share: 0.75, minutes: 5 }
 */
export function gameLeft(seconds: number, of: number): { share: number; minutes: number } {
  const share = of > 0 ? 1 - Math.min(1, seconds / of) : 0
  return { share, minutes: Math.ceil((share * of) / 60) }
}
