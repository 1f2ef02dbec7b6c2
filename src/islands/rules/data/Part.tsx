import { Stack, Text, Title } from '@mantine/core'
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

/** Why the server refused something, beside the field. */
export function Refused({ error }: { error: Error | null }) {
  return error ? (
    <Text c="var(--attention)" role="alert">
      {error.message}
    </Text>
  ) : null
}
