import { RefusedValue } from '../errors'
import type { Beat, Call, Script, Timeline } from './types'

/** A game's calls in their places in time, each beginning where the one before ends. */
export function laidOut(game: Timeline['game'], seed: number, beats: readonly Beat[]): Timeline {
  const calls: Call[] = []
  let at = 0
  for (const beat of beats) {
    const call: Call & { softer?: Beat } = { ...beat, at }
    delete call.softer
    calls.push(call)
    at += beat.seconds
  }
  return { game, seed, calls, seconds: at }
}

/**
 * As many rounds as fit between the opening and the closing, and what is left of the time shared out over the calls in
 * whole seconds. Throws RefusedValue where not one round fits.
 */
export function filled(
  seconds: number,
  { opening, closing }: Pick<Script, 'opening' | 'closing'>,
  rounds: readonly (readonly Beat[])[],
): Beat[] {
  const lengthOf = (beats: readonly Beat[]) => beats.reduce((sum, beat) => sum + beat.seconds, 0)
  const room = seconds - lengthOf(opening) - lengthOf(closing)
  const body: Beat[] = []
  for (const round of rounds) {
    if (lengthOf(body) + lengthOf(round) > room) break
    body.push(...round)
  }
  if (body.length === 0) {
    const least = Math.ceil((seconds - room + lengthOf(rounds[0] ?? [])) / 60)
    throw new RefusedValue('minutes', `at least ${least} for this game`, Math.round(seconds / 60))
  }
  return [...opening, ...stretched(body, room - lengthOf(body)), ...closing]
}

/** What is left over goes to calls that are not hard, from the first on, so that nobody runs longer than was meant. */
function stretched(body: readonly Beat[], left: number): Beat[] {
  const easy = body.filter(({ effort }) => effort !== 'hard').length
  if (easy === 0) return [...body]
  let place = 0
  return body.map((beat) => {
    if (beat.effort === 'hard') return beat
    const extra = Math.floor((left * (place + 1)) / easy) - Math.floor((left * place) / easy)
    place++
    return { ...beat, seconds: beat.seconds + extra }
  })
}

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

/** The number of the call at a position; the last one at the end. */
export function callAt(timeline: Timeline, seconds: number): number {
  const after = timeline.calls.findIndex(({ at }) => at > seconds + 1e-9)
  return (after === -1 ? timeline.calls.length : after) - 1
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

/** The call that is on takes so many seconds more; what comes after it comes later. */
export function withMoment(timeline: Timeline, call: number, seconds: number): Timeline {
  const calls = timeline.calls.map((each, i) =>
    i < call ? each : i === call ? { ...each, seconds: each.seconds + seconds } : { ...each, at: each.at + seconds },
  )
  return { ...timeline, calls, seconds: timeline.seconds + seconds }
}
