import { fitSize, group, INK, OAK, type Shape, SLATE, textAt } from '../drawing'
import { handOutline } from '../faces'
import { languages, printedAs, type PrintedPhrase, type Wording } from '../wording'
import type { PartBox } from './layout'
import type { Recipe } from './recipe'
import { fasteners } from './stock'
import { LABEL_MM } from './partSizes'
import { cutLine, holeMarks } from './faceGuides'
import { label } from './strip'
import { tenth } from '../clock'

/** A hand that is cut out of paper, mm. */
export interface CutHand {
  readonly kind: 'hour' | 'minute' | 'second'
  readonly length: number
  readonly width: number
}

const HAND_LABELS = {
  hour: 'hour hand, {0} mm from the hole',
  minute: 'minute hand, {0} mm from the hole',
  second: 'second hand, {0} mm from the hole',
} as const satisfies Record<CutHand['kind'], PrintedPhrase>

/** A hand as it lies in its box on the page, with its hole and its name. */
export function lyingHand(box: PartBox, { kind, length, width }: CutHand, recipe: Recipe, wording: Wording): Shape[] {
  const commands = handCut(kind, length, width)
  const { onDial } = languages[wording.language].phrases
  const name = kind === 'second' ? printedAs('second', wording) : onDial[kind]
  const written: Shape[] = recipe.handLabels
    ? [
        group(
          [
            textAt(
              name,
              { x: width * 0.6, y: width * 0.16 },
              {
                size: fitSize(name, Math.min(6, width * 0.42), length - width, 'bold'),
                fill: kind === 'hour' ? OAK : kind === 'minute' ? SLATE : INK,
                weight: 'bold',
              },
            ),
          ],
          { turn: -90 },
        ),
      ]
    : []
  return [
    label(printedAs(HAND_LABELS[kind], wording, tenth(length))),
    group([cutLine(commands), ...holeMarks(fasteners[recipe.fastener].holeMm), ...written], {
      part: box.id,
      x: width,
      y: LABEL_MM + (box.height - LABEL_MM) / 2,
      turn: 90,
    }),
  ]
}

/** The outline that a hand is cut along, pointing at 12, its pivot at the origin. */
export function handCut(kind: 'hour' | 'minute' | 'second', length: number, width: number) {
  return handOutline(kind, { length, width, tail: width })
}
