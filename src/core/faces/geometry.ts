/*
 * Where everything on a clock face lies, as shares of the face's radius. Dials, hands, made clocks, their pages and
 * their checks all read this file; what is drawn is read back and held to it by tests.
 *
 *     0        0.555    0.64      0.745     0.885  0.92  0.925  0.965   1   1.015
 *     pivot    hour     numerals  numeral's hour   minute hand  marks   rim rim line's
 *              hand     begin     middle    marks  marks        end         outside
 */

/** Marks of the hours are longer than those of the minutes; both end together. */
export const HOUR_MARK_FROM = 0.885
export const MINUTE_MARK_FROM = 0.92
export const MARK_TO = 0.965
export const RIM_TO = 1.015

/** The minute hand's tip lies on the minute marks, just past where they begin. */
export const MINUTE_HAND_REACH = 0.925
/** Of the minute hand: short enough to be told from it, and short of the numerals. */
export const HOUR_HAND_SHARE = 0.6
/** A hand of a made clock and a needle on a drawn one. */
export const SECOND_HAND_REACH = 0.92

export const NUMERAL_RADIUS = 0.745
export const NUMERAL_SIZE = 0.21
/** Words stay inside this, a hair short of where the numerals begin. */
export const WORDS_WITHIN = NUMERAL_RADIUS - NUMERAL_SIZE / 2 - 0.01
/** The hours in the order in which their numerals are placed by hand. */
export const NUMERAL_ORDER = [12, 6, 3, 9, 1, 2, 4, 5, 7, 8, 10, 11] as const

/** Marks to draw one's own clock by: the quarters are longer than the other hours. */
export const GUIDE_QUARTER_FROM = 0.86
export const GUIDE_HOUR_FROM = 0.9

/** On a layered clock the marks stand at the edge of its middle circle: shares of that circle's radius. */
export const LAYERED = { hourMarkFrom: 0.88, minuteMarkFrom: 0.93, markTo: 0.98, minuteHand: 0.95 } as const
