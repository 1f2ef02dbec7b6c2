import { inEnglish, told } from '../wording'
import { describe, expect, it } from 'vitest'
import type { MisreadingId } from '../teaching'
import { toDo } from '.'

const plan = {
  rung: 'half',
  steps: ['paper-clock', 'read-dials-sheet', 'quick-check'].map((activityId, i) => ({
    id: `s${i}`,
    activityId,
    rung: 'half' as const,
    minutes: 5,
    why: told(''),
  })),
} as const

const session = (id: string, date: string, start = 570, change: object = {}) => ({
  id,
  date,
  start,
  materials: ['card', 'scissors', 'crayons'] as const,
  plan,
  printedAt: null,
  ...change,
})

function group(name: string, next: ReturnType<typeof session> | null, found: readonly MisreadingId[] = []) {
  const children = found.map((misreading, i) => ({
    id: `${name}${i}`,
    name: `${name} ${i}`,
    findings: [{ misreading }],
  }))
  return { group: { id: name, name }, children: children.length > 0 ? children : [], hasClocks: false, next }
}

const saying = (lines: ReturnType<typeof toDo>) =>
  lines.map(({ is, groupName, what }) => [is, groupName, what.map(inEnglish).join(', ')].join(' '))

describe('what is to be done first', () => {
  it('is the next session, what is not printed, what is not there, who needs a look', () => {
    const groups = [
      group('Herons', session('b', '2026-11-29', 600)),
      group('Ducks', session('a', '2026-11-29'), ['next-hour']),
    ]
    expect(saying(toDo(groups, '2026-12-05'))).toEqual([
      'next Ducks ',
      'print Ducks ',
      'print Herons ',
      'fetch Ducks paper fasteners',
      'fetch Herons paper fasteners',
      'look Ducks Ducks 0, who takes the number the hour hand is nearing',
    ])
  })

  it('leaves out what is printed, what is to hand, and what is later than that', () => {
    const all = ['card', 'scissors', 'crayons', 'fasteners'] as const
    const ready = session('a', '2026-11-29', 570, { printedAt: 1, materials: all })
    expect(saying(toDo([group('Ducks', ready)], '2026-12-05'))).toEqual(['next Ducks '])
    expect(saying(toDo([group('Ducks', session('a', '2026-12-05'))], '2026-12-05'))).toHaveLength(3)
    expect(saying(toDo([group('Ducks', session('a', '2026-12-06'))], '2026-12-05'))).toEqual(['next Ducks '])
    expect(toDo([group('Ducks', null)], '2026-12-05')).toEqual([])
  })

  it('names at most three children, each once', () => {
    const many = group('Ducks', null, ['next-hour', 'hour-only', 'wrong-way', 'one-mark-out'])
    expect(toDo([many, many], '2026-12-05')).toHaveLength(3)
  })
})
