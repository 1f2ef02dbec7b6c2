import { told, type Told } from '../wording'
import { NEEDS } from '../printables/kit/needs'

interface Material {
  readonly name: Told
  readonly unit: Told
  /** Serves every activity of a session; the rest is used up. */
  readonly reused: boolean
  /** What does as well where it is not to hand. */
  readonly standIn?: Told
}

/** What can be to hand. */
export const materials = {
  paper: { name: told('printed pages'), unit: told('page'), reused: false },
  card: { name: told('card, 160 g/m²'), unit: told('sheet'), reused: false, standIn: NEEDS.card.standIn },
  scissors: {
    name: told('blunt-ended scissors'),
    unit: told('pair'),
    reused: true,
    standIn: told('an adult cuts beforehand'),
  },
  fasteners: {
    name: told('paper fasteners'),
    unit: told('fastener'),
    reused: false,
    standIn: told('two hairpins a clock, or a pipe cleaner with its ends folded in'),
  },
  crayons: { name: told('crayons in two colours'), unit: told('set'), reused: true, standIn: NEEDS.colours.standIn },
  dough: { name: told('play dough'), unit: told('lump'), reused: true, standIn: NEEDS.dough.standIn },
  chalk: {
    name: told('chalk or floor markers'),
    unit: told('stick'),
    reused: true,
    standIn: told('tape, or slips of paper'),
  },
  rope: {
    name: told('rope or skipping ropes'),
    unit: told('rope'),
    reused: true,
    standIn: told('wool, or scarves laid end to end'),
  },
  slates: { name: told('slates or scrap paper with pencils'), unit: told('slate'), reused: true },
  circles: {
    name: told('paper circles, about 20 cm'),
    unit: told('circle'),
    reused: false,
    standIn: told('paper plates, or circles cut round a plate'),
  },
  clock: {
    name: told('clocks to turn, made or bought'),
    unit: told('clock'),
    reused: true,
    standIn: told('the card clock that is printed with it'),
  },
  clip: { name: NEEDS.clip.name, unit: told('set'), reused: true, standIn: NEEDS.clip.standIn },
  counters: {
    name: told('counters, buttons or cubes'),
    unit: told('handful'),
    reused: true,
    standIn: NEEDS.counters.standIn,
  },
} as const satisfies Record<string, Material>

export type MaterialId = keyof typeof materials
export const MATERIAL_IDS = Object.keys(materials) as readonly MaterialId[]

/** What does as well as a material that is not to hand; undefined where nothing does. */
export function standInFor(id: MaterialId): Told | undefined {
  const material: Material = materials[id]
  return material.standIn
}
