import { describe, expect, it } from 'vitest'
import { randomFrom } from '../random'
import type { RungId } from '../teaching'
import { MS_PER_DAY } from '../clock'
import { type Answer, EARLIER_RULE_UNTIL, estimateKnowing, judgedAnew, simulateSitting } from '.'

/** Sittings of eight answers to a rung, the last one so many days before the earlier rule ended; wrong as told. */
function record(
  rung: RungId,
  { sittings, wrong }: { sittings: readonly number[]; wrong: readonly number[] },
): Answer[] {
  const child = { misreadings: [], strength: 0, slip: 0, knows: () => 1 }
  const random = randomFrom(5)
  let ids = 0
  return sittings
    .flatMap((daysBefore) =>
      simulateSitting(random, child, {
        childId: 'c',
        rung,
        count: 8,
        at: EARLIER_RULE_UNTIL - daysBefore * MS_PER_DAY + 9 * 3_600_000,
        newId: () => `a${ids++}`,
      }),
    )
    .map((answer, i) => ({ ...answer, right: !wrong.includes(i) }))
}

const said = (answers: readonly Answer[], rung: RungId) =>
  judgedAnew(answers, estimateKnowing(answers, rung, EARLIER_RULE_UNTIL + 10 * MS_PER_DAY))

describe('records from before the rule changed', () => {
  const often = { sittings: [20, 10], wrong: [1, 4, 7, 9, 12] }

  it('say what stood as secure for a child who is often right, and is not any more', () => {
    const answers = record('half', often)
    expect(answers.filter(({ right }) => right)).toHaveLength(11)
    expect(said(answers, 'half')).toBe('lost')
  })

  it('say what no answers of its own made secure, and a later rung does now', () => {
    expect(said(record('half', { sittings: [30, 20, 10], wrong: [] }), 'oclock')).toBe('through')
  })

  it('say what its own answers make secure now, and did not', () => {
    // The earlier rule wanted four of the last five right.
    expect(said(record('half', { sittings: [30, 20, 10], wrong: [19, 23] }), 'half')).toBe('won')
  })

  it('say nothing where both rules agree', () => {
    expect(said(record('half', { sittings: [30, 20, 10], wrong: [] }), 'half')).toBeUndefined()
    expect(said(record('half', { sittings: [20, 10], wrong: [0, 2, 4, 6, 8, 10, 12, 14] }), 'half')).toBeUndefined()
    expect(said([], 'half')).toBeUndefined()
  })

  it('say nothing of answers from later, whatever the earlier rule would have made of them', () => {
    const later = record('half', often).map((answer) => ({ ...answer, at: answer.at + 40 * MS_PER_DAY }))
    expect(said(later, 'half')).toBeUndefined()
    const sinceThen = record('half', { sittings: [-5, -15, -25], wrong: [] })
    expect(said([...record('half', often), ...sinceThen], 'half')).toBeUndefined()
  })
})
