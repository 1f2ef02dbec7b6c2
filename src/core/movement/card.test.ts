import { describe, expect, it } from 'vitest'
import { readDials, readSvg, timeOf } from '../../../tests/readback/svg'
import { toSvg } from '../drawing'
import { parseTime } from '../wording'
import { GAME_IDS, type GameId, type GameOptions, MOVE_IDS, USUAL_GAME, callerPages, makeTimeline } from '.'

const usual: GameOptions = {
  ...USUAL_GAME,
  children: 5,
  rung: 'quarters',
  wording: { language: 'en-GB', form: 'turns' },
  age: 6,
}

const pagesOf = (id: GameId, change: Partial<GameOptions> = {}, seed = 3) => {
  const options = { ...usual, ...change }
  const timeline = makeTimeline(id, options, seed)
  return { timeline, pages: callerPages(timeline, options, 'a4').map((page) => readSvg(toSvg(page))) }
}

type Page = ReturnType<typeof pagesOf>['pages'][number]
const textOf = (page: Page) => page.map(({ text }) => text ?? '').join(' ')

describe('a game on paper', () => {
  it.each(GAME_IDS)('has every call of %s with its second, in order', (id) => {
    const { timeline, pages } = pagesOf(id)
    const text = pages.map(textOf).join(' ').replace(/\s+/g, ' ')
    let from = 0
    for (const { at, say } of timeline.calls) {
      const told = `${Math.floor(at / 60)}:${String(at % 60).padStart(2, '0')} ${say}`.replace(/\s+/g, ' ')
      const place = text.indexOf(told, from)
      expect(place, told).toBeGreaterThanOrEqual(from)
      from = place
    }
  })

  it('has every move as a sign, in the form that is played', () => {
    for (const isSeated of [false, true]) {
      const { pages } = pagesOf('choose-a-move', { isSeated })
      for (const move of MOVE_IDS) {
        const page = pages.find((each) => each.some(({ parts }) => parts.includes(`sign-${move}`)))
        const shapes = page?.filter(({ parts }) => parts.includes(`sign-${move}`)) ?? []
        expect(shapes.some(({ parts }) => parts.includes('seat'))).toBe(isSeated)
        expect(shapes.some(({ parts }) => parts.includes('head'))).toBe(true)
      }
    }
  })

  it('has the five places, with distances by age: 0.6 m from the middle at six, and √2 of it from each other', () => {
    const { pages } = pagesOf('jump-the-day')
    const page = pages.at(-1) as Page
    expect(textOf(page)).toContain('lies 0.6 m from the one in the middle, and 0.8 m from its two neighbours')
    expect(textOf(page)).toContain('Twelve is straight ahead of you.')
    const middle = page.find(({ parts }) => parts.includes('child'))?.origin
    const things = ['ahead-right', 'behind-right', 'behind-left', 'ahead-left'].map(
      (quarter) => page.find(({ parts }) => parts.at(-1) === quarter)?.origin,
    )
    expect(things[0]?.x).toBeGreaterThan(middle?.x ?? NaN)
    expect(things[0]?.y).toBeLessThan(middle?.y ?? NaN)
    expect(things[2]?.x).toBeLessThan(middle?.x ?? NaN)
    expect(things[2]?.y).toBeGreaterThan(middle?.y ?? NaN)
    const german = pagesOf('jump-the-day', { wording: { language: 'de', form: 'turns' } }).pages
    expect(textOf(german.at(-1) as Page)).toContain('0,6 m')
  })

  it('has a card in words and a clock with the same number and the same time for every child', () => {
    for (const language of ['en-GB', 'de', 'fr', 'es'] as const) {
      const { timeline, pages } = pagesOf('find-your-time', { wording: { language, form: 'turns' }, children: 7 })
      const dealt = timeline.calls.flatMap(({ shown }) => (shown.as === 'cards' ? [shown.cards] : []))[0] ?? []
      const cards = pages.slice(-4)
      const dials = cards.flatMap((page) => readDials(page)).map((dial) => timeOf(dial).minute)
      expect(dials).toEqual([...dealt].sort((a, b) => a.number - b.number).map(({ minute }) => minute))
      const said = cards.slice(0, 2).map(textOf).join(' ')
      for (const { number, says, minute } of dealt) {
        expect(parseTime(says, language)?.minute).toBe(minute)
        for (const word of says.split(' ')) expect(said).toContain(word)
        expect(
          cards
            .map(textOf)
            .join(' ')
            .match(new RegExp(`\\S+ ${number}(?!\\d)`, 'g'))?.length,
        ).toBeGreaterThanOrEqual(2)
      }
    }
  })

  it('has the number of each card on the card itself: in the middle, below what is on it', () => {
    const { timeline, pages } = pagesOf('find-your-time', { children: 7 })
    const dealt = timeline.calls.flatMap(({ shown }) => (shown.as === 'cards' ? [shown.cards] : []))[0] ?? []
    const found: number[] = []
    for (const page of pages.slice(-4)) {
      const lines = page.filter(({ tag, layer }) => tag === 'line' && layer === 'cut').map(({ points }) => points)
      const between = (axis: 'x' | 'y', value: number) => {
        const along = lines
          .filter(([a, b]) => a && b && Math.abs(a[axis] - b[axis]) < 0.01)
          .map(([a]) => a?.[axis] ?? 0)
        return [Math.max(...along.filter((v) => v <= value)), Math.min(...along.filter((v) => v > value))] as const
      }
      const cards = [...new Set(page.flatMap(({ parts }) => parts.filter((part) => part.startsWith('card-'))))]
      expect(cards.length).toBeGreaterThan(0)
      for (const card of cards) {
        const on = page.filter(({ parts }) => parts.includes(card))
        const number = on.find(({ text }) => /^Card \d+$/.test(text ?? ''))
        const others = on.filter((shape) => shape !== number).flatMap(({ points }) => points)
        const [spot] = number?.points ?? []
        const [other] = others
        if (!number || !spot || !other) throw new Error(`${card} has no number`)
        const [[left, right], [top, bottom]] = [between('x', spot.x), between('y', spot.y)]
        // What else is on the card lies between the same lines, above the number.
        for (const { x, y } of others) {
          expect(x > left && x < right && y > top && y < spot.y - 2, `${card} ${x} ${y}`).toBe(true)
        }
        expect(number.anchor).toBe('middle')
        expect(spot.x).toBeCloseTo((left + right) / 2, 1)
        expect(spot.y).toBeGreaterThan(bottom - 8)
        expect(spot.y).toBeLessThan(bottom - 2)
        found.push(Number(/\d+/.exec(number.text ?? '')?.[0]))
      }
    }
    const numbers = dealt.map(({ number }) => number).sort((a, b) => a - b)
    expect(found).toEqual([...numbers, ...numbers])
  })
})
