import { readFileSync, readdirSync } from 'node:fs'
import { join } from 'node:path'
import { describe, expect, it } from 'vitest'
import * as core from '../src/core'

interface Example {
  readonly file: string
  readonly expression: string
  readonly expected: string
}

const folder = join(import.meta.dirname, '../src/core')

const examples: Example[] = readdirSync(folder, { recursive: true, encoding: 'utf8' })
  .filter((file) => file.endsWith('.ts') && !file.endsWith('.test.ts'))
  .flatMap((file) =>
    [...readFileSync(join(folder, file), 'utf8').matchAll(/^ \* (.+?) \/\/=> (.+)$/gm)].map(
      ([, expression = '', expected = '']) => ({ file, expression, expected }),
    ),
  )

/** Works out an expression with everything that the core exports in its scope. */
function evaluate(expression: string): unknown {
  const names = Object.keys(core)
  const values = names.map((name) => core[name as keyof typeof core])
  return new Function(...names, `return (${expression})`)(...values) as unknown
}

describe('the examples in the core’s comments', () => {
  it('are there', () => {
    expect(examples.length).toBeGreaterThan(30)
  })

  it.each(examples)('$file: $expression', ({ expression, expected }) => {
    expect(evaluate(expression)).toEqual(evaluate(expected))
  })
})
