import { tenth } from '../../clock'
import { bodyArea, group, INK, type Shape, textAt } from '../../drawing'
import { randomFrom } from '../../random'
import { hasDialTimes, makeItems } from '../../teaching'
import { nameIn, printedAs, told } from '../../wording'
import { controlCards } from '../kit/controlCard'
import { definePrintable } from '../kit/definePrintable'
import { keyFooter, printFooter, titleOr } from '../kit/footers'
import { childPage, part } from '../kit/frame'
import { pictureSteps, stepsHeight, stepsOf } from '../kit/pictureSteps'
import type { PrintOptions } from '../kit/choices'
import { faceToTurn, handsHeight, handsToCut, timesToSet } from './madeClock'
import { FACE_DOWN, TENT, TENT_CLOCK, tentMargin, tentPictures, tentShapes, TIE, tieShapes } from './tentParts'

const STEP_HALF_MM = 12
const GUTTER_MM = 6

/** A clock that stands on the table, with hands to turn and times to set. */
export const standingClock = definePrintable({
  id: 'standing-clock',
  kind: 'make',
  name: told('Standing clock'),
  purpose: told('A clock that stands on the table, with hands to turn and times to set'),
  stage: 'concrete',
  counts: told('How many times to set'),
  leastItems: 3,
  mostItems: 6,
  usualItems: 5,
  suits: hasDialTimes,
  takes: [],
  forEachChild: true,
  needs: ['card', 'scissors', 'glue', 'fastener'],
  cautions: ['scissors', 'holes', 'glue', 'small-parts'],
  notes: () => [
    told('On card of 160 g/m² it stands with {0} mm to spare before it tips forward.', tenth(tentMargin())),
    told('Paper of 80 g/m² bends: stick it on card first.'),
  ],
  make(options, seed) {
    const items = makeItems(randomFrom(seed), { rung: options.rung, ask: 'read', count: options.count })
    const footer = printFooter(told('Standing clock'), options, seed)
    const area = bodyArea(options.paper)
    const left = area.x + TENT.width + GUTTER_MM
    const width = area.x + area.width - left
    const title = titleOr(options, nameIn(options.wording, told('Standing clock')))
    const page = childPage(options, title, footer, [
      group([...tentShapes(), group([faceToTurn(TENT_CLOCK, options)], { y: FACE_DOWN })], {
        part: 'tent',
        x: area.x + TENT.width / 2,
        y: area.y + TENT.wall,
      }),
      ...timesToSet(items, options, { x: left, y: area.y, width }),
      ...handsToCut(TENT_CLOCK, options, { x: area.x, y: area.y + TENT.height + 2 + handsHeight(TENT_CLOCK) / 2 }),
      ...partsBeside(options, { x: left, width }),
    ])
    return {
      items,
      pages: [page],
      key: controlCards({ what: told('Standing clock'), items, footer: keyFooter(footer, options) }, options),
    }
  },
})

/** The tie and how the clock is made, from the foot of the page up. */
function partsBeside({ wording, paper }: PrintOptions, { x, width }: { x: number; width: number }): Shape[] {
  const area = bodyArea(paper)
  const doing = [
    printedAs('Cut out all parts. An adult makes the holes.', wording),
    printedAs('Join the hands. Fold it in half, the clock outside.', wording),
    printedAs('Glue the tie inside, at both feet.', wording),
    printedAs('Stand it up.', wording),
  ]
  const steps = stepsOf(tentPictures(STEP_HALF_MM), doing)
  const stepsAt = area.y + area.height - 2 * stepsHeight(STEP_HALF_MM)
  const tie = { x: x + width / 2, y: stepsAt - 4 - TIE.width / 2 }
  return [
    part('tie', tieShapes(), tie.x, tie.y),
    textAt(
      printedAs('tie', wording),
      { x: tie.x, y: tie.y + 1 },
      { size: 4.5, anchor: 'middle', layer: 'guide', fill: INK },
    ),
    pictureSteps(steps, { x, y: stepsAt, width, half: STEP_HALF_MM, columns: 2 }),
  ]
}
