import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { boxOf, readDials, readSvg, timeOf } from '../../../tests/readback/svg'
import { SAFE_MARGIN_MM, papers, textWidth, toSvg } from '../drawing'
import { RefusedValue } from '../errors'
import { type RungId, hasDialTimes, rungs, wordingOn } from '../teaching'
import { type LanguageId, languages, parseTime, say } from '../wording'
import { type PrintOptions, type Printable, countsOn, gameTurns, printableOf, printables, sizesOf } from '.'

const twoHanded = rungs
  .map(({ id }) => id)
  .filter((rung) => hasDialTimes(rung) && rung !== 'fives' && rung !== 'hour-hand')

const anyOptions = (printable: Printable, rung: RungId): fc.Arbitrary<PrintOptions> => {
  const { least, most } = countsOn(printable, rung)
  return fc.record({
    paper: fc.constantFrom('a4' as const, 'letter' as const),
    wording: fc.record({ language: fc.constantFrom(...(Object.keys(languages) as LanguageId[])), form: fc.constantFrom('turns' as const, 'minutes-past' as const, 'digital' as const) }),
    rung: fc.constant(rung),
    count: fc.integer({ min: least, max: most }),
    cells: fc.integer({ min: 1, max: 4 }),
    unequal: fc.boolean(),
    ringOfFives: fc.boolean(),
    lowInk: fc.boolean(),
  })
} // prettier-ignore

/** All options of all rungs that a printable suits, with a seed. */
const made = (printable: Printable, among: readonly RungId[] = rungs.map(({ id }) => id)) =>
  fc.tuple(
    fc.constantFrom(...among.filter(printable.suits)).chain((rung) => anyOptions(printable, rung)),
    fc.nat(),
  )

const readPages = (pages: readonly Parameters<typeof toSvg>[0][]) => pages.map((page) => readSvg(toSvg(page)))

describe.each(Object.values(printables))('$name', (printable: Printable) => {
  it('stays inside the page, text inside its room, for any options', () => {
    fc.assert(
      fc.property(made(printable), ([o, seed]) => {
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
    const rung = printable.suits('quarters') ? 'quarters' : 'elapsed'
    const o = {
      paper: 'a4',
      wording: { language: 'en-GB', form: 'turns' },
      rung,
      count: countsOn(printable, rung).usual,
    } as const
    expect(printable.make(o, 5)).toEqual(printable.make(o, 5))
    expect(printable.make(o, 5)).not.toEqual(printable.make(o, 6))
  })

  it('says what is possible for a count or a seed that is not', () => {
    const rung = printable.suits('oclock') ? 'oclock' : 'elapsed'
    const o = { paper: 'a4', wording: { language: 'en-GB', form: 'turns' }, rung, count: 60 } as const
    // The die has its six times whatever is asked for.
    if (printable.id !== 'toss-and-fill') expect(() => printable.make(o, 1)).toThrow(/count of .* must be an integer in \[1, \d+\], got 60/)
    expect(() => printable.make({ ...o, count: 6 }, NaN)).toThrow(RefusedValue)
    expect(countsOn(printable, rung).most).toBeLessThanOrEqual(printable.mostItems)
  }) // prettier-ignore
})

describe('keys, read back from what was drawn', () => {
  it('say under each dial what its hands show, and ask no time twice', () => {
    fc.assert(
      fc.property(made(printables['read-dials'], twoHanded), ([o, seed]) => {
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
      fc.property(made(printables['match-cards'], twoHanded), ([o, seed]) => {
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

describe('games, cards and sheets, read back from what was drawn', () => {
  const minuteOf = (text: string, o: PrintOptions) => parseTime(text, o.wording.language)?.minute
  type Shapes = ReturnType<typeof readSvg>
  const plainTexts = (page: Shapes) => page.filter((shape) => shape.tag === 'text' && shape.parts.length === 0 && shape.anchor === 'middle') // prettier-ignore
  const at = (shape: Shapes[number]) => shape.points[0] ?? { x: NaN, y: NaN }
  /** The lines of text under a dial and above the next one below it, joined. */
  const under = (page: Shapes, dial: { pivot: { x: number; y: number } }, room: number) =>
    plainTexts(page).filter((shape) => Math.abs(at(shape).x - dial.pivot.x) < 1 && at(shape).y > dial.pivot.y && at(shape).y < dial.pivot.y + room).map(({ text }) => text).join(' ') // prettier-ignore
  /** The words of each group of a kind, by its number. */
  const wordsOfParts = (page: Shapes, kind: string) => {
    const words = new Map<string, string>()
    for (const { tag, parts, text = '' } of page) {
      const part = parts.find((each) => each.startsWith(kind))
      if (tag === 'text' && part) words.set(part, `${words.get(part) ?? ''} ${text}`.trim())
    }
    return [...words.values()]
  }

  it('draw the hands: empty dials, and in the key the hands of the words under each', () => {
    const printable = printables['draw-hands']
    fc.assert(
      fc.property(made(printable), ([o, seed]) => {
        const { pages, key } = printable.make(o, seed)
        expect(readPages(pages).flatMap(readDials)).toEqual([])
        const [page = []] = readPages(key)
        const dials = readDials(page)
        expect(dials).toHaveLength(o.count)
        for (const dial of dials) expect(minuteOf(nearestUnder(page, dial), o)).toBe(timeOf(dial).minute)
      }),
      { numRuns: 60 },
    )
  })

  it('spot the same: the ringed clocks show the time of their row, no other does', () => {
    const printable = printables['spot-same']
    fc.assert(
      fc.property(made(printable), ([o, seed]) => {
        const { pages, key, items } = printable.make(o, seed)
        const [page = []] = readPages(key)
        const rings = page.filter((shape) => shape.parts.includes('ring')).map((shape) => shape.origin)
        const dials = readDials(page)
        expect(dials).toHaveLength(4 * o.count)
        // The page without its key shows the same clocks.
        expect(readPages(pages).flatMap(readDials).map((dial) => timeOf(dial).minute)).toEqual(dials.map((dial) => timeOf(dial).minute))
        items.forEach((item, row) => {
          const own = dials.slice(4 * row, 4 * row + 4)
          const ringed = own.filter(({ pivot }) => rings.some((ring) => Math.hypot(ring.x - pivot.x, ring.y - pivot.y) < 0.5))
          expect(ringed.length).toBeGreaterThanOrEqual(1)
          for (const dial of own) expect(timeOf(dial).minute === item.shown.minute).toBe(ringed.includes(dial))
          const y = own[0]?.pivot.y ?? NaN
          const words = plainTexts(page).filter((shape) => Math.abs(at(shape).y - y) < 18 && at(shape).x < (own[0]?.pivot.x ?? 0)).map(({ text }) => text).join(' ')
          expect(minuteOf(words, o), words).toBe(item.shown.minute)
        })
      }),
      { numRuns: 60 },
    )
  }) // prettier-ignore

  it('how long: the answer is the time between the two clocks, and the jumps add up to it', () => {
    const printable = printables['how-long']
    const minutesIn = (text: string) => [...text.matchAll(/(\d+) (h|min)/g)].reduce((sum, [, n, unit]) => sum + Number(n) * (unit === 'h' ? 60 : 1), 0) // prettier-ignore
    fc.assert(
      fc.property(made(printable), ([o, seed]) => {
        const [page = []] = readPages(printable.make(o, seed).key)
        const dials = readDials(page)
        expect(dials).toHaveLength(2 * o.count)
        // Each question's jumps are one group, the questions down the page.
        const jumps = page.filter(({ tag, parts, text = '' }) => tag === 'text' && parts.includes('jumps') && /min|h/.test(text)) // prettier-ignore
        const rows = [...new Set(jumps.map(({ origin }) => origin.y))].sort((a, b) => a - b)
        for (let i = 0; i < o.count; i++) {
          const [from, to] = [dials[2 * i], dials[2 * i + 1]]
          if (!from || !to) throw new Error('a clock is missing')
          const answer = minutesIn(plainTexts(page).find((shape) => Math.abs(at(shape).y - from.pivot.y - 15) < 6)?.text ?? '') // prettier-ignore
          expect(answer % 720).toBe((timeOf(to).minute - timeOf(from).minute + 720) % 720)
          const near = jumps.filter(({ origin }) => origin.y === rows[i])
          expect(near.reduce((sum, { text = '' }) => sum + minutesIn(text), 0)).toBe(answer)
        }
      }),
      { numRuns: 60 },
    )
  })

  it('loop cards: every card asks for the clock of another, and all make one closed loop', () => {
    const printable = printables['loop-cards']
    fc.assert(
      fc.property(made(printable, twoHanded), ([o, seed]) => {
        const pages = readPages(printable.make(o, seed).pages)
        const cards = pages.flatMap((page) => readDials(page).map((dial) => ({ has: timeOf(dial).minute, asks: under(page, dial, 50) })))
        expect(cards).toHaveLength(o.count)
        const said = new Map(cards.map(({ has }) => [languages[o.wording.language].phrases.whoHas(say(has, wordingOn(o.rung, o.wording))), has]))
        let now = cards[0]?.has ?? NaN
        const visited: number[] = []
        for (let i = 0; i < o.count; i++) {
          visited.push(now)
          now = said.get(cards.find(({ has }) => has === now)?.asks ?? '') ?? NaN
        }
        expect(now).toBe(cards[0]?.has)
        expect(new Set(visited).size).toBe(o.count)
      }),
      { numRuns: 60 },
    )
  }) // prettier-ignore

  it.each(['toss-and-fill', 'twirl-and-fill'] as const)('%s: the mat has each time of the die or spinner as often as there are cells', (id) => {
    const printable = printables[id]
    fc.assert(
      fc.property(made(printable, twoHanded), ([o, seed]) => {
        const [first = [], matPage = []] = readPages(printable.make(o, seed).pages)
        const times = wordsOfParts(first, id === 'toss-and-fill' ? 'face-' : 'sector-').map((words) => minuteOf(words, o))
        expect(times).not.toContain(undefined)
        expect(new Set(times).size).toBe(id === 'toss-and-fill' ? 6 : o.count)
        const onMat = readDials(matPage).map((dial) => timeOf(dial).minute)
        expect(onMat).toHaveLength(times.length * (o.cells ?? 3))
        for (const time of times) expect(onMat.filter((each) => each === time)).toHaveLength(o.cells ?? 3)
        const fill = printable.fill?.(o)
        expect(fill?.cells).toEqual(times.map(() => o.cells))
      }),
      { numRuns: 60 },
    )
  }) // prettier-ignore

  it('a spinner’s sectors are as wide as their chances', () => {
    const printable = printables['twirl-and-fill']
    fc.assert(
      fc.property(made(printable), ([o, seed]) => {
        const [page = []] = readPages(printable.make(o, seed).pages)
        const lines = page.filter((shape) => shape.tag === 'line' && shape.parts.includes('spinner'))
        const angles = lines.map(({ points: [from, to] }) => (Math.atan2((to?.x ?? 0) - (from?.x ?? 0), (from?.y ?? 0) - (to?.y ?? 0)) * 180) / Math.PI) // prettier-ignore
        const widths = angles.map((angle, i) => ((angles[(i + 1) % angles.length] ?? 0) - angle + 720) % 360)
        const { chances } = printable.fill?.(o) ?? { chances: [] }
        const total = chances.reduce((sum, chance) => sum + chance, 0)
        expect(widths).toHaveLength(o.count)
        widths.forEach((width, i) => expect(width).toBeCloseTo((360 * (chances[i] ?? 0)) / total, 1))
      }),
      { numRuns: 40 },
    )
  })

  it('tell how long a game lasts, and which sizes fit the time there is', () => {
    const o = { paper: 'a4', wording: { language: 'en-GB', form: 'turns' }, rung: 'half', count: 6, cells: 2 } as const
    expect(gameTurns(printables['toss-and-fill'], o, 3, 'shared').mean).toBeCloseTo(24.13, 2)
    expect(() => gameTurns(printables['read-dials'], o, 3, 'shared')).toThrow(/game on a mat/)
    const sizes = sizesOf(printables['twirl-and-fill'], o, { minutes: 12, players: 3, secondsATurn: 20 }, 'shared')
    expect(sizes.length).toBeGreaterThan(3)
    const off = sizes.map(({ time }) => Math.abs(time.median - 9.6))
    expect(off).toEqual([...off].sort((a, b) => a - b))
    for (const { time } of sizes) expect(time.most).toBeLessThanOrEqual(15)
    expect(() => sizesOf(printables['toss-and-fill'], o, { minutes: 0, players: 3, secondsATurn: 20 }, 'shared')).toThrow(/minutes must be above 0/) // prettier-ignore
    expect(() => printableOf('snap')).toThrow(/printable must be one of read-dials/)
  })
})

/** The nearest text under a dial. */
function nearestUnder(page: ReturnType<typeof readSvg>, dial: { pivot: { x: number; y: number } }): string {
  const below = page
    .filter((shape) => shape.tag === 'text' && shape.parts.length === 0 && shape.anchor === 'middle')
    .filter(({ points: [p] }) => Math.abs((p?.x ?? 0) - dial.pivot.x) < 1 && (p?.y ?? 0) > dial.pivot.y)
  return below.sort((a, b) => (a.points[0]?.y ?? 0) - (b.points[0]?.y ?? 0))[0]?.text ?? ''
}

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
