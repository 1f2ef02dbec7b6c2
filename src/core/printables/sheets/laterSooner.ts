import { languages, told } from '../../wording'
import { sayDuration } from '../../wording'
import { dialAt, itemDial } from '../kit/dialPlace'
import { part } from '../kit/frame'
import { wordsIn } from '../kit/wordLists'
import { answerAt } from '../kit/answerPlace'
import { sheet } from '../kit/sheet'

/** A clock and a length of time later or sooner; the clock that follows is drawn, and its time written or ringed. */
export const laterSooner = sheet({
  id: 'later-sooner',
  name: told('Later and sooner'),
  purpose: told('A clock, some minutes later or sooner, and an empty clock for where the hands are then'),
  stage: 'pictorial',
  counts: told('How many questions'),
  leastItems: 1,
  mostItems: 5,
  usualItems: 4,
  suits: (rung) => rung === 'later',
  takes: ['helps', 'answers', 'weights'],
  needs: ['pencils', 'clock'],
  cautions: [],
  ask: 'later',
  title: (phrases) => phrases.thenWhat,
  columns: () => 1,
  question: (asked) => {
    const { item, cell, options, isKey } = asked
    const { shown, answer } = item
    if (shown.as !== 'shift' || answer.kind !== 'time') return []
    const { phrases } = languages[options.wording.language]
    const room = Math.min(cell.height / 2 - 3, cell.width * 0.115)
    const y = cell.y + cell.height / 2
    const then = cell.x + cell.width * 0.58
    const length = sayDuration(Math.abs(shown.by))
    const way = shown.by > 0 ? phrases.laterBy(length) : phrases.soonerBy(length)
    const left = then + room + 6
    const right = cell.x + cell.width - 2
    const below = asked.choices.length === 0 ? 0 : (asked.choices.length - 1) * 4
    return [
      part('from', [itemDial(item, { x: cell.x + 8 + room, y, room }, options)]),
      part(
        'way',
        wordsIn(
          way,
          { x: (cell.x + 8 + 2 * room + then - room) / 2, y },
          { width: then - room - (cell.x + 8 + 2 * room) - 6, most: 7 },
        ),
      ),
      part('then', [dialAt(answer.minute, { x: then, y, room }, options, { hands: isKey ? 'both' : 'none' })]),
      ...answerAt(asked, (left + right) / 2, y + 5 + below, (right - left) / 2),
    ]
  },
})
