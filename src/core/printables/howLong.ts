import { type Drawing, INK, type Shape, scaledShape } from '../drawing'
import { JUMP_LINE, centredText, dialExtent, dialShapes, jumpLine } from '../faces'
import { randomFrom } from '../random'
import { type Item, makeItems, sayAnswer } from '../teaching'
import { languages, say } from '../wording'
import { type Cell, numberIn, printFooter, questionSheet, rule } from './frame'
import type { PrintOptions, Printable } from './types'

/** Two clocks of one day with an empty line between them, to jump along: the key has the jumps and their sum. */
export const howLong: Printable = {
  id: 'how-long',
  name: 'How long is it?',
  purpose: 'Two clocks and an empty line to jump along; the key has the jumps',
  stage: 'pictorial',
  counts: 'questions',
  leastItems: 1,
  mostItems: 5,
  usualItems: 4,
  suits: (rung) => rung === 'elapsed',
  needs: ['pencils'],
  cautions: [],
  make(options, seed) {
    const items = makeItems(randomFrom(seed), { rung: options.rung, ask: 'how-long', count: options.count })
    const footer = printFooter('How long is it?', options, seed)
    return { items, pages: [sheet(items, options, footer, false)], key: [sheet(items, options, `${footer} · key`, true)] }
  },
} // prettier-ignore

function sheet(items: readonly Item[], options: PrintOptions, footer: string, isKey: boolean): Drawing {
  return questionSheet(items, options, {
    title: isKey ? 'Key: how long is it?' : languages[options.wording.language].phrases.howLongEach,
    footer,
    columns: 1,
    question: (item, place, cell) => question(item, place, cell, options, isKey),
  })
}

function question(item: Item, place: number, cell: Cell, options: PrintOptions, isKey: boolean): Shape[] {
  const { shown } = item
  if (shown.as !== 'span') return []
  const room = Math.min(cell.height - 10, cell.width * 0.25) / 2
  const radius = room / dialExtent({ radius: 1, ringOfFives: options.ringOfFives })
  const y = cell.y + cell.height / 2
  const dial = (minute: number, x: number): Shape => ({ type: 'group', part: 'dial', x, y, shapes: dialShapes(minute, { radius, ringOfFives: options.ringOfFives, lowInk: options.lowInk }) }) // prettier-ignore
  const left = cell.x + 8 + 2 * room + 4
  const right = cell.x + cell.width - 2 * room - 6
  const digital = (minute: number) => say(minute, { ...options.wording, form: 'digital' })
  const scale = (right - left) / JUMP_LINE.width
  const middle = (left + right) / 2
  // Read on paper, so its words are as large as there is room for, small as the line is.
  const jumps = jumpLine(shown.minute, shown.to, digital, { textMm: 10 }).shapes
  const answer = sayAnswer(item, item.answer, options.wording)
  return [
    numberIn(cell, place),
    dial(shown.minute, cell.x + 8 + room),
    dial(shown.to, cell.x + cell.width - 3 - room),
    ...(isKey
      ? [{ type: 'group', part: 'jumps', x: left, y: y - 12 - (JUMP_LINE.height * scale) / 2, shapes: jumps.map((shape) => scaledShape(shape, scale)) } as Shape, centredText(answer, middle, y + 15, 7, INK)]
      : [rule(left, right, y), rule(middle - 22, middle + 22, y + 18)]),
  ]
} // prettier-ignore
