import { bodyArea, group } from '../../drawing'
import { randomFrom } from '../../random'
import { hasDialTimes, makeItems } from '../../teaching'
import { nameIn, printedAs, told } from '../../wording'
import { controlCards } from '../kit/controlCard'
import { definePrintable } from '../kit/definePrintable'
import { keyFooter, printFooter, titleOr } from '../kit/footers'
import { childPage } from '../kit/frame'
import { PRINT_OPTIONS } from '../kit/options'
import { pictureSteps, stepsOf } from '../kit/pictureSteps'
import { faceToTurn, handsHeight, handsToCut, timesHeight, timesToSet } from './madeClock'
import {
  faceDown,
  slitsFor,
  strapHeight,
  strapPictures,
  strapShapes,
  strapWidth,
  tongueHeight,
  WRIST_CLOCK,
} from './strapParts'

const STEP_HALF_MM = 20
/** Between the strap and what stands beside it. */
const GUTTER_MM = 8

/** A clock to wear, with hands to turn and times to set. */
export const wristClock = definePrintable({
  id: 'wrist-clock',
  kind: 'make',
  name: told('Wrist clock'),
  purpose: told('A clock to wear, with hands to turn, a strap for this wrist, and times to set'),
  stage: 'concrete',
  counts: told('How many times to set'),
  leastItems: 3,
  mostItems: 8,
  usualItems: 6,
  suits: hasDialTimes,
  takes: ['wrist'],
  forEachChild: true,
  needs: ['card', 'scissors', 'fastener'],
  cautions: ['scissors', 'holes', 'small-parts'],
  notes: ({ wrist = PRINT_OPTIONS.wrist.usual }) => {
    const slits = slitsFor(10 * wrist)
    return [
      told('Measure the wrist with a strip of paper. About 13 cm at 4 years, 14 at 6, 15 at 8.'),
      told('The strap closes at {0} places, from {1} to {2} cm.', slits.length, wrist, (slits.at(-1) ?? 0) / 10),
      told('Stick a piece of tape over the ends of the fastener, so that they do not scratch.'),
    ]
  },
  make(options, seed) {
    const { rung, count, wording, paper, wrist: chosen = PRINT_OPTIONS.wrist.usual } = options
    const wrist = 10 * chosen
    const items = makeItems(randomFrom(seed), { rung, ask: 'read', count })
    const footer = printFooter(told('Wrist clock'), options, seed)
    const area = bodyArea(paper)
    const left = area.x + strapWidth + GUTTER_MM
    const width = area.x + area.width - left
    const handsAt = area.y + timesHeight(count) + 6
    const doing = [
      printedAs('Cut out the strap, the slits and the hands. An adult makes the holes.', wording),
      printedAs('Join the hands to the face. Put tape over the ends.', wording),
      printedAs('Put it round the wrist. Push the tongue through a slit.', wording),
    ]
    const steps = stepsOf(strapPictures(wrist, STEP_HALF_MM), doing)
    const top = area.y + (area.height - strapHeight(wrist)) / 2 + tongueHeight
    const page = childPage(options, titleOr(options, nameIn(wording, told('Wrist clock'))), footer, [
      group([...strapShapes(wrist), group([faceToTurn(WRIST_CLOCK, options)], { y: faceDown(wrist) })], {
        part: 'strap',
        x: area.x + strapWidth / 2,
        y: top,
      }),
      ...timesToSet(items, options, { x: left, y: area.y, width }),
      ...handsToCut(WRIST_CLOCK, options, { x: left, y: handsAt + handsHeight(WRIST_CLOCK) / 2 }),
      pictureSteps(steps, { x: left, y: handsAt + handsHeight(WRIST_CLOCK) + 8, width, half: STEP_HALF_MM }),
    ])
    return {
      items,
      pages: [page],
      key: controlCards({ what: told('Wrist clock'), items, footer: keyFooter(footer, options) }, options),
    }
  },
})
