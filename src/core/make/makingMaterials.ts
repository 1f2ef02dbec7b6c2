import type { RecipeKind } from './recipe'

/** What can be to hand for making: names of its own, since a session's materials are coarser. */
export const MAKING_MATERIALS = {
  card: 'card',
  plates: 'paper plates',
  fasteners: 'paper fasteners',
  hairpins: 'hairpins',
  pushpins: 'pushpins and erasers',
  'pipe-cleaners': 'pipe cleaners',
  dough: 'dough',
  scissors: 'scissors',
} as const

export type MakingMaterial = keyof typeof MAKING_MATERIALS

export const MATERIAL_NEEDS: Record<RecipeKind, readonly MakingMaterial[]> = {
  card: ['card', 'fasteners', 'scissors'],
  plate: ['card', 'plates', 'hairpins', 'scissors'],
  layered: ['card', 'pushpins', 'scissors'],
  dough: ['pipe-cleaners', 'dough'],
  draw: [],
}
