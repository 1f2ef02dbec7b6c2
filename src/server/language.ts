import { AsyncLocalStorage } from 'node:async_hooks'
import { existsSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import Negotiator from 'negotiator'
import type { ViewId } from '../core/views'
import type { Message } from '../words/filled'
import { WORDS_OF_REQUEST, type Words } from '../words/i18n'
import {
  ADULT_LANGUAGE_IDS,
  type AdultLanguageId,
  LANGUAGE_COOKIE,
  SOURCE_LANGUAGE,
  isAdultLanguage,
} from '../words/languages'

/* The language of who asks: the one that was chosen on the device, or else the one that it names first. */

type Messages = Readonly<Record<string, Message>>

/** What the build made of the catalogues (`scripts/words/compile.ts`). */
const folder = () => join(process.env.RIPE_ACORN_WORKERS ?? 'dist', 'words')

const read = new Map<string, unknown>()

/** A file of the build, read once; undefined before there is one. */
function readOnce<T>(name: string): T | undefined {
  if (!read.has(name)) {
    const path = join(folder(), name)
    if (!existsSync(path)) return undefined
    read.set(name, JSON.parse(readFileSync(path, 'utf8')))
  }
  return read.get(name) as T
}

/** All words of a language. */
export const wordsIn = (language: AdultLanguageId): Words => ({
  language,
  messages: readOnce<Messages>(`${language}.json`) ?? {},
})

/** The server stands in two bundles, which share what is under way. */
const shared = globalThis as { ripeAcornWords?: AsyncLocalStorage<Words>; [WORDS_OF_REQUEST]?: () => Words }
const underWay = (shared.ripeAcornWords ??= new AsyncLocalStorage<Words>())
shared[WORDS_OF_REQUEST] = () => underWay.getStore() ?? wordsIn(SOURCE_LANGUAGE)

/** Does some work in a language: all that it says is said in it. */
export const inLanguage = <T>(language: AdultLanguageId, work: () => T): T => underWay.run(wordsIn(language), work)

/** Only what is translated whole is offered; `all` shows the others too, to those who translate them. */
const WHOLE: readonly AdultLanguageId[] = [SOURCE_LANGUAGE]

export const offered = (): readonly AdultLanguageId[] =>
  process.env.RIPE_ACORN_LANGUAGES === 'all' ? ADULT_LANGUAGE_IDS : WHOLE

/** The language that a request asks for, by what was chosen on its device, or by what its device names. */
export function languageOf(headers: { get(name: string): string | null }): AdultLanguageId {
  const cookies = headers.get('cookie') ?? ''
  const chosen = new RegExp(`(?:^|;\\s*)${LANGUAGE_COOKIE}=([\\w-]+)`).exec(cookies)?.[1] ?? ''
  if (isAdultLanguage(chosen) && offered().includes(chosen)) return chosen
  const named = new Negotiator({ headers: { 'accept-language': headers.get('accept-language') ?? '' } })
  const found = named.language([...offered()]) ?? ''
  return isAdultLanguage(found) ? found : SOURCE_LANGUAGE
}

/** The words that a view needs, as they stand in its page. Before the build has said which those are, all of them. */
export function wordsOfView(view: ViewId | undefined, language: AdultLanguageId): Words {
  const { messages } = wordsIn(language)
  const needed = view && readOnce<Readonly<Record<string, readonly string[]>>>('views.json')?.[view]
  if (!needed) return { language, messages }
  return {
    language,
    messages: Object.fromEntries(needed.flatMap((id) => (messages[id] === undefined ? [] : [[id, messages[id]]]))),
  }
}
