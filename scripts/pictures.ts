import { mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import { type PictureWords, isOwnPicture } from '../src/core/days'
import {
  PICTURE_SIDE,
  type PictureLook,
  type PictureOutlines,
  pictureOf,
  picturePath,
  shapeSvg,
} from '../src/core/drawing'
import { LANGUAGE_IDS, type LanguageId } from '../src/core/wording'
import { EVERYDAY } from './pictures/everyday'
import { outlinesOf } from './pictures/outlines'

/*
 * Makes the set of pictures: of a package of flat coloured pictures those that suit the days of children become
 * drawings of our own model, with the words for each in every language. `docs/pictures.md` says which are left out, and
 * names the licences.
 */

const require = createRequire(import.meta.url)
const read = <T>(file: string): T => JSON.parse(readFileSync(require.resolve(file), 'utf8')) as T

interface Entry {
  readonly hexcode: string
  readonly label: string
  readonly tags?: readonly string[]
  readonly group?: number
  readonly subgroup?: number
}

const WORDS_OF: Readonly<Record<LanguageId, string>> = {
  'en-GB': 'en-gb',
  'en-US': 'en',
  de: 'de',
  'de-quarters': 'de',
  fr: 'fr',
  es: 'es',
}

/** Parts, signs and flags. */
const LEFT_OUT_GROUPS: readonly number[] = [2, 8, 9]
/** Faces that frighten, hearts and marks, signs of one hand, which mean other things elsewhere, and clocks: they show a time. */
const LEFT_OUT_SUBGROUPS: readonly number[] = [10, 11, 12, 13, 14, 15, 16, 17, 18, 19, 58]
/** What is drunk, smoked or fought with by adults, and death. */
const LEFT_OUT = new Set([
  '1f377',
  '1f378',
  '1f379',
  '1f37a',
  '1f37b',
  '1f37e',
  '1f942',
  '1f943',
  '1f376',
  '1f6ac',
  '1f52b',
  '1f5e1',
  '2694',
  '1f4a3',
  '26b0',
  '26b1',
  '1faa6',
  '1fa78',
  '1f489',
  '1f9e8',
  '1f3b0',
  '1f6a8',
  '1f46f',
  '1f574',
  '1f470',
  '1f935',
])

const plain = (hexcode: string): string => hexcode.toLowerCase().replaceAll('-fe0f', '')
const isGendered = (hexcode: string): boolean => /-200d-264[02]|^1f46[89]-200d/.test(plain(hexcode))

const isSuitable = ({ hexcode, group, subgroup }: Entry): boolean =>
  group !== undefined &&
  subgroup !== undefined &&
  !LEFT_OUT_GROUPS.includes(group) &&
  !LEFT_OUT_SUBGROUPS.includes(subgroup) &&
  !LEFT_OUT.has(plain(hexcode)) &&
  !isGendered(hexcode)

/** The pictures of the set by their names. */
export function pictureSet(): Map<string, PictureOutlines> {
  const { icons } = read<{ icons: Record<string, { body: string }> }>('@iconify-json/fluent-emoji-flat/icons.json')
  const names = read<Record<string, string>>('@iconify-json/fluent-emoji-flat/chars.json')
  const found = new Map<string, PictureOutlines>()
  for (const entry of read<Entry[]>('emojibase-data/en/data.json').filter(isSuitable)) {
    const body = icons[names[plain(entry.hexcode)] ?? names[entry.hexcode.toLowerCase()] ?? '']?.body
    const outlines = body === undefined ? undefined : outlinesOf(body)
    if (outlines) found.set(`u${plain(entry.hexcode)}`, outlines)
  }
  return found
}

/** The words for each picture in a language: those of children's days first, then those of the package. */
export function wordsOfSet(language: LanguageId, ids: ReadonlySet<string>): PictureWords[] {
  const everyday = new Map(EVERYDAY.map(({ id, words }) => [id, words(language)]))
  const ofSet = read<Entry[]>(`emojibase-data/${WORDS_OF[language]}/data.json`).flatMap(
    ({ hexcode, label, tags = [] }): PictureWords[] => {
      const id = `u${plain(hexcode)}`
      return ids.has(id)
        ? [{ id, name: label, everyday: everyday.get(id) ?? [], others: tags.filter((tag) => tag !== label) }]
        : []
    },
  )
  const ofOurs = EVERYDAY.filter(({ id }) => isOwnPicture(id)).map(({ id, words }) => ({
    id,
    name: '',
    everyday: words(language),
    others: [],
  }))
  return [...ofOurs, ...ofSet]
}

const svgOf = (outlines: PictureOutlines, look: PictureLook): string => {
  const half = PICTURE_SIDE / 2
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="${-half} ${-half} ${PICTURE_SIDE} ${PICTURE_SIDE}">${shapeSvg(pictureOf(outlines, PICTURE_SIDE, look))}</svg>`
}

function writeSet(): void {
  const set = pictureSet()
  rmSync('public/pictures', { recursive: true, force: true })
  mkdirSync('public/pictures', { recursive: true })
  for (const [id, outlines] of set)
    for (const look of ['colour', 'outline'] as const)
      writeFileSync(`public${picturePath(id, look)}`, svgOf(outlines, look))
  for (const language of LANGUAGE_IDS)
    writeFileSync(`public/pictures/words-${language}.json`, JSON.stringify(wordsOfSet(language, new Set(set.keys()))))
  console.log(`${set.size} pictures.`)
}

if (process.argv[1]?.endsWith('scripts/pictures.ts')) writeSet()
