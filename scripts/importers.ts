import { existsSync, readFileSync, readdirSync } from 'node:fs'
import { dirname, join } from 'node:path'
import ts from 'typescript'

const FOLDERS = ['src', 'tests', 'bench', 'scripts']

/** All of our own files of code, by their path from the root. */
export const codeFiles = (): string[] =>
  FOLDERS.flatMap((folder) =>
    readdirSync(folder, { recursive: true, encoding: 'utf8' })
      .filter((file) => /\.tsx?$/.test(file))
      .map((file) => join(folder, file)),
  )

/** The files of ours that a file imports, by any kind of import, types included. */
export function importsOf(file: string): string[] {
  return ts.preProcessFile(readFileSync(file, 'utf8')).importedFiles.flatMap(({ fileName }) => {
    if (!fileName.startsWith('.')) return []
    const path = join(dirname(file), fileName)
    return [path, `${path}.ts`, `${path}.tsx`, join(path, 'index.ts')]
      .filter((each) => /\.\w+$/.test(each) && existsSync(each))
      .slice(0, 1)
  })
}

/** Every file that reaches one of these by imports, with the fewest steps; they themselves have none. */
export function stepsTo(
  changed: readonly string[],
  graph: ReadonlyMap<string, readonly string[]>,
): Map<string, number> {
  const importers = new Map<string, string[]>()
  for (const [file, imported] of graph)
    for (const each of imported) importers.set(each, [...(importers.get(each) ?? []), file])
  const steps = new Map(changed.map((file) => [file, 0]))
  const queue = [...changed]
  for (let file = queue.shift(); file !== undefined; file = queue.shift())
    for (const importer of importers.get(file) ?? [])
      if (!steps.has(importer)) {
        steps.set(importer, (steps.get(file) ?? 0) + 1)
        queue.push(importer)
      }
  return steps
}
