import { mkdirSync, rmSync, writeFileSync } from 'node:fs'
import { createCompiledCatalog, getCatalogs } from '@lingui/cli/api'
import { getConfig } from '@lingui/conf'
import { PRINTED_IN } from '../../src/core/wording/printed/registry'
import type { Message } from '../../src/words/filled'
import {
  ADULT_LANGUAGE_IDS,
  ADULT_LANGUAGES,
  type AdultLanguageId,
  PSEUDO,
  SOURCE_LANGUAGE,
} from '../../src/words/languages'
import { activityDetails, activityTexts } from './activities'
import { textsSent, unitsSent } from './sent'

/*
 * Makes of the catalogues what the server reads: all messages of a language by their ids. What has no places is a plain
 * text. Of English only what chooses between plurals is needed; the rest stands in the code.
 */

const FOLDER = 'dist/words'

type Messages = Record<string, Message>

/** A message without places, as a text. */
const plain = (message: Message): Message =>
  Array.isArray(message) && message.every((token) => typeof token === 'string') ? message.join('') : message

const isChoosing = (message: Message) =>
  Array.isArray(message) && message.some((token) => Array.isArray(token) && token.length > 1)

/** The texts of a catalogue by their ids. */
type Texts = Readonly<Record<string, string>>

const catalogues = await getCatalogs(getConfig())

/** The messages of all catalogues as they stand in the code now. */
async function textsInCode(): Promise<Texts> {
  const found = await Promise.all(catalogues.map((catalogue) => catalogue.collect()))
  const entries = found.flatMap((messages) => Object.entries(messages ?? {}))
  return {
    ...Object.fromEntries([...Object.keys(activityTexts('en-GB')), ...unitsSent()].map((text) => [text, text])),
    ...Object.fromEntries(entries.map(([id, { message }]) => [id, message ?? id])),
  }
}

/**
 * The translations of all catalogues. What the core prints for the adult needs no second one: the same text on the
 * screen is said as it is printed.
 */
async function textsIn(language: Exclude<AdultLanguageId, 'en'>): Promise<Texts> {
  const printed: Texts = { ...PRINTED_IN[language]?.phrases, ...PRINTED_IN[language]?.names }
  const found = await Promise.all(catalogues.map((catalogue) => catalogue.read(language)))
  const entries = found.flatMap((messages) => Object.entries(messages))
  return {
    ...activityTexts(ADULT_LANGUAGES[language].wording),
    ...Object.fromEntries(unitsSent().map((unit) => [unit, printed[unit] ?? ''])),
    ...Object.fromEntries(
      entries.map(([id, { message = id, translation }]) => [id, translation || (printed[message] ?? '')]),
    ),
  }
}

/** Texts as the server fills them in; those that are empty are left out, so that English takes their place. */
function compiled(language: AdultLanguageId, texts: Texts, how: { readonly pseudoLocale?: string } = {}): Messages {
  const { source, errors } = createCompiledCatalog(language, texts, { namespace: 'json', strict: true, ...how })
  if (errors[0]) throw new Error(`A text of the catalogue of ${language} cannot be read: ${errors[0].source}`)
  const { messages } = JSON.parse(source) as { messages: Messages }
  const kept = Object.entries(messages).map(([id, message]) => [id, plain(message)] as const)
  return Object.fromEntries(kept.filter(([, message]) => message.length > 0))
}

/** Two letters for each five that a text has. */
const padding = (letters: number): string => ' ôáë'.repeat(Math.ceil((letters * 0.4) / 4))

/** A message that is four tenths longer; the choices of a plural stay as they are. */
const longer = (message: Message): Message =>
  typeof message === 'string'
    ? message + padding(message.length)
    : [...message, padding(message.filter((part) => typeof part === 'string').join('').length)]

const write = (name: string, made: unknown) => writeFileSync(`${FOLDER}/${name}.json`, JSON.stringify(made))

// What an earlier build found in its scripts would leave out what is new.
rmSync(FOLDER, { recursive: true, force: true })
mkdirSync(FOLDER, { recursive: true })

const english = await textsInCode()
for (const language of ADULT_LANGUAGE_IDS) {
  if (language !== 'en') write(language, compiled(language, await textsIn(language)))
  else
    write(
      language,
      Object.fromEntries(Object.entries(compiled(language, english)).filter(([, each]) => isChoosing(each))),
    )
}

// A language that nobody speaks: what is cut off in it, or is not accented, needs work.
const accented = Object.entries(compiled(SOURCE_LANGUAGE, english, { pseudoLocale: SOURCE_LANGUAGE }))
write(PSEUDO, Object.fromEntries(accented.map(([id, message]) => [id, longer(message)])))

// The ids of views are made from their texts; those of the core and the server are the texts.
const [texts, hashed] = [true, false].map((isText) =>
  Object.entries(english).flatMap(([id, text]) => ((id === text) === isText ? [id] : [])),
)
write('ids', { texts, hashed, sent: textsSent(), details: activityDetails() })
