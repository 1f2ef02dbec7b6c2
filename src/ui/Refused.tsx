import { Text } from '@mantine/core'

/** Why the server refused what was sent. */
export function Refused({ error }: { error: Error | null }) {
  return error ? (
    <Text c="var(--attention)" role="alert">
      {error.message}
    </Text>
  ) : null
}
