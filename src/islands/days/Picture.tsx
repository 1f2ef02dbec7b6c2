import { type PictureId, pictureShapes } from '../../core/days'
import { shapeSvg } from '../../core/drawing'

/** A picture of what happens, as it is printed. */
export function Picture({ id }: { id: PictureId }) {
  return (
    <svg
      className="days-picture"
      viewBox="-10.5 -10.5 21 21"
      aria-hidden="true"
      dangerouslySetInnerHTML={{ __html: shapeSvg(pictureShapes(id, 20)) }}
    />
  )
}
