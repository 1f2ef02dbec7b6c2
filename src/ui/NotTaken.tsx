import { t } from '@lingui/core/macro'
import { Anchor, Button, Group, Text } from '@mantine/core'
import { useState } from 'react'
import { letGo } from './outbox/keep'
import { sendAgain } from './outbox/again'
import type { Waiting } from './outbox/waiting'
import { saveFile } from './files'

/** What it is, in words. */
function nameOf({ answer, count, plan, done, order }: Waiting): string {
  const when = new Date(answer?.at ?? count?.at ?? order).toLocaleString('en-GB', {
    weekday: 'long',
    hour: '2-digit',
    minute: '2-digit',
  })
  if (answer) return t`An answer, ${when}`
  if (count) return t`A count of the group, ${when}`
  if (plan) return t`A changed plan, ${when}`
  return done ? t`That a session was held, ${when}` : t`An answer that was taken back, ${when}`
}

/** What the server did not take: it stays in this browser until somebody sends it again or removes it. */
export function NotTaken({ things }: { things: readonly Waiting[] }) {
  // What waits is looked up every few seconds; what was dealt with here goes at once.
  const [dealtWith, setDealtWith] = useState<readonly Waiting[]>([])
  const shown = things.filter(({ order }) => dealtWith.every((each) => each.order !== order))
  const remove = (thing: Waiting) => {
    setDealtWith([...dealtWith, thing])
    void letGo([thing])
  }
  const again = () => {
    setDealtWith(things)
    void sendAgain(shown)
  }
  if (shown.length === 0) return null
  const asFile = () => saveFile('not-taken.json', 'application/json', JSON.stringify(shown, null, 2))
  return (
    <div role="alert">
      <Text size="sm" c="var(--attention)">
        {shown.length === 1
          ? t`One thing was not accepted. It is still in this browser, and only there.`
          : t`${shown.length} things were not accepted. They are still in this browser, and only there.`}
      </Text>
      <ul style={{ margin: 0, paddingLeft: 20, fontSize: 14 }} aria-label={t`Not accepted`}>
        {shown.map((thing) => (
          <li key={thing.order}>
            {nameOf(thing)}: {thing.refused}{' '}
            {thing.plan && <Anchor size="sm" href={`/plan/${thing.answerId}`}>{t`Change it`}</Anchor>}{' '}
            <Button variant="subtle" size="compact-sm" onClick={() => remove(thing)}>{t`Remove it`}</Button>
          </li>
        ))}
      </ul>
      <Group gap="xs">
        <Button variant="default" size="compact-sm" onClick={again}>{t`Send again`}</Button>
        <Button variant="default" size="compact-sm" onClick={asFile}>{t`Save as a file`}</Button>
      </Group>
    </div>
  )
}
