import { INK, MOSS, fitSize, textAt } from '../../drawing'
import { dialHour } from '../../clock'
import { hasDialTimes, minuteOf } from '../../teaching'
import { languages, told } from '../../wording'
import { dialAt } from '../kit/dialPlace'
import { part, rule } from '../kit/frame'
import { sheet } from '../kit/sheet'

/**
 * Clocks with lines between the twelve zones: the one that the hour hand is in is coloured, and named "still
 * 10-something".
 */
export const colourZone = sheet({
  id: 'colour-zone',
  name: told('Colour the zone'),
  purpose: told('Colour the zone that the hour hand is in: between 10 and 11 it is still 10-something'),
  stage: 'pictorial',
  counts: told('How many clocks'),
  leastItems: 1,
  mostItems: 9,
  usualItems: 6,
  suits: (rung) => hasDialTimes(rung) && rung !== 'fives',
  takes: ['helps'],
  needs: ['colours'],
  cautions: [],
  notes: () => [told('On the number itself the hour has just begun: it is the zone that follows.')],
  ask: 'read',
  title: (phrases) => phrases.colourZone,
  columns: (count) => (count <= 6 ? 2 : 3),
  question: ({ item, cell, options, isKey }) => {
    const room = Math.min(cell.width, cell.height - 14) / 2 - 3
    const x = cell.x + cell.width / 2
    const bottom = cell.y + cell.height - 5
    const half = Math.min(cell.width / 2 - 5, 34)
    const minute = minuteOf(item)
    const hands = item.shown.as === 'dial' ? item.shown.hands : 'both'
    const text = languages[options.wording.language].phrases.stillHour(dialHour(minute))
    const answer = part('answer', [
      textAt(
        text,
        { x, y: bottom - 2 },
        { size: fitSize(text, 6, 2 * half), anchor: 'middle', fill: options.lowInk ? INK : MOSS },
      ),
    ])
    const dial = dialAt(minute, { x, y: cell.y + room + 3, room }, options, { hands, zoneLines: true, zones: isKey })
    return [dial, rule(x - half, x + half, bottom), ...(isKey ? [answer] : [])]
  },
})
