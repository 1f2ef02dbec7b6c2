import {
  circle,
  circlePath,
  INK,
  line,
  path,
  type PathCommand,
  type Point,
  pointOnDial,
  polygonPath,
  type Shape,
} from '../../drawing'
import type { Random } from '../../random'
import { shuffled } from '../../random'
import { tintOf } from '../kit/tints'
import { CUT } from '../kit/looks'

/*
 * A face cut into equal sectors about a round middle. On each line between two sectors a round tab of one goes into the
 * other, on every line as far from the middle as on no other: so each piece fits one neighbour only. All in mm.
 */

export const FACE_MM = 80
export const HUB_MM = 15
/** How far a tab goes into the next piece. */
const TAB_MM = 4
/** So far the tabs keep from the middle and from the rim. */
const EDGE_MM = 2
/** Points of a tab's half circle, close enough for a smooth line. */
const TAB_POINTS = 16

/** How far the middle of the tab on each line is from the middle of the face: as far apart as there is room for. */
export function tabPlaces(random: Random, pieces: number): number[] {
  const [from, to] = [HUB_MM + EDGE_MM + TAB_MM, FACE_MM - EDGE_MM - TAB_MM]
  return shuffled(
    random,
    Array.from({ length: pieces }, (_, i) => from + ((to - from) * i) / (pieces - 1)),
  )
}

/** Of the line after a piece, degrees clockwise: the first piece has 12 in it or begins with it. */
export const turnOfLine = (piece: number, pieces: number): number => (360 * (piece + 1)) / pieces - 15

/** From the middle to the rim, with its tab to the right. */
function tabbed(turn: number, tab: number, { from, to }: { from: number; to: number }): Point[] {
  const round = Array.from({ length: TAB_POINTS + 1 }, (_, i) => {
    const angle = (Math.PI * i) / TAB_POINTS
    return { out: tab - TAB_MM * Math.cos(angle), aside: TAB_MM * Math.sin(angle) }
  })
  const [sine, cosine] = [Math.sin((turn * Math.PI) / 180), Math.cos((turn * Math.PI) / 180)]
  return [{ out: from, aside: 0 }, ...round, { out: to, aside: 0 }].map(({ out, aside }) => ({
    x: sine * out + cosine * aside,
    y: -cosine * out + sine * aside,
  }))
}

const scaled = ({ x, y }: Point, k: number): Point => ({ x: x * k, y: y * k })

/** The outline of a piece: up its first line, round the rim, down its second, round the middle. */
function pieceOutline(piece: number, tabs: readonly number[], k = 1): PathCommand[] {
  const count = tabs.length
  const before = (piece + count - 1) % count
  const [first, second] = [before, piece].map((each) =>
    tabbed(turnOfLine(each, count), tabs[each] ?? FACE_MM / 2, { from: HUB_MM, to: FACE_MM }).map((point) =>
      scaled(point, k),
    ),
  )
  const [up = [], down = []] = [first, [...(second ?? [])].reverse()]
  const [rim = { x: 0, y: 0 }, hub = { x: 0, y: 0 }] = [down[0], up[0]]
  return [
    ...polygonPath(up, { isClosed: false }),
    { op: 'A', r: FACE_MM * k, large: false, sweep: true, ...rim },
    ...polygonPath(down, { isClosed: false }).slice(1),
    { op: 'A', r: HUB_MM * k, large: false, sweep: false, ...hub },
    { op: 'Z' },
  ]
}

/** The grounds of the pieces. */
export function pieceGrounds(tabs: readonly number[]): Shape[] {
  return tabs.map((_, piece) => path(pieceOutline(piece, tabs), { fill: tintOf(piece, tabs.length) }))
}

/** What the pieces are cut along, each line once. */
export function pieceLines(tabs: readonly number[]): Shape[] {
  return [
    path(circlePath(0, 0, FACE_MM), CUT),
    path(circlePath(0, 0, HUB_MM), CUT),
    ...tabs.map((tab, i) =>
      path(
        polygonPath(tabbed(turnOfLine(i, tabs.length), tab, { from: HUB_MM, to: FACE_MM }), { isClosed: false }),
        CUT,
      ),
    ),
  ]
}

const THIN = { stroke: INK, strokeMm: 0.3 } as const

/** The pieces in small: apart, coming together, whole with hands, and beside a card. */
export function piecePictures(tabs: readonly number[], half: number): readonly (readonly Shape[])[] {
  const k = (half - 2) / FACE_MM
  const pieces = (apart: number, shown = tabs.length): Shape[] =>
    tabs.slice(0, shown).map((_, piece) => {
      const middle = pointOnDial(turnOfLine(piece, tabs.length) - 180 / tabs.length, apart)
      return {
        type: 'group',
        x: middle.x,
        y: middle.y,
        shapes: [path(pieceOutline(piece, tabs, k), { ...THIN, fill: tintOf(piece, tabs.length) })],
      }
    })
  const hub = circle({ x: 0, y: 0 }, HUB_MM * k, { ...THIN, fill: '#FFFFFF' })
  const hands = [
    line({ x: 0, y: 0 }, pointOnDial(120, half * 0.42), { stroke: INK, strokeMm: 1.4 }),
    line({ x: 0, y: 0 }, pointOnDial(0, half * 0.7), { stroke: INK, strokeMm: 0.9 }),
  ]
  return [
    [...pieces(3.2), hub],
    [...pieces(0.2, Math.ceil(tabs.length * 0.7)), hub],
    [...pieces(0), hub, ...hands],
  ]
}
