import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { boxOf, readDials, readSvg, timeOf } from '../../../tests/readback/svg'
import { SAFE_MARGIN_MM, papers, textWidth, toSvg } from '../drawing'
import { RefusedValue } from '../errors'
import { type RungId, hasDialTimes, rungTimes, rungs, wordingOn } from '../teaching'
import { type LanguageId, languages, parseTime, say } from '../wording'
import { type PrintOptions, type Printable, printables } from '.'

const practised = rungs.map(({ id }) => id).filter(hasDialTimes)
const twoHanded = practised.filter((rung) => rung !== 'fives' && rung !== 'hour-hand')

const options = (rung: RungId): fc.Arbitrary<PrintOptions> =>
  fc.record({
    paper: fc.constantFrom('a4' as const, 'letter' as const),
    wording: fc.record({ language: fc.constantFrom(...(Object.keys(languages) as LanguageId[])), form: fc.constantFrom('turns' as const, 'minutes-past' as const, 'digital' as const) }),
    rung: fc.constant(rung),
    count: fc.integer({ min: 1, max: Math.min(12, rungTimes(rung, {}).length) }),
    ringOfFives: fc.boolean(),
    lowInk: fc.boolean(),
  }) // prettier-ignore

/** All options of all rungs, with a seed. */
const made = (among: readonly RungId[]) => fc.tuple(fc.constantFrom(...among).chain(options), fc.nat())

const readPages = (pages: readonly Parameters<typeof toSvg>[0][]) => pages.map((page) => readSvg(toSvg(page)))

describe.each(Object.values(printables))('$name', (printable: Printable) => {
  it('stays inside the page, text inside its room, for any options', () => {
    fc.assert(
      fc.property(made(practised), ([o, seed]) => {
        const { pages, key } = printable.make(o, seed)
        const { width, height } = papers[o.paper]
        for (const page of [...pages, ...key]) {
          const box = boxOf(readSvg(toSvg(page)), ({ text = '', size = 0, weight }) => textWidth(text, size, weight === 'bold' ? 'bold' : 'regular')) // prettier-ignore
          expect(Math.min(box.left, box.top)).toBeGreaterThanOrEqual(SAFE_MARGIN_MM - 0.01)
          expect(box.right).toBeLessThanOrEqual(width - SAFE_MARGIN_MM + 0.01)
          expect(box.bottom).toBeLessThanOrEqual(height - SAFE_MARGIN_MM + 0.01)
        }
      }),
      { numRuns: 120 },
    )
  })

  it('makes the same pages for the same seed, others for another', () => {
    const o = { paper: 'a4', wording: { language: 'en-GB', form: 'turns' }, rung: 'quarters', count: 6 } as const
    expect(printable.make(o, 5)).toEqual(printable.make(o, 5))
    expect(printable.make(o, 5)).not.toEqual(printable.make(o, 6))
  })

  it('says what is possible for a count or a seed that is not', () => {
    const o = { paper: 'a4', wording: { language: 'en-GB', form: 'turns' }, rung: 'oclock', count: 60 } as const
    expect(() => printable.make(o, 1)).toThrow(/\[1, 11\], got 60/)
    expect(() => printable.make({ ...o, count: 3 }, NaN)).toThrow(RefusedValue)
  })
})

describe('keys, read back from what was drawn', () => {
  it('say under each dial what its hands show, and ask no time twice', () => {
    fc.assert(
      fc.property(made(twoHanded), ([o, seed]) => {
        const { pages, key } = printables['read-dials'].make(o, seed)
        const asked = readPages(pages).flatMap(readDials)
        const [keyPage = []] = readPages(key)
        const answered = readDials(keyPage)
        expect(asked.map((dial) => timeOf(dial).minute)).toEqual(answered.map((dial) => timeOf(dial).minute))
        expect(new Set(asked.map((dial) => timeOf(dial).minute)).size).toBe(o.count)
        for (const dial of answered) {
          const { minute, hourOut } = timeOf(dial)
          expect(hourOut).toBeLessThan(0.1)
          // The answer is the nearest text under the dial's middle.
          const under = keyPage
            .filter((shape) => shape.tag === 'text' && shape.parts.length === 0 && shape.anchor === 'middle')
            .filter(({ points: [at] }) => Math.abs((at?.x ?? 0) - dial.pivot.x) < 1 && (at?.y ?? 0) > dial.pivot.y)
            .sort((a, b) => (a.points[0]?.y ?? 0) - (b.points[0]?.y ?? 0))
          const text = under[0]?.text ?? ''
          expect(parseTime(text, o.wording.language)?.minute, text).toBe(minute)
        }
      }),
      { numRuns: 150 },
    )
  })

  it('match cards have each dial’s own words among the cards, and side by side on the control card', () => {
    fc.assert(
      fc.property(made(twoHanded), ([o, seed]) => {
        const { pages, key } = printables['match-cards'].make(o, seed)
        const cards = readPages(pages)
        const times = cards.flatMap(readDials).map((dial) => timeOf(dial).minute)
        expect(times.length).toBe(o.count)
        // Long words are set on several lines: all the words of a card stand at its middle.
        const words = cards.flatMap(cardTexts)
        const due = times.map((minute) => say(minute, wordingOn(o.rung, o.wording)))
        expect([...words].sort()).toEqual([...due].sort())
        const [control = []] = readPages(key)
        for (const dial of readDials(control)) {
          const beside = control
            .filter((shape) => shape.tag === 'text' && shape.parts.length === 0 && shape.anchor === 'start')
            .filter(({ points: [at] }) => Math.abs((at?.y ?? 0) - dial.pivot.y) < 4 && (at?.x ?? 0) > dial.pivot.x)
            .sort((a, b) => (a.points[0]?.x ?? 0) - (b.points[0]?.x ?? 0))
          expect(parseTime(beside[0]?.text ?? '', o.wording.language)?.minute).toBe(timeOf(dial).minute)
        }
      }),
      { numRuns: 100 },
    )
  })
})

/** The words of each card that has words, lines joined: lines of one card share their middle. */
function cardTexts(shapes: ReturnType<typeof readSvg>): string[] {
  const lines = shapes.filter((shape) => shape.tag === 'text' && shape.anchor === 'middle' && shape.parts.length === 0)
  const cards: { x: number; y: number; text: string }[] = []
  for (const { text = '', points: [at] } of lines) {
    const { x, y } = at ?? { x: 0, y: 0 }
    const last = cards.find((card) => Math.abs(card.x - x) < 1 && Math.abs(card.y - y) < 14)
    if (last) {
      last.text += ` ${text}`
      last.y = y
    } else cards.push({ x, y, text })
  } // prettier-ignore
  return cards.map((card) => card.text)
}
