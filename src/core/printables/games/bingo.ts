import { told } from '../../wording'
import { randomFrom, shuffled } from '../../random'
import { type Item, hasDialTimes, makeItems, sayAnswer } from '../../teaching'
import { boardNotes, boardsOf, boardsPrint, boardsWish, callsToWin, upTo } from '../kit/boards'
import { itemDial } from '../kit/dialPlace'
import { printFooter } from '../kit/footers'
import { definePrintable } from '../kit/definePrintable'

/** Boards of nine or four clocks, all different, and a list to call from: the first full board wins. */
export const bingo = definePrintable({
  id: 'bingo',
  kind: 'game',
  name: told('Bingo boards'),
  purpose: told('Boards of clocks and a list to call from; no two are full at the same call where it can be helped'),
  stage: 'pictorial',
  counts: told('How many times that are called'),
  leastItems: 10,
  mostItems: 24,
  usualItems: 16,
  suits: (rung) => hasDialTimes(rung) && rung !== 'hour-hand',
  takes: ['helps', 'boards', 'wholePage', 'guillotine'],
  needs: ['scissors', 'counters'],
  cautions: ['scissors', 'small-parts'],
  play: (random, options) =>
    callsToWin(boardsOf(random, boardsWish(options.count, options)), shuffled(random, upTo(options.count))).call,
  notes: (options, seed) => boardNotes(boardsWish(options.count, options), seed),
  make(options, seed) {
    const random = randomFrom(seed)
    const boards = boardsOf(random, boardsWish(options.count, options))
    // The times are drawn in the order in which they are called.
    const items = makeItems(random, { rung: options.rung, ask: 'read', count: options.count })
    const calls = items.map((item) => sayAnswer(item, item.answer, options.wording))
    const footer = printFooter(told('Bingo boards'), options, seed)
    return {
      items,
      ...boardsPrint(
        {
          name: told('Bingo boards'),
          footer,
          boards,
          calls,
          cell: (call, { x, y, width, height }) => {
            const room = Math.min(width, height) / 2 - 2
            return itemDial(items[call] as Item, { x: x + width / 2, y: y + height / 2, room }, options)
          },
        },
        options,
      ),
    }
  },
})
