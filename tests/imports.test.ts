import { expect, it } from 'vitest'
import { codeFiles, importsOf } from '../scripts/importers'

/* The linter's own rule against cycles leaves out imports of types alone. */

const files = codeFiles().filter((file) => file.startsWith('src/'))

/** A way from a file back to itself, or none. */
function cycleIn(graph: ReadonlyMap<string, readonly string[]>): readonly string[] | undefined {
  const done = new Set<string>()
  const walk = (file: string, way: readonly string[]): readonly string[] | undefined => {
    if (way.includes(file)) return [...way.slice(way.indexOf(file)), file]
    if (done.has(file)) return undefined
    for (const next of graph.get(file) ?? []) {
      const found = walk(next, [...way, file])
      if (found) return found
    }
    done.add(file)
    return undefined
  }
  for (const file of graph.keys()) {
    const found = walk(file, [])
    if (found) return found
  }
  return undefined
}

it('no file imports itself by way of others, types included', () => {
  const graph = new Map(files.map((file) => [file, importsOf(file)]))
  expect([...graph.values()].flat().length).toBeGreaterThan(files.length)
  expect(cycleIn(graph)).toBeUndefined()
  // It finds one that is planted.
  const [from = ''] = files.filter((file) => importsOf(file).length > 0)
  const [to = ''] = importsOf(from)
  expect(cycleIn(new Map([...graph, [to, [...(graph.get(to) ?? []), from]]]))).toContain(from)
})
