import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { apart, boxOf, readDials, readSvg, timeOf } from '../../../tests/readback/svg'
import { textWidth, toSvg } from '../drawing'
import {
  dialDrawing,
  dialExtent,
  handMeasures,
  handOutline,
  jumpEnds,
  jumpLine,
  minuteTouched,
  minutesAtX,
  numberLine,
  numberLineX,
} from '.'

const svgOf = (minute: number, options = {}) => readSvg(toSvg(dialDrawing(minute, { radius: 50, ...options }, 'dial')))

describe('a drawn dial', () => {
  it('has both hands within 0.1 degrees of where they belong, at every minute of the half day', () => {
    for (let minute = 0; minute < 720; minute++) {
      const [dial] = readDials(svgOf(minute))
      expect(apart(dial?.minute ?? NaN, (minute % 60) * 6)).toBeLessThanOrEqual(0.1)
      expect(apart(dial?.hour ?? NaN, minute / 2)).toBeLessThanOrEqual(0.1)
      if (dial) expect(timeOf(dial).minute).toBe(minute)
    }
  })

  it('lays the minute hand over the hour hand', () => {
    const parts = svgOf(65).flatMap((shape) => shape.parts)
    expect(parts.indexOf('hour-hand')).toBeLessThan(parts.indexOf('minute-hand'))
  })

  it('draws one hand alone where only one is asked for', () => {
    expect(Object.keys(readDials(svgOf(200, { hands: 'hour' }))[0] ?? {})).toEqual(['pivot', 'hour'])
    expect(Object.keys(readDials(svgOf(200, { hands: 'minute' }))[0] ?? {})).toEqual(['pivot', 'minute'])
    expect(readDials(svgOf(200, { hands: 'none' }))).toEqual([])
  })

  it('has each numeral and each count of the ring at its own angle', () => {
    const texts = svgOf(0, { ringOfFives: true, hands: 'none' }).filter((shape) => shape.tag === 'text')
    expect(texts.length).toBe(24)
    const centre = dialExtent({ radius: 50, ringOfFives: true })
    for (const {
      text,
      size = 0,
      points: [at],
    } of texts) {
      const value = Number(text)
      const onRing = Math.hypot((at?.x ?? 0) - centre, (at?.y ?? 0) - centre) > 50
      const degrees = (Math.atan2((at?.x ?? 0) - centre, centre - ((at?.y ?? 0) - size * 0.3625)) * 180) / Math.PI
      expect(apart(degrees, onRing ? value * 6 : value * 30)).toBeLessThan(0.2)
    }
  })

  it('keeps everything inside what it says it takes', () => {
    for (const options of [
      {},
      { ringOfFives: true },
      { halves: true, zones: true, handLabels: true },
      { zoneLines: true, quarterShading: true, secondHand: 40 },
      { quarterShading: true, halves: true, lowInk: true },
      { foldLines: true, arc: 'past' as const },
      { arc: 'to' as const, pointedAt: 'face' as const },
    ]) {
      const { width, height } = dialDrawing(517, { radius: 50, ...options }, 'dial')
      expect([width, height]).toEqual(Array(2).fill(2 * dialExtent({ radius: 50, ...options })))
      // Half of the rim's line lies outside the face.
      expect(width).toBeGreaterThanOrEqual(2 * 50 + 50 * 0.025)
      for (const shape of svgOf(517, options))
        for (const { x, y } of shape.points) {
          expect(Math.min(x, y)).toBeGreaterThanOrEqual(-0.01)
          expect(x).toBeLessThanOrEqual(width + 0.01)
          expect(y).toBeLessThanOrEqual(height + 0.01)
        }
    }
  })
})

describe('a hand', () => {
  it.each(['hour', 'minute'] as const)('is alike left and right of its middle: %s', (hand) => {
    const points = handOutline(hand, handMeasures(hand, 60)).flatMap((command) => ('x' in command ? [command] : []))
    for (const { x, y } of points)
      expect(
        points.some((other) => Math.abs(other.x + x) < 1e-9 && Math.abs(other.y - y) < 1e-9),
        `${x} ${y}`,
      ).toBe(true)
  })

  it('differs from the other in length, width and reach', () => {
    const [hour, minute] = [handMeasures('hour', 100), handMeasures('minute', 100)]
    expect(hour.length / minute.length).toBeGreaterThanOrEqual(0.55)
    expect(hour.length / minute.length).toBeLessThanOrEqual(0.65)
    expect(hour.width).toBeGreaterThan(2 * minute.width)
  })
})

describe('helps on the dial', () => {
  it('count an arc from 12 to the minute hand, the way its side is counted, with a dot at every five', () => {
    for (const [minute, arc, dots] of [
      [20, 'past', 5],
      [35, 'to', 6],
      [50, 'to', 3],
      [5, 'past', 2],
    ] as const) {
      const bare = svgOf(minute).filter((shape) => shape.tag === 'circle').length
      const drawn = svgOf(minute, { arc })
      expect(drawn.filter((shape) => shape.tag === 'circle').length - bare).toBe(dots)
    }
    // At o'clock there is nothing to count on.
    expect(svgOf(0, { arc: 'past' }).length).toBe(svgOf(0).length)
  })

  it('ring the part that is pointed at where that part is', () => {
    const centre = dialExtent({ radius: 50 })
    const rings = (pointedAt: string) => {
      const bare = svgOf(610, { secondHand: 38 })
      return svgOf(610, { secondHand: 38, pointedAt })
        .filter((shape) => shape.tag === 'circle')
        .slice(bare.filter((shape) => shape.tag === 'circle').length)
    }
    const mean = (list: number[]) => list.reduce((sum, each) => sum + each, 0) / list.length
    const angleOf = (at?: { x: number; y: number }) =>
      (Math.atan2((at?.x ?? 0) - centre, centre - (at?.y ?? 0)) * 180) / Math.PI
    for (const [part, degrees] of [
      ['hour-hand', 305],
      ['minute-hand', 60],
      ['second-hand', 228],
    ] as const) {
      const [ring] = rings(part)
      const points = ring?.points ?? []
      const middle = { x: mean(points.map(({ x }) => x)), y: mean(points.map(({ y }) => y)) }
      expect(apart(angleOf(middle), degrees), part).toBeLessThan(0.5)
    }
  })
})

describe('lines beside a dial', () => {
  it('have every count at its place, and are read back from it', () => {
    for (let minutes = 0; minutes <= 60; minutes++) expect(minutesAtX(numberLineX(minutes))).toBe(minutes)
    expect(minutesAtX(-50)).toBe(0)
    expect(minutesAtX(1e6)).toBe(60)
    // A touch stays within the hour that the line shows.
    expect([-50, numberLineX(7), 1e6].map((x) => minuteTouched(615, x))).toEqual([600, 607, 659])
    const texts = readSvg(toSvg(numberLine(40))).filter((shape) => shape.tag === 'text')
    const past = texts.filter(({ text }) => /^\d+$/.test(text ?? ''))
    // 13 counts past above, 7 counts to below.
    expect(past).toHaveLength(20)
    for (const {
      text,
      points: [at],
    } of past) {
      const above = (at?.y ?? 0) < 20
      expect(at?.x).toBeCloseTo(numberLineX(above ? Number(text) : 60 - Number(text)), 3)
    }
  })

  it('draw the jumps of the core one after the other, each with its length and its times', () => {
    const say = (minute: number) => `${Math.floor(minute / 60)}:${String(minute % 60).padStart(2, '0')}`
    const texts = readSvg(toSvg(jumpLine(515, 790, say)))
      .filter((shape) => shape.tag === 'text')
      .map(({ text }) => text)
    expect(texts).toEqual(['25 min', '4 h', '10 min', '8:35', '9:00', '13:00', '13:10'])
    expect(jumpEnds(10, -30)).toEqual({ from: 1420, to: 10 })
    expect(readSvg(toSvg(jumpLine(300, 300, say))).filter((shape) => shape.tag === 'text')).toHaveLength(1)
  })

  it('keep their times and lengths apart, however short a jump is, at both sizes of words', () => {
    const say = (minute: number) => `${Math.floor(minute / 60)}:${String(minute % 60).padStart(2, '0')}`
    const anyMinute = fc.integer({ min: 0, max: 1439 })
    fc.assert(
      fc.property(anyMinute, anyMinute, fc.constantFrom(5, 10), (from, to, textMm) => {
        const texts = readSvg(toSvg(jumpLine(from, to, say, { textMm }))).filter(({ tag }) => tag === 'text')
        const boxes = texts.map((text) =>
          boxOf([text], ({ text: of = '', size = 0, weight }) =>
            textWidth(of, size, weight === 'bold' ? 'bold' : 'regular'),
          ),
        )
        boxes.forEach((a, i) =>
          boxes
            .slice(i + 1)
            .forEach((b) =>
              expect(a.right < b.left || b.right < a.left || a.bottom < b.top || b.bottom < a.top).toBe(true),
            ),
        )
      }),
    )
  })
})
