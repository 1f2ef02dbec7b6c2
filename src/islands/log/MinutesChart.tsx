import { t } from '@lingui/core/macro'
import { Group } from '@mantine/core'
import { Bar, BarChart, CartesianGrid, Legend, ResponsiveContainer, Tooltip, XAxis, YAxis } from 'recharts'
import { AXIS, TOOLTIP } from '../../ui/charts/look'
import { tenth } from '../../core/clock'

/** Which bar is which. */
function Key() {
  const bars = [
    { name: t`planned`, fill: 'var(--card)' },
    { name: t`real`, fill: 'var(--moss)' },
  ]
  return (
    <Group gap="md" justify="center">
      {bars.map(({ name, fill }) => (
        <Group key={name} gap={6}>
          <span style={{ width: 14, height: 14, background: fill, border: '2px solid var(--moss)' }} />
          {name}
        </Group>
      ))}
    </Group>
  )
}

interface Props {
  readonly sessions: readonly { readonly day: string; readonly planned: number; readonly real: number }[]
  readonly height: number
}

/** The minutes of the activities that were timed, as planned and as they were. */
export function MinutesChart({ sessions, height }: Props) {
  const data = sessions.map(({ day, planned, real }) => ({
    day,
    planned: tenth(planned),
    real: tenth(real),
  }))
  return (
    <ResponsiveContainer width="100%" height={height}>
      <BarChart data={data} margin={{ top: 8, right: 8, bottom: 4, left: 0 }} accessibilityLayer={false}>
        <CartesianGrid stroke="var(--line)" vertical={false} />
        <XAxis dataKey="day" {...AXIS} />
        <YAxis unit=" min" width={62} {...AXIS} />
        <Tooltip
          {...TOOLTIP}
          formatter={(value, name) => [t`${String(value)} min`, String(name)]}
          cursor={{ fill: 'var(--line)', fillOpacity: 0.4 }}
        />
        <Legend content={() => <Key />} />
        <Bar
          dataKey="planned"
          name={t`planned`}
          fill="var(--card)"
          stroke="var(--moss)"
          strokeWidth={2}
          isAnimationActive={false}
        />
        <Bar dataKey="real" name={t`real`} fill="var(--moss)" isAnimationActive={false} />
      </BarChart>
    </ResponsiveContainer>
  )
}
