import { createHash } from 'node:crypto'
import { readFileSync, readdirSync, rmSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { VIEW_IDS, type ViewId, pathOfView } from '../../src/core/views'
import type { WordsOfView } from '../../src/server/language'
import type { Message } from '../../src/words/filled'
import { keyOf } from '../../src/words/keys'
import { ADULT_LANGUAGE_IDS, type AdultLanguageId, SOURCE_LANGUAGE } from '../../src/words/languages'
import { builtPages } from '../builtPages'

/*
 * Finds which messages each view may say, by reading the scripts that its page fetches or may fetch later, so that a
 * page brings the words of its own view only: in the page those that it says as it comes, the others in a file.
 */

const FOLDER = 'dist/client/_astro'
const OF_NONE = { child: 'none', group: 'none', session: 'none' }

const SCRIPT = /[\w.[\]-]+\.js\b/g
/** As the macros write it. */
const ID = /\bid:"([^"]{6})"/g

interface Script {
  readonly fetches: readonly string[]
  readonly messages: readonly string[]
}

const ids = JSON.parse(readFileSync('dist/words/ids.json', 'utf8')) as {
  hashed: string[]
  texts: string[]
  sent: string[]
  details: string[]
}
const hashed = new Set(ids.hashed)
const known = new Map<string, Script | undefined>()

/** A built script: which others it names, and which messages. Undefined for a name that is none. */
function scriptOf(name: string): Script | undefined {
  if (known.has(name)) return known.get(name)
  const code = (() => {
    try {
      return readFileSync(join(FOLDER, name), 'utf8')
    } catch {
      return undefined
    }
  })()
  const script = code === undefined ? undefined : { fetches: code.match(SCRIPT) ?? [], messages: messagesIn(code) }
  known.set(name, script)
  return script
}

function messagesIn(code: string): string[] {
  const byId = [...code.matchAll(ID)].flatMap(([, id = '']) => (hashed.has(id) ? [id] : []))
  return [
    ...byId,
    ...ids.texts.filter((text) => code.includes(text) || code.includes(JSON.stringify(text).slice(1, -1))),
  ]
}

/** Where activities are shown whole; elsewhere their names are enough. */
const SHOWS_ACTIVITIES: readonly ViewId[] = ['plan', 'table', 'activities']
const details = new Set(ids.details)

function messagesOf(view: ViewId, html: string): string[] {
  const found = new Set<string>(ids.sent)
  const seen = new Set<string>()
  const toSee: string[] = [...(html.match(SCRIPT) ?? [])]
  for (let name = toSee.pop(); name !== undefined; name = toSee.pop()) {
    const script = seen.has(name) ? undefined : scriptOf(name)
    seen.add(name)
    for (const id of script?.messages ?? []) found.add(id)
    toSee.push(...(script?.fetches ?? []))
  }
  return [...found].filter((id) => SHOWS_ACTIVITIES.includes(view) || !details.has(id)).sort()
}

/** A view's words in a language, in a file that is named by what it holds. */
function writeWords(view: ViewId, ids: readonly string[], language: AdultLanguageId): string {
  const messages = JSON.parse(readFileSync(`dist/words/${language}.json`, 'utf8')) as Record<string, Message>
  const own = ids.filter((id) => id in messages)
  const words = Object.fromEntries(own.map((id) => [keyOf(id), messages[id]]))
  if (Object.keys(words).length < own.length) throw new Error(`Two texts of ${view} have one key: lengthen keyOf.`)
  const text = JSON.stringify(words)
  const mark = createHash('sha256').update(text).digest('base64url').slice(0, 8)
  const name = `words-${view}-${language}.${mark}.json`
  writeFileSync(join(FOLDER, name), text)
  return `/_astro/${name}`
}

function wordsOf(view: ViewId, html: string): WordsOfView {
  const ids = messagesOf(view, html)
  // English stands in the scripts already, but for its plurals.
  const others = ADULT_LANGUAGE_IDS.filter((language) => language !== SOURCE_LANGUAGE)
  return { ids, files: Object.fromEntries(others.map((language) => [language, writeWords(view, ids, language)])) }
}

for (const name of readdirSync(FOLDER)) if (name.startsWith('words-')) rmSync(join(FOLDER, name))
const pages = await builtPages(VIEW_IDS.map((view) => pathOfView(view, OF_NONE)))
writeFileSync(
  'dist/words/views.json',
  JSON.stringify(Object.fromEntries(VIEW_IDS.map((view, i) => [view, wordsOf(view, pages[i] ?? '')]))),
)
process.exit(0)
