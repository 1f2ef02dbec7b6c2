import { saidAll } from '../../words/i18n'
import { adultsWording } from '../../words/adult'
import { t, plural } from '@lingui/core/macro'
import { Anchor, Button, Checkbox, Group, Stack, Text } from '@mantine/core'
import { IconCalendarPlus, IconFileText } from '@tabler/icons-react'
import type { SessionId } from '../../core/ids'
import { fetchInWords, fetchList } from '../../core/planning'
import { later } from '../../ui/later'
import type { PlanState } from './usePlan'

const clockLines = later(async () => (await import('./ClockLines')).ClockLines)

/** One list of what to fetch. What is ticked is there, and the checks follow it. */
export function FetchPanel({ state }: { state: PlanState }) {
  const { session, request } = state
  const entries = fetchList(session.plan, request)
  const toggle = (material: (typeof entries)[number]['material'], toHand: boolean) => {
    const others = session.materials.filter((each) => each !== material)
    state.setFields({ materials: toHand ? [...others, material] : others })
  }
  return (
    <Stack gap="xs">
      <Text size="sm" className="quiet">
        {entries.length === 0
          ? t`You need nothing.`
          : t`${plural(request.children.length, { one: 'For # child. Tick what you have.', other: 'For # children. Tick what you have.' })}`}
      </Text>
      {entries.map((entry) => (
        <Checkbox
          key={entry.material}
          checked={entry.toHand}
          onChange={(event) => toggle(entry.material, event.currentTarget.checked)}
          label={fetchInWords(entry, adultsWording())}
          description={saidAll(entry.for).join(', ')}
          styles={{ description: { color: 'var(--quiet)' } }}
        />
      ))}
      {request.clock && <clockLines.Part request={request} />}
      <Anchor href="/fetch" size="sm">{t`One list for all that is planned, with what is in the cupboard`}</Anchor>
      <TakeAlong sessionId={session.id} />
    </Stack>
  )
}

/** The session as files for elsewhere. */
function TakeAlong({ sessionId }: { sessionId: SessionId }) {
  return (
    <Group gap="xs" mt="xs">
      <Button
        component="a"
        href={`/api/sessions/${sessionId}/run-sheet.md`}
        variant="default"
        leftSection={<IconFileText size={18} />}
      >{t`Session plan as text`}</Button>
      <Button
        component="a"
        href={`/api/sessions/${sessionId}/calendar.ics`}
        variant="default"
        leftSection={<IconCalendarPlus size={18} />}
      >{t`Into a calendar`}</Button>
    </Group>
  )
}
