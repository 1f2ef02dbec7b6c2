import { handsHidden, onDial, workBack } from '../../clock'
import { INK, MOSS, centredText } from '../../drawing'
import { RefusedValue } from '../../errors'
import { type Random, draw, drawInt, randomFrom } from '../../random'
import type { Item } from '../../teaching'
import { languages, sayDuration, told, asPart } from '../../wording'
import { dayRowsOf, someOf } from '../kit/dayRows'
import { nameOfRow } from '../kit/rowNames'
import type { Cell } from '../kit/grid'
import { dialAt } from '../kit/dialPlace'
import { figures, part, rule } from '../kit/frame'
import { wordsIn } from '../kit/wordLists'
import type { PrintOptions } from '../kit/choices'
import { answerAt } from '../kit/answerPlace'
import { sheet } from '../kit/sheet'

const STEP_MM = 6.5
/** The most questions that a day of one's own gives, and the longest that its steps can take. */
const MOST_OWN = 6
const LONGEST_STEPS = 75
/** Under a clock, mm: what must be done by then. */
const WHAT_MM = 9

/** A deadline and what has to be done before it: add the steps, take them from the deadline, and say when to start. */
export const workBackSheet = sheet({
  id: 'work-back-sheet',
  name: told('When to start'),
  purpose: told('A deadline, the minutes that each step takes, and a clock for when to start'),
  stage: 'abstract',
  counts: told('How many questions'),
  leastItems: 1,
  mostItems: 5,
  usualItems: 4,
  suits: (rung) => rung === 'work-back',
  takes: ['helps', 'answers', 'weights', 'rows'],
  needs: ['pencils'],
  cautions: [],
  notes: () => [told('Add the steps first, then take the sum from the deadline; ask “does it make sense?”')],
  ask: 'work-back',
  title: (phrases) => phrases.startAt,
  columns: () => 1,
  own: ownDeadlines,
  dialRoom: (cell, _, { rows }) => (rows ? roomOf(cell, WHAT_MM) : Infinity),
  question: (asked) => {
    const { item, cell, options, isKey } = asked
    const { shown, answer } = item
    if (shown.as !== 'steps' || answer.kind !== 'time') return []
    const { phrases } = languages[options.wording.language]
    const room = roomOf(cell, shown.what ? WHAT_MM : 0)
    const y = cell.y + cell.height / 2
    const start = cell.x + cell.width * 0.58
    const done = cell.x + 8 + room
    const from = done + room + 4
    const width = start - room - from - 4
    const total = shown.steps.reduce((sum, minutes) => sum + minutes, 0)
    const steps = shown.steps.map((minutes, i) => `${i === 0 ? '' : '+ '}${sayDuration(minutes)}`)
    const left = start + room + 6
    const right = cell.x + cell.width - 2
    const below = asked.choices.length === 0 ? 0 : (asked.choices.length - 1) * 4
    return [
      part('from', [dialAt(shown.minute, { x: done, y: y + 3, room }, options)]),
      ...(shown.what
        ? [
            part(
              'what',
              wordsIn(shown.what, { x: done, y: y + room + 8 }, { width: 2 * room + 8, most: 4.2, height: 9 }),
            ),
          ]
        : []),
      part(
        'done-by',
        wordsIn(
          `${phrases.doneBy} ${figures(shown.minute, options)}`,
          { x: from + width / 2, y: y - 13 },
          { width, most: 5.5 },
        ),
      ),
      part(
        'steps',
        steps.map((step, i) =>
          centredText(step, { x: from + width / 2, y: y - 1 + i * STEP_MM }, { size: 5, fill: INK }),
        ),
      ),
      // As a sum is written: the steps under each other, a line, and room for what they make together.
      rule(from + width / 2 - 13, from + width / 2 + 13, y - 3 + steps.length * STEP_MM),
      ...(isKey
        ? [
            part('sum', [
              centredText(
                sayDuration(total),
                { x: from + width / 2, y: y + 1.5 + steps.length * STEP_MM },
                { size: 5, fill: options.lowInk ? INK : MOSS },
              ),
            ]),
          ]
        : []),
      part('then', [dialAt(answer.minute, { x: start, y: y + 3, room }, options, { hands: isKey ? 'both' : 'none' })]),
      ...answerAt(asked, (left + right) / 2, y + 5 + below, (right - left) / 2),
    ]
  },
})

/** Room beside the steps for a clock and, in an own day, for what it is about under it. */
const roomOf = (cell: Cell, below: number) => Math.min(cell.height / 2 - 6 - below, cell.width * 0.115)

/** When to start for things of one's own day, with steps that are made up. */
function ownDeadlines(options: PrintOptions, seed: number): Item[] {
  const random = randomFrom(seed)
  const rows = dayRowsOf(options, seed).filter(({ minute }) => minute >= LONGEST_STEPS)
  if (rows.length === 0)
    throw new RefusedValue(told('your own day'), told('with something at 1:15 or later'), asPart(told('none')))
  return someOf(rows, MOST_OWN, seed).map((row): Item => {
    const steps = stepsTo(random, row.minute)
    const { start } = workBack(row.minute, steps)
    return {
      rung: options.rung,
      ask: 'work-back',
      shown: { as: 'steps', minute: row.minute, steps, what: nameOfRow(row, options) },
      answer: { kind: 'time', minute: onDial(start) },
      lures: [],
    }
  })
}

/** Two or three steps with a start at which both hands can be seen. */
function stepsTo(random: Random, deadline: number): number[] {
  for (;;) {
    const steps = Array.from({ length: drawInt(random, 2, 3) }, () => draw(random, [5, 10, 15, 20, 25]))
    if (!handsHidden(onDial(workBack(deadline, steps).start))) return steps
  }
}
