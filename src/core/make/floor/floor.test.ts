import { inEnglish, told } from '../../wording'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { boxOf, readSvg } from '../../../../tests/readback/svg'
import { SAFE_MARGIN_MM, bodyArea, papers, toSvg } from '../../drawing'
import {
  LANE_MM,
  type Obstacle,
  USUAL_YARD,
  dueTapes,
  floorHands,
  formatDistance,
  groundOf,
  judged,
  laidMarker,
  largestClock,
  leastRadiusFor,
  markerChoices,
  markerPlace,
  offsetsOf,
  placingOrder,
  ringMeasures,
  walkCalls,
  whoStandsWhere,
  yardPages,
  yardPlan,
  angleOnPlan,
  hourOnPlan,
  hourPlace,
  pointOnPlan,
  tapedOnPlan,
  withTaped,
} from '..'

const metres = (least: number, most: number) => fc.double({ min: least * 1000, max: most * 1000, noNaN: true })
const radius = metres(0.5, 20)

describe('the largest clock in a space', () => {
  it('has its lane all round, clear of every wall and thing, and no room is left in an empty rectangle', () => {
    const thing = fc
      .record({ x: metres(0, 15), y: metres(0, 15), radiusMm: metres(0.1, 1.5) })
      .map((each): Obstacle => ({ name: 'tree', ...each }))
    fc.assert(
      fc.property(metres(5, 15), metres(5, 15), fc.array(thing, { maxLength: 3 }), (widthMm, depthMm, obstacles) => {
        const space = { kind: 'rectangle', widthMm, depthMm, obstacles } as const
        let ground
        try {
          ground = largestClock(space)
        } catch (error) {
          expect(String(error)).toContain('free space must be at least 3 m across')
          return
        }
        const reach = ground.radiusMm + LANE_MM - 0.01
        expect(Math.min(ground.x, ground.y, widthMm - ground.x, depthMm - ground.y)).toBeGreaterThanOrEqual(reach)
        for (const each of obstacles)
          expect(Math.hypot(each.x - ground.x, each.y - ground.y) - each.radiusMm).toBeGreaterThanOrEqual(reach)
        if (obstacles.length === 0) expect(ground.radiusMm).toBeCloseTo(Math.min(widthMm, depthMm) / 2 - LANE_MM, 0)
      }),
    )
  })

  it('moves away from a tree, as worked by hand', () => {
    // 10 × 6 m with a tree at the left wall: the ring of 2 m fits anywhere to the right of it.
    const space = {
      kind: 'rectangle',
      widthMm: 10_000,
      depthMm: 6000,
      obstacles: [{ name: 'tree', x: 2000, y: 3000, radiusMm: 500 }],
    } as const
    const ground = largestClock(space)
    expect(ground.radiusMm).toBeCloseTo(2000, 0)
    expect(ground.x).toBeGreaterThanOrEqual(2000 + 500 + 3000 - 1)
  })

  it.each([0, -5, NaN, 1e9])('refuses %d', (widthMm) => {
    expect(() => largestClock({ kind: 'rectangle', widthMm, depthMm: 5000, obstacles: [] })).toThrow(/width \(mm\)/)
    expect(() => largestClock({ kind: 'round', radiusMm: widthMm })).toThrow(/free radius/)
  })

  it('says what a radius may be where it does not fit', () => {
    expect(groundOf({ ...USUAL_YARD, radiusMm: 2000 }).radiusMm).toBe(2000)
    for (const radiusMm of [3000, 0, -1, NaN])
      expect(() => groundOf({ ...USUAL_YARD, radiusMm })).toThrow(/^radius must be 0\.3 to 2\.5 m here/)
  })
})

describe('a ring', () => {
  it('has the chords of the job', () => {
    const ring = ringMeasures(1000)
    expect(ring.hourChordMm).toBeCloseTo(517.6, 1)
    expect(ring.minuteChordMm).toBeCloseTo(104.7, 1)
    expect(ring.aroundMm).toBeCloseTo(6283.2, 1)
    // Half a minute is 3°: about 0.05 r.
    expect(ring.toleranceMm).toBeCloseTo(52.4, 1)
    expect(leastRadiusFor(100, 5)).toBeCloseTo(105 / (2 * Math.sin((3 * Math.PI) / 180)), 6)
  })

  it('has a square corner that is square and no longer than the string', () => {
    fc.assert(
      fc.property(radius, (r) => {
        const [a, b, c] = ringMeasures(r).threeFourFive
        expect(a * a + b * b).toBeCloseTo(c * c, 3)
        expect(b).toBeLessThanOrEqual(r + 1e-9)
      }),
    )
  })

  it('has each marker on it, a chord from the next, whichever way 12 faces', () => {
    fc.assert(
      fc.property(radius, fc.integer({ min: 0, max: 359 }), (r, turn) => {
        const { minuteChordMm } = ringMeasures(r)
        const places = Array.from({ length: 60 }, (_, minute) => markerPlace(minute, r, turn))
        places.forEach((place, i) => {
          const next = places[(i + 1) % 60]
          expect(Math.hypot(place.x, place.y)).toBeCloseTo(r, 6)
          expect(Math.hypot((next?.x ?? 0) - place.x, (next?.y ?? 0) - place.y)).toBeCloseTo(minuteChordMm, 6)
        })
      }),
      { numRuns: 30 },
    )
    expect(markerPlace(15, 2000)).toMatchObject({ rightMm: 2000 })
    expect(markerPlace(15, 2000).aheadMm).toBeCloseTo(0, 9)
  })

  it('is placed once each, 12 and 6 first', () => {
    const order = placingOrder().flatMap(({ minutes }) => minutes)
    expect(order.slice(0, 4)).toEqual([0, 30, 15, 45])
    expect([...order].sort((a, b) => a - b)).toEqual(Array.from({ length: 60 }, (_, i) => i))
  })
})

describe('markers to hand', () => {
  it('choose what can be laid, and say what is short', () => {
    const ok = (radiusMm: number, count: number, sizeMm = 100) =>
      markerChoices(radiusMm, [{ name: 'cones', count, sizeMm }])
        .filter((each) => each.ok)
        .map(({ id }) => id)
    expect(ok(2000, 64)).toContain('all')
    expect(ok(1000, 64)).not.toContain('all')
    expect(ok(2000, 16)).toEqual(['fives-chalk', 'hours', 'quarters-hours'])
    expect(ok(2000, 13)).toEqual(['hours', 'quarters-hours'])
    expect(ok(2000, 3)).toEqual([])
    expect(inEnglish(markerChoices(2000, [])[2]?.says ?? told(''))).toBe('12 short of 12 markers')
  })
})

describe('what was laid', () => {
  it('is found from two tapes, wherever it lies, and judged in minutes', () => {
    const hour = fc.integer({ min: 1, max: 12 })
    fc.assert(
      fc.property(
        radius,
        hour,
        fc.double({ min: -2, max: 2, noNaN: true }),
        fc.double({ min: 0.8, max: 1.2, noNaN: true }),
        (r, which, off, out) => {
          // 12 and 6 lie on the line of the pegs: a tape cannot tell their left from their right.
          const onLine = which % 6 === 0
          const degrees = ((which * 30 + (onLine ? Math.abs(off) : off) * 6) * Math.PI) / 180
          const [right, ahead] = [r * out * Math.sin(degrees), r * out * Math.cos(degrees)]
          const sign = which === 6 ? -1 : 1
          const found = laidMarker(
            { hour: which, fromCentreMm: r * out, fromTwelveMm: Math.hypot(right, ahead - r) },
            r,
          )
          expect(found.minutesOff).toBeCloseTo(onLine ? Math.abs(off) * sign : off, 3)
          expect(found.outMm).toBeCloseTo(r * (out - 1), 2)
        },
      ),
    )
  })

  it('need not move where both tapes read as they should', () => {
    for (let hour = 1; hour <= 12; hour++) {
      const found = laidMarker(dueTapes(hour, 2000), 2000)
      expect(found).toMatchObject({ hour, mustMove: false })
      expect(Math.hypot(found.moveRightMm, found.moveAheadMm)).toBeLessThan(0.01)
    }
    const late = judged(3, 2000, -300, 2000)
    expect(late.mustMove).toBe(true)
    expect(late.minutesOff).toBeGreaterThan(1)
    expect(late.moveAheadMm).toBeCloseTo(300, 6)
  })

  it('says when two tapes cannot meet, and what they could read', () => {
    expect(() => laidMarker({ hour: 3, fromCentreMm: 1000, fromTwelveMm: 5000 }, 2000)).toThrow(
      /^3: tape from 12 must be between 1\.00 m and 3\.00 m with 1\.00 m from the centre/,
    )
    expect(() => laidMarker({ hour: 3, fromCentreMm: -1, fromTwelveMm: 100 }, 2000)).toThrow(/tape from the centre/)
  })
})

describe('a marker on the plan', () => {
  const lay = fc
    .record({ turnDeg: fc.integer({ min: 0, max: 359 }), radiusMm: radius, mmPerMetre: metres(0.005, 0.05) })
    .map(({ radiusMm, ...rest }) => ({ ...rest, ground: { radiusMm, x: 9000, y: 7000 } }))

  it('is dragged to where its two tapes say that it lies, and drawn there', () => {
    fc.assert(
      fc.property(
        lay,
        fc.integer({ min: 1, max: 12 }),
        metres(-0.08, 0.08),
        metres(-0.08, 0.08),
        (lay, hour, dx, dy) => {
          // At 12 and 6 two tapes cannot tell left from right: the side is the hour's own.
          const [asideMm, aheadMm] = [hour % 6 === 0 ? Math.abs(dx) : dx, dy]
          const due = hourPlace(hour, lay.ground.radiusMm)
          const place = { rightMm: due.rightMm + asideMm, aheadMm: due.aheadMm + aheadMm }
          const at = pointOnPlan(place, lay)
          expect(hourOnPlan(at, lay)).toBe(hour)
          const found = laidMarker(tapedOnPlan(hour, at, lay), lay.ground.radiusMm)
          expect(Math.hypot(found.rightMm - place.rightMm, found.aheadMm - place.aheadMm)).toBeLessThan(1)
        },
      ),
    )
  })

  it('turns with the 12, as the drawn ring does', () => {
    const turned = { ground: { radiusMm: 2000, x: 3000, y: 4000 }, turnDeg: 90, mmPerMetre: 20 }
    // 12 to the right of the plan: the 3 is below the centre, 2 m or 40 mm away.
    expect(pointOnPlan(hourPlace(3, 2000), turned).x).toBeCloseTo(60, 9)
    expect(pointOnPlan(hourPlace(3, 2000), turned).y).toBeCloseTo(120, 9)
    expect(angleOnPlan({ x: 100, y: 80 }, turned)).toBeCloseTo(90, 9)
    expect(hourOnPlan({ x: 100, y: 80 }, turned)).toBe(12)
  })

  it('takes the place of what was found for its hour before, in the order of the hours', () => {
    const [three, nine] = [dueTapes(3, 2000), dueTapes(9, 2000)]
    const moved = { ...three, fromCentreMm: 1900 }
    expect(withTaped(withTaped([nine], three), moved)).toEqual([moved, nine])
  })
})

describe('hands on the ground', () => {
  it('are walked as worked by hand', () => {
    const hands = floorHands(2000, 6)
    expect(hands.hourMm).toBe(1200)
    // 2 π 2 m an hour for the long hand, a twelfth of 2 π 1.2 m for the short one.
    expect(hands.minuteWalkMm).toBeCloseTo(12_566.4, 0)
    expect(hands.hourWalkMm).toBeCloseTo(628.3, 0)
    expect(hands.minutePaces).toBe(28)
  })

  it('are called at an o’clock, a half and the quarters', () => {
    expect(walkCalls(2000).map(({ long, short }) => `${long}; ${short}`)).toEqual([
      'at the 12; at the 3',
      'at the 6; halfway from 3 to 4',
      'at the 9; three quarters of the way from 3 to 4',
      'at the 3; a quarter of the way from 7 to 8',
      'at the 3; a quarter of the way from 9 to 10',
      'at the 12; at the 12',
    ])
    expect(whoStandsWhere({ facing: 'wall', hands: 'children', children: 6 }).join(' ')).toContain(
      '4 children stand outside',
    )
  })
})

describe('the set-out sheet', () => {
  it.each([
    ['m', 'a4'],
    ['ft', 'letter'],
  ] as const)('has the plan to scale and every length, inside the page: %s on %s', (unit, paper) => {
    const yard = { ...USUAL_YARD, unit, paper, turnDeg: 40 }
    const shapes = yardPages(yard, { language: 'en-GB', form: 'turns' }).map((page) => readSvg(toSvg(page)))
    const text = shapes
      .flat()
      .map((shape) => shape.text ?? '')
      .join(' ')
    const ring = ringMeasures(2500)
    for (const length of [ring.stringMm, ring.hourChordMm, ring.minuteChordMm, ring.toleranceMm])
      expect(text).toContain(formatDistance(length, unit))
    for (const page of shapes) expect(boxOf(page).bottom).toBeLessThanOrEqual(papers[paper].height - SAFE_MARGIN_MM)
    const { width, height } = bodyArea(paper)
    const { mmPerMetre } = yardPlan(yard, width, height * 0.42)
    const at = (minute: number) => {
      const box = boxOf((shapes[0] ?? []).filter((shape) => shape.parts.includes(`marker-${minute}`)))
      return { x: (box.left + box.right) / 2, y: (box.top + box.bottom) / 2 }
    }
    const [twelve, six] = [at(0), at(30)]
    expect(Math.hypot(twelve.x - six.x, twelve.y - six.y)).toBeCloseTo(5 * mmPerMetre, 1)
    // 12 is turned 40 degrees clockwise from the top of the plan.
    expect((Math.atan2(twelve.x - six.x, six.y - twelve.y) * 180) / Math.PI).toBeCloseTo(40, 1)
  })
})

describe('a marker as it is walked to from the centre', () => {
  it.each([
    [0, 'on the line', 0, 'ahead', 2000],
    [5, 'right', 1000, 'ahead', 1732],
    [15, 'right', 2000, 'level', 0],
    [35, 'left', 1000, 'back', 1732],
    [45, 'left', 2000, 'level', 0],
  ])('lies, at minute %i, %s', (minute, aside, asideMm, along, alongMm) => {
    const found = offsetsOf(markerPlace(minute, 2000))
    expect([found.aside, Math.round(found.asideMm)]).toEqual([aside, asideMm])
    expect([found.along, Math.round(found.alongMm)]).toEqual([along, alongMm])
  })
})
