import * as fontkit from 'fontkit'
import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { type Shape, outlined, textAt, toSvg, textWidth } from '../src/core/drawing'
import { printables } from '../src/core/printables'
import { fontOutlines } from '../scripts/outlines'

const outlines = fontOutlines()
const drawn = (shape: Shape) => outlined({ width: 100, height: 50, title: 't', shapes: [shape] }, outlines).shapes[0]

/** The box of all points of a path: of its ends, which lie on the outline. */
function ends(shape: Shape | undefined) {
  if (shape?.type !== 'path') throw new Error('no path')
  const points = shape.commands.flatMap((command) => ('x' in command ? [command] : []))
  const [xs, ys] = [points.map(({ x }) => x), points.map(({ y }) => y)]
  return { left: Math.min(...xs), right: Math.max(...xs), top: Math.min(...ys), bottom: Math.max(...ys) }
}

describe('letters as outlines', () => {
  const font = fontkit.create(readFileSync('node_modules/@fontsource/andika/files/andika-latin-400-normal.woff'))
  if (!('layout' in font)) throw new Error('not a single font')

  it('lie where the font itself puts them, from the start, the middle and the end', () => {
    const size = 10
    for (const [anchor, shift] of [
      ['start', 0],
      ['middle', 0.5],
      ['end', 1],
    ] as const)
      for (const text of ['H', 'Ag8', 'zwölf', '7:50']) {
        const box = ends(drawn(textAt(text, { x: 40, y: 30 }, { size, anchor })))
        const run = font.layout(text, { liga: false, kern: false, calt: false })
        const scale = size / font.unitsPerEm
        const start = 40 - shift * textWidth(text, size)
        expect(box.left, text).toBeCloseTo(start + run.bbox.minX * scale, 1)
        expect(box.right, text).toBeCloseTo(start + run.bbox.maxX * scale, 1)
        expect(box.bottom, text).toBeCloseTo(30 - run.bbox.minY * scale, 1)
        expect(box.top, text).toBeCloseTo(30 - run.bbox.maxY * scale, 1)
      }
  })

  it('leave no text in any print, and every other shape as it was', () => {
    for (const printable of Object.values(printables)) {
      const rung = (
        ['half', 'fives', 'elapsed', 'later', 'rounding', 'day-halves', 'work-back', 'timetable'] as const
      ).find((each) => printable.suits(each))
      if (!rung) continue
      const wording = { language: 'de', form: 'turns' } as const
      const { pages } = printable.make({ rung, count: printable.leastItems, paper: 'a4', wording }, 3)
      for (const page of pages) {
        const svg = toSvg(outlined(page, outlines))
        expect(svg, printable.id).not.toContain('<text')
        const count = (text: string, tag: string) => text.split(`<${tag} `).length
        for (const tag of ['circle', 'line', 'g']) expect(count(svg, tag)).toBe(count(toSvg(page), tag))
      }
    }
  })

  it('refuse a letter that is not there', () => {
    const shapes = [textAt('A', { x: 0, y: 0 }, { size: 4 })]
    expect(() => outlined({ width: 9, height: 9, title: '', shapes }, { ...outlines, regular: {} })).toThrow(
      'text must be made of letters that the font’s outlines have, not A',
    )
  })
})
