import { Stack, Title } from '@mantine/core'
import type { ReactNode } from 'react'

/** One part of Your data. */
export function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Stack gap="sm" className="sheet" component="section" aria-label={title}>
      <Title order={2} size="h4">
        {title}
      </Title>
      {children}
    </Stack>
  )
}
