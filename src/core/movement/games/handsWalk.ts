import { told } from '../../wording'
import { MINUTES_PER_HOUR, minutesPast } from '../../clock'
import { itemAt } from '../../teaching'
import type { Beat, Game } from '../types'
import type { GameOptions } from '../gameOptions'
import { wordsOf } from '../words'
import type { HandsWords } from '../words/types'
import { beat, closing, formOf, opening, playedOn } from './kit'
import { nameOf, timeInWords } from './inWords'
import { timesInTurn } from './timesInTurn'

/** How long the hands take to their places: a slow walk along a ring of a usual size, and what has to be said. */
const WALK_SECONDS = 10
/**
 * Small groups go twice each turn; in larger ones the next pair follows after one time, so that all have their turn.
 */
const TWICE_UP_TO = 6

/** Two children are the hands of a clock on the floor; they are told how far to walk, and the group says the time. */
export const beTheHands: Game = {
  id: 'be-the-hands',
  name: told('Be the hands'),
  purpose: told('Two children walk as the hands on the clock on the floor; the others read what they show'),
  roomFor: () => 5,
  leastChildren: 2,
  mostChildren: 30,
  cautions: ['movement', 'outdoors'],
  isHard: false,
  takes: [],
  script(options, random) {
    const { hands } = wordsOf(options.wording)
    const rung = playedOn(options.rung)
    const next = timesInTurn(random, rung)
    let at = 0
    const nextHands = handsInTurn(options.children, rung === 'hour-hand')
    const round = (): Beat[] => {
      const who = nextHands()
      const [long = '', short = long] = who.map((place) => nameOf(place, options))
      const chosen = rung === 'hour-hand' ? hands.alone(long) : hands.both(long, short)
      const beats = [
        beat(6, { kind: 'call', effort: 'still', say: chosen, who, shown: walkShown(at, at, rung === 'hour-hand') }),
      ]
      for (let i = 0; i < (options.children <= TWICE_UP_TO ? 2 : 1); i++) {
        let { minute } = next().shown
        if (minute === at) minute = next().shown.minute
        beats.push(...walked(at, minute, { options, rung, who }))
        at = minute
      }
      return beats
    }
    return { opening: opening(options, [formOf(options, hands.told)]), round, closing: closing(options, false) }
  },
}

/**
 * Who walks as the hands, in turn: the long hand first, or the one hand alone. Of two, the long hand is whoever was it
 * less often beside the short one, so that nobody is one of them a second time more than anybody else.
 */
function handsInTurn(children: number, isOne: boolean): () => readonly number[] {
  const longer = Array.from({ length: children }, () => 0)
  let first = 0
  return () => {
    const pair = isOne ? [first] : [first, (first + 1) % children]
    first = (first + pair.length) % children
    const [a = 0, b] = pair
    if (b === undefined) return pair
    const [long, short] = (longer[a] ?? 0) <= (longer[b] ?? 0) ? [a, b] : [b, a]
    longer[long] = (longer[long] ?? 0) + 1
    longer[short] = (longer[short] ?? 0) - 1
    return [long, short]
  }
}

const walkShown = (from: number, minute: number, isOne: boolean) =>
  ({ as: 'walk', from, minute, hands: isOne ? 'hour' : 'both' }) as const

interface Walk {
  readonly options: GameOptions
  readonly rung: ReturnType<typeof playedOn>
  readonly who: readonly number[]
}

/** The hands are told where to walk; the others say what time it is; then it is told. */
function walked(from: number, minute: number, { options, rung, who }: Walk): Beat[] {
  const words = wordsOf(options.wording)
  const isOne = rung === 'hour-hand'
  const say = walkInWords(from, minute, words.hands, isOne)
  const told = words.isTime(timeInWords(minute, rung, options.wording))
  const shown = walkShown(from, minute, isOne)
  return [
    beat(WALK_SECONDS, { kind: 'call', effort: 'easy', say, who, shown }),
    beat(6, {
      kind: 'call',
      effort: 'still',
      say: words.askTime[0],
      shown: { as: 'dial', minute, hands: isOne ? 'hour' : 'both' },
      item: itemAt(rung, 'read', minute),
    }),
    beat(4, {
      kind: 'answer',
      effort: 'still',
      say: told,
      shown: { as: 'dial', minute, hands: isOne ? 'hour' : 'both' },
    }),
  ]
}

const numeralOf = (hour: number) => hour % 12 || 12

/** How far each hand walks from one time on to another, always the way a clock goes. Both are 0 to 719. */
function walkInWords(from: number, minute: number, words: HandsWords, isOne: boolean): string {
  const short = shortInWords(from, minute, words)
  return isOne ? short : `${longInWords(minutesPast(from), minutesPast(minute), words)} ${short}`
}

function longInWords(from: number, to: number, words: HandsWords): string {
  const marks = (to - from + 60) % 60
  if (marks === 0) return words.longStays
  const [numeral, beyond] = [numeralOf(Math.floor(to / 5)), to % 5]
  const where = beyond === 0 ? words.onNumber(numeral) : words.pastNumber(beyond, numeral)
  return from % 5 === 0 && beyond === 0 ? words.longOnNumbers(marks / 5, where) : words.longOnMarks(marks, where)
}

function shortInWords(from: number, to: number, words: HandsWords): string {
  if (from === to) return words.shortStays
  const [hour, past] = [Math.floor(to / MINUTES_PER_HOUR), minutesPast(to)]
  const met = (hour - Math.floor(from / MINUTES_PER_HOUR) + 12) % 12
  // Within the hour and back a little is once round: the hands never go the other way.
  const numbers = met === 0 && to < from ? 12 : met
  const [numeral, next] = [numeralOf(hour), numeralOf(hour + 1)]
  const where =
    past === 0
      ? words.onNumber(numeral)
      : past < 30
        ? words.justPast(numeral)
        : past === 30
          ? words.between(numeral, next)
          : words.nearly(next)
  return words.shortOn(numbers, where)
}
