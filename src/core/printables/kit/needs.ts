import { told, type Told } from '../../wording'
/** What a print needs besides the printer, and what stands in for it at home. */
export const NEEDS = {
  pencils: { name: told('pencils'), standIn: told('any that write') },
  colours: { name: told('pencils in two colours'), standIn: told('one pencil and one pen') },
  scissors: { name: told('blunt-ended scissors'), standIn: undefined },
  card: { name: told('card, 160 g/m²'), standIn: told('paper stuck on a cereal box') },
  glue: { name: told('a glue stick'), standIn: told('sticky tape') },
  counters: { name: told('counters'), standIn: told('cubes, buttons, pom-poms or pasta') },
  fastener: { name: told('a paper fastener'), standIn: told('thread with a knot on either side') },
  clip: { name: told('a pencil and a paper clip to twirl'), standIn: told('the printed arrow on a fastener') },
  dough: { name: told('dough in two colours'), standIn: told('the two strips, cut from card') },
  tape: { name: told('tape'), standIn: told('a clothes-peg each; nothing round the neck') },
  ruler: { name: told('a ruler'), standIn: told('the edge of a book') },
  clock: { name: told('a clock to turn'), standIn: told('one made of paper') },
} as const satisfies Record<string, { readonly name: Told; readonly standIn: Told | undefined }>

export type NeedId = keyof typeof NEEDS
