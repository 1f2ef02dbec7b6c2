import type { Wording } from '../wording'
import type { Beat } from './types'
import type { GameOptions } from './gameOptions'
import { wordsOf } from './words'
import type { Load } from './load'

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
