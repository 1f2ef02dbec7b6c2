import { requireInteger } from '../errors'
import type { Wording } from '../wording'
import type { Beat, GameOptions } from './types'
import { wordsOf } from './words'

/** Where no age is told, the careful numbers of five-year-olds hold. */
const CAREFUL_AGE = 5
const OLDER_FROM = 7

/** How much the body is asked to do, by age: our own careful estimates, to be changed by the adult. */
export interface Load {
  /** Hard moving at one go, seconds: 20 at five and six, 30 from seven on. */
  readonly hardAtOnce: number
  /** Hard moving in one game, seconds: three minutes, or four from seven on. */
  readonly hardInAll: number
  /** Running, metres a second: 2.2 at five, 2.8 at seven, in between and beyond along the same line, 1.6 to 3.4. */
  readonly metresASecond: number
  /** Run in one game, metres. */
  readonly mostMetres: number
}

/** What each step easier or harder takes away or adds. */
const STEP = 0.25

/** The load for an age and for what the adult chose: -2 (half of it) to 2 (half as much again). */
export function loadFor({ age = CAREFUL_AGE, harder }: Pick<GameOptions, 'age' | 'harder'>): Load {
  const share = 1 + STEP * requireInteger('easier or harder', harder, -2, 2)
  const isOlder = requireInteger('age', age, 3, 99) >= OLDER_FROM
  const metresASecond = Math.min(3.4, Math.max(1.6, 2.2 + 0.3 * (age - 5)))
  return {
    hardAtOnce: Math.round((isOlder ? 30 : 20) * share),
    hardInAll: Math.round((isOlder ? 240 : 180) * share),
    metresASecond,
    mostMetres: Math.round(((isOlder ? 240 : 180) * metresASecond * share) / 10) * 10,
  }
}

/** What was hard so far in a game: at one go, what is owed to it in rest, and in all; seconds. */
interface Spent {
  readonly atOnce: number
  readonly owed: number
  readonly inAll: number
}

/**
 * Rounds with the rests that a load wants: no more hard moving at one go than the age allows, then at least as long
 * without; once the game's share is used up, the softer form of what is hard. Each rest says why it is there.
 */
export function withRests(
  rounds: readonly (readonly Beat[])[],
  load: Load,
  { wording }: Pick<GameOptions, 'wording'>,
): Beat[][] {
  let spent: Spent = { atOnce: 0, owed: 0, inAll: 0 }
  return rounds.map((round) =>
    round.flatMap((beat): Beat[] => {
      const [next, beats] = afterBeat(beat, spent, load, wording)
      spent = next
      return beats
    }),
  )
}

function afterBeat(beat: Beat, { atOnce, owed, inAll }: Spent, load: Load, wording: Wording): [Spent, Beat[]] {
  if (beat.effort === 'hard' && inAll + beat.seconds > load.hardInAll && beat.softer)
    return afterBeat(beat.softer, { atOnce, owed, inAll }, load, wording)
  if (beat.effort !== 'hard') {
    const left = Math.max(0, owed - beat.seconds)
    return [{ atOnce: left === 0 ? 0 : atOnce, owed: left, inAll }, [beat]]
  }
  const isTooLong = atOnce + beat.seconds > load.hardAtOnce && owed > 0
  const before = isTooLong ? 0 : atOnce
  const now = { atOnce: before + beat.seconds, owed: before + beat.seconds, inAll: inAll + beat.seconds }
  return [now, isTooLong ? [restOf(owed, atOnce, wording), beat] : [beat]]
}

function restOf(seconds: number, after: number, wording: Wording): Beat {
  const words = wordsOf(wording)
  const why = words.whyRest(after)
  return { kind: 'rest', effort: 'still', seconds, say: words.rest, shown: { as: 'words' }, why }
}
