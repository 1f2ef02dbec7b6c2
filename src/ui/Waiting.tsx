import { Text } from '@mantine/core'
import { useWaiting } from './answerQueue'

/** Answers that are still in this browser alone, and those that the server refused. */
export function Waiting() {
  const { waiting, refused } = useWaiting()
  return (
    <>
      {waiting > 0 && (
        <Text size="sm" c="var(--attention)" role="status">
          {waiting} {waiting === 1 ? 'answer is' : 'answers are'} kept here until Ripe Acorn can be reached again.
        </Text>
      )}
      {refused.length > 0 && (
        <Text size="sm" c="var(--attention)" role="alert">
          Not kept: {[...new Set(refused)].join(' ')}
        </Text>
      )}
    </>
  )
}
