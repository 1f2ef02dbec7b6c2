import { NEEDS } from '../printables/kit/needs'

interface Material {
  readonly name: string
  readonly unit: string
  /** Serves every activity of a session; the rest is used up. */
  readonly reused: boolean
  /** What does as well where it is not to hand. */
  readonly standIn?: string
}

/** What can be to hand. */
export const materials = {
  paper: { name: 'printed pages', unit: 'page', reused: false },
  card: { name: 'card, 160 g/m²', unit: 'sheet', reused: false, standIn: NEEDS.card.standIn },
  scissors: { name: 'blunt-ended scissors', unit: 'pair', reused: true, standIn: 'an adult cuts beforehand' },
  fasteners: {
    name: 'paper fasteners',
    unit: 'fastener',
    reused: false,
    standIn: 'two hairpins a clock, or a pipe cleaner with its ends folded in',
  },
  crayons: { name: 'crayons in two colours', unit: 'set', reused: true, standIn: NEEDS.colours.standIn },
  dough: { name: 'play dough', unit: 'lump', reused: true, standIn: NEEDS.dough.standIn },
  chalk: { name: 'chalk or floor markers', unit: 'stick', reused: true, standIn: 'tape, or slips of paper' },
  rope: { name: 'rope or skipping ropes', unit: 'rope', reused: true, standIn: 'wool, or scarves laid end to end' },
  slates: { name: 'slates or scrap paper with pencils', unit: 'slate', reused: true },
  circles: {
    name: 'paper circles, about 20 cm',
    unit: 'circle',
    reused: false,
    standIn: 'paper plates, or circles cut round a plate',
  },
  clock: {
    name: 'clocks to turn, made or bought',
    unit: 'clock',
    reused: true,
    standIn: 'the card clock that is printed with it',
  },
  clip: { name: NEEDS.clip.name, unit: 'set', reused: true, standIn: NEEDS.clip.standIn },
  counters: { name: 'counters, buttons or cubes', unit: 'handful', reused: true, standIn: NEEDS.counters.standIn },
} as const satisfies Record<string, Material>

export type MaterialId = keyof typeof materials
export const MATERIAL_IDS = Object.keys(materials) as readonly MaterialId[]

/** What does as well as a material that is not to hand; undefined where nothing does. */
export function standInFor(id: MaterialId): string | undefined {
  const material: Material = materials[id]
  return material.standIn
}
