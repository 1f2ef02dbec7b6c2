import { group, type Point, type Shape } from '../../drawing'
import { type DialOptions, dialShapes, faceWithin } from '../../faces'
import type { Item } from '../../teaching'
import { languages } from '../../wording'
import type { PrintOptions } from './choices'

/** What the level of help and the house rules put on a dial. */
export function dialLook({ helps = 0, lowInk, wording }: PrintOptions): Partial<DialOptions> {
  const words = languages[wording.language].phrases.onDial
  return { ringOfFives: helps >= 1, halves: helps >= 2, handLabels: helps >= 3, words, lowInk }
}

/** Where a dial lies: its centre, and the room that it has each way, mm. */
export interface DialPlace extends Point {
  readonly room: number
}

/** A dial centred on a point that takes `room` mm each way. */
export function dialAt(
  minute: number,
  { x, y, room }: DialPlace,
  options: PrintOptions,
  more: Partial<DialOptions> = {},
): Shape {
  const look = { ...dialLook(options), ...more }
  const radius = faceWithin(room, look.ringOfFives)
  return group(dialShapes(minute, { radius, ...look }), { part: 'dial', x, y })
}

/** The dial that an item shows, with the hands that it shows. */
export function itemDial(item: Item, place: DialPlace, options: PrintOptions): Shape {
  return dialAt(item.shown.minute, place, options, { hands: item.shown.as === 'dial' ? item.shown.hands : 'both' })
}
