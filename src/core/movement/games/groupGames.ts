import { told } from '../../wording'
import { itemAt } from '../../teaching'
import { lapOf, loadFor } from '../load'
import type { Beat, Game } from '../types'
import { wordsOf } from '../words'
import { beat, closing, formOf, opening, playedOn } from './kit'
import { timeInWords, whoInWords } from './inWords'
import { timesInTurn } from './timesInTurn'

/** To hear the call and to set the hands, beside the running, seconds. */
const SETTING_SECONDS = 8
const WALKING_METRES_A_SECOND = 1.2

/** Two teams: one runner of each sets the clock at the far mark. First hour by hour, then in any order. */
export const hourRelay: Game = {
  id: 'hour-relay',
  name: told('Hour relay'),
  purpose: told('One runner of each team sets the clock at the far mark; hour by hour, then in any order'),
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
    // All run in one order, two at a time: with an odd number one steps in for the other team, and nobody runs more.
    const runner = (team: 0 | 1, i: number) => (2 * i + team) % options.children
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
