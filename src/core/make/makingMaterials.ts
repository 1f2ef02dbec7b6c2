import { told } from '../wording'
import type { RecipeKind } from './recipe'

/** What can be to hand for making: names of its own, since a session's materials are coarser. */
export const MAKING_MATERIALS = {
  card: told('card'),
  plates: told('paper plates'),
  fasteners: told('paper fasteners'),
  hairpins: told('hairpins'),
  pushpins: told('pushpins and erasers'),
  'pipe-cleaners': told('pipe cleaners'),
  dough: told('dough'),
  scissors: told('scissors'),
} as const

export type MakingMaterial = keyof typeof MAKING_MATERIALS

export const MATERIAL_NEEDS: Record<RecipeKind, readonly MakingMaterial[]> = {
  card: ['card', 'fasteners', 'scissors'],
  plate: ['card', 'plates', 'hairpins', 'scissors'],
  layered: ['card', 'pushpins', 'scissors'],
  dough: ['pipe-cleaners', 'dough'],
  draw: [],
}
