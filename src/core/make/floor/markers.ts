import { type Told, told } from '../../wording'
import { pointOnDial } from '../../drawing'

export interface MarkerPlace {
  /** 0 is 12. */
  readonly minute: number
  /** From the centre, facing 12, mm; left and back are negative. */
  readonly rightMm: number
  readonly aheadMm: number
  /** On the page or the ground, with 12 turned `turnDeg` clockwise from straight ahead. */
  readonly x: number
  readonly y: number
}

/** Where the marker of a minute (0 to 59) lies. */
export function markerPlace(minute: number, radiusMm: number, turnDeg = 0): MarkerPlace {
  const own = pointOnDial(minute * 6, radiusMm)
  const turned = pointOnDial(minute * 6 + turnDeg, radiusMm)
  return { minute, rightMm: own.x, aheadMm: 0 - own.y, ...turned }
}

/** Where the marker of an hour (1 to 12) lies. */
export function hourPlace(hour: number, radiusMm: number, turnDeg = 0): MarkerPlace {
  return markerPlace((hour % 12) * 5, radiusMm, turnDeg)
}

/** The twelve hours, 1 first, with where their markers lie. */
export function hourPlaces(radiusMm: number): (MarkerPlace & { readonly hour: number })[] {
  return Array.from({ length: 12 }, (_, i) => ({ hour: i + 1, ...hourPlace(i + 1, radiusMm) }))
}

/** Less than this, mm, is on the line: nobody sets out closer. */
const ON_THE_LINE_MM = 1

/** Where a marker lies for somebody who stands in the centre and faces 12: to which side, and how far ahead or back. */
export interface Offsets {
  readonly aside: 'right' | 'left' | 'on the line'
  readonly asideMm: number
  readonly along: 'ahead' | 'back' | 'level'
  readonly alongMm: number
}

/** A marker's place as it is walked: distances in mm, never below 0. */
export function offsetsOf({ rightMm, aheadMm }: Pick<MarkerPlace, 'rightMm' | 'aheadMm'>): Offsets {
  const [asideMm, alongMm] = [Math.abs(rightMm), Math.abs(aheadMm)]
  return {
    aside: asideMm < ON_THE_LINE_MM ? 'on the line' : rightMm > 0 ? 'right' : 'left',
    asideMm,
    along: alongMm < ON_THE_LINE_MM ? 'level' : aheadMm > 0 ? 'ahead' : 'back',
    alongMm,
  }
}

/**
 * The minutes in the order in which their markers are placed: 12 and 6, 3 and 9, the hours between, then the small
 * ones.
 */
export function placingOrder(): { readonly step: Told; readonly minutes: readonly number[] }[] {
  const small = Array.from({ length: 60 }, (_, minute) => minute).filter((minute) => minute % 5 !== 0)
  return [
    { step: told('12 and 6 on one line through the centre'), minutes: [0, 30] },
    { step: told('3 and 9 at a right angle to it'), minutes: [15, 45] },
    {
      step: told('two hours between each pair, with the string from hour to hour'),
      minutes: [5, 10, 20, 25, 35, 40, 50, 55],
    },
    { step: told('four small ones between each pair, with the string from minute to minute'), minutes: small },
  ]
}
