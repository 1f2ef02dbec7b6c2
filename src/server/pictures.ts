import { existsSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { type PictureOutlines, picturePath, readPicture } from '../core/drawing'

/* The pictures of the set, as the build made them (`scripts/pictures.ts`): read when a file is to have them in it. */

const folder = () => join(process.env.RIPE_ACORN_WORKERS ?? 'dist', 'client')

const read = new Map<string, PictureOutlines | undefined>()

/** The outlines of a picture; undefined where the set has it no more. */
export function outlinesOfSet(id: string): PictureOutlines | undefined {
  if (!read.has(id)) {
    const path = join(folder(), picturePath(id, 'colour'))
    read.set(id, existsSync(path) ? readPicture(readFileSync(path, 'utf8')) : undefined)
  }
  return read.get(id)
}
