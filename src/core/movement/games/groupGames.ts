import { shuffled } from '../../random'
import { itemAt, rungTimes } from '../../teaching'
import { lapOf, loadFor } from '../load'
import type { Beat, Game, GameOptions, TimeCard } from '../types'
import { wordsOf } from '../words'
import { beat, closing, formOf, opening, playedOn, timeInWords, timesInTurn, whoInWords } from './kit'

/** To hear the call and to set the hands, beside the running, seconds. */
const SETTING_SECONDS = 8
const WALKING_METRES_A_SECOND = 1.2

/** Two teams: one runner of each sets the clock at the far mark. First hour by hour, then in any order. */
export const hourRelay: Game = {
  id: 'hour-relay',
  name: 'Hour relay',
  purpose: 'One runner of each team sets the clock at the far mark; hour by hour, then in any order',
  roomFor: (children) => Math.max(4, Math.ceil(children / 2)),
  leastChildren: 2,
  mostChildren: 30,
  cautions: ['movement', 'outdoors'],
  isHard: true,
  takes: ['lapMetres'],
  script(options, random) {
    const words = wordsOf(options.wording)
    const rung = playedOn(options.rung)
    const next = timesInTurn(random, rung)
    const load = loadFor(options)
    const lap = lapOf(options, load)
    const runner = (team: 0 | 1, i: number) => {
      const size = Math.ceil((options.children - team) / 2)
      return 2 * (i % size) + team
    }
    const round = (i: number): Beat[] => {
      const isInOrder = i < 12 && rung !== 'hour-hand'
      let minute = isInOrder ? ((i + 1) % 12) * 60 : next().shown.minute
      if (i === 12 && minute === 0) minute = next().shown.minute
      const on = isInOrder ? 'oclock' : rung
      const hands = on === 'hour-hand' ? 'hour' : 'both'
      const who = [runner(0, i), runner(1, i)]
      const names = whoInWords({ who }, options)
      const time = timeInWords(minute, on, options.wording)
      const say = words.relay.set(names, time)
      const called = { kind: 'call', say, who, shown: { as: 'words' }, item: itemAt(on, 'set', minute) } as const
      const softer = beat(SETTING_SECONDS + Math.ceil(lap / WALKING_METRES_A_SECOND), {
        ...called,
        effort: 'easy',
        say: `${say} ${words.relay.walk}`,
      })
      const run: Beat = options.isSeated
        ? beat(SETTING_SECONDS, { ...called, effort: 'easy' })
        : { ...beat(SETTING_SECONDS + Math.ceil(lap / load.metresASecond), { ...called, effort: 'hard' }), softer }
      return [
        run,
        beat(5, { kind: 'answer', effort: 'still', say: words.isTime(time), shown: { as: 'dial', minute, hands } }),
      ]
    }
    return { opening: opening(options, [formOf(options, words.relay.told)]), round, closing: closing(options, true) }
  },
}

/** To find a clock, a place or a partner, seconds. */
const FIND_SECONDS = 35

/** A card for everyone: stand by your clock, stand in order, find your partner; then swap. */
export const findYourTime: Game = {
  id: 'find-your-time',
  name: 'Find your time',
  purpose: 'Each child has a card: stand by your clock, stand in order, find who has the same time',
  roomFor: (children) => Math.max(4, Math.ceil(Math.sqrt(children) * 2)),
  leastChildren: 2,
  mostChildren: 30,
  cautions: ['movement'],
  isHard: false,
  takes: [],
  script(options, random) {
    const { cards: words } = wordsOf(options.wording)
    const cards = dealtTo(options, shuffled(random, rungTimes(playedOn(options.rung), {})))
    const inOrder = [...cards].sort((a, b) => a.minute - b.minute || a.number - b.number)
    const pairs = Math.floor(options.children / 2)
    const task = (say: string, why?: string) =>
      beat(FIND_SECONDS, { kind: 'call', effort: 'easy', say, shown: { as: 'words' }, ...(why && { why }) })
    const shown = (say: string, which: readonly TimeCard[]) =>
      beat(15, { kind: 'answer', effort: 'still', say, shown: { as: 'cards', cards: which } })
    const swap = beat(10, { kind: 'call', effort: 'easy', say: words.swap, shown: { as: 'words' } })
    const tasks = [
      () => [task(formOf(options, words.clock)), shown(words.inTurn, cards)],
      () => [task(formOf(options, words.order)), shown(words.inOrder, inOrder)],
      () => [task(words.partner, words.whyDeal(pairs)), shown(words.together, cards.slice(0, pairs))],
    ]
    return {
      opening: opening(options, [formOf(options, words.told)]),
      round: (i) => [...(i > 0 ? [swap] : []), ...(tasks[i % tasks.length]?.() ?? [])],
      closing: closing(options, false),
    }
  },
}

/** A card each, from the first time on; where there are more children than times, two have the same one. */
function dealtTo(options: GameOptions, times: readonly number[]): TimeCard[] {
  const rung = playedOn(options.rung)
  return Array.from({ length: options.children }, (_, i) => {
    const minute = times[i % times.length] as number
    return { number: i + 1, minute, says: timeInWords(minute, rung, options.wording) }
  })
}

/** The cards of a game, as they are printed: one a child. Empty for a game without cards. */
export function cardsOf(calls: readonly { readonly shown: Beat['shown'] }[]): readonly TimeCard[] {
  for (const { shown } of calls) if (shown.as === 'cards') return shown.cards
  return []
}
