import { existsSync, readFileSync, readdirSync } from 'node:fs'
import { dirname, join } from 'node:path'

/*
 * The style sheets of just those of Mantine's components that the views use. All of them together are four times as
 * long, and a page is not painted before its styles are read. `npm run docs` writes the list, and a test holds it.
 */

export const MANTINE_STYLES = 'src/ui/mantine.css'

const PACKAGE = 'node_modules/@mantine/core'
/** Colours, sizes and what holds for every element. */
const ALWAYS = ['baseline', 'default-css-variables', 'global']

/** What takes parts from the package by name: the views, and the notices in the corner. */
const USERS = ['src', 'node_modules/@mantine/notifications/esm']

function namesUsed(): Set<string> {
  const files = USERS.flatMap((folder) =>
    readdirSync(folder, { recursive: true, encoding: 'utf8' })
      .filter((file) => /\.(tsx?|mjs)$/.test(file))
      .map((file) => join(folder, file)),
  )
  const imports = files.flatMap((file) => [
    ...readFileSync(file, 'utf8').matchAll(/import \{([^}]*)\} from ['"]@mantine\/core['"]/g),
  ])
  return new Set(imports.flatMap(([, names = '']) => names.split(',').map((name) => name.trim())))
}

/** The modules that these names come from. */
function modulesOf(names: ReadonlySet<string>): string[] {
  const exported = readFileSync(join(PACKAGE, 'esm/index.mjs'), 'utf8')
  return [...exported.matchAll(/import \{([^}]*)\} from "(\.[^"]*)"/g)]
    .filter(([, list = '']) => list.split(',').some((name) => names.has(name.trim())))
    .map(([, , path = '']) => join(PACKAGE, 'esm', path))
}

/** Every style module that is reached from these, by name. */
function stylesReached(from: readonly string[]): Set<string> {
  const seen = new Set<string>()
  const queue = [...from]
  for (let path = queue.pop(); path !== undefined; path = queue.pop()) {
    if (seen.has(path) || !existsSync(path)) continue
    seen.add(path)
    for (const [, next = ''] of readFileSync(path, 'utf8').matchAll(/from "(\.[^"]*)"/g))
      queue.push(join(dirname(path), next))
  }
  return new Set([...seen].flatMap((path) => /([^/]+)\.module\.mjs$/.exec(path)?.slice(1) ?? []))
}

/** In the order in which the package's own sheet has them, since a later one may build on an earlier one. */
export function mantineStyles(): string {
  const whole = readFileSync(join(PACKAGE, 'styles.css'), 'utf8')
  const placeOf = (name: string) => whole.indexOf(readFileSync(join(PACKAGE, `styles/${name}.css`), 'utf8').trim())
  const wanted = [...stylesReached(modulesOf(namesUsed()))].filter((name) =>
    existsSync(join(PACKAGE, `styles/${name}.css`)),
  )
  const ordered = [...new Set([...ALWAYS, ...wanted])].sort((a, b) => placeOf(a) - placeOf(b))
  return `${ordered.map((name) => `@import '@mantine/core/styles/${name}.css';`).join('\n')}\n`
}
