import type { Drawing, PathCommand, Shape } from '../../src/core/drawing'
import { type Print, type PrintOptions, type PrintableId, printableOf } from '../../src/core/printables'
import { problemsOf } from './prints'

/* Prints with a fault planted in them, to see that their checker finds it. */

export type GroupShape = Extract<Shape, { type: 'group' }>
type Change = (group: GroupShape) => GroupShape

/** Every group of a drawing, changed. */
function withGroups(drawing: Drawing, change: Change): Drawing {
  const inside = (shapes: readonly Shape[]): Shape[] =>
    shapes.map((shape) => (shape.type === 'group' ? change({ ...shape, shapes: inside(shape.shapes) }) : shape))
  return { ...drawing, shapes: inside(drawing.shapes) }
}

/** What its checker says of a print in which the part of a name was changed; `''` is none. Throws where there is none. */
export function spoiling(id: PrintableId, options: PrintOptions, seed = 5) {
  const print: Print = printableOf(id).make(options, seed)
  return (name: string, change: Change): string => {
    let found = name === ''
    const pages = print.pages.map((page) =>
      withGroups(page, (group) => {
        if (group.part !== name) return group
        found = true
        return change(group)
      }),
    )
    if (!found) throw new Error(`no part is called ${name}`)
    return problemsOf(id, { ...print, pages }, options).join('\n')
  }
}

export const isCut = (shape: Shape): boolean => shape.type !== 'group' && shape.layer === 'cut'

export const asItIs: Change = (group) => group
export const turned =
  (degrees: number): Change =>
  (group) => ({ ...group, turn: (group.turn ?? 0) + degrees })
export const moved =
  (x: number, y: number): Change =>
  (group) => ({ ...group, x: group.x + x, y: group.y + y })
export const emptied: Change = (group) => ({ ...group, shapes: [] })
export const without =
  (isGone: (shape: Shape, i: number) => boolean): Change =>
  (group) => ({ ...group, shapes: group.shapes.filter((shape, i) => !isGone(shape, i)) })
export const changed =
  (change: (shape: Shape) => Shape): Change =>
  (group) => ({ ...group, shapes: group.shapes.map(change) })

/** A path whose points are moved. */
export const bent =
  (move: (at: { x: number; y: number }) => { x: number; y: number }, isMeant: (shape: Shape) => boolean = () => true) =>
  (shape: Shape): Shape =>
    shape.type === 'path' && isMeant(shape)
      ? {
          ...shape,
          commands: shape.commands.map((each): PathCommand => ('y' in each ? { ...each, ...move(each) } : each)),
        }
      : shape
