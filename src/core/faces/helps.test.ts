import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { type Point, type ReadShape, letters, readDials, readSvg } from '../../../tests/readback/svg'
import { textWidth, toSvg } from '../drawing'
import { languages } from '../wording'
import { dialDrawing, dialExtent, faceWithin } from '.'
import { LEAST_LETTERS_MM } from './overlays'

const HELPS = { ringOfFives: true, halves: true, handLabels: true }
const anyLanguage = fc.constantFrom(...Object.values(languages))
const anyRadius = fc.double({ min: 10, max: 100, noNaN: true })
const anyMinute = fc.integer({ min: 0, max: 719 })

const read = (minute: number, radius: number, words = languages['en-GB'].phrases.onDial) =>
  readSvg(toSvg(dialDrawing(minute, { radius, ...HELPS, words }, 'dial')))
const texts = (shapes: readonly ReadShape[], said: readonly string[]) =>
  shapes.filter(({ tag, text = '' }) => tag === 'text' && said.includes(text))
const corners = (shape: ReadShape) => {
  const [a, b, c, d] = letters(shape, textWidth(shape.text ?? '', shape.size ?? 0, 'bold'))
  return [a, b, d, c] as Point[]
}

/** Two convex outlines do not touch if some side of either has all of the other beyond it. */
function touch(a: readonly Point[], b: readonly Point[]): boolean {
  return ![
    [a, b],
    [b, a],
  ].some(([own = [], other = []]) =>
    own.some((from, i) => {
      const to = own[(i + 1) % own.length] as Point
      const side = (p: Point) => (to.x - from.x) * (p.y - from.y) - (to.y - from.y) * (p.x - from.x)
      const inside = Math.sign(Math.max(...own.map(side)) + Math.min(...own.map(side)))
      return other.every((p) => side(p) * inside < -1e-6)
    }),
  )
}

describe('helps on a printed dial', () => {
  it('take a face that fits the room there is', () => {
    fc.assert(
      fc.property(fc.double({ min: 8, max: 300, noNaN: true }), fc.boolean(), (room, ringOfFives) => {
        expect(dialExtent({ radius: faceWithin(room, ringOfFives), ringOfFives })).toBeCloseTo(room, 6)
      }),
    )
  })

  it('have letters that can be read, however small the clock: the hands’ names get smaller only where they are longer than the hand', () => {
    fc.assert(
      fc.property(anyMinute, anyRadius, anyLanguage, (minute, radius, { phrases: { onDial } }) => {
        const shapes = read(minute, radius, onDial)
        const fives = Array.from({ length: 12 }, (_, i) => String((i + 1) * 5))
        for (const { size } of texts(shapes, [...fives.slice(2), onDial.past, onDial.to]))
          expect(size).toBeGreaterThanOrEqual(LEAST_LETTERS_MM - 1e-3)
        const names = texts(shapes, [onDial.hour, onDial.minute])
        expect(names).toHaveLength(2)
        for (const { size = 0, text = '' } of names)
          expect(textWidth(text, size, 'bold')).toBeLessThanOrEqual(radius * 0.5)
        for (const { size = 0, text = '' } of names)
          expect(Math.max(size - LEAST_LETTERS_MM, textWidth(text, size, 'bold') - radius * 0.485)).toBeGreaterThan(
            -1e-3,
          )
      }),
    )
  })

  it('keep the hands’ names off each other, and all words off the hand they do not belong to', () => {
    fc.assert(
      fc.property(anyMinute, anyRadius, anyLanguage, (minute, radius, { phrases: { onDial } }) => {
        const shapes = read(minute, radius, onDial)
        const dial = readDials(shapes)[0]
        const [hour, long] = ['hour', 'minute'].map((hand) => {
          const angle = ((dial?.[hand as 'hour' | 'minute'] ?? NaN) * Math.PI) / 180
          const reach = radius * (hand === 'hour' ? 0.5 : 0.85)
          return [
            dial?.pivot,
            {
              x: (dial?.pivot.x ?? NaN) + reach * Math.sin(angle),
              y: (dial?.pivot.y ?? NaN) - reach * Math.cos(angle),
            },
          ] as Point[]
        })
        const [hourName, minuteName] = [onDial.hour, onDial.minute].map((text) =>
          corners(texts(shapes, [text])[0] as ReadShape),
        )
        expect(touch(hourName as Point[], minuteName as Point[]), 'names').toBe(false)
        expect(touch(hourName as Point[], long as Point[]), 'hour').toBe(false)
        expect(touch(minuteName as Point[], hour as Point[]), 'minute').toBe(false)
        for (const side of texts(shapes, [onDial.past, onDial.to]))
          for (const hand of [hour, long]) expect(touch(corners(side), hand as Point[]), side.text).toBe(false)
      }),
      { numRuns: 300 },
    )
  })
})
