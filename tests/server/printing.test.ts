import { describe, expect, it } from 'vitest'
import { countsOn, printables } from '../../src/core/printables'
import { rungs } from '../../src/core/teaching'
import { readPdf } from '../readback/pdf'
import { call } from './calls'

const print = await import('../../src/pages/api/print.pdf')

const wish = {
  printable: 'spot-same',
  seed: 7,
  options: { paper: 'a4', wording: { language: 'fr', form: 'turns' }, rung: 'half', count: 4 },
}
const get = (json: unknown) =>
  call<Buffer>(print.GET, 'GET', { query: `print=${encodeURIComponent(JSON.stringify(json))}` })

describe('a print as PDF', () => {
  it.each(Object.values(printables))('has its pages, its rules and its key at true size: $name', async (printable) => {
    const rung = printable.suits('half') ? 'half' : (rungs.find(({ id }) => printable.suits(id))?.id ?? 'half')
    const options = { ...wish.options, rung, count: countsOn(printable, rung).least }
    const { status, type, body } = await get({ ...wish, printable: printable.id, options })
    expect([status, type]).toEqual([200, 'application/pdf'])
    const made = printable.make({ ...options, paper: 'a4', wording: { language: 'fr', form: 'turns' } }, 7)
    const pages = await readPdf(body)
    // A game has its rules between them, in the words of the house rules.
    const rules = printable.kind === 'sheet' ? 0 : 1
    expect(pages).toHaveLength(made.pages.length + rules + made.key.length)
    expect(pages.filter(({ text }) => text.startsWith('Comment jouer'))).toHaveLength(rules)
  })

  it('is the same for the same wish', async () => {
    const [one, two] = [await get(wish), await get(wish)]
    // The file names the moment it was made; the pages do not.
    expect(await readPdf(one.body)).toEqual(await readPdf(two.body))
    const other = await get({ ...wish, seed: 8 })
    expect(await readPdf(other.body)).not.toEqual(await readPdf(one.body))
  })

  it.each<[string, object, RegExp]>([
    ['a printable there is not', { printable: 'snap' }, /Printable must be one of \[toss-and-fill, /],
    ['a seed that is no number', { seed: 'seven' }, /Seed must be a number, not seven/],
    [
      'more than the rung has',
      { options: { ...wish.options, rung: 'oclock', count: 40 } },
      /“How many rows” must be a whole number from \d to \d+, not 40/,
    ],
    ['a rung there is not', { options: { ...wish.options, rung: 'dusk' } }, /options\.rung must be one of/],
    [
      'a sector of no width',
      { printable: 'twirl-and-fill', options: { ...wish.options, sectors: [1, 0] } },
      /options\.sectors\[1\] must be above 0, not 0/,
    ],
    ['copies beyond a ream', { copies: 31 }, /Copies must be at most 30, not 31/],
    [
      'a weight of nothing',
      { options: { ...wish.options, weights: { 'next-hour': 0 } } },
      /options\.weights\.next-hour must be above 0, not 0/,
    ],
    [
      'a misreading there is not',
      { options: { ...wish.options, weights: { yawning: 2 } } },
      /options\.weights\.yawning is not allowed/,
    ],
    [
      'steps that no clock face has',
      { printable: 'trail', options: { ...wish.options, count: 12, rung: 'later', by: 90 } },
      /By must be such that 12 clocks in a row are different/,
    ],
    ['a long name', { options: { ...wish.options, owner: 'x'.repeat(200) } }, /options\.owner must have at most 60/],
  ])('is refused by name: %s', async (_, change, message) => {
    const { status, body } = await get({ ...wish, ...change })
    expect(status).toBe(400)
    expect((body as unknown as { detail: string }).detail).toMatch(message)
  })

  it('has as many copies as are wanted, and the key once', async () => {
    const once = await readPdf((await get(wish)).body)
    const copied = await readPdf((await get({ ...wish, copies: 3 })).body)
    expect(copied).toHaveLength(once.length + 2)
    expect(copied.slice(0, 3)).toEqual([once[0], once[0], once[0]])
  })

  it('prints names in other scripts and emoji as far as the fonts go', async () => {
    const { status } = await get({ ...wish, options: { ...wish.options, owner: '🦆 שלום Tavi' } })
    expect(status).toBe(200)
    expect((await call(print.GET, 'GET', { query: 'print=no' })).body).toMatchObject({ status: 400, field: 'print' })
    expect((await call(print.GET, 'GET', {})).body).toMatchObject({ status: 400, field: 'print' })
  })
})
