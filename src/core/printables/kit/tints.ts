/** Light grounds that letters and hands can be read on; so that who cannot read the clock yet can name a colour. */
export const TINTS = ['#F7E6C9', '#DCEAF0', '#DDEBDD', '#F4DEDB'] as const

/** The ground of one of several things in a row or a round, so that neighbours differ. */
export function tintOf(place: number, of: number): string {
  // The last of five or nine would be as the first, beside which it lies.
  const isLikeFirst = place === of - 1 && place % TINTS.length === 0 && place > 0
  return TINTS[isLikeFirst ? 2 : place % TINTS.length] ?? TINTS[0]
}
