import { useMemo } from 'react'
import { type Drawing, toSvg } from '../core/drawing'

/** A drawing as it is printed, as wide as its place. It is the same SVG that is saved to a file. */
export function DrawingView({ drawing, label }: { drawing: Drawing; label: string }) {
  const svg = useMemo(() => toSvg(drawing), [drawing])
  // The core escapes every text in it.
  return <div className="drawing" role="img" aria-label={label} dangerouslySetInnerHTML={{ __html: svg }} />
}
