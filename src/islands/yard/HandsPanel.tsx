import { Stack, Text, VisuallyHidden, Table } from '@mantine/core'
import { floorHands, formatDistance, walkCalls } from '../../core/make'
import { say } from '../../core/wording'
import type { YardState } from './useYard'

/** The hands on the ground: how long, how far they are walked, and times to walk through. */
export function HandsPanel({ state }: { state: YardState }) {
  const { ground } = state.laid
  const { unit, age } = state.yard
  const d = (mm: number) => formatDistance(mm, unit)
  const hands = floorHands(ground.radiusMm, age)
  return (
    <Stack gap="sm">
      <Table aria-label="Hands">
        <Table.Thead>
          <Table.Tr>
            <Table.Th>
              <VisuallyHidden>What</VisuallyHidden>
            </Table.Th>
            <Table.Th ta="right">long hand</Table.Th>
            <Table.Th ta="right">short hand</Table.Th>
          </Table.Tr>
        </Table.Thead>
        <Table.Tbody>
          <Table.Tr>
            <Table.Th scope="row">Length</Table.Th>
            <Table.Td ta="right">{d(hands.minuteMm)}</Table.Td>
            <Table.Td ta="right">{d(hands.hourMm)}</Table.Td>
          </Table.Tr>
          <Table.Tr>
            <Table.Th scope="row">Rope, with loops</Table.Th>
            <Table.Td ta="right">{d(hands.minuteRopeMm)}</Table.Td>
            <Table.Td ta="right">{d(hands.hourRopeMm)}</Table.Td>
          </Table.Tr>
          <Table.Tr>
            <Table.Th scope="row">Walked in an hour</Table.Th>
            <Table.Td ta="right">
              {d(hands.minuteWalkMm)}, {hands.minutePaces} paces
            </Table.Td>
            <Table.Td ta="right">
              {d(hands.hourWalkMm)}, {hands.hourPaces} paces
            </Table.Td>
          </Table.Tr>
        </Table.Tbody>
      </Table>
      <div>
        <Text size="sm" fw={600}>
          Call, and they walk there
        </Text>
        <ol style={{ margin: 0, paddingLeft: 20, fontSize: 14 }}>
          {walkCalls(ground.radiusMm).map((call) => (
            <li key={call.minute}>
              <strong>{say(call.minute, { language: 'en-GB', form: 'turns' })}</strong>: long hand {call.long}, short
              hand {call.short}
              {call.pastNumeralMm > 0 && ` (${d(call.pastNumeralMm)} along its ring)`}
            </li>
          ))}
        </ol>
      </div>
    </Stack>
  )
}
