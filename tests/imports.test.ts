import { existsSync, readFileSync, readdirSync } from 'node:fs'
import { dirname, join } from 'node:path'
import ts from 'typescript'
import { expect, it } from 'vitest'

/* The linter's own rule against cycles leaves out imports of types alone. */

const files = readdirSync('src', { recursive: true, encoding: 'utf8' })
  .filter((file) => /\.tsx?$/.test(file))
  .map((file) => join('src', file))

/** The files of src that a file imports, by any kind of import. */
function importsOf(file: string): string[] {
  return ts.preProcessFile(readFileSync(file, 'utf8')).importedFiles.flatMap(({ fileName }) => {
    if (!fileName.startsWith('.')) return []
    const path = join(dirname(file), fileName)
    return [`${path}.ts`, `${path}.tsx`, join(path, 'index.ts')].filter((each) => existsSync(each)).slice(0, 1)
  })
}

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
