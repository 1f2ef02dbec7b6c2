import { itemDial } from './frame'
import { ROUNDING_STEP } from '../teaching'
import { answerAt, answerRoom, sheet } from './sheet'

/** Clocks to be read to the nearest five minutes. */
export const roundFives = sheet({
  id: 'round-fives',
  name: 'Round to five',
  purpose: 'Clocks to read to the nearest five minutes, up or down',
  stage: 'pictorial',
  counts: 'clocks',
  leastItems: 1,
  mostItems: 12,
  usualItems: 6,
  suits: (rung) => rung === 'rounding',
  takes: ['helps', 'answers', 'lures'],
  needs: ['pencils'],
  cautions: [],
  ask: 'round',
  title: (phrases) => phrases.roundTo(ROUNDING_STEP),
  columns: (count) => (count <= 6 ? 2 : 3),
  question: (asked) => {
    const { item, cell, options } = asked
    const room = Math.min(cell.width, cell.height - answerRoom(asked)) / 2 - 3
    const x = cell.x + cell.width / 2
    return [
      itemDial(item, x, cell.y + room + 3, room, options),
      ...answerAt(asked, x, cell.y + cell.height - 5, Math.min(cell.width / 2 - 5, 38)),
    ]
  },
})
