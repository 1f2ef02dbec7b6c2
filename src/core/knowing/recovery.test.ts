import { describe, expect, it } from 'vitest'
import { chosenOn } from '../../../bench/checks'
import { type ModelChild, answerOf, ledTo } from '../../../bench/children'
import { dateOfDay, dayAfter, localDay } from '../clock'
import { draw, drawUnit, randomFrom } from '../random'
import { type RungId, isRight, rungs } from '../teaching'
import { type Answer, believe, chancesAfter, diagnose, stageOf } from '.'

const FIRST = localDay(Date.UTC(2026, 8, 7, 10), 'UTC')

/** Checks of twelve questions, a week apart, by a child who may be another one from some answer on. */
function checks(rung: RungId, seed: number, count: number, childAt: (n: number) => ModelChild): Answer[] {
  const random = randomFrom(seed)
  const answers: Answer[] = []
  while (answers.length < count) {
    const today = answers.slice(answers.length - (answers.length % 12))
    const question = chosenOn(rung, seed + Math.floor(answers.length / 12))(today)
    if (!question) break
    const given = answerOf(random, childAt(answers.length), question)
    const day = dayAfter(FIRST, 7 * Math.floor(answers.length / 12))
    answers.push({
      id: String(answers.length),
      childId: 'c',
      at: day * 86_400_000 + answers.length * 20_000,
      day,
      item: question.item,
      choices: question.choices.length,
      given,
      right: isRight(question.item, given),
      stage: stageOf(question.item),
      helped: false,
    })
  }
  return answers
}

const holds: ModelChild = { id: 'hour-only', kind: 'everywhere', strength: 0.9, slip: 0 }
const sure: ModelChild = { ...holds, strength: 0 }

describe('a misreading that a child has got over', () => {
  const answers = checks('past-fives', 5, 36, (n) => (n < 12 ? holds : sure))

  it('is named while it shows, and history once six right answers could have shown it', () => {
    expect(diagnose(answers.slice(0, 12)).findings[0]?.misreading).toBe('hour-only')
    const after = answers.slice(12)
    const gone = after.findIndex((_, n) =>
      diagnose(answers.slice(0, 13 + n)).findings.every(({ misreading }) => misreading !== 'hour-only'),
    )
    const able = after.slice(0, gone + 1).filter((answer) => ledTo(holds, answer.item).length > 0)
    expect(able.length).toBeGreaterThanOrEqual(4)
    expect(able.length).toBeLessThanOrEqual(10)
    const { findings, past } = diagnose(answers)
    expect(findings).toEqual([])
    expect(past.map(({ misreading, until }) => [misreading, dateOfDay(until)])).toEqual([['hour-only', '2026-09-07']])
    expect(chancesAfter(answers)['hour-only']).toBeLessThan(0.2)
  })

  it('is named again when it comes back, and is then no history', () => {
    const again = checks('past-fives', 5, 48, (n) => (n < 12 || n >= 36 ? holds : sure))
    const { findings, past } = diagnose(again)
    expect(findings.map(({ misreading }) => misreading)).toContain('hour-only')
    expect(past).toEqual([])
  })

  it('stays named while it shows half of the time', () => {
    const half = checks('past-fives', 9, 60, () => ({ ...holds, strength: 0.5 }))
    const moments = half.map((_, n) =>
      diagnose(half.slice(0, n + 1)).findings.some((each) => each.misreading === holds.id),
    )
    const since = moments.slice(moments.indexOf(true))
    expect(since.filter(Boolean).length / since.length).toBeGreaterThan(0.9)
  })
})

describe('answers that are guesses', () => {
  const guessed = (rung: RungId, seed: number): Answer[] => {
    const random = randomFrom(seed)
    return checks(rung, seed, 12, () => sure).map((answer) => {
      const values = [answer.item.answer, ...answer.item.lures.map(({ value }) => value)]
      const given =
        answer.choices > 0
          ? draw(random, values)
          : ({ kind: 'hands', hour: 360 * drawUnit(random), minute: 360 * drawUnit(random) } as const)
      return { ...answer, given, right: isRight(answer.item, given) }
    })
  }

  it('name no misreading, on any step, and are told as what they are', () => {
    const seen = rungs.filter(({ id }, i) => {
      const answers = guessed(id, 40 + i)
      const { guesses, findings } = diagnose(answers)
      if (guesses) expect(findings).toEqual([])
      expect(believe(answers).guesses).toBe(guesses)
      return guesses
    })
    expect(seen.length).toBeGreaterThanOrEqual(rungs.length * 0.75)
  })

  it('leave what was found before them', () => {
    const before = checks('past-fives', 5, 24, () => holds)
    const after = guessed('past-fives', 8).concat(guessed('past-fives', 9)).slice(0, 20)
    const later = after.map((answer, i) => ({ ...answer, at: answer.at + 40 * 86_400_000 + i * 1000 }))
    const { guesses, findings } = diagnose([...before, ...later])
    expect(guesses).toBe(true)
    expect(findings[0]?.misreading).toBe('hour-only')
  })

  it('are not those of a child who slips or holds a misreading', () => {
    for (const { id } of rungs)
      for (const child of [sure, { ...sure, slip: 0.15 }])
        expect(diagnose(checks(id, 3, 20, () => child)).guesses).toBe(false)
    expect(diagnose(checks('past-fives', 4, 20, () => holds)).guesses).toBe(false)
  })
})
