import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { SCAFFOLD_NAMES } from '../src/core/knowing'
import { NEEDS, printables } from '../src/core/printables'
import { misreadings } from '../src/core/teaching'
import { rungsOf } from './readback/prints'

const rows = readFileSync('docs/teaching.md', 'utf8')
  .split('\n')
  .filter((line) => line.startsWith('| ') && !line.startsWith('| ---'))
  .map((line) =>
    line
      .split('|')
      .slice(1, -1)
      .map((cell) => cell.trim()),
  )

describe('what the document on teaching tells', () => {
  it('has each misreading as the code has it, and no other', () => {
    const told = rows.filter((row) => row.length === 3).slice(1)
    expect(told).toEqual(misreadings.map(({ does, repair }) => [does, repair.say, SCAFFOLD_NAMES[repair.scaffold]]))
  })

  it('has each print with its kind, its stage, what it is for and what it needs', () => {
    const told = rows.filter((row) => row.length === 5).slice(1)
    const due = Object.values(printables)
    expect(told.map(([name, kind, stage, , needs]) => [name, kind, stage, needs])).toEqual(
      due.map(({ name, kind, stage, needs }) => [name, kind, stage, needs.map((need) => NEEDS[need].name).join(', ')]),
    )
    for (const [i, [name, , , rungs = '']] of told.entries()) {
      const own = rungsOf(due[i] as (typeof due)[number])
      const count =
        rungs === 'every rung'
          ? 17
          : rungs === 'every rung read off a clock'
            ? 9
            : Number(/^\d+/.exec(rungs)?.[0] ?? rungs.split(', ').length)
      expect(own.length, name).toBe(count)
    }
  })
})
