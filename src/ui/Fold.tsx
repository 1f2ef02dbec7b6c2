import { Accordion } from '@mantine/core'
import type { ReactNode } from 'react'

interface FoldProps {
  readonly title: ReactNode
  readonly className?: string
  readonly children: ReactNode
}

/** What is folded away until it is opened. */
export function Fold({ title, className, children }: FoldProps) {
  return (
    <Accordion className={`fold ${className ?? ''}`} chevronPosition="left" transitionDuration={0}>
      <Accordion.Item value="all" style={{ border: 0 }}>
        <Accordion.Control>{title}</Accordion.Control>
        <Accordion.Panel>{children}</Accordion.Panel>
      </Accordion.Item>
    </Accordion>
  )
}
