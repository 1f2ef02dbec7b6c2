import { Stack, Text, VisuallyHidden } from '@mantine/core'
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
      <table className="rows" aria-label="Hands">
        <thead>
          <tr>
            <th>
              <VisuallyHidden>What</VisuallyHidden>
            </th>
            <th className="right">long hand</th>
            <th className="right">short hand</th>
          </tr>
        </thead>
        <tbody>
          <tr>
            <th scope="row">Length</th>
            <td className="right">{d(hands.minuteMm)}</td>
            <td className="right">{d(hands.hourMm)}</td>
          </tr>
          <tr>
            <th scope="row">Rope, with loops</th>
            <td className="right">{d(hands.minuteRopeMm)}</td>
            <td className="right">{d(hands.hourRopeMm)}</td>
          </tr>
          <tr>
            <th scope="row">Walked in an hour</th>
            <td className="right">
              {d(hands.minuteWalkMm)}, {hands.minutePaces} paces
            </td>
            <td className="right">
              {d(hands.hourWalkMm)}, {hands.hourPaces} paces
            </td>
          </tr>
        </tbody>
      </table>
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
