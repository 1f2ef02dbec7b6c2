import {
  bodyArea,
  centredText,
  circle,
  circlePath,
  INK,
  line,
  MOSS,
  OAK,
  path,
  type PathCommand,
  pointOnDial,
  type Shape,
  SLATE,
} from '../../drawing'
import { randomFrom } from '../../random'
import { hasDialTimes, makeItems, rungOf } from '../../teaching'
import { languages, nameIn, printedAs, told } from '../../wording'
import { controlCards } from '../kit/controlCard'
import { definePrintable } from '../kit/definePrintable'
import { keyFooter, printFooter, titleOr } from '../kit/footers'
import { childPage, part } from '../kit/frame'
import { PRINT_OPTIONS } from '../kit/options'
import { pictureSteps, stepsOf } from '../kit/pictureSteps'
import { wordsIn } from '../kit/wordLists'
import type { PrintOptions } from '../kit/choices'
import { timesToSet } from './madeClock'
import { TENT_CLOCK } from './tentParts'
import { CUT, THIN } from '../kit/looks'

/** How wide the ring is, and how much wider its hole than the clock, mm. */
const [BAND_MM, LOOSE_MM] = [24, 1]
const STEP_HALF_MM = 11

/** A ring of counts to lay round a made clock and to turn. */
export const fivesRing = definePrintable({
  id: 'fives-ring',
  kind: 'make',
  name: told('Ring of fives'),
  purpose: told('A ring to lay round a made clock: counts of five, past and to, that can be turned or taken away'),
  stage: 'concrete',
  counts: told('How many times to set'),
  leastItems: 2,
  mostItems: 4,
  usualItems: 3,
  suits: (rung) => hasDialTimes(rung) && rungOf(rung).dial?.hands !== 'hour',
  takes: ['across'],
  forEachChild: true,
  needs: ['card', 'scissors', 'clock'],
  cautions: ['scissors'],
  notes: ({ across = PRINT_OPTIONS.across.usual }) => [
    told('It goes round a clock of {0} mm across; the standing clock has {1}.', across, 2 * TENT_CLOCK.radius),
    told('Take it away again as soon as the children count without it.'),
  ],
  make(options, seed) {
    const { count, paper, wording, across = PRINT_OPTIONS.across.usual } = options
    const items = makeItems(randomFrom(seed), { rung: options.rung, ask: 'read', count })
    const footer = printFooter(told('Ring of fives'), options, seed)
    const area = bodyArea(paper)
    const radius = across / 2 + LOOSE_MM + BAND_MM
    const top = area.y + 2 * radius + 3
    const half = area.width / 2
    const steps = stepsOf(ringPictures(STEP_HALF_MM), doing(options))
    const page = childPage(options, titleOr(options, nameIn(wording, told('Ring of fives'))), footer, [
      part('ring', ringShapes(across, options), area.x + half, area.y + radius + 1),
      ...timesToSet(items, options, { x: area.x, y: top, width: half - 6 }),
      pictureSteps(steps, { x: area.x + half, y: top, width: half, half: STEP_HALF_MM }),
    ])
    return {
      items,
      pages: [page],
      key: controlCards({ what: told('Ring of fives'), items, footer: keyFooter(footer, options) }, options),
    }
  },
})

/** The half of the ring between two angles. */
function halfRing(from: number, to: number, [inner, outer]: readonly [number, number]): PathCommand[] {
  return [
    { op: 'M', ...pointOnDial(from, inner) },
    { op: 'L', ...pointOnDial(from, outer) },
    { op: 'A', r: outer, large: false, sweep: true, ...pointOnDial(to, outer) },
    { op: 'L', ...pointOnDial(to, inner) },
    { op: 'A', r: inner, large: false, sweep: false, ...pointOnDial(from, inner) },
    { op: 'Z' },
  ]
}

/** Inside, the counts all the way round; outside, how many past and how many to. */
function ringShapes(across: number, { wording, lowInk = false }: PrintOptions): Shape[] {
  const inner = across / 2 + LOOSE_MM
  const outer = inner + BAND_MM
  const words = languages[wording.language].phrases.onDial
  const at = (turn: number, out: number) => pointOnDial(turn, inner + out)
  const fives = Array.from({ length: 12 }, (_, i) => i + 1)
  const rules = [
    printedAs('Lay the ring round your clock, 60 at the 12.', wording),
    printedAs('Count in fives to the long hand.', wording),
  ]
  return [
    ...(lowInk
      ? []
      : [
          path(halfRing(0, 180, [inner, outer]), { fill: '#F6E7CF' }),
          path(halfRing(180, 360, [inner, outer]), { fill: '#E3EEF4' }),
        ]),
    path(circlePath(0, 0, outer), CUT),
    path(circlePath(0, 0, inner), CUT),
    ...[0, 180].map((turn) =>
      line(at(turn, 12.5), at(turn, BAND_MM), { stroke: INK, strokeMm: 0.4, dashMm: [1.5, 1] }),
    ),
    ...fives.map((five) => line(at(five * 30, 0), at(five * 30, 2.5), { stroke: INK, strokeMm: 0.8 })),
    ...fives.map((five) => {
      const label = centredText(String(five * 5), at(five * 30, 7.5), { size: 7.5, fill: INK, weight: 'bold' })
      return part(`count-${five * 5}`, [label])
    }),
    ...fives
      .filter((five) => five % 6 !== 0)
      .map((five) => {
        const isPast = five < 6
        const label = centredText(String(5 * (isPast ? five : 12 - five)), at(five * 30, 17.5), {
          size: 5.5,
          fill: isPast ? OAK : SLATE,
        })
        return part(`${isPast ? 'past' : 'to'}-${five * 5}`, [label])
      }),
    ...[
      { turn: 75, text: words.past, fill: OAK },
      { turn: 285, text: words.to, fill: SLATE },
    ].map(({ turn, text, fill }) => centredText(text, at(turn, 16), { size: 5, fill, weight: 'bold' })),
    ...rules.flatMap((rule, i) =>
      wordsIn(`${i + 1}. ${rule}`, { x: 0, y: -12 + 24 * i }, { width: 1.5 * inner, most: 6.5, height: 22 }),
    ),
  ]
}

const doing = ({ wording }: PrintOptions): string[] => [
  printedAs('Cut out the ring, and the middle out of it.', wording),
  printedAs('How long from here to there? Turn it: 60 where you begin.', wording),
]

/** The ring alone, and turned round a clock. */
function ringPictures(half: number): readonly (readonly Shape[])[] {
  const inner = half * 0.68
  const ring = (): Shape[] => [
    circle({ x: 0, y: 0 }, half, { ...THIN, fill: '#F6E7CF' }),
    circle({ x: 0, y: 0 }, inner, THIN),
    ...Array.from({ length: 12 }, (_, i) => line(pointOnDial(30 * i, inner), pointOnDial(30 * i, inner + 1.4), THIN)),
  ]
  const mark = (turn: number): Shape => circle(pointOnDial(turn, (half + inner) / 2), 1.1, { fill: MOSS })
  return [
    ring(),
    [
      ...ring(),
      circle({ x: 0, y: 0 }, inner * 0.94, THIN),
      line({ x: 0, y: 0 }, pointOnDial(130, inner * 0.5), { stroke: INK, strokeMm: 1 }),
      line({ x: 0, y: 0 }, pointOnDial(120, inner * 0.8), { stroke: INK, strokeMm: 0.7 }),
      mark(120),
    ],
  ]
}
