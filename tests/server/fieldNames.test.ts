import { inEnglish, told } from '../../src/core/wording'
import { describe, expect, it } from 'vitest'
import { fieldInWords as fieldTold } from '../../src/server/fieldNames'
import { Problem } from '../../src/server/problem'
import { checked, schemas } from '../../src/server/validate'

const fieldInWords = (path: readonly (string | number)[]) => inEnglish(fieldTold(path))

const refusal = (work: () => unknown): Problem => {
  try {
    work()
  } catch (error) {
    if (error instanceof Problem) return error
  }
  throw new Error('it was taken')
}

describe('a field in an error', () => {
  it('is said as an adult would say it', () => {
    expect(fieldInWords(['name'])).toBe('name')
    expect(fieldInWords(['newChildren', 2, 'name'])).toBe('child 3: name')
    expect(fieldInWords(['holidays', 0, 'from'])).toBe('holiday 1: first day')
    expect(fieldInWords(['body', 'rows', 11, 'what'])).toBe('row 12: text')
    expect(fieldInWords(['childIds', 0])).toBe('child 1')
    expect(fieldInWords(['answers', 0, 'given', 'hour'])).toBe('answers[0].given.hour')
  })

  it('stands in the refusal, with what would be right, and the exact path beside it', () => {
    const id = '4b0a3c1e-0d5f-4c7e-9a43-0d7f9e1b2a33'
    const long = { id, name: 'x'.repeat(90), age: 6 }
    const group = { id, name: 'Ducks', childIds: [], newChildren: [long] }
    const { extra } = refusal(() => checked(schemas.group, group))
    expect(extra.field).toBe('newChildren[0].name')
    expect(inEnglish(extra.detail ?? told(''))).toMatch(/^Child 1: name .*60/)
    expect(inEnglish(extra.detail ?? told(''))).not.toContain('newChildren')
  })

  it('never repeats a passcode', () => {
    const { extra } = refusal(() => checked(schemas.passcode, { passcode: 'oak' }))
    expect(extra.field).toBe('passcode')
    expect(inEnglish(extra.detail ?? told(''))).toMatch(/^Passcode /)
    expect(inEnglish(extra.detail ?? told(''))).not.toContain('oak')
  })
})
