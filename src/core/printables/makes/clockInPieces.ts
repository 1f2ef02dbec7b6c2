import { bodyArea, type Drawing, group } from '../../drawing'
import { dialShapes } from '../../faces'
import { type Random, randomFrom } from '../../random'
import { isTwoHanded, makeItems, sayAnswer } from '../../teaching'
import { printedAs, told } from '../../wording'
import { wordCard } from '../cards/matchFaces'
import { cardPages } from '../kit/cards'
import { controlCards } from '../kit/controlCard'
import { definePrintable } from '../kit/definePrintable'
import { cutTitle, keyFooter, printFooter } from '../kit/footers'
import { cutPage, part } from '../kit/frame'
import { PRINT_OPTIONS } from '../kit/options'
import { pictureSteps, stepsOf } from '../kit/pictureSteps'
import type { PrintOptions } from '../kit/choices'
import { type ClockToMake, handsHeight, handsToCut } from './madeClock'
import { FACE_MM, pieceGrounds, pieceLines, piecePictures, tabPlaces } from './pieceParts'

const STEP_HALF_MM = 13
/** Hands to lay on the face: the hole is a mark for its middle. */
const LAID: ClockToMake = { radius: FACE_MM, handWidth: 8, hole: 1.6 }
const HAND_ROW_MM = handsHeight(LAID) + 6

/** A face that is put together, with hands to lay and times to show on it. */
export const clockInPieces = definePrintable({
  id: 'clock-in-pieces',
  kind: 'make',
  name: told('Clock in pieces'),
  purpose: told('A clock cut into pieces that fit one way only, two hands, and times to show on it'),
  stage: 'pictorial',
  counts: told('How many times to show'),
  leastItems: 4,
  mostItems: 12,
  usualItems: 8,
  suits: isTwoHanded,
  takes: ['pieces'],
  needs: ['card', 'scissors'],
  cautions: ['scissors', 'small-parts'],
  notes: () => [
    told('The tabs are cut by an adult or by a child of about seven. Four pieces are the easiest.'),
    told('Each line has its tab in another place: a piece fits its own neighbours only.'),
  ],
  make(options, seed) {
    const random = randomFrom(seed)
    const items = makeItems(random, { rung: options.rung, ask: 'read', count: options.count })
    const footer = printFooter(told('Clock in pieces'), options, seed)
    const fronts = items.map((item) => wordCard('words', sayAnswer(item, item.answer, options.wording), 9))
    return {
      items,
      pages: [
        piecesPage(random, options, footer),
        ...cardPages(
          { fronts, columns: 3, rows: 4, title: cutTitle(told('Clock in pieces'), options), footer },
          options,
        ),
      ],
      key: controlCards({ what: told('Clock in pieces'), items, footer: keyFooter(footer, options) }, options),
    }
  },
})

function piecesPage(random: Random, options: PrintOptions, footer: string): Drawing {
  const { wording, paper, pieces = PRINT_OPTIONS.pieces.usual, lowInk = false } = options
  const area = bodyArea(paper)
  const tabs = tabPlaces(random, pieces)
  const face = [
    ...(lowInk ? [] : pieceGrounds(tabs)),
    part('dial', dialShapes(0, { radius: FACE_MM, hands: 'none', lowInk: true })),
    part('pieces', pieceLines(tabs)),
  ]
  const doing = [
    printedAs('Cut out all the pieces and the hands. Mix the pieces.', wording),
    printedAs('Put the clock together again. The round piece goes in the middle.', wording),
    printedAs('Take a card. Lay the hands so that the clock shows its time.', wording),
  ]
  const steps = stepsOf(piecePictures(tabs, STEP_HALF_MM), doing)
  const y = area.y + FACE_MM + 1
  return cutPage(options, told('Clock in pieces'), {
    footer,
    body: [
      group(face, { part: 'clock', x: area.x + area.width / 2, y }),
      ...handsToCut(LAID, options, { x: area.x + 14, y: y + FACE_MM + HAND_ROW_MM / 2 }),
      pictureSteps(steps, { x: area.x, y: y + FACE_MM + HAND_ROW_MM, width: area.width, half: STEP_HALF_MM }),
    ],
  })
}
