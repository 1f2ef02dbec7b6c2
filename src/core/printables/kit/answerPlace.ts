import { circle, fitSize, GOLD, INK, MOSS, type Shape, textAt, textWidth } from '../../drawing'
import { type Item, sayAnswer } from '../../teaching'
import type { Wording } from '../../wording'
import type { Cell } from './grid'
import { itemDial } from './dialPlace'
import { part, rule } from './frame'
import type { PrintOptions } from './choices'

/** A question on a sheet, and where it stands. */
export interface AskedQuestion {
  readonly item: Item
  /** What is offered, said in the group's words, the true one among it; empty where the answer is written. */
  readonly choices: readonly string[]
  readonly place: number
  readonly cell: Cell
  readonly options: PrintOptions
  readonly isKey: boolean
}

/** From one choice to the next, mm. */
const CHOICE_MM = 7

/** The room, mm each way, of a dial over a line to write on or over so many choices. */
export function roomOverAnswer(cell: Cell, choices: number): number {
  const answer = choices === 0 ? 15 : 6 + choices * CHOICE_MM
  return Math.min(cell.width, cell.height - answer) / 2 - 3
}

/** Where an answer stands: its middle, its lowest line, and half of the width that it has, mm. */
interface AnswerPlace {
  readonly x: number
  readonly bottom: number
  readonly half: number
}

/** A line to write the answer on or choices to ring; in the key the answer, or the ring. */
export function answerAt(asked: AskedQuestion, x: number, bottom: number, half: number): Shape[] {
  const { item, options, isKey, choices } = asked
  const text = sayAnswer(item, item.answer, options.wording)
  if (choices.length > 0) return choiceList(choices, isKey ? choices.indexOf(text) : -1, { x, bottom, half })
  const fill = options.lowInk ? INK : MOSS
  const answer = part('answer', [
    textAt(text, { x, y: bottom - 2 }, { size: fitSize(text, 6, 2 * half), anchor: 'middle', fill }),
  ])
  return [rule(x - half, x + half, bottom), ...(isKey ? [answer] : [])]
}

/** A dial as large as its cell allows, and the answer under it. */
export function dialOverAnswer(asked: AskedQuestion): Shape[] {
  const { item, cell, options } = asked
  const room = roomOverAnswer(cell, asked.choices.length)
  const x = cell.x + cell.width / 2
  const half = Math.min(cell.width / 2 - 5, 38)
  return [
    itemDial(item, { x, y: cell.y + room + 3, room }, options),
    ...answerAt(asked, x, cell.y + cell.height - 5, half),
  ]
}

/** Choices of one size under each other, with a ring round the `right` one, if any. */
function choiceList(choices: readonly string[], right: number, { x, bottom, half }: AnswerPlace): Shape[] {
  const indent = 4.5
  const size = Math.min(...choices.map((choice) => fitSize(choice, 5, 2 * half - indent - 0.5)))
  const left = x - (indent + Math.max(...choices.map((choice) => textWidth(choice, size)))) / 2
  return choices.flatMap((choice, i): Shape[] => {
    const y = bottom - (choices.length - 1 - i) * CHOICE_MM
    const ring = (r: number, stroke: string, strokeMm: number): Shape =>
      circle({ x: left, y: y - 1.6 }, r, { fill: 'none', stroke, strokeMm })
    return [
      part(`choice-${i}`, [
        ring(1.6, INK, 0.3),
        textAt(choice, { x: left + indent, y }, { size, fill: INK }),
        ...(i === right ? [part('ring', [ring(2.6, GOLD, 1.2)])] : []),
      ]),
    ]
  })
}

/** What the answer of an item is called on its rung. */
export function answerOf(item: Item, wording: Wording): string {
  return sayAnswer(item, item.answer, wording)
}
