import { MINUTES_PER_HOUR, onDial } from '../../clock'
import { inOrder } from '../../days/order'
import type { DayRow } from '../../days/types'
import { type Random, shuffled } from '../../random'
import { quartersOf } from '../place'
import type { Beat, Game, Script } from '../types'
import type { GameOptions } from '../gameOptions'
import { wordsOf } from '../words'
import { DAY_HOURS, type DayHour } from '../words/types'
import { beat, closing, formOf, opening, squareOf } from './kit'
import { capital, told } from '../../wording'
import { timeInWords } from './inWords'

/** So many hours of the day are told, in their order. */
const HOURS_TOLD = 8
/** More rows of an own day would be a long telling. */
const MOST_ROWS_TOLD = 12
/** Three jumps out and back, seconds; what has to be said may take longer. */
const JUMPS_SECONDS = 6

/** Five things on the floor: a day is told, and at every hour the children jump into its quarter and back. */
export const jumpTheDay: Game = {
  id: 'jump-the-day',
  name: told('Jump the day'),
  purpose: told('A day is told hour by hour; everyone jumps to the quarter of the clock where the hour is'),
  roomFor: squareOf(2.6),
  leastChildren: 1,
  mostChildren: 30,
  cautions: ['movement'],
  isHard: true,
  takes: ['facing'],
  script(options, random) {
    const { jump } = wordsOf(options.wording)
    if (options.day?.length) return ownDayScript(options.day, options, random)
    const told = dayToldIn(random)
    const next = inTurn(random, told)
    return {
      opening: opening(options, [formOf(options, jump.told), jump.facing[options.facing]]),
      round: (i) => {
        const hour = told[i] ?? next()
        // The first time round the quarter is told; after that it is asked for, in words of the 24 hours where they are
        // used.
        return i < told.length ? toldRound(hour, options) : askedRound(hour, options)
      },
      closing: closing(options, true),
    }
  },
}

/** Eight hours of the day in their order, from every quarter of the clock, no two of which look alike on a dial. */
function dayToldIn(random: Random): DayHour[] {
  const all = shuffled(random, DAY_HOURS)
  const drawn = all.filter((hour, i) => all.findIndex((other) => other % 12 === hour % 12) === i)
  const oneEach = [0, 1, 2, 3].flatMap((quarter) => drawn.find((hour) => Math.floor((hour % 12) / 3) === quarter) ?? [])
  const others = drawn.filter((hour) => !oneEach.includes(hour))
  return [...oneEach, ...others.slice(0, HOURS_TOLD - oneEach.length)].sort((a, b) => a - b)
}

/** A group's own day: its rows are told in their order, each with its clock, and then asked for in any order. */
function ownDayScript(day: readonly DayRow[], options: GameOptions, random: Random): Script {
  const { jump, isTime } = wordsOf(options.wording)
  const told = inOrder(day).slice(0, MOST_ROWS_TOLD)
  const next = inTurn(random, told)
  const timeOf = ({ minute }: DayRow) => timeInWords(onDial(minute), 'minute', options.wording)
  const jumpTo = ({ minute }: DayRow) => jumpBeat(minute, options)
  return {
    opening: opening(options, [formOf(options, jump.told), jump.facing[options.facing]]),
    round: (i) => {
      const isTold = i < told.length
      const row = told[i] ?? next()
      const minute = onDial(row.minute)
      const shown = isTold ? ({ as: 'dial', minute, hands: 'both' } as const) : ({ as: 'words' } as const)
      const say = isTold
        ? `${isTime(timeOf(row))} ${capital(row.what)}.`
        : `${capital(row.what)}. ${isTime(timeOf(row))} ${jump.which}`
      return [beat(isTold ? 5 : 8, { kind: 'call', effort: 'still', say, shown }), jumpTo(row)]
    },
    closing: closing(options, true),
  }
}

/** The same hours once more in any order, and again; never one twice in a row. */
function inTurn<T>(random: Random, told: readonly T[]): () => T {
  let deal: T[] = []
  let last = told.at(-1) as T
  return () => {
    if (deal.length === 0) deal = shuffled(random, told)
    const place = deal[0] === last && deal.length > 1 ? 1 : 0
    last = deal.splice(place, 1)[0] as T
    return last
  }
}

/** Out and back to the quarter of a time; on the line between two, either counts. */
function jumpBeat(minute: number, options: GameOptions): Beat {
  const { jump } = wordsOf(options.wording)
  const [quarter, other] = quartersOf(minute, options.facing)
  const quarters = other ? [quarter, other] : [quarter]
  const shown = { as: 'place', quarters, facing: options.facing } as const
  const named = other ? jump.either(jump.quarters[quarter], jump.quarters[other]) : jump.quarters[quarter]
  const where = capital(named)
  const seated = beat(JUMPS_SECONDS, { kind: 'answer', effort: 'easy', say: jump.out.seated(where), shown })
  if (options.isSeated) return seated
  return {
    ...beat(JUMPS_SECONDS, { kind: 'answer', effort: 'hard', say: jump.out.standing(where), shown }),
    softer: seated,
  }
}

function toldRound(hour: DayHour, options: GameOptions): Beat[] {
  const words = wordsOf(options.wording)
  const minute = onDial(hour * MINUTES_PER_HOUR)
  const say = `${words.isTime(timeInWords(minute, 'oclock', options.wording))} ${words.jump.day[hour]}`
  const shown = { as: 'dial', minute, hands: 'both' } as const
  return [beat(5, { kind: 'call', effort: 'still', say, shown }), jumpBeat(hour * MINUTES_PER_HOUR, options)]
}

function askedRound(hour: DayHour, options: GameOptions): Beat[] {
  const words = wordsOf(options.wording)
  const minute = onDial(hour * MINUTES_PER_HOUR)
  const { hour24 } = words.jump
  const is24 = hour24.isUsual || options.rung === 'day-24' || options.wording.form === 'day-24'
  const time = is24 ? hour24.say(hour) : timeInWords(minute, 'oclock', options.wording)
  const say = `${words.jump.day[hour]} ${words.isTime(time)} ${words.jump.which}`
  // Whoever jumps into a quarter has not set a clock, so this asks nothing that would be kept of a child.
  return [
    beat(8, { kind: 'call', effort: 'still', say, shown: { as: 'words' } }),
    jumpBeat(hour * MINUTES_PER_HOUR, options),
  ]
}
