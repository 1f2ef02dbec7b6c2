import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { problemsOf } from '../../../tests/readback/prints'
import { rowsOfLines } from '../days'
import { readSvg } from '../../../tests/readback/svg'
import { type Drawing, toSvg } from '../drawing'
import { type PrintableId, countsOn, printableOf, printables } from '../printables'
import { rungs, schools } from '../teaching'
import type { LanguageId } from '../wording'
import { type AnswerWay, type PackChild, type PackWish, makePack, packLines, packNote } from '.'

const { order } = schools['turns-first']
const child = (name: string, rung: PackChild['rung'], weights: PackChild['weights'] = {}): PackChild => ({
  name,
  rung,
  weights,
})
const wish = (
  children: readonly PackChild[],
  things: readonly PrintableId[],
  more: Partial<PackWish> = {},
): PackWish => ({
  title: 'Ducklings',
  paper: 'a4',
  lowInk: false,
  wording: { language: 'en-GB', form: 'turns' },
  order,
  seed: 100,
  answersOnPaper: 'whole',
  children,
  things: things.map((printable) => ({ printable })),
  ...more,
})
const words = (pages: readonly Drawing[]) =>
  pages.map((page) =>
    readSvg(toSvg(page))
      .flatMap(({ text }) => text ?? [])
      .join(' '),
  )

describe('a pack', () => {
  it('gives each child each thing once, at a rung that it suits, each with a number of its own', () => {
    const anyThing = fc.constantFrom(...(Object.keys(printables) as PrintableId[]))
    const anyChild = fc.record({
      name: fc.string({ minLength: 1, maxLength: 20 }),
      rung: fc.constantFrom(...rungs.map(({ id }) => id)),
      weights: fc.constant({}),
    })
    fc.assert(
      fc.property(
        fc.array(anyChild, { minLength: 1, maxLength: 6 }),
        fc.uniqueArray(anyThing, { minLength: 1, maxLength: 5 }),
        (children, things) => {
          const lines = packLines(wish(children, things))
          expect(lines.map(({ child }) => child)).toEqual(children.flatMap(({ name }) => things.map(() => name)))
          expect(new Set(lines.map(({ seed }) => seed)).size).toBe(lines.length)
          lines.forEach(({ printable, rung, instead }, i) => {
            const own = children[Math.floor(i / things.length)]?.rung
            expect(printableOf(printable).suits(rung)).toBe(true)
            // At the child's own rung, or said why not.
            expect(instead).toBe(rung === own ? undefined : own)
          })
        },
      ),
      { numRuns: 100 },
    )
  })

  it('puts its answers on few pages, or leaves them out, and its cover says from which page they stand', () => {
    const children = Array.from({ length: 9 }, (_, i) => child(`Child ${i}`, i < 5 ? 'half' : 'oclock'))
    const things = ['read-dials', 'rung-check'] as const
    const made = (answersOnPaper: AnswerWay) => makePack(wish(children, things, { answersOnPaper }))
    const [whole, short, none] = [made('whole'), made('short'), made('none')]
    // Nine pages of answers stand on three, behind a marking guide for each of the two steps.
    expect(whole.keys.length).toBeGreaterThanOrEqual(18)
    expect(short.keys.length).toBeLessThanOrEqual(6)
    const guide = words(short.keys.slice(0, -3)).join(' ')
    for (const { name } of children) expect(guide).toContain(name)
    expect(none.keys).toEqual([])
    expect(words(none.cover).join(' ')).not.toContain('Answers')
    const from = short.cover.length + short.pages.length + 1
    expect(words(short.cover).join(' ')).toContain(`Answers: from page ${from}`)
    for (const way of [short, none]) expect(way.pages).toEqual(whole.pages)
  })

  it('has a thing as it was set on the bench: the class’s own day, the other way round, as many as the rung has', () => {
    const rows = rowsOfLines(['8:40 bell', '10:15 milk', '15:05 home'], 'en-GB')
    const day = { printable: 'timetable', rows, reversed: true } as const
    const dials = { printable: 'read-dials', count: 12 } as const
    const asked = wish([child('Tavi', 'half'), child('Bram', 'oclock')], [], { things: [day, dials] })
    const { pages, keys } = makePack(asked)
    for (const [i, rung] of (['half', 'oclock'] as const).entries()) {
      const own = (at: number) => ({
        pages: [pages[2 * i + at] as Drawing],
        key: [keys[2 * i + at] as Drawing],
        items: [],
      })
      const o = { paper: 'a4', wording: asked.wording } as const
      expect(problemsOf('timetable', own(0), { ...o, rung: 'timetable', count: 6, reversed: true, rows })).toEqual([])
      // Twelve were asked for; as many as the rung has stand on the page.
      const { most } = countsOn(printables['read-dials'], rung)
      expect(problemsOf('read-dials', own(1), { ...o, rung, count: most })).toEqual([])
    }
    // One hand has no figures, so its child gets the words; the other child what was asked for.
    const mats = makePack(
      wish([child('Tavi', 'fives'), child('Bram', 'quarters')], [], {
        things: [{ printable: 'toss-and-fill', covers: 'figures' }],
      }),
    )
    for (const [i, [rung, covers]] of (
      [
        ['fives', 'words'],
        ['quarters', 'figures'],
      ] as const
    ).entries()) {
      const own = { pages: mats.pages.slice(2 * i, 2 * i + 2), key: mats.keys.slice(i, i + 1), items: [] }
      expect(problemsOf('toss-and-fill', own, { paper: 'a4', wording: asked.wording, rung, covers, count: 6 })).toEqual(
        [],
      )
      expect(problemsOf('toss-and-fill', own, { paper: 'a4', wording: asked.wording, rung, count: 6 })).not.toEqual([])
    }
    const unread = { ...asked, things: [{ ...day, rows: [{ minute: 450, what: '🦆' }] }] }
    expect(() => packLines(unread)).toThrow(/row 1 of your day must be called something in Latin letters/)
  })

  it('takes the hardest rung before the child’s own where a sheet does not suit it', () => {
    const [line] = packLines(wish([child('Bram', 'fives')], ['draw-hands']))
    expect(line).toMatchObject({ rung: 'quarters', instead: 'fives' })
    const said = (language: LanguageId) => line && packNote(line, { language, form: 'turns' })
    expect(said('en-GB')).toBe('Bram works on counting in fives round the clock, for which there is no such sheet')
    expect(said('de')).toBe('Bram ist bei „Fünferring“, dafür gibt es kein solches Blatt')
  })

  it('has right sheets in it, made with the child’s own misreadings, and says on which page they are', () => {
    const children = [
      child('Tavi', 'past-fives', { 'numeral-as-minutes': 6 }),
      child('Tavi', 'quarters'),
      child('Odalys', 'oclock'),
    ]
    const things = ['true-false', 'match-cards'] as const
    const told: number[] = []
    const made = makePack(wish(children, things), (done, total) => told.push(done / total))
    expect(told).toEqual([1, 2, 3, 4, 5, 6].map((done) => done / 6))
    const pages = words(made.pages)
    const [cover = ''] = words(made.cover)
    const lines = [
      ...cover.matchAll(/(Right or wrong\?|Match cards), ([^:]+): pages? (\d+)(?: to (\d+))?, no\. (\d+)/g),
    ]
    expect(lines).toHaveLength(6)
    let at = made.cover.length + 1
    for (const [, , , from, to = from] of lines) {
      expect(Number(from)).toBe(at)
      at = Number(to) + 1
    }
    expect(cover).toContain(`from page ${at}`)
    expect(at).toBe(made.cover.length + pages.length + 1)
    expect(words(made.keys).every((page) => /Answers|Control card/.test(page))).toBe(true)
    // The second Tavi has the second one's rung: names may be alike.
    expect(lines.map(([, , rung]) => rung)).toEqual([
      'minutes past the hour, in fives',
      'minutes past the hour, in fives',
      'quarter past and to',
      'quarter past and to',
      'o’clock',
      'o’clock',
    ])
    packLines(wish(children, things)).forEach(({ printable, rung, seed }, i) => {
      const { weights, name } = children[Math.floor(i / 2)] as PackChild
      const options = {
        paper: 'a4',
        lowInk: false,
        wording: { language: 'en-GB', form: 'turns' },
        rung,
        count: countsOn(printableOf(printable), rung).usual,
        owner: name,
        ...(printable === 'true-false' && { weights }),
      } as const
      expect(problemsOf(printable, printableOf(printable).make(options, seed), options)).toEqual([])
      expect(words(printableOf(printable).make(options, seed).pages).every((page) => pages.includes(page))).toBe(true)
    })
  })

  it('lets nobody have more than a rung has', () => {
    const { pages } = makePack(
      wish([child('Ilse', 'oclock')], [], { things: [{ printable: 'read-dials', count: 12 }] }),
    )
    expect(readSvg(toSvg(pages[0] as Drawing)).filter(({ parts }) => parts.includes('minute-hand')).length).toBe(11)
  })

  it('is refused for nobody, for nothing and for too much', () => {
    expect(() => packLines(wish([], ['read-dials']))).toThrow(/children must be at least one child to print for/)
    expect(() => packLines(wish([child('Wren', 'half')], []))).toThrow(
      /things in a pack must be a whole number from 1 to 5, not 0/,
    )
    const six = (Object.keys(printables) as PrintableId[]).slice(0, 6)
    expect(() => makePack(wish([child('Wren', 'half')], six))).toThrow(/things in a pack/)
  })
})
