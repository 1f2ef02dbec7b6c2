import { quoted } from '../../ui/titled'
import { Text } from '@mantine/core'
import type { ActivityWords } from '../../core/activities'

/** What is done and said with the children, in their language. */
export function StepWords({ words }: { words: Pick<ActivityWords<string>, 'steps' | 'say'> }) {
  return (
    <>
      <ol style={{ margin: 0, paddingLeft: 22 }}>
        {words.steps.map((text) => (
          <li key={text} style={{ marginBottom: 4 }}>
            {text}
          </li>
        ))}
      </ol>
      <Text fs="italic">{quoted(words.say)}</Text>
    </>
  )
}
