import { DEFAULT_THEME, convertCssVariables, defaultCssVariablesResolver, mergeMantineTheme } from '@mantine/core'
import { existsSync, readFileSync, readdirSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { format, resolveConfig } from 'prettier'
import { theme } from '../src/ui/theme'

/*
 * The style sheets of just those of Mantine's components that the views use. All of them together are four times as
 * long, and a page is not painted before its styles are read. With them come the theme's variables. Mantine would write
 * those into the middle of the page, so that a page that is half painted is styled once more.
 * `npm run docs` writes both, and a test holds them.
 */

export const MANTINE_STYLES = 'src/ui/mantine.css'
export const THEME_STYLES = 'src/ui/theme.css'

const PACKAGE = 'node_modules/@mantine/core'
/** What holds for every element. */
const ALWAYS = ['baseline', 'global']
/** Where variables and colours are named, beside those sheets. */
const STYLED = ['src/ui', 'src/islands']
const OTHER_SHEETS = [
  'node_modules/@mantine/notifications/styles.css',
  'node_modules/@mantine/tiptap/styles.css',
  'node_modules/@mantine/dates/styles.css',
  'node_modules/@mantine/spotlight/styles.css',
]

/** What takes parts from the package by name: the views, and Mantine's other packages. */
const USERS = ['src', ...['notifications', 'dates', 'spotlight'].map((name) => `node_modules/@mantine/${name}/esm`)]

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

/** The theme's variables, without the shades of colours that nothing names. */
export async function themeStyles(): Promise<string> {
  const merged = mergeMantineTheme(DEFAULT_THEME, theme)
  const whole = defaultCssVariablesResolver(merged)
  const kept = variablesReached([whole.variables, whole.light, whole.dark], merged.colors)
  const keptOf = (part: Record<string, string>) =>
    Object.fromEntries(Object.entries(part).filter(([name]) => kept.has(name)))
  const css = convertCssVariables(
    { variables: keptOf(whole.variables), light: keptOf(whole.light), dark: keptOf(whole.dark) },
    ':root',
  )
  return format(css, { ...(await resolveConfig(THEME_STYLES)), parser: 'css' })
}

/** What the sheets and views name, every shade of a colour that they name, and what these are made of in turn. */
function variablesReached(parts: readonly Record<string, string>[], colors: object): Set<string> {
  const texts = sheetsAndViews()
  const isNamed = (color: string) => texts.some((text) => new RegExp(`['"]${color}['"]`).test(text))
  const colorOf = (name: string) => /^--mantine-color-([a-z]+)-/.exec(name)?.[1] ?? ''
  const queue = [
    ...parts.flatMap(Object.keys).filter((name) => !(colorOf(name) in colors) || isNamed(colorOf(name))),
    ...texts.flatMap(variablesIn),
  ]
  const seen = new Set<string>()
  for (let name = queue.pop(); name !== undefined; name = queue.pop()) {
    if (seen.has(name)) continue
    seen.add(name)
    queue.push(...parts.flatMap((part) => variablesIn(part[name] ?? '')))
  }
  return seen
}

const variablesIn = (text: string): string[] => text.match(/--mantine-[\w-]+/g) ?? []

function sheetsAndViews(): string[] {
  const sheets = [...mantineStyles().matchAll(/core\/(styles\/[\w-]+\.css)/g)].map(([, file = '']) =>
    join(PACKAGE, file),
  )
  const views = STYLED.flatMap((folder) =>
    readdirSync(folder, { recursive: true, encoding: 'utf8' })
      .map((file) => join(folder, file))
      .filter((file) => /\.(tsx?|css)$/.test(file) && file !== THEME_STYLES),
  )
  return [...sheets, ...OTHER_SHEETS, ...views].map((file) => readFileSync(file, 'utf8'))
}
