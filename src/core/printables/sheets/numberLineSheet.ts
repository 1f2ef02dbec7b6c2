import { minutesPast } from '../../clock'
import { scaledShape } from '../../drawing'
import { NUMBER_LINE, numberLine } from '../../faces'
import { minuteOf, isTwoHanded } from '../../teaching'
import { languages, told } from '../../wording'
import { itemDial } from '../kit/dialPlace'
import { part } from '../kit/frame'
import { answerAt } from '../kit/answerPlace'
import { sheet } from '../kit/sheet'

/**
 * A clock, and the hour beside it as a line from 0 to 60, counts past above and counts to below: where the minute hand
 * is, is marked.
 */
export const numberLineSheet = sheet({
  id: 'number-line',
  name: told('Minutes on a line'),
  purpose: told('A dial beside the hour as a number line, past side and to side, to mark the minutes on'),
  stage: 'pictorial',
  counts: told('How many clocks'),
  leastItems: 1,
  mostItems: 3,
  usualItems: 3,
  suits: (rung) => isTwoHanded(rung) && rung !== 'oclock',
  takes: ['helps'],
  needs: ['pencils'],
  cautions: [],
  ask: 'read',
  title: (phrases) => phrases.markLine,
  columns: () => 1,
  question: (asked) => {
    const { item, cell, options, isKey } = asked
    const scale = cell.width / NUMBER_LINE.width
    const lineHeight = NUMBER_LINE.height * scale
    const room = Math.min((cell.height - lineHeight) / 2 - 2, 36)
    const y = cell.y + room + 2
    const x = cell.x + 12 + room
    const middle = (x + room + cell.x + cell.width) / 2
    const words = languages[options.wording.language].phrases.onDial
    const line = numberLine(minutesPast(minuteOf(item)), words, { isBlank: !isKey, lowInk: options.lowInk }).shapes
    return [
      itemDial(item, { x, y, room }, options),
      ...answerAt(asked, middle, y + 4, 38),
      part(
        'number-line',
        line.map((shape) => scaledShape(shape, scale)),
        cell.x,
        cell.y + cell.height - lineHeight,
      ),
    ]
  },
})
