import type { HandAngles } from '../clock'
import { FAINT, INK, OAK, SLATE, type Shape, circlePath, line, path, group, circle } from '../drawing'
import { type CutHand, handCut } from './handParts'
import { faceShapes } from './faceParts'
import { hasPaperHands } from './paperHands'
import type { Measures, Recipe } from './recipe'
import { fasteners } from './stock'

/** Layers shown one above the other lie so far apart, a share of the face, and take so much more room. */
const APART = 0.16
const ROOM_APART = 1.6

/** How far each layer is lifted above the one under it where they are shown apart, mm. */
export function layersApart({ faceMm }: Measures): number {
  return faceMm * APART
}

/** Half of all that the put-together clock takes, mm; more where its layers are shown apart. */
export function assembledReach(recipe: Recipe, m: Measures, isApart = false): number {
  return reachTogether(recipe, m) * (isApart ? ROOM_APART : 1)
}

function reachTogether(recipe: Recipe, m: Measures): number {
  const ring = recipe.ringOfFives && recipe.kind !== 'layered' ? 1.24 : 1.03
  return Math.max((m.faceMm / 2) * ring, recipe.backing === 'plate' ? m.plateMm / 2 : 0, m.minuteHandMm, m.secondHandMm)
}

/**
 * The clock put together, to scale about its pivot, its hands at two angles: backing, face, hands, hub,
 * fastener, from the table up. `apartMm` lifts each layer so far above the one under it.
 */
export function assembledShapes(recipe: Recipe, m: Measures, angles: HandAngles, apartMm = 0): Shape[] {
  const { hands, kind, backing } = recipe
  const hand = ({ kind: name, length, width }: CutHand, turn: number, fill: string): Shape =>
    group(
      [
        kind === 'dough'
          ? line({ x: 0, y: 0 }, { x: 0, y: -length }, { stroke: fill, strokeMm: 6 })
          : path(handCut(name, length, width), { fill, stroke: '#FFFFFF', strokeMm: 0.6 }),
      ],
      { part: `${name}-hand`, turn },
    )
  const width = fasteners[recipe.fastener].leastHandMm
  const layers: Shape[] = [
    ...(backing === 'plate'
      ? [circle({ x: 0, y: 0 }, m.plateMm / 2, { layer: 'guide', fill: '#F0E8DB', stroke: FAINT, strokeMm: 0.5 })]
      : []),
    group(faceShapes(recipe, m), { part: 'face' }),
    ...(kind === 'layered'
      ? [path(circlePath(0, 0, m.middleMm / 2), { fill: '#FFFFFF', stroke: INK, strokeMm: 0.4 })]
      : []),
    ...(hands === 'minute'
      ? []
      : [hand({ kind: 'hour', length: m.hourHandMm, width: m.hourWidthMm }, angles.hour, OAK)]),
    ...(hands === 'hour'
      ? []
      : [hand({ kind: 'minute', length: m.minuteHandMm, width: m.minuteWidthMm }, angles.minute, SLATE)]),
    ...(recipe.secondHand && hasPaperHands(recipe)
      ? [hand({ kind: 'second', length: m.secondHandMm, width }, 0, INK)]
      : []),
    ...(kind === 'layered'
      ? [path(circlePath(0, 0, m.hubMm / 2), { fill: '#F8EAD9', stroke: INK, strokeMm: 0.4 })]
      : []),
    circle({ x: 0, y: 0 }, kind === 'dough' ? 12 : 4, { fill: kind === 'dough' ? '#D9982B' : INK }),
  ]
  return layers.map((shape, i) => group([shape], { x: 0, y: (layers.length / 2 - i) * apartMm }))
}
