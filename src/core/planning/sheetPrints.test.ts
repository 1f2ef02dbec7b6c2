import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { readSvg } from '../../../tests/readback/svg'
import { child, request, school } from '../../../tests/readback/usualRequest'
import { catalogue } from '../activities'
import { toSvg } from '../drawing'
import { printables, PRINTABLE_IDS, type PrintableId } from '../printables'
import type { Wording } from '../wording'
import { fetchList, type PaperWay, planSession, printsOf, sessionPrints, usualWay } from '.'

const NAMES = ['Ana', 'Bram', 'Clara', 'Dov', 'Emil', 'Finn', 'Greta', 'Hugo', 'Ida', 'Jon', 'Kaia', 'Lou']
const wording: Wording = { language: 'en-GB', form: 'turns' }
const SHEETS = PRINTABLE_IDS.filter((id) => printables[id].kind === 'sheet')

/** What so many children at four steps get of one printable. */
function sheetsOf(id: PrintableId, way: PaperWay, change: { count?: number; seed?: number; lowInk?: boolean } = {}) {
  const { count = 12, seed = 7, lowInk = false } = change
  const children = NAMES.slice(0, count).map((name, i) => child(name, school.order.slice(0, 1 + (i % 4)), 7))
  const [activity] = catalogue.filter(({ prints }) => prints === id)
  if (!activity) throw new Error(`No activity prints ${id}.`)
  const settings = { paper: 'a4', wording, lowInk, way } as const
  return printsOf([activity], 'half', { request: request({ children }), settings, seed })
}

const textsOf = (pages: ReturnType<typeof sheetsOf>['pages']) =>
  pages.flatMap((page) =>
    readSvg(toSvg(page)).flatMap(({ tag, text, size = 0 }) => (tag === 'text' && text ? [{ text, size }] : [])),
  )
const countOf = (all: readonly string[], text: string) => all.filter((each) => each === text).length

const WHOLE = { answers: 'whole', two: false } as const

describe('two children’s sheets on one sheet of paper', () => {
  it.each(SHEETS)('have the same questions of %s, in letters that can be read, for each child by name', (id) => {
    const one = sheetsOf(id, WHOLE)
    const two = sheetsOf(id, { answers: 'whole', two: true })
    expect(two.pages.length).toBeLessThanOrEqual(one.pages.length)
    for (const name of NAMES) expect(textsOf(two.pages).filter(({ text }) => text === name).length).toBeGreaterThan(0)
    // Every page is as large as the paper, upright or across.
    for (const { width, height } of two.pages) expect([width, height].sort()).toEqual([210, 297])
    const across = two.pages.filter(({ width }) => width === 297)
    for (const { text, size } of textsOf(across))
      expect(size, text).toBeGreaterThanOrEqual(text.startsWith('Ripe Acorn') ? 1.5 : 2.4 - 1e-6)
    expect(new Set(two.items.map(({ shown }) => JSON.stringify(shown))).size).toBeGreaterThan(1)
  })

  it('halve the paper of most sheets, and are usual for more than eight children', () => {
    const halved = SHEETS.filter((id) => sheetsOf(id, { answers: 'none', two: true }).pages.length === 6)
    expect(halved.length).toBeGreaterThan(SHEETS.length / 2)
    expect(usualWay(8)).toEqual({ answers: 'short', two: false })
    expect(usualWay(9)).toEqual({ answers: 'short', two: true })
  })
})

describe('a session of twenty-four', () => {
  /** On up to eight steps, for 30 to 60 minutes, at a table or in a hall. */
  function sessionOf24(seed: number) {
    const steps = [3, 4, 8][seed % 3] ?? 3
    const children = Array.from({ length: 24 }, (_, i) =>
      child(`Child ${i}`, school.order.slice(0, 1 + (i % steps)), 6 + (i % 3)),
    )
    const wish = request({ children, minutes: [30, 45, 60][seed % 3], place: seed % 2 ? 'table' : 'hall' })
    const plan = planSession(wish, { seed })
    return { plan, wish, prints: sessionPrints(plan, wish, { paper: 'a4', wording, lowInk: false }, seed) }
  }

  it('is printed on at most fifty pages, as it is offered', () => {
    // The first were 54 to 63 pages once; the others are as they come.
    for (const seed of [41, 89, 119, 197, 203, 245, 1, 2, 3, 4, 5, 6]) {
      const { pages, keys } = sessionOf24(seed).prints
      expect(pages.length + keys.length, `seed ${seed}`).toBeLessThanOrEqual(48)
    }
  })

  it('has two clocks on a sheet, each with its name, and asks for as much card', () => {
    const { plan, wish, prints } = sessionOf24(1)
    const clocks = prints.pages.filter(({ title }) => title === 'My clock')
    expect(clocks).toHaveLength(12)
    const names = textsOf(clocks).map(({ text }) => text)
    for (const { name } of wish.children) expect(countOf(names, name)).toBe(1)
    expect(countOf(names, 'hour hand, 33.3 mm from the hole')).toBe(24)
    expect(fetchList(plan, wish).find(({ material }) => material === 'card')?.amount).toBe(12)
  })
})

describe('short answers', () => {
  it.each(SHEETS.filter((id) => id !== 'rung-check'))(
    'of %s are every text of the whole ones, on fewer pages',
    (id) => {
      fc.assert(
        fc.property(fc.nat({ max: 1000 }), (seed) => {
          const whole = sheetsOf(id, WHOLE, { seed, count: 5 })
          const short = sheetsOf(id, { answers: 'short', two: false }, { seed, count: 5 })
          expect(short.pages).toEqual(whole.pages)
          expect(short.keys.length).toBe(Math.ceil(whole.keys.length / 4))
          const bar = 'This bar is 100 mm when printed at 100 %'
          const texts = (pages: typeof whole.keys) =>
            textsOf(pages)
              .flatMap(({ text }) => (text === bar ? [] : [text]))
              .sort()
          expect(texts(short.keys)).toEqual(texts(whole.keys))
        }),
        { numRuns: 3 },
      )
    },
  )

  it('of a check are one guide for each step, with every child’s answers', () => {
    const whole = sheetsOf('rung-check', WHOLE)
    const short = sheetsOf('rung-check', { answers: 'short', two: false })
    expect(short.keys.length).toBeLessThanOrEqual(8)
    expect(whole.keys.length).toBeGreaterThanOrEqual(24)
    const [shortTexts, wholeTexts] = [short.keys, whole.keys].map((keys) => textsOf(keys).map(({ text }) => text))
    for (const name of NAMES) expect(shortTexts?.some((text) => text.startsWith(`${name}, no. `))).toBe(true)
    // The lines with the answers are the same as those of each child's own guide, save for the letters.
    const answersIn = (texts: readonly string[] = []) =>
      texts.filter((text) => /^\d\. .* — /.test(text)).map((text) => text.split(' — ')[0] ?? '')
    for (const answer of answersIn(wholeTexts))
      expect(countOf(answersIn(shortTexts), answer)).toBe(countOf(answersIn(wholeTexts), answer))
  })
})

describe('what is printed for some children', () => {
  it('is theirs alone, and the same as with all', () => {
    const all = sheetsOf('read-dials', WHOLE)
    const some = sheetsOf('read-dials', { ...WHOLE, childIds: ['Clara', 'Finn'] })
    expect(some.pages).toEqual([all.pages[2], all.pages[5]])
    expect(some.keys).toEqual([all.keys[2], all.keys[5]])
    expect(sheetsOf('bingo', { ...WHOLE, childIds: ['Clara'] }).pages).toEqual([])
    expect(sheetsOf('bingo', { answers: 'none', two: true }).keys.length).toBeGreaterThan(0)
  })
})
