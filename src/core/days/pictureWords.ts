import type { PictureId } from './pictures'
import type { DayRow } from './types'

/** A picture with what it goes by in one language. */
export interface PictureWords {
  readonly id: PictureId
  readonly name: string
  /**
   * What adults write when they mean it. A star stands for any end or beginning ("*bus", "swim*"); words with a plus
   * between them must all be there.
   */
  readonly everyday: readonly string[]
  /** Other words for it, which are less sure. */
  readonly others: readonly string[]
}

/** Letters alone, without accents and capitals, so that "Zähne" is found by "zahne". */
const folded = (text: string): string => text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase()

const wordsIn = (text: string): string[] => folded(text).match(/[\p{L}\p{N}]+/gu) ?? []

/** How many letters of a typed word a pattern stands for: more are surer; 0 where it does not fit. */
function lettersOf(pattern: string, word: string): number {
  const letters = pattern.replaceAll('*', '')
  const beginsSo = pattern.endsWith('*') && word.startsWith(letters)
  const endsSo = pattern.startsWith('*') && word.endsWith(letters)
  const fits = word === letters || beginsSo || endsSo
  return fits ? letters.length : 0
}

/** The words of a picture, made ready to be compared with what is typed. */
interface Ready {
  readonly id: PictureId
  readonly name: readonly string[]
  /** Each everyday phrase as the patterns of its words. */
  readonly everyday: readonly (readonly string[])[]
  readonly others: readonly string[]
}

/** The pictures of the set in one language, to be searched. */
export type PictureFinder = readonly Ready[]

/** Makes the words of the set ready once, since they are looked through at every letter that is typed. */
export const pictureFinder = (set: readonly PictureWords[]): PictureFinder =>
  set.map(({ id, name, everyday, others }) => ({
    id,
    name: wordsIn(name),
    everyday: everyday.map((phrase) => folded(phrase).match(/[\p{L}\p{N}*]+/gu) ?? []),
    others: others.flatMap(wordsIn),
  }))

/** How surely an everyday phrase is in what is typed, by the letters of its words; 0 where one is missing. */
function sureness(patterns: readonly string[], typed: readonly string[]): number {
  let sum = 0
  for (const pattern of patterns) {
    const letters = Math.max(0, ...typed.map((word) => lettersOf(pattern, word)))
    if (letters === 0) return 0
    sum += letters
  }
  return sum
}

/**
 * The picture that surely goes with what happens, or none: the one whose everyday words have most letters in common with
 * it, or else one that has just this name.
 *
 * proposePicture('half 8 bus', pictureFinder([{ id: 'u1f68c', name: 'bus', everyday: [], others: [] }])) //=> undefined
 * proposePicture('bus', pictureFinder([{ id: 'u1f68c', name: 'bus', everyday: [], others: [] }])) //=> 'u1f68c'
 */
export function proposePicture(what: string, finder: PictureFinder): PictureId | undefined {
  const typed = wordsIn(what)
  let best: { readonly id: PictureId; readonly sure: number } | undefined
  for (const { id, everyday } of finder) {
    const sure = Math.max(0, ...everyday.map((patterns) => sureness(patterns, typed)))
    if (sure > (best?.sure ?? 0)) best = { id, sure }
  }
  const whole = typed.join(' ')
  return best?.id ?? finder.find(({ name }) => whole !== '' && name.join(' ') === whole)?.id
}

/** A row with the picture that is proposed for it, where it has none. */
export function illustrated(row: DayRow, finder: PictureFinder): DayRow {
  const picture = row.picture ?? proposePicture(row.what, finder)
  return picture === undefined ? row : { ...row, picture }
}

/** The shortest word that is looked for: shorter ones are articles, and letters of a word that is still being typed. */
const SHORTEST = 3

/** How well a word that was typed fits a picture, 0 to 4: its name, a word of its name, another word, a beginning. */
function fitOf(word: string, { name, everyday, others }: Ready): number {
  if (name.length === 1 && name[0] === word) return 4
  if (name.includes(word) || everyday.some((patterns) => sureness(patterns, [word]) > 0)) return 3
  const more = [...everyday.flat(), ...others]
  if (more.includes(word)) return 2
  return [...name, ...more].some((each) => each.startsWith(word)) ? 1 : 0
}

/**
 * The pictures that fit what is typed, the best first and no more than `most`. The one that would be proposed comes
 * first; each word of at least three letters counts for itself.
 *
 * findPictures('stop', pictureFinder([{ id: 'u1f68f', name: 'bus stop', everyday: [], others: [] }]), 2) //=> ['u1f68f']
 */
export function findPictures(typed: string, finder: PictureFinder, most: number): PictureId[] {
  const words = wordsIn(typed).filter((word) => word.length >= SHORTEST)
  const found = finder
    .map((picture) => ({ id: picture.id, fit: words.reduce((sum, word) => sum + fitOf(word, picture), 0) }))
    .filter(({ fit }) => fit > 0)
    .sort((a, b) => b.fit - a.fit)
    .map(({ id }) => id)
  const proposed = proposePicture(typed, finder)
  return [...new Set([...(proposed ? [proposed] : []), ...found])].slice(0, most)
}
