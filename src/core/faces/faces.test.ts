import { describe, expect, it } from 'vitest'
import { apart, readDials, readSvg, timeOf } from '../../../tests/readback/svg'
import { toSvg } from '../drawing'
import { dialDrawing, dialExtent, handMeasures, handOutline } from '.'

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
    for (const { text, size = 0, points: [at] } of texts) {
      const value = Number(text)
      const onRing = Math.hypot((at?.x ?? 0) - centre, (at?.y ?? 0) - centre) > 50
      const degrees = (Math.atan2((at?.x ?? 0) - centre, centre - ((at?.y ?? 0) - size * 0.3625)) * 180) / Math.PI
      expect(apart(degrees, onRing ? value * 6 : value * 30)).toBeLessThan(0.2)
    } // prettier-ignore
  })

  it('keeps everything inside what it says it takes', () => {
    for (const options of [
      {},
      { ringOfFives: true },
      { halves: true, zones: true, handLabels: true },
      { zoneLines: true, quarterShading: true, secondHand: 40 },
      { quarterShading: true, halves: true, lowInk: true },
    ]) {
      const size = 2 * dialExtent({ radius: 50, ...options })
      for (const shape of svgOf(517, options))
        for (const { x, y } of shape.points) {
          expect(Math.min(x, y)).toBeGreaterThanOrEqual(-0.01)
          expect(Math.max(x, y)).toBeLessThanOrEqual(size + 0.01)
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
