import { useEffect, useState } from 'react'
import { isOwnPicture, type PictureId, pictureShapes } from '../../core/days'
import { picturePath, pictureOf, shapeSvg } from '../../core/drawing'
import './pictures.css'

/** Whether the set has a picture no more: a later set may lack one that a row has. */
export function useIsMissing(id: PictureId | undefined): boolean {
  const [missing, setMissing] = useState<PictureId>()
  useEffect(() => {
    if (id === undefined || isOwnPicture(id)) return
    // The picture itself stands in a drawing, which does not say that it failed.
    const image = new Image()
    image.onerror = () => navigator.onLine && setMissing(id)
    image.src = picturePath(id, 'colour')
    return () => {
      image.onerror = null
    }
  }, [id])
  return id !== undefined && missing === id
}

/** A picture of what happens, as it is printed. */
export function Picture({ id }: { id: PictureId }) {
  const isMissing = useIsMissing(id)
  const shape = isMissing ? pictureOf(undefined, 20, 'colour') : pictureShapes(id, 20)
  return (
    <svg
      className="picture"
      viewBox="-10.5 -10.5 21 21"
      aria-hidden="true"
      dangerouslySetInnerHTML={{ __html: shapeSvg(shape) }}
    />
  )
}
