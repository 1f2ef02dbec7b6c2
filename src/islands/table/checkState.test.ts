import { describe, expect, it } from 'vitest'
import { localDay } from '../../core/clock'
import { type Question, nextQuestion, stageOf, standingOf } from '../../core/knowing'
import type { PlanChild } from '../../core/planning'
import { isRight, schools } from '../../core/teaching'
import { type CheckAnswer, type CheckState, NOTHING, afterGiven, afterNext, afterUndo, inTurn } from './checkState'

const questionAt = (seed: number): Question => {
  const question = nextQuestion({ rung: 'half', seed, answers: [], asked: [] })
  if (!question) throw new Error('no question')
  return question
}

const answered = (state: CheckState, childId: string, { item }: Question): CheckAnswer => ({
  id: `${childId} ${state.put[childId]?.length ?? 0}`,
  childId,
  at: 1,
  day: localDay(1, 'UTC'),
  item,
  choices: 4,
  given: item.answer,
  right: isRight(item, item.answer),
  stage: stageOf(item),
  helped: false,
  n: state.put[childId]?.length ?? 0,
  turn: state.turn,
})

describe('a check as it goes on', () => {
  const [first, second, third] = [questionAt(1), questionAt(2), questionAt(3)]

  it('goes round the group, one child or the next, and stays for a telling question', () => {
    let state = afterNext(
      afterGiven(NOTHING, answered(NOTHING, 'a', first), first),
      { childId: 'a', question: first },
      2,
    )
    expect(state.turn).toBe(1)
    state = afterNext(state, { childId: 'b', question: second, telling: third }, 2)
    expect(state.turn).toBe(1)
    expect(state.forced).toEqual({ childId: 'b', question: third })
    state = afterNext(state, { childId: 'b', question: third }, 2)
    expect(state.turn).toBe(0)
    expect(state.forced).toBeNull()
    const one = { ...NOTHING, choices: { ...NOTHING.choices, turns: 'one' as const } }
    expect(afterNext(one, { childId: 'a', question: first }, 2).turn).toBe(0)
  })

  it('begins with who waited longest, and keeps its order after answers and newcomers', () => {
    const child = (id: string, ...days: number[]): PlanChild => {
      const answers = days.map((day) => ({
        ...answered(NOTHING, id, first),
        id: `${day}`,
        at: day,
        day: localDay(day, 'UTC'),
      }))
      return { id, name: id, standing: standingOf(answers, schools['turns-first'], 9), findings: [] }
    }
    const names = (children: readonly PlanChild[]) => children.map(({ id }) => id).join('')
    const children = [child('a', 3, 7), child('b', 5), child('c'), child('d', 5)]
    expect(names(inTurn(NOTHING, children))).toBe('cbda')
    const begun = { ...NOTHING, order: ['c', 'b', 'd', 'a'] }
    const later = [child('e'), child('a', 3, 7), child('b', 5), child('c', 8), child('d', 5)]
    expect(names(inTurn(begun, later))).toBe('cbdae')
    // A check that began before there was an order goes on in that of the group.
    expect(names(inTurn({ ...NOTHING, put: { a: [first] } }, children))).toBe('abcd')
  })

  it('undoes the last answer to the very question it was to, whatever was skipped since', () => {
    const start = afterGiven(NOTHING, answered(NOTHING, 'a', first), first)
    // Not gone on yet: the question is still there.
    expect(afterUndo(start, start.answers[0] as CheckAnswer, 0)).toMatchObject({
      answers: [],
      forced: { childId: 'a', question: first },
      put: { a: [] },
    })
    const on = afterNext(afterNext(start, { childId: 'a', question: first }, 1), { childId: 'a', question: second }, 1)
    const undone = afterUndo(on, on.answers[0] as CheckAnswer, 0)
    expect(undone.forced?.question).toEqual(first)
    expect(undone.put.a).toEqual([])
    expect(undone.answers).toEqual([])
  })
})
