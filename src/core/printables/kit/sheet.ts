import type { Shape } from '../../drawing'
import { drawInt, randomFrom } from '../../random'
import { type Ask, type Item, makeItems, sayAnswer, withChoices } from '../../teaching'
import { languages, type Phrases } from '../../wording'
import { type Cell, clockCells, onPages } from './grid'
import { childPage, numberIn, part } from './frame'
import { keyFooter, keyTitle, printFooter, titleOr } from './footers'
import { definePrintable } from './definePrintable'
import type { PrintOptions } from './choices'
import type { PrintableFacts, PrintableOf } from './types'
import type { AskedQuestion } from './answerPlace'

interface SheetFacts<Id extends string> extends Omit<PrintableFacts, 'kind'> {
  readonly id: Id
  readonly ask: Ask
  /** In the group's language, since it is the child who reads it. */
  readonly title: (phrases: Phrases, options: PrintOptions) => string
  readonly columns: (count: number) => number
  /** How much room a cell leaves its dial each way, mm. Left out, every count fits on one page. */
  readonly dialRoom?: (cell: Cell, choices: number, options: PrintOptions) => number
  /** The questions that a day of one's own gives. */
  readonly own?: (options: PrintOptions, seed: number) => Item[]
  /** How many wrong choices each item gets, where the answers are chosen. */
  readonly wrong?: number
  readonly question: (question: AskedQuestion) => Shape[]
}

/** A sheet of equal cells, a question in each; its key is the same page with the answers. */
export function sheet<const Id extends string>(definition: SheetFacts<Id>): PrintableOf<Id> {
  const { ask, title, columns, dialRoom, own, wrong = 2, question, ...facts } = definition
  return definePrintable({
    ...facts,
    kind: 'sheet',
    make(options, seed) {
      const random = randomFrom(seed)
      const bare =
        own && options.rows ? own(options, seed) : makeItems(random, { rung: options.rung, ask, count: options.count })
      const asked = bare
        .map((item) => chosen(item, options, wrong, drawInt(random, 0, 1e9)))
        .map((one, place) => ({ ...one, place }))
      const { phrases } = languages[options.wording.language]
      const mostChoices = Math.max(...asked.map(({ choices }) => choices.length))
      const cellsFor = (count: number) => clockCells(options.paper, columns(count), count)
      const sheets = onPages(
        asked,
        options,
        (count) => dialRoom?.(cellsFor(count)[0] as Cell, mostChoices, options) ?? Infinity,
      )
      const page = (onOne: (typeof sheets)[number], isKey: boolean) => {
        const cells = cellsFor(onOne.length)
        const body = onOne.map(({ item, choices, place }, at) => {
          const cell = cells[at] as Cell
          return part(`question-${place}`, [
            numberIn(cell, place),
            ...question({ item, choices, place, cell, options, isKey }),
          ])
        })
        const footer = printFooter(facts.name, options, seed)
        if (isKey) return childPage(options, keyTitle(facts.name, options), keyFooter(footer, options), body)
        return childPage(
          options,
          titleOr(options, options.answers === 'choose' ? phrases.ringRight : title(phrases, options)),
          footer,
          body,
        )
      }
      return {
        items: asked.map(({ item }) => item),
        pages: sheets.map((onOne) => page(onOne, false)),
        key: sheets.map((onOne) => page(onOne, true)),
      }
    },
  })
}

function chosen(bare: Item, options: PrintOptions, count: number, seed: number): { item: Item; choices: string[] } {
  if (options.answers !== 'choose') return { item: bare, choices: [] }
  const { item, choices } = withChoices(bare, { count, seed, weights: options.weights })
  return { item, choices: choices.map((choice) => sayAnswer(item, choice, options.wording)) }
}
