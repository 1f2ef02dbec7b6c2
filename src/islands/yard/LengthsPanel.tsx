import { inDecimals } from '../../words/adult'
import { said } from '../../words/i18n'
import { SIDES } from './sides'
import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Stack, Text, Table } from '@mantine/core'
import { formatDistance, hourPlaces, offsetsOf, placingOrder, ringMeasures, surfaces } from '../../core/make'
import { Fold } from '../../ui/Fold'
import type { YardState } from './useYard'

/** Chords, string, square corner, offsets, order and tolerance, all from the radius. */
export function LengthsPanel({ state }: { state: YardState }) {
  const { yard, ground } = state.laid
  const d = (mm: number) => inDecimals(formatDistance(mm, state.yard.unit))
  const ring = ringMeasures(ground.radiusMm)
  const [three, four, five] = ring.threeFourFive
  const rows: [string, string][] = [
    [t`String, the radius`, d(ring.stringMm)],
    [t`12 to 3, 3 to 6 …`, d(ring.quarterChordMm)],
    [t`Hour to hour`, d(ring.hourChordMm)],
    [t`Minute to minute`, d(ring.minuteChordMm)],
    [t`Round the ring`, d(ring.aroundMm)],
    [t`Square corner`, `${d(three)}, ${d(four)}, ${d(five)}`],
    [t`A marker may be out by`, d(ring.toleranceMm)],
  ]
  return (
    <Stack gap="sm">
      <Table aria-label={t`Lengths`}>
        <Table.Tbody>
          {rows.map(([name, value]) => (
            <Table.Tr key={name}>
              <Table.Th scope="row">{name}</Table.Th>
              <Table.Td ta="right">{value}</Table.Td>
            </Table.Tr>
          ))}
        </Table.Tbody>
      </Table>
      <div>
        <Text size="sm" fw={600}>{t`In this order`}</Text>
        <ol style={{ margin: 0, paddingLeft: 20, fontSize: 14 }}>
          <li>
            <Trans>Centre: {said(surfaces[yard.surface].peg)}.</Trans>
          </li>
          {placingOrder().map(({ step, minutes }) => (
            <li key={said(step)}>
              {said(step)} ({minutes.length})
            </li>
          ))}
        </ol>
      </div>
      <Fold title={t`Without a string: each hour from the centre`}>
        <Offsets state={state} />
      </Fold>
    </Stack>
  )
}

/** Where the hours lie from the centre, for setting out without a string. */
function Offsets({ state }: { state: YardState }) {
  const { ground } = state.laid
  const d = (mm: number) => inDecimals(formatDistance(mm, state.yard.unit))
  return (
    <Table aria-label={t`Offsets from the centre, facing 12`}>
      <Table.Thead>
        <Table.Tr>
          <Table.Th>{t`Facing 12`}</Table.Th>
          <Table.Th ta="right">{t`to the side`}</Table.Th>
          <Table.Th ta="right">{t`ahead or back`}</Table.Th>
        </Table.Tr>
      </Table.Thead>
      <Table.Tbody>
        {hourPlaces(ground.radiusMm).map((place) => {
          const { aside, asideMm, along, alongMm } = offsetsOf(place)
          return (
            <Table.Tr key={place.minute}>
              <Table.Td>{place.hour}</Table.Td>
              <Table.Td ta="right">{said(SIDES[aside](d(asideMm)))}</Table.Td>
              <Table.Td ta="right">{said(SIDES[along](d(alongMm)))}</Table.Td>
            </Table.Tr>
          )
        })}
      </Table.Tbody>
    </Table>
  )
}
