import { describe, expect, it } from 'vitest'
import { type ReadShape, type Point, apart, readSvg } from '../../../tests/readback/svg'
import { toSvg } from '../drawing'
import { type FigureLook, MOVE_IDS, armsBetween, figureArms, figureShapes, moveFrames } from '.'
import { MOVE_POSES } from './movePoses'

/* What a figure looks like is read back from what is drawn: lines and circles with their places, nothing else. */

const read = (minute: number, look: Partial<FigureLook> = {}) =>
  readSvg(
    toSvg({
      width: 1,
      height: 1,
      title: '',
      shapes: figureShapes(minute, { stance: 'two-feet', hands: 'both', view: 'own', ...look }),
    }),
  )

const partOf = (shapes: readonly ReadShape[], part: string) => shapes.filter(({ parts }) => parts.includes(part))
const linesOf = (shapes: readonly ReadShape[], part: string) =>
  partOf(shapes, part).flatMap(({ tag, points: [from, to] }) =>
    tag === 'line' && from && to ? [[from, to] as const] : [],
  )

const length = (a: Point, b: Point) => Math.hypot(a.x - b.x, a.y - b.y)
const angleTo = (from: Point, to: Point) => ((Math.atan2(to.x - from.x, from.y - to.y) * 180) / Math.PI + 360) % 360

function offLine(at: Point, [from, to]: readonly [Point, Point]): number {
  const [dx, dy] = [to.x - from.x, to.y - from.y]
  const t = Math.max(0, Math.min(1, ((at.x - from.x) * dx + (at.y - from.y) * dy) / (dx * dx + dy * dy || 1)))
  return length(at, { x: from.x + t * dx, y: from.y + t * dy })
}

/** Shoulder, elbow and hand of a part: where its longest lines meet. */
function jointsOf(shapes: readonly ReadShape[], part: string): [Point, Point, Point] {
  const lines = linesOf(shapes, part).filter(([from, to]) => length(from, to) > 20)
  const upper = lines.find((one) => lines.some((other) => length(one[1], other[0]) < 0.01))
  const fore = lines.find((other) => upper && length(upper[1], other[0]) < 0.01)
  if (!upper || !fore) throw new Error(`no ${part}`)
  return [upper[0], upper[1], fore[1]]
}

const ALL = Array.from({ length: 720 }, (_, minute) => minute)
/** Half the width of a limb with its contour and rim, and of a hand. */
const HALF_LIMB = 6.9
const HAND = 6.1

describe('the figure, at all 720 times', () => {
  const drawn = ALL.flatMap((minute) =>
    (['own', 'leader'] as const).map((view) => ({ minute, shapes: read(minute, { view }) })),
  )

  it('has a bent arm that reads as bent: an open angle, and a gap beside the upper arm', () => {
    for (const { minute, shapes } of drawn) {
      const [shoulder, elbow, hand] = jointsOf(shapes, 'bent-arm')
      const bend = apart(angleTo(elbow, shoulder), angleTo(elbow, hand))
      expect(bend, `the bend at ${minute}`).toBeGreaterThan(40)
      expect(bend, `the bend at ${minute}`).toBeLessThan(50)
      expect(offLine(hand, [shoulder, elbow]), `the gap at ${minute}`).toBeGreaterThan(2 * HAND)
    }
  })

  it('has its elbow farther out than its hand, and nothing of the other hand near it', () => {
    for (const { minute, shapes } of drawn) {
      const [shoulder, elbow, hand] = jointsOf(shapes, 'bent-arm')
      expect(length(shoulder, elbow), `elbow at ${minute}`).toBeGreaterThan(length(shoulder, hand) + 5)
      expect(length(elbow, jointsOf(shapes, 'long-arm')[2]), `hands at ${minute}`).toBeGreaterThan(2 * HAND)
    }
  })

  it('hides no pointing hand, and no more than a fifth of the outer half of the long arm', () => {
    for (const { minute, shapes } of drawn) {
      const [shoulder, , hand] = jointsOf(shapes, 'long-arm')
      const bent = jointsOf(shapes, 'bent-arm')
      const over = [
        [bent[0], bent[1]],
        [bent[1], bent[2]],
      ] as const
      const isHidden = (at: Point) => over.some((line) => offLine(at, line) < HALF_LIMB) || length(at, bent[2]) < HAND
      const along = Array.from({ length: 41 }, (_, i) => 0.5 + i / 80).map((share) => ({
        x: shoulder.x + (hand.x - shoulder.x) * share,
        y: shoulder.y + (hand.y - shoulder.y) * share,
      }))
      expect(isHidden(hand), `the hand at ${minute}`).toBe(false)
      expect(along.filter(isHidden).length / along.length, `the long arm at ${minute}`).toBeLessThanOrEqual(0.2)
    }
  })

  it('tells its arms apart without colour: bands on the long one, a patch on the elbow that points', () => {
    for (const { minute, shapes } of drawn) {
      const [shoulder, elbow, hand] = jointsOf(shapes, 'long-arm')
      const across = linesOf(shapes, 'long-arm').filter(([from, to]) => length(from, to) < 12 && length(from, to) > 7)
      const square = across.filter(([from, to]) => Math.abs(apart(angleTo(from, to), angleTo(shoulder, hand)) - 90) < 1)
      expect(square.length, `bands at ${minute}`).toBeGreaterThanOrEqual(3)
      expect(offLine(elbow, [shoulder, hand]), `straight at ${minute}`).toBeLessThan(0.1)
      const bent = jointsOf(shapes, 'bent-arm')
      const last = partOf(shapes, 'bent-arm').at(-1)
      expect(last?.tag).toBe('circle')
      expect(offLine(bent[1], [last?.points[0] as Point, last?.points[1] as Point]), `patch at ${minute}`).toBeLessThan(
        4,
      )
    }
  })

  it('rests the other arm where one hand alone is shown, with an elbow that is hardly bent and no pointing hand', () => {
    for (const minute of ALL.filter((each) => each % 60 === 0)) {
      const shapes = read(minute, { hands: 'hour' })
      expect(partOf(shapes, 'long-arm')).toEqual([])
      const [shoulder, elbow, hand] = jointsOf(shapes, 'resting-arm')
      expect(apart(angleTo(elbow, shoulder), angleTo(elbow, hand))).toBeGreaterThan(120)
      expect(hand.y).toBeGreaterThan(elbow.y)
    }
  })
})

describe('a figure on its way to the next time', () => {
  const look = { hands: 'both', view: 'own' } as const
  const arms = (minute: number) => figureArms(minute, look)

  it('begins with the one and ends with the other', () => {
    for (const [from, to] of [
      [0, 345],
      [180, 540],
      [700, 20],
    ] as const) {
      expect(armsBetween(arms(from), arms(to), 1)).toEqual(arms(to))
      for (const arm of armsBetween(arms(from), arms(to), 0)) {
        const before = arms(from).find(({ side }) => side === arm.side)
        expect(apart(arm.upper, before?.upper ?? 0)).toBeLessThan(1e-9)
        expect(arm.part).toBe(before?.part)
      }
    }
  })

  it('turns each part the shorter way round', () => {
    const [from, to] = [arms(715), arms(5)]
    for (const share of [0.25, 0.5, 0.75])
      for (const arm of armsBetween(from, to, share)) {
        const ends = [from, to].map((each) => each.find(({ side }) => side === arm.side)?.upper ?? 0) as [
          number,
          number,
        ]
        const whole = apart(...ends)
        expect(apart(arm.upper, ends[0])).toBeCloseTo(whole * share, 6)
        expect(apart(arm.upper, ends[1])).toBeCloseTo(whole * (1 - share), 6)
      }
  })
})

describe('moves', () => {
  it('have two moments each, told apart from each other’s by the arms, standing and seated', () => {
    for (const form of ['standing', 'seated'] as const) {
      const arms = MOVE_IDS.map((move) => MOVE_POSES[move][form].map(({ left, right }) => [left, right]))
      for (const frames of MOVE_IDS.map((move) => MOVE_POSES[move][form])) {
        // The stage has each seen half of the time (`caller.css`).
        expect(frames.length).toBe(2)
        expect(new Set(frames.map((each) => JSON.stringify(each))).size).toBe(frames.length)
      }
      expect(new Set(arms.map((each) => JSON.stringify(each))).size).toBe(MOVE_IDS.length)
    }
  })

  it('are drawn on a seat for seated children, a wheelchair among them, and on none for those who stand', () => {
    const seats = MOVE_IDS.map((move) =>
      moveFrames(move, true).map((shapes) => readSvg(toSvg({ width: 1, height: 1, title: '', shapes }))),
    )
    for (const frames of seats) for (const shapes of frames) expect(partOf(shapes, 'seat').length).toBeGreaterThan(0)
    const wheels = seats.filter(([shapes]) => linesOf(shapes ?? [], 'seat').some(([from]) => Math.abs(from.x) > 25))
    expect(wheels.length).toBeGreaterThan(1)
    expect(wheels.length).toBeLessThan(MOVE_IDS.length)
    for (const move of MOVE_IDS)
      for (const shapes of moveFrames(move, false).map((each) =>
        readSvg(toSvg({ width: 1, height: 1, title: '', shapes: each })),
      ))
        expect(partOf(shapes, 'seat')).toEqual([])
  })
})
