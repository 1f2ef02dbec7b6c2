/**
 * Counts that the tie starts with: as if so many misreadings had been seen held everywhere, and in some places only.
 */
export const TIE = { everywhere: 1, somewhere: 3 } as const

/** How many findings were held in all the places that were asked, and how many in some of them only. */
export interface TieCounts {
  readonly everywhere: number
  readonly somewhere: number
}

/** The mean of the Beta distribution after these findings. */
export function tieAfter({ everywhere, somewhere }: TieCounts): number {
  const [a, b] = [TIE.everywhere + everywhere, TIE.somewhere + somewhere]
  return a / (a + b)
}
