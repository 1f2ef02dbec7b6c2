import { mkdirSync, writeFileSync } from 'node:fs'
import { createCompiledCatalog, getCatalogs } from '@lingui/cli/api'
import { getConfig } from '@lingui/conf'
import { PRINTED_IN } from '../../src/core/wording/printed/registry'
import type { Message } from '../../src/words/filled'
import { ADULT_LANGUAGE_IDS, type AdultLanguageId, SOURCE_LANGUAGE } from '../../src/words/languages'

/*
 * Makes of the catalogues what the server reads: all messages of a language by their ids. What has no places is a plain
 * text. Of English only what chooses between plurals is needed; the rest stands in the code.
 */

const FOLDER = 'dist/words'

type Messages = Record<string, Message>
type Catalogue = Awaited<ReturnType<typeof getCatalogs>>[number]

/** A message without places, as a text. */
const plain = (message: Message): Message =>
  Array.isArray(message) && message.every((token) => typeof token === 'string') ? message.join('') : message

const isChoosing = (message: Message) =>
  Array.isArray(message) && message.some((token) => Array.isArray(token) && token.length > 1)

/** What the core prints for the adult: the same texts on the screen need no second translation. */
function printedIn(language: AdultLanguageId): Readonly<Record<string, string>> {
  const printed = language === 'en' ? undefined : PRINTED_IN[language]
  return { ...printed?.phrases, ...printed?.names }
}

/** What a catalogue has by its ids: the translations; of English the messages as they stand in the code now. */
async function textsOf(catalogue: Catalogue, language: AdultLanguageId): Promise<Record<string, string>> {
  if (language !== SOURCE_LANGUAGE)
    return Object.fromEntries(
      Object.entries(await catalogue.read(language)).map(([id, { translation }]) => [
        id,
        translation || (printedIn(language)[id] ?? ''),
      ]),
    )
  return Object.fromEntries(
    Object.entries((await catalogue.collect()) ?? {}).map(([id, { message }]) => [id, message ?? id]),
  )
}

/** All messages of a language, those that are not translated left out. */
export async function compiled(language: AdultLanguageId): Promise<Messages> {
  const all: Messages = {}
  for (const catalogue of await getCatalogs(getConfig())) {
    const texts = await textsOf(catalogue, language)
    const { source, errors } = createCompiledCatalog(language, texts, { namespace: 'json', strict: true })
    if (errors[0])
      throw new Error(
        `The catalogue ${catalogue.path} of ${language} has a text that cannot be read: ${errors[0].source}`,
      )
    const made = JSON.parse(source) as { messages: Messages }
    for (const [id, message] of Object.entries(made.messages)) {
      const kept = plain(message)
      if (kept.length > 0 && (language !== SOURCE_LANGUAGE || isChoosing(kept))) all[id] = kept
    }
  }
  return all
}

/** The ids of all messages: those of views are made from their texts, those of the core and the server are the texts. */
async function messageIds(): Promise<{ hashed: string[]; texts: string[] }> {
  const own: [id: string, text: string][] = []
  for (const catalogue of await getCatalogs(getConfig()))
    own.push(...Object.entries(await textsOf(catalogue, SOURCE_LANGUAGE)))
  const idsWhere = (isText: boolean) => [...new Set(own.flatMap(([id, text]) => ((id === text) === isText ? id : [])))]
  return { hashed: idsWhere(false), texts: idsWhere(true) }
}

if (process.argv[1]?.endsWith('compile.ts')) {
  mkdirSync(FOLDER, { recursive: true })
  for (const language of ADULT_LANGUAGE_IDS)
    writeFileSync(`${FOLDER}/${language}.json`, JSON.stringify(await compiled(language)))
  writeFileSync(`${FOLDER}/ids.json`, JSON.stringify(await messageIds()))
}
