import { useInViewport } from '@mantine/hooks'
import { type ReactNode, useState } from 'react'

interface WhenSeenProps {
  /** As high as what comes, px, so that nothing jumps. */
  readonly height: number
  readonly children: ReactNode
}

/** A place that is filled once it comes into sight: charts are heavy, and many are never looked at. */
export function WhenSeen({ height, children }: WhenSeenProps) {
  const { ref, inViewport } = useInViewport<HTMLDivElement>()
  const [isSeen, setSeen] = useState(false)
  if (inViewport && !isSeen) setSeen(true)
  return (
    <div ref={ref} style={{ minHeight: height }} className="chart">
      {isSeen && children}
    </div>
  )
}
