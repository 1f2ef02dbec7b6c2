import { existsSync, mkdirSync } from 'node:fs'
import { dirname } from 'node:path'

/**
 * Makes a folder and those above it, closed to others. Level by level, since Node.js never ends where it is to make one
 * in a place that takes none, such as `/proc`.
 */
export function makeFolders(folder: string): void {
  if (existsSync(folder)) return
  const above = dirname(folder)
  if (above !== folder) makeFolders(above)
  mkdirSync(folder, { mode: 0o700 })
}
