/** What a print needs besides the printer, and what stands in for it at home. */
export const NEEDS = {
  pencils: { name: 'pencils', standIn: 'any that write' },
  colours: { name: 'pencils in two colours', standIn: 'one pencil and one pen' },
  scissors: { name: 'blunt-ended scissors', standIn: undefined },
  card: { name: 'card, 160 g/m²', standIn: 'paper stuck on a cereal box' },
  glue: { name: 'a glue stick', standIn: 'sticky tape' },
  counters: { name: 'counters', standIn: 'cubes, buttons, pom-poms or pasta' },
  clip: { name: 'a pencil and a paper clip to twirl', standIn: 'the printed arrow on a fastener' },
  dough: { name: 'dough in two colours', standIn: 'the two strips, cut from card' },
  tape: { name: 'tape', standIn: 'a clothes-peg each; nothing round the neck' },
  ruler: { name: 'a ruler', standIn: 'the edge of a book' },
  clock: { name: 'a clock to turn', standIn: 'one made of paper' },
} as const satisfies Record<string, { readonly name: string; readonly standIn: string | undefined }>

export type NeedId = keyof typeof NEEDS
