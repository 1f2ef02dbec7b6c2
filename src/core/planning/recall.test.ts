import { inEnglish, told } from '../wording'
import { describe, expect, it } from 'vitest'
import { request, school } from '../../../tests/readback/plainRequests'
import { activityOf } from '../activities'
import { MS_PER_DAY } from '../clock'
import { type SimulatedChild, simulateSitting, standingOf } from '../knowing'
import { randomFrom } from '../random'
import { type PlanChild, planSession } from '.'
import { groupNeed, needsAnswersOnly } from './need'

const NOW = 2e12

/** A child who gave so many answers to the first rung, right always or never. */
function child(name: string, count: number, knows: 0 | 1): PlanChild {
  const as: SimulatedChild = { misreadings: [], strength: 0, slip: 0, knows: () => knows }
  let made = 0
  const newId = () => `${name} ${made++}`
  const sitting = { childId: name, rung: 'hour-hand' as const, count, at: NOW - MS_PER_DAY, newId }
  const answers = count > 0 ? simulateSitting(randomFrom(count), as, sitting) : []
  return { id: name, name, age: 7, standing: standingOf(answers, school, NOW), findings: [] }
}

describe('what is nearly known', () => {
  it('lacks answers only once some were given and hardly one was wrong', () => {
    expect(needsAnswersOnly(child('Moss', 0, 1), { school })).toBe(false)
    expect(needsAnswersOnly(child('Moss', 2, 1), { school })).toBe(false)
    expect(needsAnswersOnly(child('Moss', 4, 1), { school })).toBe(true)
    expect(needsAnswersOnly(child('Moss', 4, 0), { school })).toBe(false)
    const overruled = child('Moss', 4, 1)
    const firm = overruled.standing.estimates.map((each) => ({ ...each, firm: true }))
    expect(needsAnswersOnly({ ...overruled, standing: { ...overruled.standing, estimates: firm } }, { school })).toBe(
      false,
    )
  })

  it('is asked of all at the beginning where a quarter of them lack nothing else, and names them', () => {
    const known = child('Moss', 4, 1)
    const others = ['Fern', 'Reed', 'Sedge', 'Rush'].map((name) => child(name, 4, 0))
    const roles = (children: readonly PlanChild[]) =>
      planSession(request({ children, minutes: 30 }), { seed: 4 }).steps.map((step) => activityOf(step).role)
    expect(roles([known, ...others.slice(0, 3)])[0]).toBe('recall')
    expect(roles([known, ...others])).not.toContain('recall')
    expect(groupNeed({ children: others, school }).recall).toBe(false)
    const [first, ...rest] = planSession(request({ children: [known, ...others.slice(0, 3)], minutes: 30 })).steps
    expect(inEnglish(first?.why ?? told(''))).toBe(
      'Begins with what is nearly known: only more right answers are missing (Moss).',
    )
    expect(rest.map((step) => activityOf(step).role)).not.toContain('recall')
  })

  it('leaves room for an older step that comes back after it', () => {
    const known = child('Moss', 4, 1)
    const due = { ...known, standing: { ...known.standing, due: ['parts' as const] } }
    for (const seed of [1, 2, 3, 4, 5, 6]) {
      const { rung, steps } = planSession(request({ children: [due], minutes: 45 }), { seed })
      const older = steps.findIndex((step) => step.rung !== rung)
      expect(older).toBeLessThanOrEqual(1)
    }
  })
})
