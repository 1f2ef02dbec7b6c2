import { told } from '../../wording'
import { INK, fitSize, textAt } from '../../drawing'
import { minuteOf, isTwoHanded } from '../../teaching'
import { dialAt } from '../kit/dialPlace'
import { answerOf } from '../kit/answerPlace'
import { sheet } from '../kit/sheet'

const WORDS_ROOM_MM = 14

/** Empty dials with a time under each: the hands are drawn in, the hour hand between the numerals where it belongs. */
export const drawHands = sheet({
  id: 'draw-hands',
  name: told('Draw the hands'),
  purpose: told('Empty dials with a time under each, to draw the hands in'),
  stage: 'pictorial',
  counts: told('How many dials'),
  leastItems: 1,
  mostItems: 12,
  usualItems: 6,
  suits: isTwoHanded,
  takes: ['helps'],
  needs: ['colours'],
  cautions: [],
  notes: () => [
    told('Judge the hour hand too: between the numbers it has gone on from the one passed, half a degree each minute.'),
  ],
  ask: 'set',
  title: (phrases) => phrases.drawHands,
  columns: (count) => (count <= 6 ? 2 : 3),
  question: ({ item, cell, options, isKey }) => {
    const room = Math.min(cell.width, cell.height - WORDS_ROOM_MM) / 2 - 3
    const middle = cell.x + cell.width / 2
    const text = answerOf(item, options.wording)
    return [
      dialAt(minuteOf(item), { x: middle, y: cell.y + room + 3, room }, options, { hands: isKey ? 'both' : 'none' }),
      textAt(
        text,
        { x: middle, y: cell.y + cell.height - 4 },
        { size: fitSize(text, 6.5, cell.width - 4), anchor: 'middle', fill: INK },
      ),
    ]
  },
})
