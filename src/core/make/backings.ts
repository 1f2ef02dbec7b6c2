import { told, type Told } from '../wording'
export type BackingId = 'none' | 'card' | 'plate' | 'corrugated'
export const BACKINGS: readonly BackingId[] = ['none', 'card', 'plate', 'corrugated']

export const backings: Record<BackingId, { name: Told; mm: number }> = {
  none: { name: told('none'), mm: 0 },
  card: { name: told('card, 300 g/m²'), mm: 0.4 },
  plate: { name: told('paper plate'), mm: 0.6 },
  corrugated: { name: told('corrugated board'), mm: 3 },
}

/** Paper plates by the diameter of their rim. */
export const PLATES_MM = [150, 180, 200, 230, 260] as const
/** The flat part of a plate, as a share of its rim's diameter: what carries the face. */
export const PLATE_FLAT = 0.68
