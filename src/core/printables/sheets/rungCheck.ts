import { bodyArea, type Shape } from '../../drawing'
import { drawInt, randomFrom } from '../../random'
import {
  type Ask,
  askInWords,
  asksOf,
  isTwoHanded,
  type Item,
  makeItems,
  rowName,
  sayAnswer,
  withChoices,
} from '../../teaching'
import { languages, printedAs, say, told } from '../../wording'
import { type Cell, gridCells } from '../kit/grid'
import { childPage, numberIn, part } from '../kit/frame'
import { keyFooter, keyTitle, printFooter, titleOr } from '../kit/footers'
import { dialAt, type DialPlace, itemDial } from '../kit/dialPlace'
import { textFrom, wordsIn } from '../kit/wordLists'
import { answerAt, type AskedQuestion } from '../kit/answerPlace'
import { definePrintable } from '../kit/definePrintable'
import type { PrintOptions } from '../kit/choices'
import { guidePages, markedQuestion } from '../kit/markingGuide'

/** A page of mixed questions of one rung, and a marking guide that says what each wrong answer means. */
export const rungCheck = definePrintable({
  id: 'rung-check',
  kind: 'sheet',
  name: told('Check of a step'),
  purpose: told('One page of mixed questions, with a marking guide that says what each wrong answer means'),
  stage: 'abstract',
  counts: told('How many questions'),
  leastItems: 3,
  mostItems: 8,
  usualItems: 6,
  suits: () => true,
  takes: ['weights'],
  needs: ['pencils'],
  cautions: [],
  notes: () => [
    told(
      'No hints on these clocks: what is right here is known without them. Type the answers in at the table, and they count.',
    ),
  ],
  make(options, seed) {
    const random = randomFrom(seed)
    const asks = asksIn(options.rung)
    const drawn = makeItems(random, { rung: options.rung, ask: asks[0] as Ask, count: options.count })
    const asked = drawn.map((bare, place): { item: Item; choices: string[] } => {
      const ask = asks[place % asks.length] as Ask
      const item: Item = ask === 'set' ? { ...bare, ask, shown: { as: 'words', minute: bare.shown.minute } } : bare
      if (place % 3 !== 1 || ask === 'set') return { item, choices: [] }
      const { item: withLures, choices } = withChoices(item, {
        count: 2,
        seed: drawInt(random, 0, 1e9),
        weights: options.weights,
      })
      return { item: withLures, choices: choices.map((choice) => sayAnswer(item, choice, options.wording)) }
    })
    const bare = { ...options, helps: 0 } as const
    const footer = printFooter(told('Check of a step'), options, seed)
    const cells = gridCells(bodyArea(options.paper), 1, asked.length)
    const page = (isKey: boolean) =>
      asked.map((each, place) =>
        part(`question-${place}`, question({ ...each, place, cell: cells[place] as Cell, options: bare, isKey })),
      )
    const { phrases } = languages[options.wording.language]
    const items = asked.map(({ item }) => item)
    const marking = items.map((item) => markedQuestion(item, options.wording))
    const { paper, wording } = options
    const guideFooter = `${footer} · ${printedAs('guide', wording)}`
    return {
      items,
      pages: [childPage(options, titleOr(options, phrases.showKnow), footer, page(false))],
      key: [
        childPage(options, keyTitle(told('Check of a step'), options), keyFooter(footer, options), page(true)),
        ...guidePages([{ rung: options.rung, sheets: [{ questions: marking }] }], {
          paper,
          wording,
          footer: guideFooter,
        }),
      ],
      marking,
    }
  },
})

/** Reading twice for each setting where two hands are read; else the rung's own way of asking. */
function asksIn(rung: PrintOptions['rung']): readonly Ask[] {
  return isTwoHanded(rung) ? ['read', 'read', 'set'] : [asksOf(rung)[0] ?? 'read']
}

function question(asked: AskedQuestion): Shape[] {
  const { item, cell, options, place } = asked
  const room = Math.min(cell.height / 2 - 2, 20)
  const y = cell.y + cell.height / 2
  const x = cell.x + 10 + room
  const left = cell.x + 10 + (isWide(item) ? 4 : 2) * room + 8
  const rest = cell.x + cell.width - left
  const isSet = item.shown.as === 'words'
  // What is asked on the left and the answer on the right, or, where hands are drawn, what to draw in all of it.
  const middle = left + rest * (isSet ? 0.5 : 0.19)
  const width = rest * (isSet ? 0.9 : 0.37)
  const answerX = left + rest * 0.7
  const half = rest * 0.29
  const bottom = y + 3 + Math.max(0, asked.choices.length - 1) * 4
  const { phrases } = languages[options.wording.language]
  return [
    numberIn(cell, place),
    ...picture(asked, { x, y, room }),
    ...(isSet
      ? [
          part('asked', wordsIn(phrases.drawHands, { x: middle, y: y - 6 }, { width, most: 4.5 })),
          part(
            'time',
            wordsIn(sayAnswer(item, item.answer, options.wording), { x: middle, y: y + 4 }, { width, most: 6 }),
          ),
        ]
      : [
          part(
            'asked',
            wordsIn(askInWords(item, options.wording), { x: middle, y }, { width, most: 5.5, height: cell.height - 3 }),
          ),
        ]),
    ...(isSet ? [] : answerAt(asked, answerX, bottom, half)),
  ]
}

/** Two clocks, and the rows of a plan, need twice the width. */
const isWide = ({ shown }: Item) => shown.as === 'span' || shown.as === 'rows'

/** What the child looks at: clocks, the rows of a plan, or an empty dial to draw the hands in. */
function picture({ item, options, isKey }: AskedQuestion, at: DialPlace): Shape[] {
  const { shown } = item
  const { x, y, room } = at
  switch (shown.as) {
    case 'words':
      return [dialAt(shown.minute, at, options, { hands: isKey ? 'both' : 'none' })]
    case 'span':
      return [dialAt(shown.minute, at, options), dialAt(shown.to, { x: x + 2 * room + 4, y, room }, options)]
    case 'part':
      return [dialAt(shown.minute, at, options, { pointedAt: shown.part, secondHand: 20 })]
    case 'rows':
      return shown.rows.map((planned, i) => {
        const row = `${say(planned.minute, { ...options.wording, form: 'day-24' })} ${rowName(planned, languages[options.wording.language].phrases)}`
        return textFrom(
          row,
          { x: x - room, y: y + (i - (shown.rows.length - 1) / 2) * Math.min(8, (2 * room) / shown.rows.length) + 1.5 },
          { width: 4 * room + 5, most: 4.5 },
        )
      })
    default:
      return [itemDial(item, at, options)]
  }
}
