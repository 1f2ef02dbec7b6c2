import { readFileSync, readdirSync } from 'node:fs'
import { randomFrom, shuffled } from '../src/core/random'

/* Prints what Stryker is to mutate: lines of each folder, drawn by a seed, as file:line-line; or whole folders. */

const FOLDERS = [
  'clock',
  'wording',
  'teaching',
  'knowing',
  'make',
  'chance',
  'printables',
  'planning',
  'drawing',
  'faces',
]
const USUAL_LINES = 6

const [first, ...rest] = process.argv.slice(2)
const isCount = first !== undefined && /^\d+$/.test(first)
const named = isCount || first === 'whole' ? rest : process.argv.slice(2)
const folders = (named.length > 0 ? named : [...FOLDERS, 'server/stores']).map((name) =>
  name.startsWith('server') ? `src/${name}` : `src/core/${name}`,
)

function filesOf(folder: string): string[] {
  return readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter((file) => file.endsWith('.ts') && !file.endsWith('.test.ts') && !file.endsWith('index.ts'))
    .map((file) => `${folder}/${file}`)
}

/** Lines that do something: no imports, comments, types or lone brackets. */
function linesOf(file: string): number[] {
  return readFileSync(file, 'utf8')
    .split('\n')
    .flatMap((line, i) =>
      /^\s+[^\s/*]/.test(line) && /[=<>+*/?!&|(]/.test(line) && !/readonly|import/.test(line) ? [i + 1] : [],
    )
}

function drawLines(folder: string): string[] {
  const all = filesOf(folder).flatMap((file) => linesOf(file).map((line) => `${file}:${line}-${line}`))
  return shuffled(randomFrom(Number(process.env.SEED ?? 1)), all).slice(0, isCount ? Number(first) : USUAL_LINES)
}

process.stdout.write(folders.flatMap(first === 'whole' ? filesOf : drawLines).join(','))
