import { t } from '@lingui/core/macro'
import { type Drawing, type FontOutlines, outlined } from '../core/drawing'
import { api } from './api'
import { LONG_MS, tell } from './notices'

/**
 * Drawings with their letters as outlines, handed on one by one. Where the outlines cannot be had, nothing is saved and
 * it is said why.
 */
export async function withOutlines(drawings: readonly Drawing[], save: (drawing: Drawing, at: number) => void) {
  try {
    const outlines = await api.get<FontOutlines>('/andika-outlines.json')
    drawings.map((drawing) => outlined(drawing, outlines)).forEach(save)
  } catch (error) {
    void tell({
      title: t`No file was saved`,
      message: error instanceof Error ? error.message : String(error),
      color: 'oak',
      autoClose: LONG_MS,
    })
  }
}
