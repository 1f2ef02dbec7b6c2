import { inDecimals, adultsWording } from '../../words/adult'
import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Stack, Text, VisuallyHidden, Table } from '@mantine/core'
import { floorHands, formatDistance, walkCalls } from '../../core/make'
import { say } from '../../core/wording'
import type { YardState } from './useYard'

/** The hands on the ground: how long, how far they are walked, and times to walk through. */
export function HandsPanel({ state }: { state: YardState }) {
  const { ground } = state.laid
  const { unit, age } = state.yard
  const d = (mm: number) => inDecimals(formatDistance(mm, unit))
  const hands = floorHands(ground.radiusMm, age)
  return (
    <Stack gap="sm">
      <Table aria-label={t`Hands`}>
        <Table.Thead>
          <Table.Tr>
            <Table.Th>
              <VisuallyHidden>{t`What`}</VisuallyHidden>
            </Table.Th>
            <Table.Th ta="right">{t`long hand`}</Table.Th>
            <Table.Th ta="right">{t`short hand`}</Table.Th>
          </Table.Tr>
        </Table.Thead>
        <Table.Tbody>
          <Table.Tr>
            <Table.Th scope="row">{t`Length`}</Table.Th>
            <Table.Td ta="right">{d(hands.minuteMm)}</Table.Td>
            <Table.Td ta="right">{d(hands.hourMm)}</Table.Td>
          </Table.Tr>
          <Table.Tr>
            <Table.Th scope="row">{t`Rope, with loops`}</Table.Th>
            <Table.Td ta="right">{d(hands.minuteRopeMm)}</Table.Td>
            <Table.Td ta="right">{d(hands.hourRopeMm)}</Table.Td>
          </Table.Tr>
          <Table.Tr>
            <Table.Th scope="row">{t`Walked in an hour`}</Table.Th>
            <Table.Td ta="right">
              <Trans>
                {d(hands.minuteWalkMm)}, {hands.minutePaces} paces
              </Trans>
            </Table.Td>
            <Table.Td ta="right">
              <Trans>
                {d(hands.hourWalkMm)}, {hands.hourPaces} paces
              </Trans>
            </Table.Td>
          </Table.Tr>
        </Table.Tbody>
      </Table>
      <div>
        <Text size="sm" fw={600}>{t`Call, and they walk there`}</Text>
        <ol style={{ margin: 0, paddingLeft: 20, fontSize: 14 }}>
          {walkCalls(ground.radiusMm, adultsWording()).map((call) => (
            <li key={call.minute}>
              <strong>{say(call.minute, adultsWording())}</strong>:{' '}
              {call.pastNumeralMm > 0
                ? t`long hand ${call.long}, short hand ${call.short} (${d(call.pastNumeralMm)} along its ring)`
                : t`long hand ${call.long}, short hand ${call.short}`}
            </li>
          ))}
        </ol>
      </div>
    </Stack>
  )
}
