import { t } from '@lingui/core/macro'
import {
  type Drawing,
  type FontOutlines,
  outlined,
  picturePath,
  picturesIn,
  readPicture,
  withPictures,
} from '../core/drawing'
import { api } from './api'
import { LONG_MS, tell } from './notices'

/** Drawings with their pictures in them, for a file that stands alone. */
export async function withPicturesFetched(drawings: readonly Drawing[]): Promise<Drawing[]> {
  const fetched = await Promise.all(
    picturesIn(drawings).map(async (id) => {
      const answer = await fetch(picturePath(id, 'colour'))
      return [id, answer.ok ? readPicture(await answer.text()) : undefined] as const
    }),
  )
  const outlines = new Map(fetched)
  return drawings.map((drawing) => withPictures(drawing, (id) => outlines.get(id)))
}

/**
 * Drawings with their letters as outlines, handed on one by one. Where the outlines cannot be had, nothing is saved and
 * it is said why.
 */
export async function withOutlines(drawings: readonly Drawing[], save: (drawing: Drawing, at: number) => void) {
  try {
    const outlines = await api.get<FontOutlines>('/andika-outlines.json')
    const whole = await withPicturesFetched(drawings)
    whole.map((drawing) => outlined(drawing, outlines)).forEach(save)
  } catch (error) {
    void tell({
      title: t`No file was saved`,
      message: error instanceof Error ? error.message : String(error),
      color: 'oak',
      autoClose: LONG_MS,
    })
  }
}
