import { bodyArea, type Drawing, group, type Shape } from '../../drawing'
import { randomFrom } from '../../random'
import { hasDialTimes, type Item, makeItems, sayAnswer } from '../../teaching'
import { printedAs, told } from '../../wording'
import { controlCards } from '../kit/controlCard'
import { definePrintable } from '../kit/definePrintable'
import { itemDial } from '../kit/dialPlace'
import { keyFooter, printFooter } from '../kit/footers'
import { cutPage, part } from '../kit/frame'
import { pictureSteps, stepsOf } from '../kit/pictureSteps'
import { wordsIn } from '../kit/wordLists'
import type { PrintOptions } from '../kit/choices'
import {
  ASKEW_MM,
  COVER_MM,
  coverOutline,
  FLAP,
  turnOfStop,
  WHEEL_MM,
  wheelOutline,
  wheelPictures,
  windowFor,
  WORDS_ROOM,
} from './wheelParts'

const STEP_HALF_MM = 15

/** A wheel behind a cover: a clock in the window, and its time under a flap. */
export const windowWheel = definePrintable({
  id: 'window-wheel',
  kind: 'make',
  name: told('Window wheel'),
  purpose: told('A wheel that turns behind a cover: a clock in its window, and the time under a flap'),
  stage: 'pictorial',
  counts: told('How many clocks on the wheel'),
  leastItems: 4,
  mostItems: 8,
  usualItems: 6,
  suits: hasDialTimes,
  takes: [],
  needs: ['card', 'scissors', 'fastener'],
  cautions: ['scissors', 'holes'],
  notes: () => [
    told('An adult cuts the window and makes the two holes.'),
    told('The arrow on the cover meets a mark on the wheel where a clock is right in the window.'),
  ],
  make(options, seed) {
    const items = makeItems(randomFrom(seed), { rung: options.rung, ask: 'read', count: options.count })
    const footer = printFooter(told('Window wheel'), options, seed)
    return {
      items,
      pages: [wheelPage(items, options, footer), coverPage(items.length, options, footer)],
      key: controlCards({ what: told('Window wheel'), items, footer: keyFooter(footer, options) }, options),
    }
  },
})

function onPage(body: readonly Shape[], options: PrintOptions, footer: string): Drawing {
  return cutPage(options, told('Window wheel'), {
    footer,
    body,
  })
}

function wheelPage(items: readonly Item[], options: PrintOptions, footer: string): Drawing {
  const area = bodyArea(options.paper)
  const { up, radius } = windowFor(items.length)
  const stops = items.map((item, stop) =>
    group(
      [
        itemDial(item, { x: 0, y: -up, room: radius - ASKEW_MM }, options),
        ...wordsIn(sayAnswer(item, item.answer, options.wording), { x: 0, y: -FLAP.up }, { ...WORDS_ROOM, most: 6.5 }),
      ],
      { part: `stop-${stop}`, turn: turnOfStop(stop, items.length) },
    ),
  )
  const y = area.y + WHEEL_MM
  return onPage([part('wheel', [...wheelOutline(items.length), ...stops], area.x + area.width / 2, y)], options, footer)
}

function coverPage(stops: number, options: PrintOptions, footer: string): Drawing {
  const { wording, paper } = options
  const area = bodyArea(paper)
  const [rows, rowsFrom] = [20, 20]
  const rules = [
    printedAs('Turn the wheel until a clock is in the window. Say its time.', wording),
    printedAs('Lift the flap and look.', wording),
    printedAs('Show it with your arms.', wording),
  ]
  const body = [
    ...coverOutline(stops, options),
    ...wordsIn('?', { x: 0, y: -FLAP.up }, { width: FLAP.width, most: 11 }),
    ...rules.flatMap((rule, i) =>
      wordsIn(`${i + 1}. ${rule}`, { x: 0, y: rowsFrom + i * rows }, { width: 104 - i * 8, most: 6, height: rows - 3 }),
    ),
  ]
  const doing = [
    printedAs('Cut out both circles and the window.', wording),
    printedAs('Cut three sides of the flap and fold the fourth.', wording),
    printedAs('Lay the wheel behind. One fastener goes through both.', wording),
    printedAs('Turn it from arrow to arrow.', wording),
  ]
  const steps = stepsOf(wheelPictures(stops, STEP_HALF_MM), doing)
  const top = area.y + COVER_MM + 1
  return onPage(
    [
      part('cover', body, area.x + area.width / 2, top),
      pictureSteps(steps, { x: area.x, y: top + COVER_MM + 6, width: area.width, half: STEP_HALF_MM }),
    ],
    options,
    footer,
  )
}
