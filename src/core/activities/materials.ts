/** What can be to hand. What is `reused` serves every activity of a session; the rest is used up. */
export const materials = {
  paper: { name: 'printed pages', unit: 'page', reused: false },
  card: { name: 'card, 160 g/m²', unit: 'sheet', reused: false },
  scissors: { name: 'blunt-ended scissors', unit: 'pair', reused: true },
  fasteners: { name: 'paper fasteners', unit: 'fastener', reused: false },
  crayons: { name: 'crayons in two colours', unit: 'set', reused: true },
  dough: { name: 'play dough', unit: 'lump', reused: true },
  chalk: { name: 'chalk or floor markers', unit: 'stick', reused: true },
  rope: { name: 'rope or skipping ropes', unit: 'rope', reused: true },
  slates: { name: 'slates or scrap paper with pencils', unit: 'slate', reused: true },
  circles: { name: 'paper circles, about 20 cm', unit: 'circle', reused: false },
  counters: { name: 'counters, buttons or cubes', unit: 'handful', reused: true },
} as const

export type MaterialId = keyof typeof materials
