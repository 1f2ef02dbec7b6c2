/**
 * Ends with 0 where what is installed is what package-lock.json asks for, by what both say, not by their dates: a fresh
 * clone has a lock file that is younger than packages that fit it.
 */
import { readFileSync } from 'node:fs'

function packagesIn(path) {
  try {
    return JSON.parse(readFileSync(path, 'utf8')).packages
  } catch {
    return {}
  }
}

const wanted = packagesIn('package-lock.json')
const installed = packagesIn('node_modules/.package-lock.json')
// What is optional may be for another system.
const fits = ([path, { version, optional }]) =>
  path === '' || (installed[path] === undefined ? optional === true : installed[path].version === version)

process.exit(Object.entries(wanted).every(fits) ? 0 : 1)
