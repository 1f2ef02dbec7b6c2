import { INK, MOSS, centredText } from '../../drawing'
import { languages, sayDuration } from '../../wording'
import { dialAt, figures, part, rule, wordsIn } from '../kit/frame'
import { answerAt, sheet } from '../kit/sheet'

const STEP_MM = 6.5

/** A deadline and what has to be done before it: add the steps, take them from the deadline, and say when to start. */
export const workBackSheet = sheet({
  id: 'work-back-sheet',
  name: 'When to start',
  purpose: 'A deadline, the minutes that each step takes, and a clock for when to start',
  stage: 'abstract',
  counts: 'questions',
  leastItems: 1,
  mostItems: 5,
  usualItems: 4,
  suits: (rung) => rung === 'work-back',
  takes: ['helps', 'answers', 'weights'],
  needs: ['pencils'],
  cautions: [],
  notes: () => ['Add the steps first, then take the sum from the deadline; ask “does it make sense?”'],
  ask: 'work-back',
  title: (phrases) => phrases.startAt,
  columns: () => 1,
  question: (asked) => {
    const { item, cell, options, isKey } = asked
    const { shown, answer } = item
    if (shown.as !== 'steps' || answer.kind !== 'time') return []
    const { phrases } = languages[options.wording.language]
    const room = Math.min(cell.height / 2 - 6, cell.width * 0.115)
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
