import { told } from '../../wording'
import { requireNumber } from '../../errors'
import { draw, drawInt } from '../../random'
import { itemAt } from '../../teaching'
import { lapOf, loadFor } from '../load'
import type { Beat, Game } from '../types'
import type { GameOptions } from '../gameOptions'
import { seatedStance } from '../calls'
import { wordsOf } from '../words'
import { beat, closing, formOf, opening, playedOn, squareOf } from './kit'
import { timeInWords } from './inWords'
import { timesInTurn } from './timesInTurn'

/** Hard only where the children stand. */
const hardOf = ({ isSeated }: GameOptions) => (isSeated ? ('easy' as const) : ('hard' as const))

/** Second, minute and hour hand as running, walking and slow motion; the true ratios are told and shown. */
export const threeSpeeds: Game = {
  id: 'three-speeds',
  name: told('Three speeds'),
  purpose: told('Second hand, minute hand, hour hand: quick steps, a walk, slow motion'),
  roomFor: squareOf(1.5),
  leastChildren: 1,
  mostChildren: 30,
  cautions: ['movement'],
  isHard: true,
  takes: [],
  script(options, random) {
    const words = wordsOf(options.wording)
    const load = loadFor(options)
    const speed = (hand: 'second' | 'minute' | 'hour', seconds: number): Beat => ({
      kind: 'call',
      effort: hand === 'second' ? hardOf(options) : 'easy',
      seconds,
      say: formOf(options, words.speeds[hand]),
      shown: { as: 'speed', hand },
    })
    const round = (i: number): Beat[] => {
      const quick = drawInt(random, Math.min(10, load.hardAtOnce), Math.min(20, load.hardAtOnce))
      const slow = [speed('minute', drawInt(random, 12, 16)), speed('hour', drawInt(random, 12, 16))]
      const softer = speed('minute', quick)
      const told = beat(5, {
        kind: 'reason',
        effort: 'still',
        say: words.ratios[i % 2 === 0 ? 0 : 1],
        shown: { as: 'words' },
      })
      const inOrder = draw(random, [slow, [...slow].reverse()])
      return [{ ...speed('second', quick), softer }, ...inOrder, ...(i % 4 === 1 ? [told] : [])]
    }
    return { opening: opening(options, [...words.ratios]), round, closing: closing(options, true) }
  },
}

/** From one call to the next, beside the running, seconds. */
const LAP_TALK_SECONDS = 5
const SEATED_TAP_SECONDS = 1

/** The clock strikes a number; so many rounds are run. Distance and rests follow the age. */
export const laps: Game = {
  id: 'laps',
  name: told('Laps'),
  purpose: told('The clock strikes; everyone runs as many laps between two marks'),
  roomFor: (children) => Math.max(4, children),
  leastChildren: 1,
  mostChildren: 30,
  cautions: ['movement', 'outdoors'],
  isHard: true,
  takes: ['lapMetres', 'mostMetres'],
  script(options, random) {
    const words = wordsOf(options.wording)
    const load = loadFor(options)
    const lap = lapOf(options, load)
    const most = Math.max(1, Math.min(12, Math.floor((load.hardAtOnce * load.metresASecond) / lap)))
    const limit = Math.min(
      load.mostMetres,
      requireNumber(told('most metres'), options.mostMetres ?? load.mostMetres, 1, 5000),
    )
    let [run, last] = [0, 0]
    const form = (rounds: number, isSeated: boolean): Beat => ({
      kind: 'call',
      effort: isSeated ? 'easy' : 'hard',
      seconds:
        LAP_TALK_SECONDS + Math.ceil(isSeated ? rounds * SEATED_TAP_SECONDS : (rounds * lap) / load.metresASecond),
      say: formOf(
        { ...options, isSeated },
        { standing: words.laps.standing(rounds), seated: words.laps.seated(rounds) },
      ),
      shown: { as: 'number', number: rounds },
    })
    const round = (): Beat[] => {
      const highest = options.isSeated ? 12 : most
      const rounds =
        highest === 1
          ? 1
          : draw(
              random,
              numbersUpTo(highest).filter((n) => n !== last),
            )
      last = rounds
      const isSeated = options.isSeated || run + rounds * lap > limit
      if (!isSeated) run += rounds * lap
      const strike = beat(3, {
        kind: 'answer',
        effort: 'still',
        say: words.isTime(timeInWords((rounds % 12) * 60, 'oclock', options.wording)),
        shown: { as: 'dial', minute: (rounds % 12) * 60, hands: 'both' },
      })
      return [strike, isSeated ? form(rounds, true) : { ...form(rounds, false), softer: form(rounds, true) }]
    }
    return { opening: opening(options, [formOf(options, words.lapsTold)]), round, closing: closing(options, true) }
  },
}

const numbersUpTo = (most: number) => Array.from({ length: most }, (_, i) => i + 1)

/** Move like the second hand; at the call stand as the time. */
export const freeze: Game = {
  id: 'freeze',
  name: told('Freeze'),
  purpose: told('Move like the second hand; at the call stand still as the time'),
  roomFor: squareOf(2),
  leastChildren: 1,
  mostChildren: 30,
  cautions: ['movement'],
  isHard: true,
  takes: [],
  script(options, random) {
    const words = wordsOf(options.wording)
    const rung = playedOn(options.rung)
    const next = timesInTurn(random, rung)
    const longest = Math.min(12, loadFor(options).hardAtOnce)
    const round = (i: number): Beat[] => {
      const { minute } = next().shown
      const stance = options.isSeated ? seatedStance(i) : 'two-feet'
      const time = timeInWords(minute, rung, options.wording)
      const seconds = drawInt(random, Math.min(7, longest), longest)
      const walk: Beat = {
        kind: 'call',
        effort: 'easy',
        seconds,
        say: formOf(options, words.speeds.minute),
        shown: { as: 'speed', hand: 'minute' },
      }
      return [
        {
          ...walk,
          effort: hardOf(options),
          say: formOf(options, words.about),
          shown: { as: 'speed', hand: 'second' },
          softer: walk,
        },
        beat(7, {
          kind: 'call',
          effort: 'still',
          say: words.freeze(time),
          shown: { as: 'words' },
          item: itemAt(rung, 'set', minute),
        }),
        beat(5, {
          kind: 'answer',
          effort: 'still',
          say: words.isTime(time),
          shown: { as: 'figure', minute, hands: rung === 'hour-hand' ? 'hour' : 'both', stance },
        }),
      ]
    }
    return { opening: opening(options), round, closing: closing(options, true) }
  },
}
