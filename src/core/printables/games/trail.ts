import { drawUnit } from '../../random'
import { languages, nameIn, barText, printedAs, saidOf, sayDuration, told, asPart } from '../../wording'
import { childPage, figures, part } from '../kit/frame'
import { keyFooter, keyTitle, printFooter, titleOr } from '../kit/footers'
import { definePrintable } from '../kit/definePrintable'
import { PICTURE_NAMES } from './trailPictures'
import { CLOCKS, trailOf, jitterOf, type TrailPlace, type Trail, wrongTimes } from './trailWay'
import {
  bodyArea,
  circle,
  type Drawing,
  flowPages,
  GOLD,
  line,
  makePage,
  paragraph,
  type Shape,
  stack,
} from '../../drawing'
import { dialAt } from '../kit/dialPlace'
import { textFrom } from '../kit/wordLists'
import type { PrintOptions } from '../kit/choices'
import { LATTICE } from './trailPictures'

/** How often a child joins a wrong clock and goes back: our estimate, for the length of the game only. */
const WRONG_STEPS = 0.15

/**
 * Clocks all over the page: from the start, find each "so much later" and join them; the picture comes out only if
 * every step is right.
 */
export const trail = definePrintable({
  id: 'trail',
  kind: 'game',
  name: told('Trail'),
  purpose: told('Find each clock so much later and join them: a picture comes out only if every step is right'),
  stage: 'pictorial',
  counts: told('How many clocks on the trail'),
  leastItems: CLOCKS,
  mostItems: CLOCKS,
  usualItems: CLOCKS,
  timesOn: () => CLOCKS,
  suits: (rung) => rung === 'later',
  takes: ['helps', 'by', 'weights'],
  needs: ['pencils', 'ruler'],
  cautions: [],
  play: (random) =>
    Array.from({ length: CLOCKS - 1 }).reduce<number>((turns) => turns + (drawUnit(random) < WRONG_STEPS ? 2 : 1), 0),
  notes: (options, seed) => [
    told(
      'The picture is this: {0}. Every clock on the page is different, so each step has one right clock; the others are where common mistakes lead.',
      asPart(PICTURE_NAMES[trailOf(options, seed).picture]),
    ),
  ],
  make(options, seed) {
    const made = trailOf(options, seed)
    const footer = printFooter(told('Trail'), options, seed)
    const { phrases } = languages[options.wording.language]
    return {
      items: made.items,
      pages: [childPage(options, titleOr(options, phrases.findNext), footer, trailPage(made, options, false))],
      key: [
        childPage(
          options,
          `${keyTitle(told('Trail'), options)}, ${nameIn(options.wording, told(made.picture))}`,
          keyFooter(footer, options),
          trailPage(made, options, true),
        ),
        ...trapsPages(made, options, keyFooter(footer, options)),
      ],
    }
  },
})

/** Above the clocks, mm: the steps in three rows. */
const STEPS_ROOM_MM = 24

/** The page of a trail; on its key the way is drawn in. */
function trailPage({ items, places }: Trail, options: PrintOptions, isKey: boolean): Shape[] {
  const area = bodyArea(options.paper)
  const { phrases } = languages[options.wording.language]
  const wide = area.width / LATTICE.columns
  const high = (area.height - STEPS_ROOM_MM) / LATTICE.rows
  const room = Math.min(wide, high) / 2 - 1 - jitterOf(options)
  const at = ({ column, row, dx, dy }: TrailPlace) => ({
    x: area.x + (column + 0.5) * wide + dx,
    y: area.y + STEPS_ROOM_MM + (row + 0.5) * high + dy,
  })
  // What the ring means stands before the steps, and not on the clock, where it would lie on the hands.
  const slot = (i: number) => ({ x: area.x + ((i % 4) * area.width) / 4, y: area.y + 5 + Math.floor(i / 4) * 7 })
  const steps = items.map(({ shown }, i) => {
    const text = `${i + 1}. ${shown.as === 'shift' ? phrases.laterBy(sayDuration(shown.by)) : ''}`
    const { x, y } = slot(i + 1)
    return part(`step-${i}`, [textFrom(text, { x, y }, { width: area.width / 4 - 3, most: 4.6 })])
  })
  const { x, y } = slot(0)
  const legend = part('legend', [
    goldRing(x + 3, y - 1.6, 2.4),
    textFrom(phrases.start, { x: x + 8, y }, { width: area.width / 4 - 11, most: 4.6 }),
  ])
  const start = at(places[0] as TrailPlace)
  const flag = part('start', [goldRing(start.x, start.y, room + 0.6)])
  const joined = places.slice(0, CLOCKS).map((place, i) => {
    const from = at(place)
    const to = at(places[(i + 1) % CLOCKS] as TrailPlace)
    return part('join', [line(from, to, { stroke: GOLD, strokeMm: 1.2 })])
  })
  const clocks = places.map((place, i) => {
    const { x, y } = at(place)
    return part(`clock-${i}`, [dialAt(place.minute, { x, y, room }, options)])
  })
  // Drawn in the order of the dial, so that nothing in the file tells the trail.
  const mixed = [...clocks.keys()]
    .sort((a, b) => (places[a]?.minute ?? 0) - (places[b]?.minute ?? 0))
    .map((i) => clocks[i] as Shape)
  return [legend, ...steps, ...mixed, flag, ...(isKey ? joined : [])]
}

function goldRing(cx: number, cy: number, r: number): Shape {
  return circle({ x: cx, y: cy }, r, { fill: 'none', stroke: GOLD, strokeMm: 1.2 })
}

/** For each step the right clock, and where each mistake leads: to a clock that is there, or to none. */
function trapsPages({ items, places }: Trail, options: PrintOptions, footer: string): Drawing[] {
  const { paper } = options
  const { phrases } = languages[options.wording.language]
  const blocks = items.map((item, i) => {
    const { shown, answer } = item
    const by = shown.as === 'shift' ? phrases.laterBy(sayDuration(shown.by)) : ''
    const right = answer.kind === 'time' ? figures(answer.minute, options) : ''
    const wrong = wrongTimes(item).map(({ minute, does }) => {
      const isThere = places.some((place) => place.minute === minute)
      return paragraph(
        paper,
        printedAs(
          isThere ? '{0}, which is there: {1}' : '{0}, which is not on the page: {1}',
          options.wording,
          figures(minute, options),
          nameIn(options.wording, does),
        ),
        { size: 3.8, indent: 8 },
      )
    })
    return stack([
      paragraph(paper, `${i + 1}. ${saidOf(`${figures(shown.minute, options)}, ${by}`, right, options.wording)}`, {
        size: 4.4,
        weight: 'bold',
        above: 2,
      }),
      ...wrong,
    ])
  })
  return flowPages(paper, blocks).map((body) =>
    makePage({
      paper,
      bar: barText(options.wording),
      title: printedAs('Answers: each step, and where mistakes lead', options.wording),
      footer,
      body,
    }),
  )
}
