import {
  bodyArea,
  type Drawing,
  FAINT,
  type FlowBlock,
  flowPages,
  group,
  INK,
  MOSS,
  printable,
  textAt,
  wrapText,
} from '../drawing'
import { framedPage } from '../printables/kit/frame'
import { languages, printedAs } from '../wording'
import type { StoryQuestion } from './questionKinds'
import { type Sentence, sentencesOf } from './story'
import { storyWords } from './words'
import { answerBlock, ASKED_MM, dial, NUMBER_MM, part, ROOM_MM, type StoryPrint } from './printAnswers'

/** The em of the text, and from line to line as a share of it: wide enough for small readers. */
const TEXT_MM = 6.2
const LINE_SHARE = 1.75
const GAP_MM = 5

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
    // The keys of children whose questions are the same are printed once, so that none has a child's picture.
    framedPage(isKey ? { ...print, picture: undefined } : print, {
      title: isKey ? printedAs('Answers: {0}', wording, shown) : shown,
      footer,
      ...(!isKey && { name: { line: true as const, text: owner, label: languages[wording.language].phrases.name } }),
      body,
    }),
  )
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

interface SaidQuestion {
  readonly says: string
  readonly question: StoryQuestion
}

function questionBlock(print: StoryPrint, { says, question }: SaidQuestion, place: number, isKey: boolean): FlowBlock {
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
