/* How far off something may be and still count: every such figure of the core, in one place. */

/** Hands closer than this (degrees) hide each other. */
export const HIDING_GAP_DEG = 12

/** Hour-hand errors smaller than this (degrees) pass as exact on a hand-set clock: four minutes' worth. */
export const HOUR_HAND_TOLERANCE_DEG = 7

/** The same at the first whole hours, where the hour hand is only just met: half of the way to the next numeral. */
export const FIRST_HOURS_TOLERANCE_DEG = 15

/** A hand set by a child counts as being where it was meant when it is this close (degrees): one minute mark. */
export const HAND_SET_TOLERANCE_DEG = 6

/** A marker of a floor clock that is further off (minutes) changes what is read. */
export const MARKER_TOLERANCE_MINUTES = 0.5

/** Tapes are read to a centimetre or two: circles that miss each other by less (mm) still touch. */
export const TAPE_TOLERANCE_MM = 30
