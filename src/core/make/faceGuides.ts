import { centredText, circle, circlePath, FAINT, INK, line, path, pointOnDial, type Shape } from '../drawing'
import { GUIDE_HOUR_FROM, GUIDE_QUARTER_FROM, LAYERED, MARK_TO, NUMERAL_RADIUS, NUMERAL_SIZE } from '../faces'
import type { Measures, Recipe } from './recipe'

/** A face to be drawn by the child: quarter marks, then hour marks and numerals to trace; fading to nothing. */
export function guideShapes(radius: number, guides: Recipe['guides'], lowInk: boolean): Shape[] {
  const edge: Shape = circle({ x: 0, y: 0 }, radius, { stroke: INK, strokeMm: 0.6, fill: lowInk ? 'none' : '#FFFFFF' })
  const mark = (hour: number): Shape => {
    const [a, b] = [
      pointOnDial(hour * 30, radius * (hour % 3 === 0 ? GUIDE_QUARTER_FROM : GUIDE_HOUR_FROM)),
      pointOnDial(hour * 30, radius * MARK_TO),
    ]
    return line(a, b, { stroke: INK, strokeMm: hour % 3 === 0 ? 0.9 : 0.4 })
  }
  const cross: Shape[] = holeMarks(1)
  if (guides === 'none') return [edge]
  if (guides === 'centre') return [edge, ...cross]
  if (guides === 'quarters') return [edge, ...cross, ...[0, 3, 6, 9].map(mark)]
  const numerals = Array.from({ length: 12 }, (_, i): Shape => {
    const at = pointOnDial((i + 1) * 30, radius * NUMERAL_RADIUS)
    return centredText(String(i + 1), { x: at.x, y: at.y }, { size: radius * NUMERAL_SIZE, fill: FAINT })
  })
  return [edge, ...cross, ...Array.from({ length: 12 }, (_, hour) => mark(hour)), ...numerals]
}

/** The middle circle carries the sixty marks at its edge. */
export function middleShapes(m: Measures): Shape[] {
  const r = m.middleMm / 2 - 0.2
  const marks = Array.from({ length: 60 }, (_, minute): Shape => {
    const isHour = minute % 5 === 0
    const [a, b] = [
      pointOnDial(minute * 6, r * (isHour ? LAYERED.hourMarkFrom : LAYERED.minuteMarkFrom)),
      pointOnDial(minute * 6, r * LAYERED.markTo),
    ]
    return line(a, b, { stroke: INK, strokeMm: isHour ? 0.9 : 0.35 })
  })
  return [...marks, cutLine(circlePath(0, 0, r))]
}

/** A line along which scissors go. */
export function cutLine(commands: Extract<Shape, { type: 'path' }>['commands']): Shape {
  return path(commands, { layer: 'cut', stroke: INK, strokeMm: 0.35 })
}

/** Where the adult makes the hole: its true size, with a cross through the centre; nothing for 0. */
export function holeMarks(holeMm: number): Shape[] {
  if (holeMm === 0) return []
  const reach = holeMm / 2 + 1.5
  const stroke = (x1: number, y1: number, x2: number, y2: number): Shape =>
    line({ x: x1, y: y1 }, { x: x2, y: y2 }, { layer: 'guide', stroke: FAINT, strokeMm: 0.2 })
  return [
    circle({ x: 0, y: 0 }, holeMm / 2, { layer: 'guide', stroke: FAINT, strokeMm: 0.25, fill: '#FFFFFF' }),
    stroke(-reach, 0, reach, 0),
    stroke(0, -reach, 0, reach),
  ]
}
