/** Prints a number that stands for all that a build is made from, so that what is built already is not built again. */
import { createHash } from 'node:crypto'
import { readFileSync, readdirSync } from 'node:fs'
import { join } from 'node:path'

const FOLDERS = ['src', 'public', 'scripts']
const FILES = [
  'astro.config.ts',
  'lingui.config.ts',
  'package.json',
  'package-lock.json',
  'tsconfig.json',
  'tsconfig.base.json',
]
/** Made by the build itself, or not in it. */
const LEFT_OUT = /andika-outlines\.json$|^public\/pictures\/|\.test\.tsx?$/

const inFolder = (folder) =>
  readdirSync(folder, { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile())
    // Early releases of Node.js 20 have the folder under its older name.
    .map((entry) => join(entry.parentPath ?? entry.path, entry.name))

const hash = createHash('sha256').update(process.version)
for (const file of [...FOLDERS.flatMap(inFolder), ...FILES].filter((each) => !LEFT_OUT.test(each)).sort())
  hash.update(`\n${file}\n`).update(readFileSync(file))
console.log(hash.digest('hex'))
