import { told } from '../../wording'
import { itemDial } from '../kit/dialPlace'
import { answerAt, dialOverAnswer } from '../kit/answerPlace'
import { sheet } from '../kit/sheet'

/**
 * Clocks with one hand: the hour hand is read as at, just after, halfway or nearly; the minute hand by the count of
 * fives.
 */
export const oneHandDials = sheet({
  id: 'one-hand-dials',
  name: told('One-hand dials'),
  stage: 'pictorial',
  purpose: told('Clocks with the hour hand or the minute hand alone, read before the two meet'),
  counts: told('How many dials'),
  leastItems: 1,
  mostItems: 9,
  usualItems: 6,
  suits: (rung) => rung === 'hour-hand' || rung === 'fives',
  takes: ['helps', 'answers', 'weights'],
  needs: ['pencils'],
  cautions: [],
  ask: 'read',
  title: (phrases, { rung }) => (rung === 'fives' ? phrases.howManyMinutes : phrases.whatHourHand),
  columns: (count) => (count <= 3 ? 1 : count <= 6 ? 2 : 3),
  question: (asked) => {
    const { item, cell, options, choices } = asked
    // A few stand one under another with the line beside each; more, side by side with the line under each.
    if (cell.width <= 100) return dialOverAnswer(asked)
    const room = Math.min(cell.width / 2, cell.height - 6) / 2 - 3
    const y = cell.y + room + 3
    const below = Math.max(0, choices.length - 1) * 4
    return [
      itemDial(item, { x: cell.x + cell.width * 0.27, y, room }, options),
      ...answerAt(asked, cell.x + cell.width * 0.75, y + 3 + below, cell.width * 0.23),
    ]
  },
})
