import { describe, expect, it } from 'vitest'
import { printables } from '../../src/core'
import { readPdf } from '../readback/pdf'
import { call } from './calls'

const print = await import('../../src/pages/api/print.pdf')

const wish = { printable: 'spot-same', seed: 7, options: { paper: 'a4', wording: { language: 'fr', form: 'turns' }, rung: 'half', count: 4 } } // prettier-ignore
const get = (json: unknown) => call<Buffer>(print.GET, 'GET', { query: `print=${encodeURIComponent(JSON.stringify(json))}` }) // prettier-ignore

describe('a print as PDF', () => {
  it.each(Object.values(printables))('has its pages and its key at true size: $name', async (printable) => {
    const rung = printable.suits('half') ? 'half' : 'elapsed'
    const options = { ...wish.options, rung, count: Math.max(printable.leastItems, 4) }
    const { status, type, body } = await get({ ...wish, printable: printable.id, options })
    expect([status, type]).toEqual([200, 'application/pdf'])
    const made = printable.make({ ...options, paper: 'a4', wording: { language: 'fr', form: 'turns' } }, 7)
    const pages = await readPdf(body)
    expect(pages).toHaveLength(made.pages.length + made.key.length)
  })

  it('is the same for the same wish', async () => {
    const [one, two] = [await get(wish), await get(wish)]
    // The file names the moment it was made; the pages do not.
    expect(await readPdf(one.body)).toEqual(await readPdf(two.body))
    const other = await get({ ...wish, seed: 8 })
    expect(await readPdf(other.body)).not.toEqual(await readPdf(one.body))
  })

  it.each<[string, object, RegExp]>([
    ['a printable there is not', { printable: 'snap' }, /printable must be one of \[read-dials/],
    ['a seed that is no number', { seed: 'seven' }, /seed must be a number, got seven/],
    ['more than the rung has', { options: { ...wish.options, rung: 'oclock', count: 40 } }, /count of O’clock times must be an integer in \[1, 11\], got 40/],
    ['a rung there is not', { options: { ...wish.options, rung: 'dusk' } }, /options\.rung must be one of/],
    ['a title beyond the page', { options: { ...wish.options, owner: 'x'.repeat(200) } }, /options\.owner length must be less than or equal to 60/],
  ])('is refused by name: %s', async (_, change, message) => {
    const { status, body } = await get({ ...wish, ...change })
    expect(status).toBe(400)
    expect((body as unknown as { detail: string }).detail).toMatch(message)
  }) // prettier-ignore

  it('prints names in other scripts and emoji as far as the fonts go', async () => {
    const { status } = await get({ ...wish, options: { ...wish.options, owner: '🦆 שלום Tavi' } })
    expect(status).toBe(200)
    expect((await call(print.GET, 'GET', { query: 'print=no' })).body).toMatchObject({ status: 400, field: 'print' })
    expect((await call(print.GET, 'GET', {})).body).toMatchObject({ status: 400, field: 'print' })
  })
})
