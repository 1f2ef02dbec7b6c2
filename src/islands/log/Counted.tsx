import { List, Text } from '@mantine/core'
import { type CountLine, type GroupCount, type Settings, wordingOf } from '../../core/records'
import { type Item, isRight, sayAnswer } from '../../core/teaching'

/** What was counted of the whole group in its games: how many showed the time, and how many another one. */
export function Counted({ counts, settings }: { counts: readonly GroupCount[]; settings: Settings }) {
  const wording = wordingOf(settings)
  const said = (item: Item, { value, helped, count }: CountLine) => {
    if (!isRight(item, value)) return `${count} showed ${sayAnswer(item, value, wording)}`
    return helped ? `${count} nearly` : `${count} there`
  }
  return (
    <section aria-label="Counted in games">
      <Text fw={700}>Counted in games, for the whole group</Text>
      <List size="sm">
        {counts.map(({ id, item, lines }) => (
          <List.Item key={id}>
            {sayAnswer(item, item.answer, wording)}:{' '}
            {lines
              .filter(({ count }) => count > 0)
              .map((line) => said(item, line))
              .join(', ') || 'nobody'}
          </List.Item>
        ))}
      </List>
    </section>
  )
}
