import { decimalsIn, nameIn, printedAs, type PrintedPhrase, say, type Wording } from '../../wording'
import { type FlowBlock, INK, MOSS, type PaperId, paragraph, stack } from '../../drawing'
import { formatDistance } from '../units'
import { floorHands } from './floorHands'
import { offsetsOf, placingOrder, hourPlaces } from './markers'
import { ringMeasures } from './ring'
import { walkCalls } from './walk'
import { markerChoices } from './space'
import { surfaces, type Yard } from './yard'
import { whoStandsWhere } from './standing'

interface Writer {
  readonly big: (text: string) => FlowBlock
  readonly head: (text: string) => FlowBlock
}

/** Large type, to be read standing. */
function writerFor(paper: PaperId): Writer {
  return {
    big: (text) => paragraph(paper, text, { size: 5, fill: INK, above: 0.6 }),
    head: (text) => paragraph(paper, text, { size: 6, weight: 'bold', above: 3, fill: MOSS }),
  }
}

/** How a yard is told: in its units, in large type, in the group's language. */
interface Telling {
  readonly d: (mm: number) => string
  readonly as: (phrase: PrintedPhrase, ...values: (string | number)[]) => string
  readonly write: Writer
  readonly wording: Wording
}

/** How lengths and phrases are put on the sheet of a yard. */
export function tellingOf({ unit, paper }: Yard, wording: Wording): Telling {
  return {
    d: (mm) => decimalsIn(wording, formatDistance(mm, unit)),
    as: (phrase, ...values) => printedAs(phrase, wording, ...values),
    write: writerFor(paper),
    wording,
  }
}

/** The lengths, how it is set out, and how it is checked. */
export function measuresBlocks(yard: Yard, radiusMm: number, { as, d, write, wording }: Telling): FlowBlock[] {
  const { big, head } = write
  const ring = ringMeasures(radiusMm)
  const surface = surfaces[yard.surface]
  const choice = markerChoices(radiusMm, yard.markers).find((each) => each.ok)
  const [three, four, five] = ring.threeFourFive
  return [
    big(
      as(
        'Radius and string {0} · round the ring {1} · on {2}',
        d(ring.stringMm),
        d(ring.aroundMm),
        nameIn(wording, surface.name),
      ),
    ),
    big(
      choice
        ? as('Markers: {0}.', nameIn(wording, choice.name))
        : as('Markers: too few for the quarters; chalk them all.'),
    ),
    stack([
      head(as('Set out')),
      big(`1. ${as('Centre: {0}. String of {1}.', nameIn(wording, surface.peg), d(ring.stringMm))}`),
      ...orderLines(ring, { as, d, wording }).map((text, i) => big(`${i + 2}. ${text}`)),
    ]),
    stack([
      head(as('Check')),
      big(as('Square corner: {0} along the 12 line, {1} along the 3 line, {2} across.', d(three), d(four), d(five))),
      big(as('A marker may be {0} out of place; beyond that it reads half a minute off.', d(ring.toleranceMm))),
    ]),
  ]
}

/** The hands, how far they walk, and who stands where. */
export function walkingBlocks(
  yard: Yard,
  radiusMm: number,
  { as, d, write: { big, head }, wording }: Telling,
): FlowBlock[] {
  const hands = floorHands(radiusMm, yard.age)
  return [
    stack([
      head(as('Hands')),
      big(
        as(
          'Long hand {0} (rope {1}), short hand {2} (rope {3}).',
          d(hands.minuteMm),
          d(hands.minuteRopeMm),
          d(hands.hourMm),
          d(hands.hourRopeMm),
        ),
      ),
      big(
        as(
          'In an hour of clock time the long hand’s child walks {0}, about {1} paces; the short hand’s {2}, about {3}.',
          d(hands.minuteWalkMm),
          hands.minutePaces,
          d(hands.hourWalkMm),
          hands.hourPaces,
        ),
      ),
    ]),
    stack([
      head(as('Walk through')),
      ...walkCalls(radiusMm, wording).map((call) =>
        big(as('{0}: long hand {1}, short hand {2}.', say(call.minute, wording), call.long, call.short)),
      ),
    ]),
    stack([head(as('Who stands where')), ...whoStandsWhere(yard, wording).map((text) => big(text))]),
  ]
}

function orderLines(
  { hourChordMm, minuteChordMm, quarterChordMm }: ReturnType<typeof ringMeasures>,
  { as, d, wording }: Pick<Telling, 'as' | 'd' | 'wording'>,
): string[] {
  const [first = '', second = '', third = '', fourth = ''] = placingOrder().map(({ step }) => nameIn(wording, step))
  return [
    `${first}.`,
    as('{0}; from 12 to 3 is {1}.', second, d(quarterChordMm)),
    `${as('{0}: {1}', third, d(hourChordMm))}.`,
    as('{0}: {1}. Count to 60 in fives.', fourth, d(minuteChordMm)),
  ]
}

const ASIDE = { right: '{0} right', left: '{0} left', 'on the line': 'on the line' } as const
const ALONG = { ahead: '{0} ahead', back: '{0} back', level: 'level' } as const

/** The hours by offsets from the centre, facing 12: for setting out without a string. */
export function table(paper: Yard['paper'], radiusMm: number, { as, d }: Telling): FlowBlock {
  const rows = hourPlaces(radiusMm)
  const line = (place: (typeof rows)[number]) => {
    const { aside, asideMm, along, alongMm } = offsetsOf(place)
    return paragraph(paper, `${place.hour}:  ${as(ASIDE[aside], d(asideMm))}, ${as(ALONG[along], d(alongMm))}`, {
      size: 5,
    })
  }
  return stack([
    paragraph(paper, as('From the centre, facing 12'), { size: 6, weight: 'bold', above: 3, fill: MOSS }),
    ...rows.map(line),
  ])
}
