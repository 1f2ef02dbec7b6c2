import { INK, MOSS, type Shape, path } from '../../drawing'
import { drawInt, randomFrom, shuffled } from '../../random'
import { type Item, hasDialTimes, luresFor, makeItems, sayAnswer } from '../../teaching'
import { languages, told } from '../../wording'
import { type Cell, clockCells } from '../kit/grid'
import { childPage, numberIn, part } from '../kit/frame'
import { keyFooter, keyTitle, printFooter, titleOr } from '../kit/footers'
import { mark } from '../kit/mark'
import { itemDial } from '../kit/dialPlace'
import { wordsIn } from '../kit/wordLists'
import { definePrintable } from '../kit/definePrintable'
import type { PrintOptions } from '../kit/choices'

const BOX_MM = 10

/** A clock and what is said of it: the true answer, or a wrong one that a misreading leads to. */
interface Claim {
  readonly item: Item
  readonly said: string
  readonly isRight: boolean
}

/** Clocks with a time under each, about half of them wrong as children misread them: ticked or crossed. */
export const trueFalse = definePrintable({
  id: 'true-false',
  kind: 'sheet',
  name: told('Right or wrong?'),
  purpose: told('A time under each clock, about half of them wrong in the way children misread'),
  stage: 'pictorial',
  counts: told('How many clocks'),
  leastItems: 2,
  mostItems: 9,
  usualItems: 6,
  suits: hasDialTimes,
  takes: ['helps', 'weights'],
  needs: ['pencils'],
  cautions: [],
  make(options, seed) {
    const random = randomFrom(seed)
    const drawn = makeItems(random, { rung: options.rung, ask: 'read', count: options.count })
    // Half and half, the odd one either way, so that neither all ticks nor all crosses ever win.
    const wrongs = Math.floor((drawn.length + drawInt(random, 0, 1)) / 2)
    const order = shuffled(
      random,
      drawn.map((_, i) => i < wrongs),
    )
    const claims = drawn.map((bare, i): Claim => {
      const lures = luresFor(bare, { count: 3, seed: drawInt(random, 0, 1e9), weights: options.weights })
      const item = { ...bare, lures }
      const value = order[i] ? (lures[0]?.value ?? item.answer) : item.answer
      return { item, said: sayAnswer(item, value, options.wording), isRight: value === item.answer }
    })
    const footer = printFooter(told('Right or wrong?'), options, seed)
    const { phrases } = languages[options.wording.language]
    return {
      items: claims.map(({ item }) => item),
      pages: [childPage(options, titleOr(options, phrases.rightOrWrong), footer, sheetOf(claims, options, false))],
      key: [
        childPage(
          options,
          keyTitle(told('Right or wrong?'), options),
          keyFooter(footer, options),
          sheetOf(claims, options, true),
        ),
      ],
    }
  },
})

function sheetOf(claims: readonly Claim[], options: PrintOptions, isKey: boolean): Shape[] {
  const columns = claims.length <= 6 ? 2 : 3
  const cells = clockCells(options.paper, columns, claims.length)
  return claims.map(({ item, said, isRight }, place) => {
    const cell = cells[place] as Cell
    const room = Math.min(cell.width, cell.height - 22) / 2 - 3
    const x = cell.x + cell.width / 2
    const y = cell.y + cell.height - 11
    const left = cell.x + 4
    const top = y - BOX_MM / 2
    const box: Shape = path(
      [
        { op: 'M', x: left, y: top },
        { op: 'L', x: left + BOX_MM, y: top },
        { op: 'L', x: left + BOX_MM, y: top + BOX_MM },
        { op: 'L', x: left, y: top + BOX_MM },
        { op: 'Z' },
      ],
      { stroke: INK, strokeMm: 0.4, fill: 'none' },
    )
    const width = cell.width - BOX_MM - 10
    return part(`question-${place}`, [
      numberIn(cell, place),
      itemDial(item, { x, y: cell.y + room + 3, room }, options),
      part('said', wordsIn(said, { x: left + BOX_MM + 3 + width / 2, y }, { width, most: 5.5 })),
      box,
      ...(isKey
        ? [
            part('answer', [
              mark(isRight, { x: left + BOX_MM / 2, y }, { size: 6.5, fill: options.lowInk ? INK : MOSS }),
            ]),
          ]
        : []),
    ])
  })
}
