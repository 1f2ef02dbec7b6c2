import { inEnglish } from '../src/core/wording'
import { readFileSync, writeFileSync } from 'node:fs'
import { format, resolveConfig } from 'prettier'
import { catalogue, durationRange, materials } from '../src/core/activities'
import { SCAFFOLD_NAMES } from '../src/core/knowing'
import { NEEDS, OPTION_IDS, PRINT_OPTIONS, type PrintOption, type Printable, printables } from '../src/core/printables'
import {
  BESIDE_THE_ORDER,
  type RungId,
  hasDialTimes,
  misreadings,
  neededFor,
  rungOf,
  rungs,
} from '../src/core/teaching'
import { KIND_IDS, LEFT_OUT, kinds } from '../src/server/keeping/kinds'
import { MANTINE_STYLES, THEME_STYLES, mantineStyles, themeStyles } from './mantine-styles'

/*
 * `npm run docs` writes the parts of the documents that follow from the code: what stands between a pair of comments,
 * <!-- prints --> and <!-- end -->. A test holds the documents to it. The list of
 * style sheets that the views need, and the theme's variables, follow from the code likewise.
 */

const table = (heads: readonly string[], rows: readonly (readonly string[])[]) =>
  [heads, heads.map(() => '---'), ...rows].map((cells) => `| ${cells.join(' | ')} |`).join('\n')

const all: readonly Printable[] = Object.values(printables)

const rungsInWords = ({ suits }: Printable) => namesOf(rungs.map(({ id }) => id).filter(suits))

function namesOf(ids: readonly RungId[]): string {
  const own = rungs.filter(({ id }) => ids.includes(id))
  const names = own
    .map(({ name }) => inEnglish(name))
    .map((name) => (/^[a-z]\.m\./.test(name) ? name : name.charAt(0).toLowerCase() + name.slice(1)))
  if (own.length === rungs.length) return 'every step'
  if (own.length === rungs.filter(({ id }) => hasDialTimes(id)).length) return 'every step read off a clock'
  return own.length > 3 ? `${own.length} steps, ${names[0]} to ${names[names.length - 1]}` : names.join(', ')
}

function takersInWords(id: (typeof OPTION_IDS)[number]): string {
  const option: PrintOption = PRINT_OPTIONS[id]
  if (option.everywhere) return 'every print'
  return all
    .filter(({ takes }) => (takes as readonly string[]).includes(id))
    .map(({ name }) => inEnglish(name))
    .join(', ')
}

/** What a package says of itself. */
function licenceOf(name: string): string {
  const { license } = JSON.parse(readFileSync(`node_modules/${name}/package.json`, 'utf8')) as { license?: string }
  if (!license) throw new Error(`${name} names no licence.`)
  return license
}

/** The parts by their names. */
const PARTS: Readonly<Record<string, () => string>> = {
  misreadings: () =>
    table(
      ['what the child does', 'what to say', 'help on the dial'],
      misreadings.map(({ does, repair }) => [inEnglish(does), repair.say, inEnglish(SCAFFOLD_NAMES[repair.scaffold])]),
    ),
  'side-paths': () =>
    table(
      ['side path', 'what must be known'],
      BESIDE_THE_ORDER.map((id) => [
        inEnglish(rungOf(id).name),
        neededFor(id)
          .map((needed) => inEnglish(rungOf(needed).name))
          .join(', ') || 'nothing',
      ]),
    ),
  activities: () =>
    table(
      ['activity', 'stage', 'for', 'where', 'minutes', 'needs'],
      catalogue.map((activity) => {
        const { least, usual, most } = durationRange(activity, Math.max(3, activity.players.least))
        return [
          inEnglish(activity.name),
          activity.role === 'teach' ? activity.stage : activity.role,
          namesOf(activity.rungs),
          activity.places.join(', '),
          `${least}, ${usual}, ${most}`,
          activity.needs.map(({ material }) => inEnglish(materials[material].name)).join(', '),
        ]
      }),
    ),
  prints: () =>
    table(
      ['print', 'kind', 'stage', 'for', 'needs'],
      all.map((each) => [
        inEnglish(each.name),
        each.kind,
        each.stage,
        rungsInWords(each),
        each.needs.map((need) => inEnglish(NEEDS[need].name)).join(', '),
      ]),
    ),
  options: () =>
    table(
      ['option', 'in the form', 'taken by'],
      OPTION_IDS.map((id) => [`\`${id}\``, inEnglish(PRINT_OPTIONS[id].label), takersInWords(id)]),
    ),
  workspace: () =>
    KIND_IDS.map((id) => kinds[id])
      .map(({ id, columns, parts }) => {
        const rows = Object.entries(columns).map(([column, sense]) => [`\`${column}\``, sense])
        const own = Object.entries(parts?.columns ?? {}).map(([column, sense]) => [
          `\`${parts?.field}[].${column}\``,
          sense,
        ])
        return `**\`${id}\`**\n\n${table(['field', 'what'], [...rows, ...own])}`
      })
      .join('\n\n'),
  'left-out': () =>
    Object.entries(LEFT_OUT)
      .map(([name, why]) => `- \`${name}\`: ${why}`)
      .join('\n'),
  packages: () =>
    table(
      ['package', 'licence'],
      Object.keys((JSON.parse(readFileSync('package.json', 'utf8')) as { dependencies: object }).dependencies).map(
        (name) => [`\`${name}\``, licenceOf(name)],
      ),
    ),
  'print-count': () =>
    `**Print room** has ${all.length} games, things to make, cards and sheets, found by step, kind, stage, minutes and what is not to hand.`,
}

/** The documents as they should be, by their paths. */
export async function documents(): Promise<Map<string, string>> {
  const made = new Map<string, string>()
  for (const path of ['README.md', 'docs/teaching.md', 'docs/formats.md', 'docs/notices.md']) {
    const text = readFileSync(path, 'utf8').replace(
      /<!-- ([a-z-]+) -->\n[\s\S]*?<!-- end -->/g,
      (whole, name: string) => {
        const part = PARTS[name]
        return part ? `<!-- ${name} -->\n\n${part()}\n\n<!-- end -->` : whole
      },
    )
    made.set(path, await format(text, { ...(await resolveConfig(path)), filepath: path }))
  }
  return made
}

if (process.argv[1]?.endsWith('docs.ts')) {
  for (const [path, text] of await documents()) writeFileSync(path, text)
  writeFileSync(MANTINE_STYLES, mantineStyles())
  writeFileSync(THEME_STYLES, await themeStyles())
}
