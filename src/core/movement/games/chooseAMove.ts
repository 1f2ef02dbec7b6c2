import { drawInt, shuffled } from '../../random'
import { type Item, sameValue, sayAnswer, withChoices } from '../../teaching'
import { printedAs, told } from '../../wording'
import { MOVE_IDS, type MoveChoice, type MoveId } from '../moves'
import type { Beat, Game } from '../types'
import type { GameOptions } from '../gameOptions'
import { wordsOf } from '../words'
import { beat, closing, formOf, opening, playedOn, squareOf } from './kit'
import { reasonInWords, timeInWords } from './inWords'
import { timesInTurn } from './timesInTurn'

/** Two wrong times beside the right one. */
const WRONG = 2
/** What is reckoned for a call that waits for the adult, seconds. */
const WAITING_SECONDS = 25

/** A dial and three times, each with a move; then which it was, and why. */
export const chooseAMove: Game = {
  id: 'choose-a-move',
  name: told('Choose a move'),
  purpose: told('A clock and three times, each with a move; everyone does the move of the right time'),
  roomFor: squareOf(2),
  leastChildren: 1,
  mostChildren: 30,
  cautions: ['movement'],
  isHard: false,
  takes: ['think', 'wrong'],
  script(options, random) {
    const words = wordsOf(options.wording)
    const rung = playedOn(options.rung)
    const next = timesInTurn(random, rung)
    return {
      opening: opening(options, [words.chooseTold]),
      round: () => {
        const { item, choices } = chosenFor(next(), options, drawInt(random, 0, 1e9))
        const moves = shuffled(random, MOVE_IDS)
        const moved = choices.map((choice, i) => {
          const move = moves[i] as MoveId
          return { ...choice, move, does: formOf(options, words.moves[move]) }
        })
        return chosenRound(item, moved, options)
      },
      closing: closing(options, false),
    }
  },
}

/** The right time and wrong ones, told apart in words. */
function chosenFor(
  bare: Item,
  options: GameOptions,
  seed: number,
): { item: Item; choices: Omit<MoveChoice, 'move' | 'does'>[] } {
  const { item, choices: values } = withChoices(bare, { count: WRONG, seed, weights: options.weights })
  return {
    item,
    choices: values.map((value) => ({
      says:
        value.kind === 'time'
          ? timeInWords(value.minute, item.rung, options.wording)
          : sayAnswer(item, value, options.wording),
      isRight: sameValue(value, item.answer),
      value,
    })),
  }
}

function chosenRound(item: Item, choices: readonly MoveChoice[], options: GameOptions): Beat[] {
  const { think, wording, wrong } = options
  const words = wordsOf(wording)
  const { minute } = item.shown
  const right = choices.find(({ isRight }) => isRight) as MoveChoice
  const said = choices.map(({ says, does }) => `${printedAs('{0}: {1}', wording, says, does)}.`).join(' ')
  const dial = { as: 'dial', minute, hands: item.rung === 'hour-hand' ? 'hour' : 'both' } as const
  return [
    beat(think === 'none' ? WAITING_SECONDS : think, {
      kind: 'call',
      effort: 'easy',
      say: `${words.askTime[0]} ${said}`,
      caption: words.askTime[0],
      shown: { as: 'choices', minute, choices },
      item,
      ...(think === 'none' && { waits: true }),
    }),
    beat(4, { kind: 'answer', effort: 'still', say: words.isTime(right.says), shown: dial }),
    beat(5, { kind: 'reason', effort: 'still', say: reasonInWords(minute, item.rung, wording), shown: dial }),
    beat(6, {
      kind: 'call',
      effort: 'easy',
      say: `${wrong === 'everyone' ? words.everyone : words.again} ${right.does}.`,
      shown: { as: 'choices', minute, choices: [right] },
    }),
  ]
}
