import { type Filling, type Told, type ToldValue, asPart, sayDate } from '../core/wording'
import { type Message, type Values, filled, filledAsWritten } from './filled'
import { keyOf } from './keys'
import { type AdultLanguageId, SOURCE_LANGUAGE, ADULT_LANGUAGES } from './languages'

/*
 * What says a text in the adult's language. On the server each request has its own; in the browser the page brings the
 * words of its language along, and another language can take their place while it is open.
 */

/** The words of one language, as a page brings them. */
export interface Words {
  readonly language: AdultLanguageId
  /** By their ids; those of texts of the core are the English texts themselves, or in a page their keys (`keyOf`). */
  readonly messages: Readonly<Record<string, Message>>
  /** Which of them were asked for, while the server makes a page. */
  readonly asked?: Set<string>
  /** Where those stand that a page needs after its first sight. */
  readonly rest?: string
}

/** Where the words of a page stand in it. */
export const WORDS_IN_PAGE = 'words'

/** The key under which the server says whose words are asked for (`server/language.ts`). */
export const WORDS_OF_REQUEST = Symbol.for('ripe-acorn words')

const holder = globalThis as { [WORDS_OF_REQUEST]?: () => Words | undefined }

const NO_WORDS: Words = { language: SOURCE_LANGUAGE, messages: {} }

let inBrowser: Words | undefined
let isHoleTold = false
/** Whether something was said in English since the page was opened, because the rest of its words had not come yet. */
let wasShort = false
/** Set where messages are shown as they stand in the code, plurals too: in tests. */
let compile: ((message: string) => unknown) | undefined

export function compileWith(compiler: typeof compile): void {
  compile = compiler
}

/** The words that a page brings; undefined where it says nothing but what stands in it. */
export function wordsOfPage(page: Document): Words | undefined {
  const text = page.getElementById(WORDS_IN_PAGE)?.textContent
  return text ? (JSON.parse(text) as Words) : undefined
}

const ownWords = () => (typeof document === 'undefined' ? undefined : wordsOfPage(document)) ?? NO_WORDS

/** The words in which is spoken now. */
export function words(): Words {
  return holder[WORDS_OF_REQUEST]?.() ?? (inBrowser ??= ownWords())
}

/** From now on the page speaks another language. */
export function speakWith(other: Words): void {
  inBrowser = other
}

/** Words together with the rest of those that their page needs. */
export async function withRest({ language, messages, rest }: Words): Promise<Words> {
  if (rest === undefined) return { language, messages }
  const answer = await fetch(rest)
  if (!answer.ok) throw new Error(`the words at ${rest} did not come: ${answer.status}`)
  return { language, messages: (await answer.json()) as Words['messages'] }
}

/** Fetches the words that the page came without. True where something is to be said anew. */
export async function fetchRest(): Promise<boolean> {
  const before = words()
  const whole = await withRest(before)
  if (words() !== before) return false
  speakWith(whole)
  return wasShort
}

export const adultLanguage = (): AdultLanguageId => words().language

interface Descriptor {
  readonly id: string
  readonly message?: string
  readonly values?: Values
}

/** A text that the catalogue lacks: in English, said once. */
function asWritten({ id, message = id, values = {} }: Descriptor, language: AdultLanguageId): string {
  // A text of places alone is the same in every language: names in a row.
  const isHole = language !== SOURCE_LANGUAGE && /\p{L}/u.test(message.replace(/\{\d+\}/g, ''))
  if (isHole && words().rest !== undefined) {
    wasShort = true
  } else if (isHole && !isHoleTold) {
    isHoleTold = true
    // eslint-disable-next-line no-console
    console.warn(`The catalogue of ${language} lacks “${message}”, and maybe others.`)
  }
  return compile ? filled(compile(message) as Message, values, SOURCE_LANGUAGE) : filledAsWritten(message, values)
}

/** What the macros of Lingui ask for a text. */
export const i18n = {
  _(asked: Descriptor | string, values?: Values, { message }: { message?: string } = {}): string {
    const descriptor = typeof asked === 'string' ? { id: asked, message, values } : asked
    const { language, messages, asked: noted } = words()
    noted?.add(descriptor.id)
    const found = messages[descriptor.id] ?? messages[keyOf(descriptor.id)]
    return found === undefined ? asWritten(descriptor, language) : filled(found, descriptor.values ?? {}, language)
  },
}

const filling = ({ text, values, date }: Filling): string => {
  if (date !== undefined) return sayDate(date, ADULT_LANGUAGES[adultLanguage()].wording, { year: true })
  return i18n._({
    id: text,
    values: Object.fromEntries(values.map((value, i) => [i, typeof value === 'object' ? filling(value) : value])),
  })
}

/**
 * A text of the core or the server in the adult's language; or an English one as it stands in the code, with what fills
 * its places.
 */
export const said = (asked: Told | string, ...values: readonly ToldValue[]): string =>
  filling(typeof asked === 'string' ? { text: asked, values } : asPart(asked))

/** Several texts, one by one. */
export const saidAll = (list: readonly Told[]): string[] => list.map((each) => said(each))

/** The entries of a list, with their labels as a field shows them. */
export const labelled = <V>(
  list: readonly { readonly value: V; readonly label: Told }[],
): { value: V; label: string }[] => list.map(({ value, label }) => ({ value, label: said(label) }))

/** A large number as the language groups its figures: "10,000". Not for what is read off at first sight: it is slow once. */
export const grouped = (count: number): string => count.toLocaleString(adultLanguage())

/** A table of names as they are said. */
export const saidEach = <Key extends string>(names: Readonly<Record<Key, Told>>): Record<Key, string> =>
  Object.fromEntries((Object.keys(names) as Key[]).map((key) => [key, said(names[key])])) as Record<Key, string>
