import type { HandAngles } from '../clock'
import { FAINT, INK, OAK, SLATE, type Shape, circlePath } from '../drawing'
import { faceShapes, handCut, hasPaperHands } from './parts'
import type { Measures, Recipe } from './recipe'
import { fasteners } from './stock'

/** Half of all that the put-together clock takes, mm. */
export function assembledReach(recipe: Recipe, m: Measures): number {
  const ring = recipe.ringOfFives && recipe.kind !== 'layered' ? 1.24 : 1.03
  return Math.max((m.faceMm / 2) * ring, recipe.backing === 'plate' ? m.plateMm / 2 : 0, m.minuteHandMm, m.secondHandMm)
}

/**
 * The clock put together, to scale about its pivot, its hands at two angles: backing, face, hands, hub,
 * fastener, from the table up. `apartMm` lifts each layer so far above the one under it.
 */
export function assembledShapes(recipe: Recipe, m: Measures, angles: HandAngles, apartMm = 0): Shape[] {
  const { hands, kind, backing } = recipe
  const hand = (
    name: 'hour' | 'minute' | 'second',
    length: number,
    width: number,
    turn: number,
    fill: string,
  ): Shape => ({
    type: 'group',
    part: `${name}-hand`,
    x: 0,
    y: 0,
    turn,
    shapes: [
      kind === 'dough'
        ? { type: 'line', layer: 'ink', x1: 0, y1: 0, x2: 0, y2: -length, stroke: fill, strokeMm: 6 }
        : {
            type: 'path',
            layer: 'ink',
            commands: handCut(name, length, width),
            fill,
            stroke: '#FFFFFF',
            strokeMm: 0.6,
          },
    ],
  })
  const width = fasteners[recipe.fastener].leastHandMm
  const layers: Shape[] = [
    ...(backing === 'plate'
      ? [
          {
            type: 'circle',
            layer: 'guide',
            cx: 0,
            cy: 0,
            r: m.plateMm / 2,
            fill: '#F0E8DB',
            stroke: FAINT,
            strokeMm: 0.5,
          } as const,
        ]
      : []),
    { type: 'group', part: 'face', x: 0, y: 0, shapes: faceShapes(recipe, m) },
    ...(kind === 'layered'
      ? [
          {
            type: 'path',
            layer: 'ink',
            commands: circlePath(0, 0, m.middleMm / 2),
            fill: '#FFFFFF',
            stroke: INK,
            strokeMm: 0.4,
          } as const,
        ]
      : []),
    ...(hands === 'minute' ? [] : [hand('hour', m.hourHandMm, m.hourWidthMm, angles.hour, OAK)]),
    ...(hands === 'hour' ? [] : [hand('minute', m.minuteHandMm, m.minuteWidthMm, angles.minute, SLATE)]),
    ...(recipe.secondHand && hasPaperHands(recipe) ? [hand('second', m.secondHandMm, width, 0, INK)] : []),
    ...(kind === 'layered'
      ? [
          {
            type: 'path',
            layer: 'ink',
            commands: circlePath(0, 0, m.hubMm / 2),
            fill: '#F8EAD9',
            stroke: INK,
            strokeMm: 0.4,
          } as const,
        ]
      : []),
    {
      type: 'circle',
      layer: 'ink',
      cx: 0,
      cy: 0,
      r: kind === 'dough' ? 12 : 4,
      fill: kind === 'dough' ? '#D9982B' : INK,
    },
  ]
  return layers.map((shape, i) => ({ type: 'group', x: 0, y: (layers.length / 2 - i) * apartMm, shapes: [shape] }))
}
