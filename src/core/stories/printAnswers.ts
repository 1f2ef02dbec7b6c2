import { onDial } from '../clock'
import {
  bodyArea,
  centredText,
  circle,
  FAINT,
  type FlowBlock,
  GOLD,
  group,
  INK,
  MOSS,
  type PaperId,
  path,
  type Point,
  printable,
  rectanglePath,
  type Shape,
  textAt,
  wrapText,
} from '../drawing'
import type { PictureId } from '../days'
import { dialShapes, faceWithin } from '../faces'
import type { PrintLooks } from '../printables'
import type { Wording } from '../wording'
import type { ChosenQuestion } from './chosenQuestions'
import type { StoryQuestion } from './questionKinds'
import type { StoryTime } from './story'

export interface StoryPrint extends PrintLooks {
  readonly title: string
  readonly text: string
  readonly times: readonly StoryTime[]
  readonly questions: readonly ChosenQuestion[]
  readonly paper: PaperId
  readonly wording: Wording
  readonly owner?: string
  /** In the head of each page: the child’s, or what the story is about. */
  readonly picture?: PictureId
}

/** The em of questions. */
export const ASKED_MM = 5
export const ROOM_MM = 14
/** The number of a sentence stands before it. */
export const NUMBER_MM = 9

/** Shapes that belong together, so that they can be found in the drawing by their name. */
export const part = (name: string, shapes: readonly Shape[]): Shape => group(shapes, { part: name })

/** A clock beside a question or a sentence. */
export function dial(minute: number, { x, y }: Point, hands: 'both' | 'none', { lowInk }: StoryPrint): Shape {
  return group(dialShapes(onDial(minute), { radius: faceWithin(ROOM_MM), hands, lowInk }), { part: 'dial', x, y })
}

/** Where a question is answered, or its answer on the key. */
export function answerBlock(print: StoryPrint, question: StoryQuestion, isKey: boolean): FlowBlock {
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
