import { describe, expect, it } from 'vitest'
import { problemsOf } from '../../../../tests/readback/prints'
import type { Drawing, Shape } from '../../drawing'
import type { Print, PrintOptions } from '..'
import { foldAndChoose } from './foldAndChoose'

const options: PrintOptions = {
  paper: 'a4',
  wording: { language: 'en-GB', form: 'turns' },
  rung: 'quarters',
  count: 1,
}

/** Every group of a drawing, changed. */
function withGroups(drawing: Drawing, change: (group: Extract<Shape, { type: 'group' }>) => Shape[]): Drawing {
  const inside = (shapes: readonly Shape[]): Shape[] =>
    shapes.flatMap((shape) => (shape.type === 'group' ? change({ ...shape, shapes: inside(shape.shapes) }) : [shape]))
  return { ...drawing, shapes: inside(drawing.shapes) }
}

const spoilt = (print: Print, change: (group: Extract<Shape, { type: 'group' }>) => Shape[]) =>
  problemsOf(foldAndChoose.id, { ...print, pages: print.pages.map((page) => withGroups(page, change)) }, options)

describe('a square to fold', () => {
  const print = foldAndChoose.make(options, 5)
  const named = (name: string, change: (group: Extract<Shape, { type: 'group' }>) => Shape[]) =>
    spoilt(print, (group) => (group.part === name ? change(group) : [group]))

  it('is right as it is', () => {
    expect(spoilt(print, (group) => [group])).toEqual([])
  })

  it('is found out where a time, or what lies under it, is upside down', () => {
    const over = (group: Extract<Shape, { type: 'group' }>) => [{ ...group, turn: (group.turn ?? 0) + 180 }]
    expect(named('flap-6', over).join()).toContain('a time on a flap is not upright')
    expect(named('under-6', over).join()).toContain('a clock under a flap is not upright')
    expect(named('outer-1', over).join()).toContain('a clock outside has its top elsewhere')
  })

  it('is found out where a clock lies under its neighbour, or under no flap', () => {
    expect(named('under-4', (group) => [{ ...group, y: -group.y }]).join()).toContain('under another time')
    expect(named('under-4', (group) => [{ ...group, x: group.x - 25 }]).join()).toContain('something lies on middle')
  })

  it('is found out where a crease is missing, or the paper is no square', () => {
    const lines = (change: (shapes: readonly Shape[]) => readonly Shape[]) =>
      named('fold-lines', (group) => [{ ...group, shapes: change(group.shapes) }]).join()
    expect(lines((shapes) => shapes.slice(0, -1))).toContain('creases')
    const isCut = (shape: Shape) => shape.type === 'path' && shape.layer === 'cut'
    const longer = (shapes: readonly Shape[]) =>
      shapes.map((shape): Shape =>
        isCut(shape) && shape.type === 'path'
          ? {
              ...shape,
              commands: shape.commands.map((each) => ('y' in each && each.y > 0 ? { ...each, y: each.y + 1 } : each)),
            }
          : shape,
      )
    expect(lines(longer)).toContain('a square of 184 by 185 mm')
  })
})
