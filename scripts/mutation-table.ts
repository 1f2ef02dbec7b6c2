import { readFileSync } from 'node:fs'

/* Prints the share of mutants that died, folder by folder, out of the report that Stryker has just written. */

interface Report {
  readonly files: Readonly<Record<string, { readonly mutants: readonly { readonly status: string }[] }>>
}

const DEAD = ['Killed', 'Timeout']
const ALIVE = ['Survived', 'NoCoverage']

const { files } = JSON.parse(readFileSync('test-results/mutation.json', 'utf8')) as Report
const folderOf = (file: string) => file.split('/').slice(1, 3).join('/')
for (const folder of new Set(Object.keys(files).map(folderOf))) {
  const own = Object.entries(files).filter(([file]) => folderOf(file) === folder)
  const statuses = own.flatMap(([, { mutants }]) => mutants.map(({ status }) => status))
  const dead = statuses.filter((status) => DEAD.includes(status)).length
  const counted = dead + statuses.filter((status) => ALIVE.includes(status)).length
  console.log(`${folder}: ${dead} of ${counted} died, ${((100 * dead) / Math.max(1, counted)).toFixed(0)} %`)
}
