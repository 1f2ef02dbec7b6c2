import { MATERIAL_IDS, type Place, catalogue, placeNames } from '../../src/core/activities'
import { MS_PER_DAY } from '../../src/core/clock'
import { type Standing, simulateSitting, standingOf } from '../../src/core/knowing'
import type { PlanChild, SessionRequest } from '../../src/core/planning'
import { type Random, draw, drawInt, drawUnit, randomFrom } from '../../src/core/random'
import { type School, misreadings, schools } from '../../src/core/teaching'

/* Sessions as they can be asked for: any number of children, any place, records and materials at random. */

export const NOW = Date.UTC(2026, 10, 20, 9)
const PLACES = Object.keys(placeNames) as Place[]

/** Where a child stands who knows the first rungs of a school and was asked on two days. */
export function standingAfter(firm: number, school: School): Standing {
  const child = { misreadings: [], strength: 0, slip: 0, knows: () => 1 }
  const answers = school.order.slice(0, firm).flatMap((rung, i) =>
    [2, 9].flatMap((day) =>
      simulateSitting(randomFrom(i), child, {
        childId: 'c',
        rung,
        count: 10,
        at: NOW - day * MS_PER_DAY,
        newId: () => `${rung}${day}`,
      }),
    ),
  )
  return standingOf(answers, school, NOW)
}

const standings = new Map(
  Object.values(schools).map((school) => [
    school.id,
    Array.from({ length: school.order.length + 1 }, (_, firm) => standingAfter(firm, school)),
  ]),
)

function someChild(random: Random, school: School, base: number, i: number): PlanChild {
  const known = standings.get(school.id) ?? []
  const findings = drawUnit(random) < 0.25 ? [{ misreading: draw(random, misreadings).id }] : []
  return {
    id: `child-${i}`,
    name: `Child ${i}`,
    age: drawInt(random, 4, 9),
    standing: known[Math.min(known.length - 1, base + drawInt(random, 0, 2))] as Standing,
    findings,
  }
}

/** A request that can be made: 1 to 30 children, 10 to 120 minutes. */
export function someRequest(random: Random): SessionRequest {
  const school = draw(random, Object.values(schools))
  const base = drawInt(random, 0, school.order.length)
  const share = draw(random, [0, 0.5, 0.8, 1])
  return {
    children: Array.from({ length: drawInt(random, 1, 30) }, (_, i) => someChild(random, school, base, i)),
    minutes: drawInt(random, 10, 120),
    start: drawInt(random, 96, 204) * 5,
    place: draw(random, PLACES),
    materials: MATERIAL_IDS.filter(() => drawUnit(random) < share),
    lastTime: drawUnit(random) < 0.5 ? [] : Array.from({ length: 5 }, () => draw(random, catalogue).id),
    beforeLast: drawUnit(random) < 0.5 ? [] : Array.from({ length: 5 }, () => draw(random, catalogue).id),
    school,
    hasClocks: drawUnit(random) < 0.5,
  }
}
