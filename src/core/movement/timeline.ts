import { told } from '../wording'
import { RefusedValue } from '../errors'
import type { Beat, Script, Timeline } from './types'
import type { Call } from './calls'

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
    throw new RefusedValue(told('minutes'), told('at least {0} for this game', least), Math.round(seconds / 60))
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

/** The number of the call at a position; the last one at the end. */
export function callAt(timeline: Timeline, seconds: number): number {
  const after = timeline.calls.findIndex(({ at }) => at > seconds + 1e-9)
  return (after === -1 ? timeline.calls.length : after) - 1
}

/** The call that is on takes so many seconds more; what comes after it comes later. */
export function withMoment(timeline: Timeline, call: number, seconds: number): Timeline {
  const calls = timeline.calls.map((each, i) =>
    i < call ? each : i === call ? { ...each, seconds: each.seconds + seconds } : { ...each, at: each.at + seconds },
  )
  return { ...timeline, calls, seconds: timeline.seconds + seconds }
}
