import { existsSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { type PictureFinder, type PictureId, type PictureWords, pictureFinder, proposePicture } from '../core/days'
import { type PictureOutlines, picturePath, readPicture } from '../core/drawing'
import type { LanguageId } from '../core/wording'

/* The pictures of the set, as the build made them (`scripts/pictures.ts`): read when a file is to have them in it. */

const folder = () => join(process.env.RIPE_ACORN_WORKERS ?? 'dist', 'client')

const read = new Map<string, PictureOutlines>()

/** The outlines of a picture; undefined where the set has it no more. */
export function outlinesOfSet(id: string): PictureOutlines | undefined {
  const known = read.get(id)
  if (known) return known
  const path = join(folder(), picturePath(id, 'colour'))
  if (!existsSync(path)) return undefined
  const outlines = readPicture(readFileSync(path, 'utf8'))
  read.set(id, outlines)
  return outlines
}

const finders = new Map<LanguageId, PictureFinder>()

function finderFor(language: LanguageId): PictureFinder {
  const known = finders.get(language)
  if (known) return known
  const path = join(folder(), `/pictures/words-${language}.json`)
  if (!existsSync(path)) return []
  const finder = pictureFinder(JSON.parse(readFileSync(path, 'utf8')) as PictureWords[])
  finders.set(language, finder)
  return finder
}

/** The picture that surely goes with a title in a language, or none. */
export const pictureFor = (title: string, language: LanguageId): PictureId | undefined =>
  proposePicture(title, finderFor(language))
