import { greyOf } from './colour'
import { type Drawing, INK, type Shape } from './model'

/** A drawing with each colour as the grey that is as light. */
export function greyed(drawing: Drawing): Drawing {
  return { ...drawing, shapes: drawing.shapes.map(greyedShape) }
}

function greyedShape(shape: Shape): Shape {
  switch (shape.type) {
    case 'group':
      return { ...shape, shapes: shape.shapes.map(greyedShape) }
    case 'picture':
      return shape.look === 'colour' ? { ...shape, look: 'grey' } : shape
    case 'text':
      return { ...shape, fill: greyOf(shape.fill ?? INK) }
    default: {
      const { fill, stroke } = shape
      const grey = (colour: string) => (colour === 'none' ? colour : greyOf(colour))
      return { ...shape, ...(fill && { fill: grey(fill) }), ...(stroke && { stroke: grey(stroke) }) }
    }
  }
}
