import { onDial } from '../clock'
import {
  type Drawing,
  FAINT,
  type FlowBlock,
  GOLD,
  INK,
  MOSS,
  type PaperId,
  type Point,
  type Shape,
  bodyArea,
  centredText,
  circle,
  flowPages,
  group,
  makePage,
  path,
  printable,
  rectanglePath,
  textAt,
  wrapText,
} from '../drawing'
import { dialShapes, faceWithin } from '../faces'
import { type Wording, barText, languages, printedAs } from '../wording'
import type { ChosenQuestion } from './kept'
import type { StoryQuestion } from './questionKinds'
import { type Sentence, type StoryTime, sentencesOf } from './story'
import { storyWords } from './words'

export interface StoryPrint {
  readonly title: string
  readonly text: string
  readonly times: readonly StoryTime[]
  readonly questions: readonly ChosenQuestion[]
  readonly paper: PaperId
  readonly wording: Wording
  readonly lowInk: boolean
  readonly owner?: string
}

/** The em of the text, and from line to line as a share of it: wide enough for small readers. */
const TEXT_MM = 6.2
const LINE_SHARE = 1.75
/** The em of questions. */
const ASKED_MM = 5
const ROOM_MM = 14
const GAP_MM = 5
/** The number of a sentence stands before it. */
const NUMBER_MM = 9

/**
 * A story with numbered sentences, an empty clock beside each time, and its questions; then the same with the hands
 * and the answers, as the key.
 */
export function storyPages(print: StoryPrint): { readonly pages: Drawing[]; readonly key: Drawing[] } {
  return { pages: pagesOf(print, false), key: pagesOf(print, true) }
}

function pagesOf(print: StoryPrint, isKey: boolean): Drawing[] {
  const { paper, wording, title, owner } = print
  const asked = print.questions.flatMap(({ says, question }) => (question ? [{ says, question }] : []))
  const blocks = [
    ...sentencesOf(print.text, print.times).map((sentence, i) => sentenceBlock(print, sentence, i, isKey)),
    ...asked.map((one, i) => questionBlock(print, one, i, isKey)),
  ]
  const footer = `Ripe Acorn · ${storyWords(wording.language).questions}${isKey ? ` · ${printedAs('key', wording)}` : ''}`
  const shown = printable(title) === '' ? storyWords(wording.language).questions : title
  return flowPages(paper, blocks).map((body) =>
    makePage({
      paper,
      title: isKey ? printedAs('Key: {0}', wording, shown) : shown,
      footer,
      bar: barText(wording),
      ...(!isKey && { name: { line: true as const, text: owner, label: languages[wording.language].phrases.name } }),
      body,
    }),
  )
}

const part = (name: string, shapes: readonly Shape[]): Shape => group(shapes, { part: name })

function dial(minute: number, { x, y }: Point, hands: 'both' | 'none', { lowInk }: StoryPrint): Shape {
  return group(dialShapes(onDial(minute), { radius: faceWithin(ROOM_MM), hands, lowInk }), { part: 'dial', x, y })
}

/** A sentence with its number, and a clock at its right for each of its times. */
function sentenceBlock(print: StoryPrint, sentence: Sentence, place: number, isKey: boolean): FlowBlock {
  const own = print.times.filter(({ from }) => from >= sentence.from && from < sentence.to)
  const { width } = bodyArea(print.paper)
  const clocks = own.length * (2 * ROOM_MM + 2)
  const lines = wrapText(printable(sentence.text), TEXT_MM, width - NUMBER_MM - clocks - (clocks > 0 ? GAP_MM : 0))
  const high = lines.length * TEXT_MM * LINE_SHARE
  const height = Math.max(high, own.length > 0 ? 2 * ROOM_MM + 2 : 0) + 3
  const top = (height - 3 - high) / 2
  return {
    height,
    shapes: [
      part(`sentence-${place}`, [
        textAt(String(place + 1), { x: 0, y: top + TEXT_MM }, { size: 4, fill: FAINT }),
        ...lines.map((line, i) =>
          textAt(line, { x: NUMBER_MM, y: top + TEXT_MM + i * TEXT_MM * LINE_SHARE }, { size: TEXT_MM, fill: INK }),
        ),
        ...own.map(({ at }, i) =>
          dial(
            at,
            { x: width - clocks + i * (2 * ROOM_MM + 2) + ROOM_MM, y: height / 2 },
            isKey ? 'both' : 'none',
            print,
          ),
        ),
      ]),
    ],
  }
}

interface Asked {
  readonly says: string
  readonly question: StoryQuestion
}

function questionBlock(print: StoryPrint, { says, question }: Asked, place: number, isKey: boolean): FlowBlock {
  const { width } = bodyArea(print.paper)
  const lines = wrapText(printable(says), ASKED_MM, width - NUMBER_MM)
  const top = 6 + lines.length * ASKED_MM * 1.4
  const answer = answerBlock(print, question, isKey)
  return {
    height: top + answer.height + 3,
    shapes: [
      part(`question-${place}`, [
        textAt(String(place + 1), { x: 0, y: 6 + ASKED_MM * 0.8 }, { size: ASKED_MM, weight: 'bold', fill: MOSS }),
        part(
          'says',
          lines.map((line, i) =>
            textAt(line, { x: NUMBER_MM, y: 6 + ASKED_MM * 0.8 + i * ASKED_MM * 1.4 }, { size: ASKED_MM, fill: INK }),
          ),
        ),
        group(answer.shapes, { part: 'answer', x: NUMBER_MM, y: top }),
      ]),
    ],
  }
}

function answerBlock(print: StoryPrint, question: StoryQuestion, isKey: boolean): FlowBlock {
  if (question.kind === 'set-clock') {
    const minute = question.item.answer.kind === 'time' ? question.item.answer.minute : 0
    return {
      height: 2 * ROOM_MM + 2,
      shapes: [dial(minute, { x: ROOM_MM, y: ROOM_MM + 1 }, isKey ? 'both' : 'none', print)],
    }
  }
  if (question.clocks) return clockChoices(print, question, isKey)
  return question.kind === 'order' ? orderLines(print, question, isKey) : wordChoices(print, question, isKey)
}

function clockChoices(print: StoryPrint, { clocks = [], right }: StoryQuestion, isKey: boolean): FlowBlock {
  const step = 2 * ROOM_MM + 10
  return {
    height: 2 * ROOM_MM + 4,
    shapes: clocks.map((minute, i) =>
      part(`choice-${i}`, [
        dial(minute, { x: i * step + ROOM_MM + 6, y: ROOM_MM + 2 }, 'both', print),
        ...(isKey && right[0] === i
          ? [
              part('ring', [
                circle({ x: i * step + ROOM_MM + 6, y: ROOM_MM + 2 }, ROOM_MM + 1.4, {
                  fill: 'none',
                  stroke: GOLD,
                  strokeMm: 1.2,
                }),
              ]),
            ]
          : []),
        textAt('abcd'.charAt(i), { x: i * step, y: 6 }, { size: ASKED_MM, fill: FAINT }),
      ]),
    ),
  }
}

/** The lines of choices: each with a ring to colour, the right one ringed in the key. */
function wordChoices(print: StoryPrint, { choices, right }: StoryQuestion, isKey: boolean): FlowBlock {
  return choiceLines(print, choices, (i, y) => [
    circle({ x: 2, y }, 1.8, { fill: 'none', stroke: INK, strokeMm: 0.3 }),
    ...(isKey && right[0] === i
      ? [part('ring', [circle({ x: 2, y }, 2.9, { fill: 'none', stroke: GOLD, strokeMm: 1.2 })])]
      : []),
  ])
}

/** A box before each thing for its place in the story. */
function orderLines(print: StoryPrint, { choices, right }: StoryQuestion, isKey: boolean): FlowBlock {
  return choiceLines(print, choices, (i, y) => [
    path(rectanglePath(-1.5, y - 3.5, 7, 7), { fill: 'none', stroke: INK, strokeMm: 0.3 }),
    ...(isKey
      ? [
          part('place', [
            centredText(String(right.indexOf(i) + 1), { x: 2, y }, { size: ASKED_MM, fill: print.lowInk ? INK : MOSS }),
          ]),
        ]
      : []),
  ])
}

const CHOICE_INDENT = 9

function choiceLines(
  print: StoryPrint,
  choices: readonly string[],
  before: (place: number, y: number) => Shape[],
): FlowBlock {
  const width = bodyArea(print.paper).width - NUMBER_MM - CHOICE_INDENT
  let y = 0
  const shapes = choices.map((choice, i) => {
    const lines = wrapText(printable(choice), ASKED_MM, width)
    const top = y + 4
    y += Math.max(9, lines.length * ASKED_MM * 1.4 + 2.5)
    return part(`choice-${i}`, [
      ...before(i, top),
      ...lines.map((line, at) =>
        textAt(
          line,
          { x: CHOICE_INDENT, y: top + ASKED_MM * 0.36 + at * ASKED_MM * 1.4 },
          { size: ASKED_MM, fill: INK },
        ),
      ),
    ])
  })
  return { height: y, shapes }
}
