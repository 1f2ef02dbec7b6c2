import { RefusedValue, requireInteger, requireNumber } from '../errors'
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

/** There and back between the marks, metres. Throws RefusedValue where once is more than can be run at one go. */
export function lapOf({ lapMetres, isSeated }: GameOptions, { hardAtOnce, metresASecond }: Load): number {
  const field = 'distance of the marks (m)'
  const lap = 2 * requireNumber(field, lapMetres, 0.5, 50)
  const most = Math.floor(hardAtOnce * metresASecond) / 2
  if (lap > 2 * most && !isSeated)
    throw new RefusedValue(field, `at most ${most} at this age, so that one lap is not too long`, lapMetres)
  return lap
}

/** What was hard so far for one child: at one go, what is owed to it in rest, and in all; seconds. */
interface Spent {
  readonly atOnce: number
  readonly owed: number
  readonly inAll: number
}

/**
 * Rounds with the rests that a load wants: no more hard moving at one go than the age allows, then at least as long
 * without; once the game's share is used up, the softer form of what is hard. It is reckoned child by child, since
 * whoever is not meant by a call rests in it. Each rest says why it is there.
 */
export function withRests(
  rounds: readonly (readonly Beat[])[],
  load: Load,
  { wording, children }: Pick<GameOptions, 'wording' | 'children'>,
): Beat[][] {
  const spent = Array.from({ length: children }, (): Spent => ({ atOnce: 0, owed: 0, inAll: 0 }))
  const take = (beat: Beat): Beat => {
    spent.forEach((each, child) => (spent[child] = afterBeat(each, isMeant(beat, child) ? beat : asRest(beat))))
    return beat
  }
  const placed = (beat: Beat): Beat[] => {
    if (beat.effort !== 'hard') return [take(beat)]
    const meant = spent.filter((_, child) => isMeant(beat, child))
    if (beat.softer && meant.some(({ inAll }) => inAll + beat.seconds > load.hardInAll)) return placed(beat.softer)
    const tired = meant.filter(({ atOnce, owed }) => owed > 0 && atOnce + beat.seconds > load.hardAtOnce)
    if (tired.length === 0) return [take(beat)]
    const owed = Math.max(...tired.map((each) => each.owed))
    const after = Math.max(...tired.map((each) => each.atOnce))
    return [take(restOf(owed, after, wording)), take(beat)]
  }
  return rounds.map((round) => round.flatMap(placed))
}

const isMeant = ({ who }: Beat, child: number) => who === undefined || who.includes(child)

const asRest = (beat: Beat): Beat => ({ ...beat, effort: 'still' })

/** A child after a call; what was owed is paid off by what is not hard. */
function afterBeat({ atOnce, owed, inAll }: Spent, { effort, seconds }: Beat): Spent {
  if (effort !== 'hard') {
    const left = Math.max(0, owed - seconds)
    return { atOnce: left === 0 ? 0 : atOnce, owed: left, inAll }
  }
  return { atOnce: atOnce + seconds, owed: atOnce + seconds, inAll: inAll + seconds }
}

function restOf(seconds: number, after: number, wording: Wording): Beat {
  const words = wordsOf(wording)
  const why = words.whyRest(after)
  return { kind: 'rest', effort: 'still', seconds, say: words.rest, shown: { as: 'words' }, why }
}
