import { CAP_HEIGHT, pointOnDial, type Shape, SLATE, textAt } from '../drawing'

/**
 * The smallest letters that a printed dial has, em in mm: on a small clock its words and counts take a larger share of
 * it.
 */
export const LEAST_LETTERS_MM = 2.4

/** The em of what stands on a face of radius `r`: a share of it, and never too small to read. */
export const lettersOn = (r: number, share: number): number => Math.max(r * share, LEAST_LETTERS_MM)

const RING_SHARE = 0.125
/**
 * Where the ring of fives begins, as a share of the face's radius, and how far it reaches beyond that, in its letters'
 * ems.
 */
const RING_FROM = 1.0625
const RING_REACH = 1.42

/** The radius of a face with its ring of fives. */
export const ringExtent = (r: number): number => r * RING_FROM + RING_REACH * lettersOn(r, RING_SHARE)

/** The face whose ring of fives just stays within `room` mm of its centre. */
export function faceInRing(room: number): number {
  const r = room / (RING_FROM + RING_REACH * RING_SHARE)
  return r * RING_SHARE >= LEAST_LETTERS_MM ? r : (room - RING_REACH * LEAST_LETTERS_MM) / RING_FROM
}

/** 5, 10 … 60 in a ring outside the face. */
export function ringOfFives(r: number): Shape[] {
  const size = lettersOn(r, RING_SHARE)
  return Array.from({ length: 12 }, (_, i) => {
    const at = pointOnDial((i + 1) * 30, r * RING_FROM + size / 2)
    return textAt(
      String((i + 1) * 5),
      { x: at.x, y: at.y + (size * CAP_HEIGHT) / 2 },
      { size, anchor: 'middle', fill: SLATE },
    )
  })
}
