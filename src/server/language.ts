import { AsyncLocalStorage } from 'node:async_hooks'
import { existsSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import Negotiator from 'negotiator'
import type { PaperId } from '../core/drawing'
import type { ViewId } from '../core/views'
import type { LanguageId } from '../core/wording'
import type { Message } from '../words/filled'
import { WORDS_OF_REQUEST, type Words } from '../words/i18n'
import { keyOf } from '../words/keys'
import type { LanguageChoice } from '../words/speech'
import {
  ADULT_LANGUAGES,
  ADULT_LANGUAGE_IDS,
  type AdultLanguageId,
  LANGUAGE_COOKIE,
  PSEUDO,
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
const wordsIn = (language: AdultLanguageId, name: string = language): Words => ({
  language,
  messages: readOnce<Messages>(`${name}.json`) ?? {},
})

/** The server stands in two bundles, which share what is under way. */
const shared = globalThis as { ripeAcornAsked?: AsyncLocalStorage<Asked>; [WORDS_OF_REQUEST]?: () => Words }
const underWay = (shared.ripeAcornAsked ??= new AsyncLocalStorage<Asked>())
shared[WORDS_OF_REQUEST] = () => underWay.getStore()?.words ?? wordsIn(SOURCE_LANGUAGE)

/** What the headers of a request say of who asks. */
interface Asked {
  readonly words: Words
  readonly house: House
}

/** What the house rules are likely to say, as long as nobody has said it. */
interface House {
  readonly language: LanguageId
  readonly paper: PaperId
}

/** What is proposed to whoever asks now. */
export const proposedHouse = (): House => underWay.getStore()?.house ?? { language: 'en-GB', paper: 'a4' }

/** Does some work for a request: all that it says is said in the language of who asks. */
export const answering = <T>(headers: Asking, work: () => T): T =>
  underWay.run({ words: { ...wordsFor(headers), asked: new Set() }, house: houseFor(headers) }, work)

/** Does some work away from any request, in a language. */
export const speaking = <T>(language: AdultLanguageId, work: () => T): T =>
  answering(new Headers({ cookie: `${LANGUAGE_COOKIE}=${language}` }), work)

/** Where paper is of the size Letter. Source: Unicode CLDR 45, measurementData, paperSize. */
const LETTER_REGIONS: readonly string[] = [
  ...['BZ', 'CA', 'CL', 'CO', 'CR', 'GT', 'MX', 'NI', 'PA', 'PH', 'PR', 'SV', 'US', 'VE'],
]

/** Which language children are most likely to read, and which paper is to be had, where the device is. */
function houseFor(headers: Asking): House {
  const language = languageOf(headers)
  const [, region = ''] =
    named(headers)
      .languages()
      .find((tag) => tag.startsWith(language))
      ?.toUpperCase()
      .split('-') ?? []
  return {
    language: language === 'en' && region === 'US' ? 'en-US' : ADULT_LANGUAGES[language].wording,
    paper: LETTER_REGIONS.includes(region) ? 'letter' : 'a4',
  }
}

interface Asking {
  get(name: string): string | null
}

/** What was chosen on the device that asks. */
function chosenIn(headers: Asking): string {
  const cookies = headers.get('cookie') ?? ''
  return new RegExp(`(?:^|;\\s*)${LANGUAGE_COOKIE}=([\\w-]+)`).exec(cookies)?.[1] ?? ''
}

/** What a device names. */
const named = (headers: Asking) =>
  new Negotiator({ headers: { 'accept-language': headers.get('accept-language') ?? '' } })

/** The language that a request asks for, by what was chosen on its device, or by what its device names. */
export function languageOf(headers: Asking): AdultLanguageId {
  const chosen = chosenIn(headers)
  if (isAdultLanguage(chosen)) return chosen
  const found = named(headers).language([...ADULT_LANGUAGE_IDS]) ?? ''
  return isAdultLanguage(found) ? found : SOURCE_LANGUAGE
}

const isPseudo = () => process.env.RIPE_ACORN_PSEUDO === 'on'

/** All words for a request: those of its language, or the accented ones while the app is developed. */
export const wordsFor = (headers: Asking): Words =>
  asksForPseudo(headers) ? wordsIn(SOURCE_LANGUAGE, PSEUDO) : wordsIn(languageOf(headers))

const asksForPseudo = (headers: Asking): boolean => isPseudo() && chosenIn(headers) === PSEUDO

/** What can be chosen at the foot of a page; one of them is. */
export function choicesFor(headers: Asking): LanguageChoice[] {
  const chosen = asksForPseudo(headers) ? PSEUDO : languageOf(headers)
  const names = ADULT_LANGUAGE_IDS.map((id): [string, string] => [id, ADULT_LANGUAGES[id].name])
  const all = isPseudo() ? [...names, [PSEUDO, 'Ȧȧƈƈḗḗƞŧḗḗḓ'] as const] : names
  return all.map(([id, name]) => ({ id, name, isChosen: id === chosen }))
}

/** What the build knows of a view's words (`scripts/words/perView.ts`). */
export interface WordsOfView {
  /** All that it may say. */
  readonly ids: readonly string[]
  /** Where they stand in each language that has many. */
  readonly files: Partial<Readonly<Record<AdultLanguageId, string>>>
}

const picked = (messages: Messages, ids: Iterable<string>): Messages =>
  Object.fromEntries([...ids].flatMap((id) => (messages[id] === undefined ? [] : [[keyOf(id), messages[id]]])))

/**
 * The words that a page brings: those that its view said while it was made, and the address of the rest. Where that
 * stands nowhere, all that the view needs, and before the build has said which those are, all.
 */
export function wordsOfView(view: ViewId | undefined): Words {
  const { language, messages, asked = [] } = underWay.getStore()?.words ?? wordsIn(SOURCE_LANGUAGE)
  const ofView = view && readOnce<Readonly<Record<string, WordsOfView>>>('views.json')?.[view]
  if (!ofView) return { language, messages }
  const rest = ofView.files[language]
  return rest === undefined
    ? { language, messages: picked(messages, ofView.ids) }
    : { language, messages: picked(messages, asked), rest }
}
