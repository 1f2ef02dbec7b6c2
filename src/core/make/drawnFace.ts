import { type Shape, CAP_HEIGHT, angleOnDial } from '../drawing'
import { MARK_TO, MINUTE_HAND_REACH, MINUTE_MARK_FROM, LAYERED, NUMERAL_RADIUS, NUMERAL_SIZE } from '../faces'
import { faceShapes } from './faceParts'
import { middleShapes } from './faceGuides'
import type { Measures, Recipe } from './recipe'

/** How far from the pivot things lie on a made clock, mm. */
export interface DrawnFace {
  /** Where the minute marks begin and end; on a face without them, where the child will draw them. */
  readonly marksFrom: number
  readonly marksTo: number
  readonly numeralsFrom: number
  /** A minute hand that lies well on the marks. */
  readonly usualReach: number
}

/** Read off the very shapes that are printed, so that a check cannot believe in marks that are elsewhere. */
export function drawnFace(recipe: Recipe, m: Measures): DrawnFace {
  const r = m.faceMm / 2
  const isLayered = recipe.kind === 'layered'
  const marks = marksIn(isLayered ? middleShapes(m) : faceShapes(recipe, m))
  const minutes = marks.filter(({ angle }) => Math.round(angle) % 30 !== 0)
  // A face to be drawn has marks of the hours alone.
  const read = minutes.length > 0 ? minutes : marks
  const numerals = numeralsIn(faceShapes(recipe, m))
  const usualNumerals = isLayered ? m.middleMm / 2 : r * (NUMERAL_RADIUS - NUMERAL_SIZE / 2)
  return {
    marksFrom: read.length > 0 ? Math.max(...read.map(({ from }) => from)) : r * MINUTE_MARK_FROM,
    marksTo: read.length > 0 ? Math.min(...read.map(({ to }) => to)) : r * MARK_TO,
    numeralsFrom: numerals.length > 0 ? Math.min(...numerals) : usualNumerals,
    usualReach: isLayered ? (m.middleMm / 2) * LAYERED.minuteHand : r * MINUTE_HAND_REACH,
  }
}

interface DrawnMark {
  readonly angle: number
  readonly from: number
  readonly to: number
}

/** The strokes that run straight away from the pivot, in the outer half of the face. */
function marksIn(shapes: readonly Shape[]): DrawnMark[] {
  const strokes = shapes.flatMap((shape) => {
    if (shape.type === 'line' && shape.layer === 'ink')
      return [
        [
          { x: shape.x1, y: shape.y1 },
          { x: shape.x2, y: shape.y2 },
        ] as const,
      ]
    if (shape.type !== 'path' || shape.layer !== 'ink') return []
    return shape.commands.flatMap((command, i) => {
      const next = shape.commands[i + 1]
      return command.op === 'M' && next?.op === 'L' ? [[command, next] as const] : []
    })
  })
  const distance = ({ x, y }: { readonly x: number; readonly y: number }) => Math.hypot(x, y)
  const outermost = Math.max(0, ...strokes.map(([, to]) => distance(to)))
  return strokes
    .map(([from, to]) => ({
      angle: angleOnDial(to.x, to.y),
      from: distance(from),
      to: distance(to),
      start: from,
      end: to,
    }))
    .filter(({ from, start, end }) => from > outermost / 2 && Math.abs(start.x * end.y - start.y * end.x) < 1e-6)
}

/** How near to the pivot each numeral comes, half its size about its middle. */
function numeralsIn(shapes: readonly Shape[]): number[] {
  return shapes.flatMap((shape) => {
    if (shape.type !== 'text' || !/^\d+$/.test(shape.text)) return []
    return [Math.hypot(shape.x, shape.y - (shape.size * CAP_HEIGHT) / 2) - shape.size / 2]
  })
}
