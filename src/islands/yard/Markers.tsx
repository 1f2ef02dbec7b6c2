import { titled } from '../../ui/titled'
import { inDecimals } from '../../words/adult'
import { said } from '../../words/i18n'
import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { LONGEST_NAME } from '../../core/records'
import { ActionIcon, Button, Group, Stack, Text, TextInput } from '@mantine/core'
import { IconTrash } from '@tabler/icons-react'
import { formatDistance, leastRadiusFor, markerChoices, USUAL_GAP_MM } from '../../core/make'
import { CheckLine } from '../../ui/CheckLine'
import { LengthField } from '../../ui/LengthField'
import { NumberField } from '../../ui/NumberField'
import type { YardState } from './useYard'

function MarkerRows({ state: { yard, change } }: { state: YardState }) {
  const set = (markers: typeof yard.markers) => change({ markers })
  return yard.markers.map((marker, i) => {
    const put = (part: Partial<typeof marker>) =>
      set(yard.markers.map((other, j) => (j === i ? { ...other, ...part } : other)))
    return (
      <Group key={i} gap={4} align="end" wrap="nowrap">
        <TextInput
          label={t`Markers`}
          value={marker.name}
          maxLength={LONGEST_NAME}
          onChange={(event) => put({ name: event.currentTarget.value })}
        />
        <NumberField
          label={t`Count`}
          value={marker.count}
          min={0}
          max={500}
          w={90}
          onChange={(value) => typeof value === 'number' && put({ count: value })}
        />
        <LengthField label={t`Across`} mm={marker.sizeMm} unit="cm" onChange={(sizeMm) => put({ sizeMm })} width={90} />
        {yard.markers.length > 1 && (
          <ActionIcon
            variant="subtle"
            size="lg"
            aria-label={marker.name === '' ? t`Remove these markers` : t`Remove ${marker.name}`}
            onClick={() => set(yard.markers.filter((_, j) => j !== i))}
          >
            <IconTrash size={17} />
          </ActionIcon>
        )}
      </Group>
    )
  })
}

export function Markers({ state }: { state: YardState }) {
  const { yard, laid, change } = state
  const set = (markers: typeof yard.markers) => change({ markers })
  const largest = Math.max(0, ...yard.markers.map(({ sizeMm }) => sizeMm))
  return (
    <Stack gap={8} className="sheet" component="section" aria-label={t`Markers`}>
      <MarkerRows state={state} />
      {yard.markers.length < 5 && (
        <Button
          size="compact-sm"
          variant="subtle"
          style={{ alignSelf: 'flex-start' }}
          onClick={() => set([...yard.markers, { name: t`stones`, count: 12, sizeMm: 100 }])}
        >{t`Add another kind`}</Button>
      )}
      <ul aria-label={t`What can be laid`} style={{ listStyle: 'none', margin: 0, padding: 0 }}>
        {markerChoices(laid.ground.radiusMm, yard.markers).map(({ id, ok, name, says }) => (
          <CheckLine key={id} ok={ok} says={titled(said(name), said(says))} />
        ))}
      </ul>
      {largest > 0 && (
        <Text size="xs" className="quiet">
          <Trans>
            All 60 of {Math.round(largest / 10)} cm with gaps of {USUAL_GAP_MM / 10} cm need a radius of{' '}
            {inDecimals(formatDistance(leastRadiusFor(largest, USUAL_GAP_MM), yard.unit))}.
          </Trans>
        </Text>
      )}
    </Stack>
  )
}
