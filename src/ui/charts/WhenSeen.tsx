import { useInViewport } from '@mantine/hooks'
import { type ReactNode, useState } from 'react'
import { useSettled } from '../later'

interface WhenSeenProps {
  /** As high as what comes, px, so that nothing jumps. */
  readonly height: number
  readonly children: ReactNode
}

/**
 * A place that is filled once it is in sight and the view stands: a chart takes a slow device half a second to draw, and
 * many are never looked at. What it shows stands in a table beside it too.
 */
export function WhenSeen({ height, children }: WhenSeenProps) {
  const { ref, inViewport } = useInViewport<HTMLDivElement>()
  const [isSeen, setSeen] = useState(false)
  const isSettled = useSettled()
  if (inViewport && isSettled && !isSeen) setSeen(true)
  return (
    <div ref={ref} style={{ minHeight: height }} className="chart">
      {isSeen && children}
    </div>
  )
}
