import { readFileSync, readdirSync } from 'node:fs'
import { randomFrom, shuffled } from '../src/core/random'

/* What is mutated: lines of a room, drawn by a seed, or all that it has. */

/** The rooms of the core that are mutated, and the server's stores. */
export const ROOMS = [
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
  'server/stores',
]

export const folderOf = (room: string) => (room.startsWith('server') ? `src/${room}` : `src/core/${room}`)

/** Every source file of a room, but for those that only pass on what others have. */
export function filesOf(room: string): string[] {
  return readdirSync(folderOf(room), { recursive: true, encoding: 'utf8' })
    .filter((file) => file.endsWith('.ts') && !file.endsWith('.test.ts') && !file.endsWith('index.ts'))
    .map((file) => `${folderOf(room)}/${file}`)
}

/** Lines that do something: no imports, comments, types or lone brackets. */
function linesOf(file: string): number[] {
  return readFileSync(file, 'utf8')
    .split('\n')
    .flatMap((line, i) =>
      /^\s+[^\s/*]/.test(line) && /[=<>+*/?!&|(]/.test(line) && !/readonly|import/.test(line) ? [i + 1] : [],
    )
}

/** `count` lines of a room as Stryker takes them (`file:from-to`); the same for the same seed. */
export function drawLines(room: string, count: number, seed: number): string[] {
  const all = filesOf(room).flatMap((file) => linesOf(file).map((line) => `${file}:${line}-${line}`))
  return shuffled(randomFrom(seed), all).slice(0, count)
}
