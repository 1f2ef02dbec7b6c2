import { INK, scaledShape, centredText } from '../../drawing'
import { JUMP_LINE, jumpLine } from '../../faces'
import { dialAt, figures, part, rule } from '../kit/frame'
import { answerOf, sheet } from '../kit/sheet'

/** Two clocks of one day with an empty line between them, to jump along: the key has the jumps and their sum. */
export const howLong = sheet({
  id: 'how-long',
  name: 'How long is it?',
  purpose: 'Two clocks and an empty line to jump along; the key has the jumps',
  stage: 'pictorial',
  counts: 'questions',
  leastItems: 1,
  mostItems: 5,
  usualItems: 4,
  suits: (rung) => rung === 'elapsed',
  takes: ['helps'],
  needs: ['pencils'],
  cautions: [],
  ask: 'how-long',
  title: (phrases) => phrases.howLongEach,
  columns: () => 1,
  question: ({ item, cell, options, isKey }) => {
    const { shown } = item
    if (shown.as !== 'span') return []
    const room = Math.min(cell.height - 10, cell.width * 0.25) / 2
    const y = cell.y + cell.height / 2
    const left = cell.x + 8 + 2 * room + 4
    const right = cell.x + cell.width - 2 * room - 6
    const scale = (right - left) / JUMP_LINE.width
    const middle = (left + right) / 2
    // The line is small, but its words are read on paper, so they are as large as there is room for.
    const jumps = jumpLine(shown.minute, shown.to, (minute) => figures(minute, options), { textMm: 10 }).shapes
    return [
      dialAt(shown.minute, { x: cell.x + 8 + room, y, room }, options),
      dialAt(shown.to, { x: cell.x + cell.width - 3 - room, y, room }, options),
      ...(isKey
        ? [
            part(
              'jumps',
              jumps.map((shape) => scaledShape(shape, scale)),
              left,
              y - 12 - (JUMP_LINE.height * scale) / 2,
            ),
            part('answer', [
              centredText(answerOf(item, options.wording), { x: middle, y: y + 15 }, { size: 7, fill: INK }),
            ]),
          ]
        : [rule(left, right, y), rule(middle - 22, middle + 22, y + 18)]),
    ]
  },
})
