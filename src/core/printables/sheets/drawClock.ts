import { FAINT, INK, type Shape, fitSize, textAt } from '../../drawing'
import { type DialOptions, dialShapes, faceWithin } from '../../faces'
import { randomFrom } from '../../random'
import { type Item, makeItems, minuteOf, sayAnswer, isTwoHanded } from '../../teaching'
import { languages, told } from '../../wording'
import { type Cell, clockCells } from '../kit/grid'
import { childPage, numberIn, part } from '../kit/frame'
import { keyFooter, keyTitle, printFooter, titleOr } from '../kit/footers'
import { dialAt } from '../kit/dialPlace'
import { definePrintable } from '../kit/definePrintable'
import type { PrintOptions } from '../kit/choices'

/** What each clock starts with. One help is taken away from one clock to the next. */
const FADING: readonly Partial<DialOptions>[] = [
  { numerals: 'quarters', marks: 'hours', foldLines: true },
  { numerals: 'none', marks: 'hours', foldLines: true },
  { numerals: 'none', marks: 'none', foldLines: true },
  { numerals: 'none', marks: 'none' },
]

/** Round faces to be finished by the child, each with less on it than the one before; the last is blank. */
export const drawClock = definePrintable({
  id: 'draw-clock',
  kind: 'sheet',
  name: told('Draw your own clock'),
  purpose: told('Faces to finish, from quarter marks on folded paper to a blank circle, with a time to show on each'),
  stage: 'pictorial',
  counts: told('How many clocks'),
  leastItems: 1,
  mostItems: 4,
  usualItems: 4,
  suits: isTwoHanded,
  takes: [],
  needs: ['colours'],
  cautions: [],
  notes: () => [told('Numbers go on in this order: 12, 6, 3, 9, then two between each pair.')],
  make(options, seed) {
    const items = makeItems(randomFrom(seed), { rung: options.rung, ask: 'set', count: options.count })
    const footer = printFooter(told('Draw your own clock'), options, seed)
    const { phrases } = languages[options.wording.language]
    return {
      items,
      pages: [childPage(options, titleOr(options, phrases.drawClock), footer, faces(items, options, false))],
      key: [
        childPage(
          options,
          keyTitle(told('Draw your own clock'), options),
          keyFooter(footer, options),
          faces(items, options, true),
        ),
      ],
    }
  },
})

function faces(items: readonly Item[], options: PrintOptions, isKey: boolean): Shape[] {
  const columns = items.length === 1 ? 1 : 2
  const cells = clockCells(options.paper, columns, items.length)
  return items.map((item, place) => {
    const cell = cells[place] as Cell
    const room = Math.min(cell.width, cell.height - 16) / 2 - 3
    const x = cell.x + cell.width / 2
    const text = sayAnswer(item, item.answer, options.wording)
    const bare = dialShapes(minuteOf(item), {
      radius: faceWithin(room),
      hands: 'none',
      lowInk: options.lowInk,
      ...FADING[place],
    })
    return part(`question-${place}`, [
      numberIn(cell, place),
      isKey
        ? dialAt(minuteOf(item), { x, y: cell.y + room + 3, room }, options)
        : part('face', bare, x, cell.y + room + 3),
      textAt(
        text,
        { x, y: cell.y + cell.height - 5 },
        { size: fitSize(text, 6.5, cell.width - 4), anchor: 'middle', fill: isKey ? FAINT : INK },
      ),
    ])
  })
}
