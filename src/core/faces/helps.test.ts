import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { inkCorners, outlinesTouch, stroke } from '../../../tests/readback/ink'
import { type Point, type ReadShape, readDials, readSvg } from '../../../tests/readback/svg'
import { textWidth, toSvg } from '../drawing'
import { languages } from '../wording'
import { dialDrawing, dialExtent, faceWithin } from '.'
import { HAND_SIGNS } from './dialHands'
import { LEAST_LETTERS_MM } from './ringOfFives'

const HELPS = { ringOfFives: true, halves: true, handLabels: true }
const anyLanguage = fc.constantFrom(...Object.values(languages))
const anyRadius = fc.double({ min: 10, max: 100, noNaN: true })
const anyMinute = fc.integer({ min: 0, max: 719 })

const read = (minute: number, radius: number, words = languages['en-GB'].phrases.onDial) =>
  readSvg(toSvg(dialDrawing(minute, { radius, ...HELPS, words }, 'dial')))

/** The names of the hour hand and the minute hand, or their signs. */
const namesOf = (shapes: readonly ReadShape[], names: { readonly hour: string; readonly minute: string }) =>
  (['hour', 'minute'] as const).flatMap((hand) => texts(shapes, [names[hand], HAND_SIGNS[hand]]))

const texts = (shapes: readonly ReadShape[], said: readonly string[]) =>
  shapes.filter(({ tag, text = '' }) => tag === 'text' && said.includes(text))

const corners = (shape: ReadShape) =>
  inkCorners(shape, (letter, isBold) => textWidth(letter, 1, isBold ? 'bold' : 'regular'))

describe('helps on a printed dial', () => {
  it('take a face that fits the room there is', () => {
    fc.assert(
      fc.property(fc.double({ min: 8, max: 300, noNaN: true }), fc.boolean(), (room, ringOfFives) => {
        expect(dialExtent({ radius: faceWithin(room, ringOfFives), ringOfFives })).toBeCloseTo(room, 6)
      }),
    )
  })

  it('have letters that can be read, however small the clock: where a hand’s name would be too small, its sign stands there', () => {
    fc.assert(
      fc.property(anyMinute, anyRadius, anyLanguage, (minute, radius, { phrases: { onDial } }) => {
        const shapes = read(minute, radius, onDial)
        const fives = Array.from({ length: 12 }, (_, i) => String((i + 1) * 5))
        for (const { size } of texts(shapes, [...fives.slice(2), onDial.past, onDial.to]))
          expect(size).toBeGreaterThanOrEqual(LEAST_LETTERS_MM - 1e-3)
        const names = namesOf(shapes, onDial)
        expect(names).toHaveLength(2)
        for (const { size = 0, text = '' } of names)
          expect(textWidth(text, size, 'bold')).toBeLessThanOrEqual(radius * 0.5)
        for (const { size = 0 } of names) expect(size).toBeGreaterThanOrEqual(LEAST_LETTERS_MM - 1e-3)
      }),
    )
  })

  it('stand on most dials: a side has its name unless there is no room for it', () => {
    const named = (radius: number) =>
      Array.from({ length: 720 }, (_, minute) => minute).flatMap((minute) =>
        texts(read(minute, radius), ['past', 'to']),
      ).length /
      (2 * 720)
    expect(named(40)).toBeGreaterThan(0.9)
    expect(named(12)).toBeGreaterThan(0.5)
  })

  it('keep the hands’ names off each other, and all words off the hand they do not belong to', () => {
    fc.assert(
      fc.property(anyMinute, anyRadius, anyLanguage, (minute, radius, { phrases: { onDial } }) => {
        const shapes = read(minute, radius, onDial)
        const dial = readDials(shapes)[0]
        const [hour, long] = ['hour', 'minute'].map((hand) => {
          const angle = ((dial?.[hand as 'hour' | 'minute'] ?? NaN) * Math.PI) / 180
          const reach = radius * (hand === 'hour' ? 0.5 : 0.85)
          const pivot = dial?.pivot ?? { x: NaN, y: NaN }
          return stroke(pivot, { x: pivot.x + reach * Math.sin(angle), y: pivot.y - reach * Math.cos(angle) })
        })
        const [hourName, minuteName] = namesOf(shapes, onDial).map((name) => corners(name))
        expect(outlinesTouch(hourName as Point[], minuteName as Point[]), 'names').toBe(false)
        expect(outlinesTouch(hourName as Point[], long as Point[]), 'hour').toBe(false)
        expect(outlinesTouch(minuteName as Point[], hour as Point[]), 'minute').toBe(false)
        const numerals = texts(
          shapes,
          Array.from({ length: 12 }, (_, i) => String(i + 1)),
        ).filter(({ weight }) => weight === 'bold')
        expect(numerals).toHaveLength(12)
        for (const side of texts(shapes, [onDial.past, onDial.to]))
          for (const [what, other] of [
            ['the hour hand', hour],
            ['the minute hand', long],
            ['the hour hand’s name', hourName],
            ['the minute hand’s name', minuteName],
            ...numerals.map((numeral) => [numeral.text, corners(numeral)] as const),
          ] as const)
            expect(outlinesTouch(corners(side), other as Point[]), `${side.text} on ${what}`).toBe(false)
        for (const name of [hourName, minuteName])
          for (const numeral of numerals)
            expect(outlinesTouch(name as Point[], corners(numeral)), `a name on ${numeral.text}`).toBe(false)
      }),
      { numRuns: 300 },
    )
  })
})
