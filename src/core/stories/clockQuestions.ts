import { minutesPast, onDial } from '../clock'
import { randomFrom, shuffled } from '../random'
import { type Item, type RungId, luresFor, rungOf } from '../teaching'
import type { Happening } from './happenings'
import { type StoryQuestion, type Maker, seedFor } from './questionKinds'

/* Questions that are answered with a clock. */

const CLOCKS = 4

/** The first rung of the order on which a time is read. */
function rungFor(dial: number, order: readonly RungId[]): RungId {
  return (
    order.find((id) => {
      const own = rungOf(id).dial
      return own?.hands === 'both' && own.minutes.includes(minutesPast(dial))
    }) ?? 'minute'
  )
}

function clockItem({ wish }: Maker, at: number, ask: 'match' | 'set'): Item {
  const minute = onDial(at)
  return {
    rung: rungFor(minute, wish.order),
    ask,
    shown: ask === 'set' ? { as: 'words', minute } : { as: 'dial', minute, hands: 'both' },
    answer: { kind: 'time', minute },
    lures: [],
  }
}

/** Four clocks: the right one, what misreadings lead to, and other times of the story. */
export function whichClock(maker: Maker, i: number): StoryQuestion {
  const { wish, words, happenings } = maker
  const { key, at, quote } = happenings[i] as Happening
  const bare = clockItem(maker, at, 'match')
  const random = randomFrom(seedFor(maker, i))
  const lures = luresFor(bare, { count: CLOCKS, seed: seedFor(maker, i), weights: wish.weights })
  const others = shuffled(random, happenings).map((other) => onDial(other.at))
  const wrong = [...lures.slice(0, 2).flatMap(({ value }) => (value.kind === 'time' ? value.minute : [])), ...others]
  const more = lures.flatMap(({ value }) => (value.kind === 'time' ? value.minute : []))
  const distinct = [...new Set([...wrong, ...more])].filter((minute) => minute !== onDial(at)).slice(0, CLOCKS - 1)
  const clocks = shuffled(random, [onDial(at), ...distinct])
  return {
    id: `which-clock:${key}`,
    kind: 'which-clock',
    says: words.whichClock(quote),
    clocks,
    choices: [],
    right: [clocks.indexOf(onDial(at))],
    item: { ...bare, lures: lures.filter(({ value }) => value.kind === 'time' && distinct.includes(value.minute)) },
    values: clocks.map((minute) => ({ kind: 'time', minute })),
  }
}

export function setClock(maker: Maker, i: number): StoryQuestion {
  const { key, at, quote } = maker.happenings[i] as Happening
  const item = clockItem(maker, at, 'set')
  const says = maker.words.setClock(quote)
  return { id: `set-clock:${key}`, kind: 'set-clock', says, choices: [], right: [], item, values: [] }
}
