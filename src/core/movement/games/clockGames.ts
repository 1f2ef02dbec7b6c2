import { told } from '../../wording'
import { shuffled } from '../../random'
import { itemAt } from '../../teaching'
import type { Beat, Game } from '../types'
import type { GameOptions } from '../gameOptions'
import { seatedStance, type Stance } from '../calls'
import { wordsOf } from '../words'
import { armsInWords, timeInWords } from './inWords'
import { beat, closing, formOf, opening, playedOn, squareOf } from './kit'
import { timesInTurn } from './timesInTurn'

const QUARTERS = [0, 180, 360, 540] as const
const handsOn = (rung: string) => (rung === 'hour-hand' ? ('hour' as const) : ('both' as const))

/** The hour hand goes from numeral to numeral and the group says each; then out of order. */
export const walkTheHours: Game = {
  id: 'walk-the-hours',
  name: told('Walk the hours'),
  purpose: told('The hour hand goes from number to number; the group says each, then in any order'),
  roomFor: () => 2,
  leastChildren: 1,
  mostChildren: 30,
  cautions: [],
  isHard: false,
  takes: [],
  script(options, random) {
    const words = wordsOf(options.wording)
    const told = (minute: number) => words.isTime(timeInWords(minute, 'oclock', options.wording))
    const next = timesInTurn(random, 'oclock')
    const shown = (minute: number) => ({ as: 'dial', minute, hands: 'both' }) as const
    const walk = (i: number): Beat[] => {
      const minute = ((i + 1) % 12) * 60
      const say = i === 0 ? `${told(minute)} ${words.sayItBack}` : told(minute)
      return [beat(5, { kind: 'call', effort: 'still', say, shown: shown(minute) })]
    }
    const ask = (i: number): Beat[] => {
      const item = next()
      const { minute } = item.shown
      return [
        beat(6, { kind: 'call', effort: 'still', say: words.askTime[i % 2 === 0 ? 0 : 1], shown: shown(minute), item }),
        beat(4, { kind: 'answer', effort: 'still', say: told(minute), shown: shown(minute) }),
      ]
    }
    return { opening: opening(options), round: (i) => (i < 12 ? walk(i) : ask(i)), closing: closing(options, false) }
  },
}

/** 12, 3, 6, 9 first, then half past, then the rung's own times. */
function bodyTimes(options: GameOptions, random: Parameters<Game['script']>[1]): (i: number) => number {
  const rung = playedOn(options.rung)
  const isBeyond = rung !== 'hour-hand' && rung !== 'oclock'
  const halves = shuffled(random, [0, 1, 2, 3]).map((i) => (QUARTERS[i] ?? 0) + 30)
  const first = [...QUARTERS, ...(isBeyond ? halves : [])]
  const next = timesInTurn(random, rung)
  return (i) => {
    const known = first[i]
    if (known !== undefined) return known
    const { minute } = next().shown
    return i === first.length && minute === first.at(-1) ? next().shown.minute : minute
  }
}

/** The children's arms are the hands: a time is called, they show it, the figure shows it. */
export const armsAsHands: Game = {
  id: 'arms-as-hands',
  name: told('Arms as hands'),
  purpose: told('A time is called; everyone shows it with a long arm and a bent arm'),
  roomFor: squareOf(1.8),
  leastChildren: 1,
  mostChildren: 30,
  cautions: ['movement'],
  isHard: false,
  takes: [],
  script(options, random) {
    const words = wordsOf(options.wording)
    const rung = playedOn(options.rung)
    const timeOf = bodyTimes(options, random)
    const round = (i: number): Beat[] => {
      const minute = timeOf(i)
      const stance = options.isSeated ? seatedStance(i) : 'two-feet'
      const time = timeInWords(minute, rung, options.wording)
      const figure = { as: 'figure', minute, hands: handsOn(rung), stance } as const
      const item = itemAt(rung, 'set', minute)
      const shake = {
        kind: 'rest',
        effort: 'easy',
        say: formOf(options, words.shakeOut),
        shown: { as: 'words' },
      } as const
      return [
        beat(7, { kind: 'call', effort: 'easy', say: words.showArms(time), shown: { as: 'words' }, item }),
        beat(5, {
          kind: 'answer',
          effort: 'easy',
          say: `${words.isTime(time)} ${armsInWords(minute, rung, options.wording)}`.trim(),
          shown: figure,
        }),
        ...(i % 5 === 4 ? [beat(5, shake)] : []),
      ]
    }
    return { opening: opening(options), round, closing: closing(options, false) }
  },
}

/** On one leg, changed at every call: 12, 3, 6, 9 with the turns counted and gone back over, then in any order. */
export const balanceClock: Game = {
  id: 'balance-clock',
  name: told('Balance clock'),
  purpose: told('On one leg: 12, 3, 6 and 9 with the quarter turns, then half past, then in any order'),
  roomFor: squareOf(2),
  leastChildren: 1,
  mostChildren: 30,
  cautions: ['movement'],
  isHard: false,
  takes: [],
  script(options, random) {
    const words = wordsOf(options.wording)
    const rung = playedOn(options.rung)
    const timeOf = bodyTimes(options, random)
    let [legs, last] = [0, -1]
    const call = (minute: number, more = ''): Beat[] => {
      if (minute === last) return []
      last = minute
      const turn = legs++
      const leg = turn % 2 === 0 ? ('left' as const) : ('right' as const)
      const stance: Stance = options.isSeated ? seatedStance(turn) : `${leg}-foot`
      const time = words.isTime(timeInWords(minute, rung, options.wording))
      const say = [options.isSeated ? '' : words.standOn[leg], time, more].filter((text) => text !== '').join(' ')
      const shown = { as: 'figure', minute, hands: handsOn(rung), stance } as const
      return [beat(7, { kind: 'call', effort: 'easy', say, shown, item: itemAt(rung, 'set', minute) })]
    }
    const shake = beat(5, {
      kind: 'rest',
      effort: 'easy',
      say: formOf(options, words.shakeOut),
      shown: { as: 'words' },
    })
    const round = (i: number): Beat[] => {
      if (i < QUARTERS.length) {
        // Each new one, then those before it once more, the newest of them first.
        const before = QUARTERS.slice(0, i).reverse()
        return [...call(QUARTERS[i] ?? 0, words.turns[i]), ...before.flatMap((minute) => call(minute)), shake]
      }
      return [...call(timeOf(i)), ...(i % 4 === 3 ? [shake] : [])]
    }
    return { opening: opening(options), round, closing: closing(options, false) }
  },
}
