import { describe, expect, it } from 'vitest'
import { localDay } from '../../core/clock'
import { stageOf } from '../../core/knowing'
import { afterShown, afterTakenBack, roundAfter, roundNow, tallyOfRound } from './atOnceState'
import { type CheckAnswer, type CheckState, NOTHING, turnsIn } from './checkState'
import type { Round } from './round'

const asking = {
  children: [
    { id: 'a', rung: 'half' },
    { id: 'b', rung: 'half' },
    { id: 'c', rung: 'oclock' },
  ],
  seed: 5,
} as const

function answerIn({ tasks }: Round, state: CheckState, childId: string, right = true): CheckAnswer {
  const task = tasks.find(({ childIds }) => childIds.includes(childId))
  if (!task) throw new Error('nobody')
  const { item } = task.question
  return {
    id: `${childId} ${state.answers.length}`,
    childId,
    at: 1,
    day: localDay(1, 'UTC'),
    item,
    choices: 0,
    given: right ? item.answer : { kind: 'time', minute: 1 },
    right,
    stage: stageOf(item),
    helped: false,
    n: state.put[childId]?.length ?? 0,
    turn: 0,
  }
}

describe('rounds in which all are asked at once', () => {
  const first = roundAfter(undefined, asking)
  const shown = (state: CheckState, round: Round, childId: string, right?: boolean) =>
    afterShown(state, state.round ?? round, answerIn(round, state, childId, right), right === false ? 2 : 0)

  it('keeps who showed what, counts it, and goes on with something else', () => {
    const state = shown(shown(NOTHING, first, 'a'), first, 'c', false)
    expect(state.answers.map(({ childId, n }) => [childId, n])).toEqual([
      ['a', 0],
      ['c', 0],
    ])
    expect(state.put['a']).toHaveLength(1)
    expect(state.put['b']).toBeUndefined()
    expect(tallyOfRound(state.round ?? first, state.answers)).toEqual({ of: 3, tapped: 2, right: 1 })
    const second = roundAfter(state.round, asking)
    expect(second.number).toBe(2)
    expect(second.marks).toEqual({})
    const asked = (round: Round) => round.tasks.map(({ question }) => question.item.shown.minute)
    for (const [i, minute] of asked(first).entries()) expect(asked(second)[i]).not.toBe(minute)
  })

  it('asks for the step that was picked while nobody was tapped, and goes on with the round once somebody was', () => {
    const second = roundAfter(first, asking)
    const picked = { ...asking, children: asking.children.map(({ id }) => ({ id, rung: 'quarters' as const })) }
    const rungs = (round: Round) => [...new Set(round.tasks.map(({ question }) => question.item.rung))]
    expect(roundNow(second, asking)).toEqual(second)
    expect(rungs(roundNow(second, picked))).toEqual(['quarters'])
    expect(roundNow(second, picked)).toMatchObject({ number: 2, before: second.before })
    const begun = shown(NOTHING, second, 'b').round
    expect(begun && roundNow(begun, picked)).toBe(begun)
    expect(roundNow(undefined, asking)).toEqual(first)
  })

  it('takes back one child’s answer and leaves the others', () => {
    const state = shown(shown(NOTHING, first, 'a'), first, 'b')
    const [ofA] = state.answers
    if (!ofA) throw new Error('nothing kept')
    const after = afterTakenBack(state, ofA)
    expect(after.answers.map(({ childId }) => childId)).toEqual(['b'])
    expect(after.put['a']).toEqual([])
    expect(after.round?.marks['a']).toBeUndefined()
    expect(after.round?.marks['b']).toBeDefined()
  })

  it('asks all at once where the step does, until something else is picked in that step', () => {
    const { choices } = NOTHING
    expect(turnsIn(choices, { id: 's1', isAtOnce: true })).toBe('all')
    expect(turnsIn({ ...choices, turns: 'one', pickedIn: 's1' }, { id: 's1', isAtOnce: true })).toBe('one')
    expect(turnsIn({ ...choices, turns: 'all', pickedIn: 's1' }, { id: 's2', isAtOnce: false })).toBe('round')
    expect(turnsIn({ ...choices, turns: 'one', pickedIn: 's1' }, { id: 's2', isAtOnce: false })).toBe('one')
  })
})
