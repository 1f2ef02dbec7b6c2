import { FAINT, INK, MOSS } from '../../drawing'

/* How the lines of what is made look: what is cut and folded, and the small pictures of how it is made. */

export const CUT = { layer: 'cut', stroke: INK, strokeMm: 0.4 } as const
export const FOLD = { layer: 'fold', stroke: FAINT, strokeMm: 0.3, dashMm: [3, 2] } as const
/** An outline in a small picture. */
export const THIN = { stroke: INK, strokeMm: 0.35, fill: '#FFFFFF' } as const
/** A movement in a small picture. */
export const ARROW = { stroke: MOSS, strokeMm: 0.7 } as const
