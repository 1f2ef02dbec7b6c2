import { told } from '../../wording'
import { shuffled } from '../../random'
import { rungTimes } from '../../teaching'
import type { Beat, Game } from '../types'
import type { GameOptions } from '../gameOptions'
import type { TimeCard } from '../calls'
import { wordsOf } from '../words'
import { beat, closing, formOf, opening, playedOn } from './kit'
import { timeInWords } from './inWords'

/** To find a clock, a place or a partner, seconds. */
const FIND_SECONDS = 35

/** A card for everyone: stand by your clock, stand in order, find your partner; then swap. */
export const findYourTime: Game = {
  id: 'find-your-time',
  name: told('Find your time'),
  purpose: told('Each child has a card: stand by your clock, stand in order, find who has the same time'),
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
