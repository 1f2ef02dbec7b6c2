import { existsSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { type Drawing, type PictureOutlines, picturePath, readPicture, withPictures } from '../core/drawing'

/* The pictures of the set, as the build made them (`scripts/pictures.ts`): read when a file is to have them in it. */

const folder = () => join(process.env.RIPE_ACORN_WORKERS ?? 'dist', 'client')

const read = new Map<string, PictureOutlines | undefined>()

function outlinesOf(id: string): PictureOutlines | undefined {
  if (!read.has(id)) {
    const path = join(folder(), picturePath(id, 'colour'))
    read.set(id, existsSync(path) ? readPicture(readFileSync(path, 'utf8')) : undefined)
  }
  return read.get(id)
}

/** A drawing with its pictures in it. One that there is no more stays empty. */
export const withSetPictures = (drawing: Drawing): Drawing => withPictures(drawing, outlinesOf)
