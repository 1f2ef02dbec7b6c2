import { Accordion } from '@mantine/core'
import { type ReactNode, useState } from 'react'

interface FoldProps {
  readonly title: ReactNode
  readonly className?: string
  /** What is long is drawn once it is opened for the first time. */
  readonly isLong?: boolean
  readonly children: ReactNode
}

/** What is folded away until it is opened. */
export function Fold({ title, className, isLong = false, children }: FoldProps) {
  const [wasOpened, setOpened] = useState(!isLong)
  return (
    <Accordion
      className={`fold ${className ?? ''}`}
      chevronPosition="left"
      transitionDuration={0}
      onChange={() => setOpened(true)}
    >
      <Accordion.Item value="all" style={{ border: 0 }}>
        <Accordion.Control>{title}</Accordion.Control>
        <Accordion.Panel>{wasOpened && children}</Accordion.Panel>
      </Accordion.Item>
    </Accordion>
  )
}
