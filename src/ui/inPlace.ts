import type { MutationMeta } from '@tanstack/react-query'
import { Unreached } from './api'

/* A failure is told once: by the view itself, beside what failed, or else by a notice. */

/** The view says beside the button what failed. */
export const IN_PLACE = { inPlace: 'all' } as const
/** The view says that it could not be reached; what the server refuses is told by a notice. */
export const UNREACHED_IN_PLACE = { inPlace: 'unreached' } as const

/** Whether the view itself says why a change failed. */
export function isToldInPlace(error: Error, meta: MutationMeta | undefined): boolean {
  return meta?.inPlace === 'all' || (meta?.inPlace === 'unreached' && error instanceof Unreached)
}
