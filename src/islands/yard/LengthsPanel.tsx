import { Stack, Text } from '@mantine/core'
import { formatDistance, markerPlace, placingOrder, ringMeasures, surfaces } from '../../core/make'
import type { YardState } from './useYard'

/** Chords, string, square corner, offsets, order and tolerance, all from the radius. */
export function LengthsPanel({ state }: { state: YardState }) {
  const { yard, ground } = state.laid
  const d = (mm: number) => formatDistance(mm, state.yard.unit)
  const ring = ringMeasures(ground.radiusMm)
  const [three, four, five] = ring.threeFourFive
  const rows: [string, string][] = [
    ['String, the radius', d(ring.stringMm)],
    ['12 to 3, 3 to 6 …', d(ring.quarterChordMm)],
    ['Hour to hour', d(ring.hourChordMm)],
    ['Minute to minute', d(ring.minuteChordMm)],
    ['Round the ring', d(ring.aroundMm)],
    ['Square corner', `${d(three)}, ${d(four)}, ${d(five)}`],
    ['A marker may be out by', d(ring.toleranceMm)],
  ]
  return (
    <Stack gap="sm">
      <table className="rows" aria-label="Lengths">
        <tbody>
          {rows.map(([name, value]) => (
            <tr key={name}>
              <th scope="row">{name}</th>
              <td className="right">{value}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <div>
        <Text size="sm" fw={600}>
          In this order
        </Text>
        <ol style={{ margin: 0, paddingLeft: 20, fontSize: 14 }}>
          <li>Centre: {surfaces[yard.surface].peg}.</li>
          {placingOrder().map(({ step, minutes }) => (
            <li key={step}>
              {step} ({minutes.length})
            </li>
          ))}
        </ol>
      </div>
      <table className="rows" aria-label="Offsets from the centre, facing 12">
        <thead>
          <tr>
            <th>Facing 12</th>
            <th className="right">right</th>
            <th className="right">ahead</th>
          </tr>
        </thead>
        <tbody>
          {Array.from({ length: 12 }, (_, i) => markerPlace(((i + 1) % 12) * 5, ground.radiusMm)).map((place) => (
            <tr key={place.minute}>
              <td>{place.minute === 0 ? 12 : place.minute / 5}</td>
              <td className="right">{d(Math.abs(place.rightMm) < 1 ? 0 : place.rightMm)}</td>
              <td className="right">{d(Math.abs(place.aheadMm) < 1 ? 0 : place.aheadMm)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </Stack>
  )
}
