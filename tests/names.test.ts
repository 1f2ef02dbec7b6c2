import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { codeFiles } from '../scripts/importers'

/** Every type that a file of ours declares at its top, by name. */
function declaredTypes(): Map<string, { file: string; isExported: boolean }[]> {
  const types = new Map<string, { file: string; isExported: boolean }[]>()
  for (const file of codeFiles().filter((each) => each.startsWith('src/') && !each.includes('.test.')))
    for (const [, exported, name = ''] of readFileSync(file, 'utf8').matchAll(
      /^(export )?(?:interface|type) (\w+)\b/gm,
    ))
      types.set(name, [...(types.get(name) ?? []), { file, isExported: exported !== undefined }])
  return types
}

describe('a name of a type', () => {
  const types = declaredTypes()

  it('has one meaning, in whichever file it is met', () => {
    // What a component takes is called Props in its own file, and never leaves it.
    const several = [...types].filter(([name, where]) => name !== 'Props' && where.length > 1)
    expect(several.map(([name, where]) => `${name}: ${where.map(({ file }) => file).join(', ')}`)).toEqual([])
    expect(types.size).toBeGreaterThan(500)
  })

  it('that stands for what any component takes stays in its file', () => {
    expect(types.get('Props')?.filter(({ isExported }) => isExported)).toEqual([])
  })
})
