import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { boxOf, readSvg } from '../../../tests/readback/svg'
import { SAFE_MARGIN_MM, papers, toSvg, type PaperId } from '../drawing'
import { RefusedValue } from '../errors'
import { type FastenerId, SMALLEST_FACE_MM, fasteners, largestFace, measurePaperClock, paperClockAmounts, paperClockPage } from '.' // prettier-ignore

const paper = fc.constantFrom<PaperId>('a4', 'letter')
const fastener = fc.constantFrom(...(Object.keys(fasteners) as FastenerId[]))

describe('a paper clock', () => {
  it('fits its page at any diameter that it accepts, with no part over another', () => {
    fc.assert(
      fc.property(paper, fastener, fc.boolean(), fc.double({ min: 0, max: 1, noNaN: true }), (paperId, fastenerId, ring, share) => {
        const request = { paper: paperId, fastener: fastenerId, ringOfFives: ring }
        const faceMm = SMALLEST_FACE_MM + share * (largestFace(request) - SMALLEST_FACE_MM)
        const shapes = readSvg(toSvg(paperClockPage({ ...request, faceMm })))
        const { width, height } = papers[paperId]
        const part = (name: string) => boxOf(shapes.filter((shape) => shape.parts.includes(name) && shape.layer === 'cut'))
        const whole = boxOf(shapes)
        expect(whole.left).toBeGreaterThanOrEqual(SAFE_MARGIN_MM - 0.01)
        expect(whole.right).toBeLessThanOrEqual(width - SAFE_MARGIN_MM + 0.01)
        expect(whole.bottom).toBeLessThanOrEqual(height - SAFE_MARGIN_MM + 0.01)
        const face = part('face')
        const [minute, hour] = [part('cut-minute-hand'), part('cut-hour-hand')]
        expect(minute.top).toBeGreaterThan(face.bottom)
        expect(hour.top).toBeGreaterThan(face.bottom)
        expect(hour.left).toBeGreaterThan(minute.right)
      }),
      { numRuns: 60 },
    ) // prettier-ignore
  })

  it('has the measures of the job', () => {
    const measures = measurePaperClock({ paper: 'a4', faceMm: 180 })
    expect(measures.minuteHandMm).toBeCloseTo(79.2, 6)
    expect(measures.hourHandMm / measures.minuteHandMm).toBeCloseTo(0.6, 6)
    // Three layers of 0.2 mm, and 8 mm of leg beyond them.
    expect(measures.stackMm).toBeCloseTo(0.6, 6)
    expect(measures.legMm).toBe(9)
    // A hole of 4 mm with 5 mm of paper on each side.
    expect(measures.handWidthMm).toBeGreaterThanOrEqual(14)
  })

  it('says what is possible for a face that is not', () => {
    for (const faceMm of [0, -5, NaN, 59, 400, Infinity])
      expect(() => measurePaperClock({ paper: 'a4', faceMm })).toThrow(/face diameter on A4 \(mm\) must be a number in \[60, 185\]/) // prettier-ignore
    expect(() => paperClockAmounts(0, 0)).toThrow(RefusedValue)
    expect(paperClockAmounts(12, 2)).toEqual({ pages: 14, fasteners: 14 })
  })
})
