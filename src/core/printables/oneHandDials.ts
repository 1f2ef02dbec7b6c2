import { itemDial } from './frame'
import { answerAt, answerRoom, sheet } from './sheet'

/** Clocks with one hand: the hour hand is read as at, just after, halfway or nearly; the minute hand by the count of fives. */
export const oneHandDials = sheet({
  id: 'one-hand-dials',
  name: 'One-hand dials',
  stage: 'pictorial',
  purpose: 'Clocks with the hour hand or the minute hand alone, read before the two meet',
  counts: 'dials',
  leastItems: 1,
  mostItems: 9,
  usualItems: 6,
  suits: (rung) => rung === 'hour-hand' || rung === 'fives',
  takes: ['helps', 'answers', 'lures'],
  needs: ['pencils'],
  cautions: [],
  ask: 'read',
  title: (phrases, { rung }) => (rung === 'fives' ? phrases.howManyMinutes : phrases.whatHourHand),
  columns: (count) => (count <= 3 ? 1 : count <= 6 ? 2 : 3),
  question: (asked) => {
    const { item, cell, options, isKey } = asked
    const isWide = cell.width > 100
    // One under another with the line beside it, or three in a row with the line under each.
    const under = isWide ? 6 : answerRoom(asked)
    const room = Math.min(isWide ? cell.width / 2 : cell.width, cell.height - under) / 2 - 3
    const x = isWide ? cell.x + cell.width * 0.27 : cell.x + cell.width / 2
    const dial = itemDial(item, x, cell.y + room + 3, room, options)
    if (!isWide) return [dial, ...answerAt({ ...asked, isKey }, x, cell.y + cell.height - 5, cell.width / 2 - 4)]
    const below = asked.choices.length === 0 ? 0 : (asked.choices.length - 1) * 4
    return [dial, ...answerAt(asked, cell.x + cell.width * 0.75, cell.y + room + 6 + below, cell.width * 0.23)]
  },
})
