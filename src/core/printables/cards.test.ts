import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { asItIs, changed, emptied, moved, spoiling, without } from '../../../tests/readback/spoil'
import { boxOf, readSvg } from '../../../tests/readback/svg'
import { cutLines } from '../../../tests/readback/prints/reading'
import { type Drawing, type PaperId, SAFE_MARGIN_MM, papers, toSvg } from '../drawing'
import { patternedBack } from './kit/cardBacks'
import { cardPages, cutGrid } from './kit/cards'
import { clockCells, gridCells } from './kit/grid'
import { titleOr } from './kit/footers'
import type { Flip, PrintOptions } from './kit/choices'
import { PRINT_OPTIONS } from './kit/options'
import { printableOf, takenChoices } from '.'

const options = (more: Partial<PrintOptions> = {}): PrintOptions => ({
  paper: 'a4',
  wording: { language: 'en-GB', form: 'turns' },
  rung: 'half',
  count: 6,
  ...more,
})

const widthOf = ({ left, right }: { left: number; right: number }) => right - left
const read = (page: Drawing) => readSvg(toSvg(page))

/** A card whose only ink is a dot at its middle. */
const dotted = (cell: { x: number; y: number; width: number; height: number }) => [
  { type: 'circle', layer: 'ink', cx: cell.x + cell.width / 2, cy: cell.y + cell.height / 2, r: 1 } as const,
]

const middles = (page: Drawing, part: string) =>
  read(page)
    .filter(({ tag, parts }) => tag === 'circle' && parts.some((each) => each.startsWith(part)))
    .map((shape) => {
      const box = boxOf([shape])
      return { x: (box.left + box.right) / 2, y: (box.top + box.bottom) / 2 }
    })

describe('pages of cards', () => {
  const anySet = fc.record({
    paper: fc.constantFrom('a4' as PaperId, 'letter' as PaperId),
    backs: fc.constantFrom('long-edge' as Flip, 'short-edge' as Flip),
    guillotine: fc.boolean(),
    columns: fc.integer({ min: 1, max: 4 }),
    rows: fc.integer({ min: 1, max: 5 }),
    count: fc.integer({ min: 1, max: 23 }),
  })

  it('have each back exactly behind its front, whichever edge the sheet is turned over, full pages and the last', () => {
    fc.assert(
      fc.property(anySet, ({ columns, rows, count, ...more }) => {
        const faces = Array.from({ length: count }, () => dotted)
        const pages = cardPages(
          { fronts: faces, backs: faces, columns, rows, title: 'Cards', footer: 'test' },
          options(more),
        )
        const { width, height } = papers[more.paper]
        expect(pages).toHaveLength(2 * Math.ceil(count / (columns * rows)))
        for (let i = 0; i < pages.length; i += 2) {
          const fronts = middles(pages[i] as Drawing, 'card-')
          const backs = middles(pages[i + 1] as Drawing, 'back-')
          expect(backs).toHaveLength(fronts.length)
          fronts.forEach(({ x, y }, at) => {
            const back = backs[at] ?? { x: NaN, y: NaN }
            const due = more.backs === 'long-edge' ? { x: width - x, y } : { x, y: height - y }
            expect(Math.hypot(back.x - due.x, back.y - due.y)).toBeLessThan(0.01)
          })
        }
      }),
      { numRuns: 120 },
    )
  })

  it('share their cut edges: one line for each, however many cards it parts', () => {
    fc.assert(
      fc.property(anySet, ({ columns, rows, count, paper, guillotine }) => {
        const faces = Array.from({ length: Math.min(count, columns * rows) }, () => dotted)
        const [page] = cardPages(
          { fronts: faces, columns, rows, title: 'Cards', footer: 'test' },
          options({ paper, guillotine }),
        )
        const { xs, ys } = cutLines(read(page as Drawing))
        expect(xs).toHaveLength(Math.min(columns, faces.length) + 1)
        expect(ys).toHaveLength(Math.ceil(faces.length / columns) + 1)
        expect(new Set(xs).size).toBe(xs.length)
      }),
      { numRuns: 60 },
    )
  })

  it('have marks for a guillotine in line with every cut, off the cards and inside the margin', () => {
    const [page] = cardPages(
      { fronts: [dotted, dotted, dotted], columns: 2, rows: 2, title: 'Cards', footer: 'test' },
      options({ guillotine: true }),
    )
    const shapes = read(page as Drawing)
    const { xs, ys } = cutLines(shapes)
    const marks = shapes.filter(({ parts }) => parts.includes('cut-marks'))
    expect(marks).toHaveLength(2 * (xs.length + ys.length))
    const [left = 0, right = 0] = [xs[0], xs[xs.length - 1]]
    const [top = 0, bottom = 0] = [ys[0], ys[ys.length - 1]]
    for (const {
      points: [a, b],
    } of marks) {
      const [x, y] = [((a?.x ?? 0) + (b?.x ?? 0)) / 2, ((a?.y ?? 0) + (b?.y ?? 0)) / 2]
      const isBeside = x < left || x > right || y < top || y > bottom
      expect(isBeside).toBe(true)
      expect(xs.some((each) => Math.abs(each - x) < 0.01) || ys.some((each) => Math.abs(each - y) < 0.01)).toBe(true)
      expect(Math.min(a?.x ?? 0, b?.x ?? 0)).toBeGreaterThanOrEqual(SAFE_MARGIN_MM)
    }
    expect(cutGrid([])).toEqual([])
  })

  it('say whose they are, and take a title of the adult’s own', () => {
    const set = { fronts: [dotted], columns: 1, rows: 1, title: 'Cards: cut', footer: 'test' }
    expect(cardPages(set, options({ owner: 'Bram' }))[0]?.title).toBe('Cards: cut (Bram)')
    expect(cardPages(set, options({ owner: 'Bram', title: 'For the lock' }))[0]?.title).toBe('For the lock')
    expect(titleOr(options({ title: '🦆' }), 'usual')).toBe('usual')
    expect(titleOr(options(), 'usual')).toBe('usual')
  })

  it('have backs that stay clear of the cut', () => {
    fc.assert(
      fc.property(fc.integer({ min: 30, max: 190 }), fc.integer({ min: 30, max: 240 }), (width, height) => {
        const box = boxOf(
          read({ width: 300, height: 300, title: 'back', shapes: patternedBack({ x: 20, y: 20, width, height }) }),
        )
        expect(box.left).toBeGreaterThan(22)
        expect(box.top).toBeGreaterThan(22)
        expect(box.right).toBeLessThan(18 + width)
        expect(box.bottom).toBeLessThan(18 + height)
      }),
    )
  })
})

describe('the letter of a set', () => {
  const LETTERS = Object.keys(PRINT_OPTIONS.letter.values) as NonNullable<PrintOptions['letter']>[]
  const SIDE = { x: 20, y: 20, width: 60, height: 50 }

  it('has a pattern that no other letter has', () => {
    const patterns = LETTERS.map((letter) => JSON.stringify(patternedBack(SIDE, letter).slice(0, -1)))
    expect(patterns).toHaveLength(8)
    expect(new Set(patterns).size).toBe(8)
  })

  it.each(['loop-cards', 'match-cards'] as const)('is found out on %s where it is another, lost or cut off', (id) => {
    const spoilt = spoiling(id, options({ rung: 'quarters', letter: 'C' }))
    const another = changed((shape) => (shape.type === 'text' ? { ...shape, text: 'B' } : shape))
    expect(spoilt('', asItIs)).toBe('')
    expect(spoilt('letter', another)).toContain('a back has the letter “B”')
    expect(spoilt('letter', moved(8, 0))).toContain('a letter is not in the middle of its back')
    expect(spoilt('letter', moved(0, 60))).toContain('a letter is cut off')
    expect(spoilt('back-2', emptied)).toContain('backs behind')
  })

  it('is found out where one back of a set has less of the pattern, or has it elsewhere', () => {
    const spoilt = spoiling('loop-cards', options({ rung: 'quarters', letter: 'E', backs: 'short-edge' }))
    expect(
      spoilt(
        'back-1',
        without((_, i) => i === 0),
      ),
    ).toContain('the backs of one set differ')
    expect(spoilt('back-1', moved(3, 0))).toContain('a pattern is not behind its card')
    expect(spoilt('back-1', moved(0, 3))).toContain('a pattern is not behind its card')
  })

  it('prints the backs, and stands on the box', () => {
    const print = printableOf('memory-pairs').make(options({ letter: 'F', box: '160' }), 1)
    const texts = print.pages.map((page) => read(page).filter(({ text }) => text === 'F').length)
    expect(texts).toEqual([0, 12, 1])
  })
})

describe('the size of cards', () => {
  const cardsOf = (id: 'match-cards' | 'memory-pairs' | 'show-me-cards', size: PrintOptions['size']) => {
    const { pages } = printableOf(id).make(options({ rung: 'quarters', count: 12, size }), 3)
    const [first = []] = pages.map((page) => read(page))
    const { xs, ys } = cutLines(first)
    const sizes = first.filter(({ tag, parts }) => tag === 'text' && parts.includes('words')).map((text) => text.size)
    return {
      wide: (xs[1] ?? 0) - (xs[0] ?? 0),
      high: (ys[1] ?? 0) - (ys[0] ?? 0),
      letters: Math.max(...(sizes as number[])),
    }
  }

  it.each(['match-cards', 'memory-pairs', 'show-me-cards'] as const)('of %s is as it was chosen, letters too', (id) => {
    const [small, usual, large] = [cardsOf(id, 'small'), cardsOf(id, undefined), cardsOf(id, 'large')]
    expect(small.wide).toBeCloseTo(usual.wide * 0.75)
    expect(large.wide).toBeCloseTo(usual.wide * 1.5)
    expect(small.high).toBeCloseTo(usual.high * 0.8)
    expect(large.high).toBeCloseTo((usual.high * 4) / 3)
    expect(small.letters).toBeLessThan(usual.letters)
    expect(large.letters).toBeGreaterThan(usual.letters)
  })

  it.each(['loop-cards', 'compose-cards'] as const)(
    'of %s is usual or large, since small clocks cannot be read',
    (id) => {
      const wish = { ...options({ rung: 'quarters', count: 8 }), box: undefined }
      expect(() => printableOf(id).make({ ...wish, size: 'small' }, 1)).toThrow('one of usual, large')
      expect(takenChoices(printableOf(id), 'quarters', { size: 'small' })).toEqual({ size: 'usual' })
      const columns = (size: 'usual' | 'large') => {
        const [first] = printableOf(id).make({ ...wish, size }, 1).pages
        return cutLines(read(first as Drawing)).xs.length - 1
      }
      expect(columns('large')).toBe(columns('usual') - 1)
      expect(spoiling(id, { ...wish, size: 'large' })('', asItIs)).toBe('')
    },
  )

  it('of cards of five is as it was chosen', () => {
    const columns = (size: 'small' | 'usual' | 'large') => {
      const wish = { ...options({ count: 12, size }), rung: 'fives' } as const
      return cutLines(read(printableOf('fives-cards').make(wish, 1).pages[0] as Drawing)).xs.length - 1
    }
    expect([columns('small'), columns('usual'), columns('large')]).toEqual([5, 4, 3])
  })

  it('gets a box where the paper is large enough, and else it is said', () => {
    const wish = options({ rung: 'quarters', count: 12, size: 'large', box: '300' })
    expect(() => printableOf('match-cards').make(wish, 1)).toThrow('this paper is too small for a box of these cards')
    expect(spoiling('match-cards', { ...wish, paper: 'letter' })('', asItIs)).toBe('')
  })

  it('puts each board of a game on a page of its own, its clocks larger by half', () => {
    const boards = (wholePage: boolean) =>
      printableOf('bingo').make(options({ rung: 'quarters', count: 16, wholePage }), 2)
    const radius = (pages: readonly Drawing[]) =>
      Math.max(
        ...read(pages[0] as Drawing).flatMap((shape) => (shape.tag === 'circle' ? [widthOf(boxOf([shape])) / 2] : [])),
      )
    expect(boards(false).pages).toHaveLength(2)
    expect(boards(true).pages).toHaveLength(4)
    expect(radius(boards(true).pages)).toBeGreaterThan(1.5 * radius(boards(false).pages))
  })
})

describe('a grid', () => {
  it('fills its area row by row, and no more than is asked', () => {
    const cells = gridCells({ x: 10, y: 20, width: 90, height: 60 }, 3, 2, 4)
    expect(cells.map(({ x, y }) => [x, y])).toEqual([
      [10, 20],
      [40, 20],
      [70, 20],
      [10, 50],
    ])
    expect(new Set(cells.map(({ width, height }) => `${width} ${height}`))).toEqual(new Set(['30 30']))
    expect(gridCells({ x: 0, y: 0, width: 10, height: 10 }, 2, 2, 9)).toHaveLength(4)
  })

  it('of clocks keeps what is written under a clock near it, on the page, however few there are', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('a4' as PaperId, 'letter' as PaperId),
        fc.integer({ min: 2, max: 3 }),
        fc.integer({ min: 1, max: 15 }),
        (paper, columns, count) => {
          const cells = clockCells(paper, columns, count)
          expect(cells).toHaveLength(count)
          for (const { x, y, width, height } of cells) {
            // A clock is as wide as its cell at most, so no more than this is left under it.
            expect(height - width).toBeLessThanOrEqual(28 + 1e-9)
            expect(Math.min(x, y)).toBeGreaterThanOrEqual(SAFE_MARGIN_MM)
            expect(x + width).toBeLessThanOrEqual(papers[paper].width - SAFE_MARGIN_MM + 1e-9)
            expect(y + height).toBeLessThanOrEqual(papers[paper].height - SAFE_MARGIN_MM + 1e-9)
          }
        },
      ),
    )
  })
})
