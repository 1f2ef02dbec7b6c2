import { t } from '@lingui/core/macro'
import { List, Text } from '@mantine/core'
import { type CountLine, type GroupCount, type Settings, wordingOf } from '../../core/records'
import { type Item, isRight, sayAnswer } from '../../core/teaching'

/** What was counted of the whole group in its games: how many showed the time, and how many another one. */
export function Counted({ counts, settings }: { counts: readonly GroupCount[]; settings: Settings }) {
  const wording = wordingOf(settings)
  const said = (item: Item, { value, helped, count }: CountLine) => {
    if (!isRight(item, value)) return t`${count} showed ${sayAnswer(item, value, wording)}`
    return helped ? t`${count} nearly` : t`${count} there`
  }
  return (
    <section aria-label={t`Counted in games`}>
      <Text fw={700}>{t`Counted in games, for the whole group`}</Text>
      <List size="sm">
        {counts.map(({ id, item, lines }) => (
          <List.Item key={id}>
            {sayAnswer(item, item.answer, wording)}:{' '}
            {lines
              .filter(({ count }) => count > 0)
              .map((line) => said(item, line))
              .join(', ') || t`nobody`}
          </List.Item>
        ))}
      </List>
    </section>
  )
}
