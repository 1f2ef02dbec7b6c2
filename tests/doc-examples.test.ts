import { readFileSync, readdirSync } from 'node:fs'
import { join } from 'node:path'
import { describe, expect, it } from 'vitest'

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

/** Everything that the core's own files export, by name. */
async function exportsOfCore(): Promise<Record<string, unknown>> {
  const files = readdirSync(folder, { recursive: true, encoding: 'utf8' }).filter((file) =>
    /(?<!\.test)\.ts$/.test(file),
  )
  const rooms = await Promise.all(files.map((file) => import(join(folder, file)) as Promise<Record<string, unknown>>))
  return Object.assign({}, ...rooms) as Record<string, unknown>
}

const core = await exportsOfCore()

/** Works out an expression with everything that the core exports in its scope. */
function evaluate(expression: string): unknown {
  return new Function(...Object.keys(core), `return (${expression})`)(...Object.values(core)) as unknown
}

describe('the examples in the core’s comments', () => {
  it('are there', () => {
    expect(examples.length).toBeGreaterThan(30)
  })

  it.each(examples)('$file: $expression', ({ expression, expected }) => {
    expect(evaluate(expression)).toEqual(evaluate(expected))
  })
})
