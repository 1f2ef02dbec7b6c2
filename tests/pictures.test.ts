import { describe, expect, it } from 'vitest'
import { isOwnPicture, isPictureId, pictureFinder, proposePicture } from '../src/core/days'
import { pictureOf, readPicture, shapeSvg } from '../src/core/drawing'
import { pictureSet, wordsOfSet } from '../scripts/pictures'
import { EVERYDAY } from '../scripts/pictures/everyday'
import { DOINGS } from './pictures/doings'

const set = pictureSet()
const ids = new Set(set.keys())

describe('the set of pictures', () => {
  it('has a thousand and more, all called as pictures are', () => {
    expect(set.size).toBeGreaterThan(1000)
    for (const id of ids) expect(isPictureId(id)).toBe(true)
    // No clock: it would show a time that nobody asked for.
    for (const { name, others } of wordsOfSet('en-GB', ids))
      expect([name, ...others].join(' ')).not.toMatch(/clock|o’clock|hourglass/)
  })

  it('is read back from its files as it was drawn', () => {
    for (const outlines of [...set.values()].slice(0, 200)) {
      const read = readPicture(shapeSvg(pictureOf(outlines, 20, 'colour')))
      expect(read.map(([fill]) => fill)).toEqual(outlines.map(([fill]) => fill))
      expect(shapeSvg(pictureOf(read, 20, 'outline'))).toBe(shapeSvg(pictureOf(outlines, 20, 'outline')))
    }
  })

  it('stays in its square', () => {
    for (const [id, outlines] of set)
      for (const [, data] of outlines) {
        const ends = data.replace(/C(?:\S+ ){4}/g, 'L').match(/-?\d+(?:\.\d+)?/g) ?? []
        for (const at of ends) expect(`${id} ${Math.abs(Number(at)) <= 10.05}`).toBe(`${id} true`)
      }
  })

  it('has each picture that everyday words name', () => {
    for (const { id } of EVERYDAY) expect(`${id} ${ids.has(id) || isOwnPicture(id)}`).toBe(`${id} true`)
  })
})

describe('what children do in a day', () => {
  it.each(['en-GB', 'de', 'fr', 'es'] as const)('gets a fitting picture by itself: %s', (language) => {
    const words = pictureFinder(wordsOfSet(language, ids))
    const proposed = DOINGS.map(({ fitting, said }) => {
      const id = proposePicture(said[language], words)
      return { doing: said[language], id, kind: id === undefined ? 'none' : fitting.includes(id) ? 'fits' : 'wrong' }
    })
    const share = (kind: string) => proposed.filter((each) => each.kind === kind).length / proposed.length
    expect(proposed.length).toBeGreaterThanOrEqual(200)
    expect(share('fits')).toBeGreaterThanOrEqual(0.9)
    expect(share('wrong')).toBeLessThanOrEqual(0.02)
  })
})
