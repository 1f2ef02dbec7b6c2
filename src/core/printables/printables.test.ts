import { describe, expect, it } from 'vitest'
import { problemsOf, rungsOf } from '../../../tests/readback/prints'
import { readSvg } from '../../../tests/readback/svg'
import { type Drawing, type PaperId, type Shape, bodyArea, papers, toSvg } from '../drawing'
import { onDial } from '../clock'
import { dials, groups, inPart } from '../../../tests/readback/prints/reading'
import { misreadingOf, wrongAnswers } from '../teaching'
import { languages, inEnglish } from '../wording'
import { wordsInSector } from './kit/sectorWords'
import { type Print, type PrintOptions, type Printable, countsOn, printableOf, printables } from '.'

const usual = (printable: Printable): PrintOptions => {
  const rung = printable.suits('quarters') ? 'quarters' : (rungsOf(printable)[0] ?? 'oclock')
  return { paper: 'a4', wording: { language: 'en-GB', form: 'turns' }, rung, count: countsOn(printable, rung).usual }
}

describe('a die to fold', () => {
  const printable = printables['toss-and-fill']
  const o = usual(printable)
  const right = printable.make(o, 3)
  /** The first page with the lines of its net changed, one by one. */
  const withNet = (change: (line: Shape, place: number) => Shape[]) => {
    const [page, ...others] = right.pages
    const shapes = page?.shapes.map((shape) =>
      shape.type === 'group' && shape.part === 'net' ? { ...shape, shapes: shape.shapes.flatMap(change) } : shape,
    )
    return problemsOf(printable.id, { ...right, pages: [{ ...page, shapes } as Drawing, ...others] }, o)
  }
  const net = right.pages[0]?.shapes.find((shape) => shape.type === 'group' && shape.part === 'net')
  const lines = net?.type === 'group' ? net.shapes : []

  it('is not one with any of its lines missing, drawn twice, or cut where it has to be folded', () => {
    expect(withNet((line) => [line])).toEqual([])
    // Five folds between faces; seven flaps, each folded and cut round; seven sides that meet a flap.
    expect(lines).toHaveLength(5 + 2 * 7 + 7)
    for (const [place, line] of lines.entries()) {
      expect(
        withNet((each, at) => (at === place ? [] : [each])),
        `without line ${place}`,
      ).not.toEqual([])
      const turned = { ...line, layer: line.type !== 'group' && line.layer === 'cut' ? 'fold' : 'cut' } as Shape
      expect(
        withNet((each, at) => (at === place ? [turned] : [each])),
        `line ${place}`,
      ).not.toEqual([])
    }
    expect(withNet((line, at) => (at === 0 ? [line, line] : [line]))).not.toEqual([])
  })
})

describe.each(['toss-and-fill', 'twirl-and-fill'] as const)('a mat of %s', (id) => {
  it.each(['dials', 'figures', 'words'] as const)(
    'with %s is told from the mat and the key of other times',
    (covers) => {
      const o: PrintOptions = { ...usual(printables[id]), rung: 'past-fives', covers }
      const [right, other] = [printables[id].make(o, 3), printables[id].make(o, 4)]
      const [thrown, mat] = right.pages as [Drawing, Drawing]
      const problems = (print: Print) => problemsOf(id, print, o)
      expect(problems(right)).toEqual([])
      expect(problems({ ...right, pages: [thrown, other.pages[1] as Drawing] })).not.toEqual([])
      expect(problems({ ...right, pages: [other.pages[0] as Drawing, mat] })).not.toEqual([])
      expect(problems({ ...right, key: other.key })).not.toEqual([])
      // Words for words, or clocks for clocks, teach nothing.
      const reversed = printables[id].make({ ...o, covers: covers === 'dials' ? 'words' : 'dials' }, 3)
      expect(problems({ ...right, pages: [thrown, reversed.pages[1] as Drawing] })).not.toEqual([])
    },
  )
})

it('a control card of three has figures and words of each set, and another’s is found out', () => {
  const o: PrintOptions = { ...usual(printables['match-cards']), forms: 3 }
  const [right, other] = [3, 4].map((seed) => printables['match-cards'].make(o, seed)) as [Print, Print]
  expect(problemsOf('match-cards', right, o)).toEqual([])
  expect(problemsOf('match-cards', { ...right, key: other.key }, o)).not.toEqual([])
  const turned = right.key.map((page) => JSON.parse(JSON.stringify(page).replace(/"(\d+):15"/, '"$1:45"')) as Drawing)
  expect(turned).not.toEqual(right.key)
  expect(problemsOf('match-cards', { ...right, key: turned }, o)).not.toEqual([])
})

it('a step of a trail’s key that leads elsewhere is found out', () => {
  const o = usual(printables.trail)
  const right = printables.trail.make(o, 3)
  const key = right.key.map(
    (page) => JSON.parse(JSON.stringify(page).replace(/("3\. \d+:\d\d, [^"]+: )\d+:\d\d"/, '$11:01"')) as Drawing,
  )
  expect(key).not.toEqual(right.key)
  expect(problemsOf('trail', { ...right, key }, o)).not.toEqual([])
})

describe('what is refused', () => {
  const refused = (id: Printable['id'], more: Partial<PrintOptions>) => () => {
    const printable = printables[id]
    return printable.make({ ...usual(printable), ...more }, 1)
  }

  it('names the field and what would be right', () => {
    expect(refused('read-dials', { rung: 'oclock', count: 60 })).toThrow(
      '“How many dials” must be a whole number from 1 to 11, not 60',
    )
    expect(refused('twirl-and-fill', { sectors: [1, 0, 1] })).toThrow(
      'width of sector 2 must be above 0 and at most 10, not 0',
    )
    expect(refused('trail', { by: 90 })).toThrow(/by must be such that 12 clocks in a row are different/)
    expect(refused('trail', { by: 7 })).toThrow('by must be a multiple of 5 from 5 to 300, not 7')
    expect(refused('minutes-later', { by: 7 })).toThrow(/by must be a multiple of 5 from 5 to 300/)
    expect(refused('match-cards', { rung: 'fives', forms: 3 })).toThrow(
      'forms must be another one, since this needs a step that is read off two hands, not 3 on “Counting in fives round the clock”',
    )
    expect(refused('toss-and-fill', { rung: 'fives', covers: 'figures' })).toThrow(
      'covers must be another one, since this needs a step that is read off two hands, not figures on “Counting in fives round the clock”',
    )
    expect(refused('twirl-and-fill', { count: 6, covers: 'words', sectors: [1, 10, 10, 10, 10, 10] })).toThrow(
      'width of a sector must be wide enough beside the others for a clock with its hints, not 7.1 degrees',
    )
    const row = (more: object) =>
      refused('timetable', {
        rows: [
          { minute: 450, what: 'x' },
          { minute: 500, what: 'y', ...more },
        ],
      })
    expect(row({ what: '🦆' })).toThrow(/row 2 of your day must be called something in Latin/)
    expect(row({ what: 'very '.repeat(10) })).toThrow(/row 2 of your day .* 40 letters at most/)
    expect(row({ minute: 450 })).toThrow(
      'row 2 of your day must be at a time of its own, not the time of another row, 07:30',
    )
    expect(row({ minute: 1440 })).toThrow('row 2 of your day must be at a whole minute from 0 to 1439, not 1440')
    expect(row({ to: 500 })).toThrow(/row 2 of your day must be ended at another whole minute/)
    expect(row({ picture: 'dragon' })).toThrow(/row 2 of your day must be with a picture that there is/)
    expect(refused('timetable', { rows: [] })).toThrow('your own day must be of 1 to 40 rows, not 0 rows')
    expect(refused('bingo', { boards: 1 })).toThrow('boards must be a whole number from 2 to 12, not 1')
    const five = [0, 1, 2, 3, 4].map((i) => ({ minute: 480 + 65 * i, what: `row ${i}` }))
    expect(refused('day-bingo', { rows: five, boards: 12 })).toThrow(
      'boards must be at most 5 different ones with 5 times, not 12',
    )
    expect(() => printableOf('snap')).toThrow(/printable must be one of toss-and-fill, /)
  })

  it('offers no more than a rung has', () => {
    for (const printable of Object.values(printables))
      for (const rung of rungsOf(printable)) {
        const { least, usual: often, most } = countsOn(printable, rung)
        expect(least).toBeLessThanOrEqual(often)
        expect(often).toBeLessThanOrEqual(most)
        expect(most).toBeLessThanOrEqual(printable.mostItems)
        expect(printable.make({ ...usual(printable), rung, count: most }, 1).items.length).toBeGreaterThan(0)
      }
  })
})

describe('a made-up day', () => {
  const seeds = Array.from({ length: 300 }, (_, i) => i)
  const wording = { language: 'en-GB', form: 'turns' } as const

  it('begins with nobody asleep', () => {
    for (const seed of seeds)
      for (const { shown } of printables['wall-strip'].make({ paper: 'a4', wording, rung: 'timetable', count: 6 }, seed)
        .items)
        expect(shown.minute).toBeGreaterThanOrEqual(6 * 60)
  })

  it('is never dealt in the order in which its cards are to be laid', () => {
    const options = { paper: 'a4', wording, rung: 'timetable', count: 3, backs: 'long-edge' } as const
    for (const seed of seeds) {
      const { pages, items } = printables['order-cards'].make(options, seed)
      const dealt = groups(readSvg(toSvg(pages[0] as Drawing)), 'card').map((card) => dials(card)[0]?.time ?? NaN)
      const inOrder = items.map(({ shown }) => shown.minute % 720)
      expect([...dealt].sort()).toEqual([...inOrder].sort())
      expect(dealt).not.toEqual(inOrder)
    }
  })
})

it('a jump between two clocks stays in its question, whatever the paper', () => {
  const rows = Array.from({ length: 8 }, (_, i) => ({ minute: 450 + i * 65, what: `row ${i}` }))
  const wording = { language: 'en-GB', form: 'turns' } as const
  for (const paper of Object.keys(papers) as PaperId[]) {
    const { key } = printables['how-long'].make({ paper, wording, rung: 'elapsed', count: 4, rows }, 3)
    const top = bodyArea(paper).y
    const jumps = key.flatMap((page) => inPart(readSvg(toSvg(page)), 'jumps').filter(({ tag }) => tag === 'text'))
    expect(jumps.length).toBeGreaterThan(10)
    for (const { points, size = 0, text } of jumps)
      expect((points[0]?.y ?? NaN) - size, `${text} on ${paper}`).toBeGreaterThan(top - 2)
  }
})

describe('a day of one’s own', () => {
  const { make, notes } = printables.timetable
  const o: PrintOptions = { ...usual(printables.timetable), count: 3 }
  it('is printed in the order of the day', () => {
    const { items } = make(
      {
        ...o,
        rows: [
          { minute: 960, what: 'play' },
          { minute: 750, to: 790, what: 'lunch' },
        ],
      },
      1,
    )
    expect(items[0]?.shown).toEqual({
      as: 'rows',
      minute: 750,
      rows: [
        { what: 'lunch', minute: 750, to: 790 },
        { what: 'play', minute: 960 },
      ],
    })
  })

  it('goes on to a second page, half of it on each', () => {
    const rows = Array.from({ length: 9 }, (_, i) => ({ minute: 450 + 60 * i, what: `row ${i}` }))
    const { pages, items } = make({ ...o, rows }, 1)
    expect(items.length).toBe(9)
    const texts = pages.map((page) => readSvg(toSvg(page)).filter(({ text }) => text?.startsWith('row ')).length)
    expect(texts).toEqual([5, 4])
    expect(problemsOf('timetable', make({ ...o, rows }, 1), { ...o, rows })).toEqual([])
  })

  it('says at which of its times a hand is hidden', () => {
    expect(
      notes?.(
        {
          ...o,
          rows: [
            { minute: 450, what: 'breakfast' },
            { minute: 720, what: 'lunch' },
          ],
        },
        1,
      )?.map(inEnglish),
    ).toEqual(['At 12:00 one hand lies over the other: show it on a clock first.'])
  })
})

describe('words in a sector of a spinner', () => {
  const words = 'twenty-five minutes past eleven'
  const sizesOf = (shapes: readonly Shape[]): number[] =>
    shapes.flatMap((shape) =>
      shape.type === 'group' ? sizesOf(shape.shapes) : shape.type === 'text' ? [shape.size] : [],
    )

  it('stand upright where there is room, lie along a narrow sector, never upside down, and are refused where it is a thread', () => {
    expect(wordsInSector(words, 0, 90, 84).every(({ type }) => type === 'text')).toBe(true)
    for (const middle of [5, 95, 185, 275, 355]) {
      const [turned] = wordsInSector(words, middle - 2.5, middle + 2.5, 84)
      const turn = turned?.type === 'group' ? (turned.turn ?? 0) : NaN
      expect(Math.cos((turn * Math.PI) / 180)).toBeGreaterThanOrEqual(-0.1)
    }
    expect(() => wordsInSector(words, 0, 1, 84)).toThrow(/width of a sector must be wide enough beside the others for/)
  })

  it('are the larger the wider the sector is, up to six millimetres', () => {
    const sizes = [5, 7, 12, 30, 90, 200].map((wide) => sizesOf(wordsInSector(words, 10, 10 + wide, 84))[0] ?? NaN)
    expect(sizes).toEqual([...sizes].sort((a, b) => a - b))
    expect(sizes.at(-1)).toBe(6)
  })
})

describe('keys', () => {
  it('have no more pairs on a page than can be read, and all of them over the pages', () => {
    const o: PrintOptions = { ...usual(printables['show-me-cards']), rung: 'past-fives', count: 24 }
    const pairs = printables['show-me-cards']
      .make(o, 2)
      .key.map(
        (page) =>
          new Set(readSvg(toSvg(page)).flatMap(({ parts }) => parts.filter((part) => part.startsWith('pair-')))).size,
      )
    expect(pairs).toEqual([12, 12])
  })

  it('list short lines in two columns and long ones in one, all of one size', () => {
    const linesOf = (language: 'en-GB' | 'de', form: 'digital' | 'minutes-past') => {
      const o: PrintOptions = { ...usual(printables['minutes-later']), count: 24, wording: { language, form } }
      const texts = readSvg(toSvg(printables['minutes-later'].make(o, 2).key[0] as Drawing)).filter(({ parts }) =>
        parts.some((part) => part.startsWith('line-')),
      )
      return {
        columns: new Set(texts.map(({ points }) => points[0]?.x)).size,
        sizes: [...new Set(texts.map(({ size }) => size))],
      }
    }
    expect(linesOf('en-GB', 'digital')).toEqual({ columns: 2, sizes: [5.5] })
    const long = linesOf('de', 'minutes-past')
    expect(long.columns).toBe(1)
    expect(long.sizes).toHaveLength(1)
    expect(long.sizes[0]).toBeGreaterThanOrEqual(4)
  })

  it('say of every question of a check what wrong answers mean, where hands are named or minutes rounded too', () => {
    for (const rung of ['rounding', 'parts'] as const) {
      const o: PrintOptions = { ...usual(printables['rung-check']), rung, count: 4 }
      const { items, key } = printables['rung-check'].make(o, 5)
      const told = readSvg(toSvg(key.at(-1) as Drawing)).flatMap(({ text = '' }) => text)
      const about = rung === 'rounding' ? 'goes to the five on the other side' : 'mixes up the hands'
      const due = items.filter(
        ({ answer }) => answer.kind !== 'part' || (answer.part.endsWith('hand') && answer.part !== 'second-hand'),
      ).length
      const letter = told.find((text) => /^[A-Z] – /.test(text) && text.includes(about))?.[0] ?? 'none'
      const lines = told
        .join(' ')
        .split(/(?=\b\d\. )/)
        .slice(1)
      expect(lines.filter((line) => new RegExp(`: (?:[A-Z], )*${letter}\\b`).test(line))).toHaveLength(due)
    }
  })
})

describe('a plan of the day', () => {
  it('asks for the clocks under its own title, turned round for the times', () => {
    const timetable = printables.timetable
    const texts = (change: Partial<PrintOptions>) =>
      timetable
        .make({ ...usual(timetable), ...change }, 4)
        .pages.flatMap((page) => readSvg(toSvg(page)).map(({ text }) => text))
    const { planClocks, planTimes } = languages['en-GB'].phrases
    expect(texts({ reversed: false })).toContain(planClocks)
    expect(texts({ reversed: true })).toContain(planTimes)
    expect(texts({ reversed: true })).not.toContain(planClocks)
    expect(texts({ reversed: true, title: 'Our day' })).toContain('Our day')
  })
})

describe('the clocks beside a trail', () => {
  it('are oftener those that this child’s misreading leads to', () => {
    const trail = printables.trail
    const misreading = misreadingOf('no-bridge')
    const drawnOff = (weight: number) => {
      let found = 0
      for (let seed = 1; seed <= 20; seed++) {
        const { pages, items } = trail.make({ ...usual(trail), weights: { 'no-bridge': weight } }, seed)
        const wrong = items
          .flatMap((item) => wrongAnswers(misreading, item))
          .flatMap((value) => (value.kind === 'time' ? [onDial(value.minute)] : []))
        const right = items.flatMap(({ answer }) => (answer.kind === 'time' ? [onDial(answer.minute)] : []))
        found += dials(readSvg(toSvg(pages[0] as Drawing))).filter(
          ({ time }) => wrong.includes(time) && !right.includes(time),
        ).length
      }
      return found
    }
    const [rare, often] = [drawnOff(0.001), drawnOff(1000)]
    expect(often).toBeGreaterThan(rare * 1.5)
  })
})

describe('wrong choices', () => {
  it('are those that the weights make likely', () => {
    // A child who takes the numeral for the minutes: 7:20 becomes 7:04.
    const o: PrintOptions = {
      ...usual(printables['read-dials']),
      rung: 'past-fives',
      count: 10,
      answers: 'choose',
      weights: { 'numeral-as-minutes': 1000 },
    }
    const { items } = printables['read-dials'].make(o, 8)
    const own = items.filter(({ lures }) => lures.some(({ misreading }) => misreading === 'numeral-as-minutes'))
    expect(own.length).toBeGreaterThanOrEqual(9)
  })
})
