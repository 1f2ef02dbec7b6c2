import { inDecimals } from '../../words/adult'
import { t } from '@lingui/core/macro'
import { Bar, BarChart, Cell, ResponsiveContainer, Tooltip, XAxis, YAxis } from 'recharts'
import { AXIS, TOOLTIP } from '../../ui/charts/look'

interface Props {
  /** The chance to end within each stretch of minutes, in per cent, and whether it lies in the 90 % range. */
  readonly bars: readonly { readonly minutes: string; readonly percent: number; readonly isUsual: boolean }[]
  readonly height: number
}

/** When a game is likely to end. */
export function LastsChart({ bars, height }: Props) {
  return (
    <ResponsiveContainer width="100%" height={height}>
      <BarChart
        data={[...bars]}
        margin={{ top: 4, right: 4, bottom: 0, left: 0 }}
        accessibilityLayer={false}
        barCategoryGap={1}
      >
        <XAxis dataKey="minutes" interval="preserveStartEnd" minTickGap={40} {...AXIS} />
        <YAxis hide />
        <Tooltip
          {...TOOLTIP}
          formatter={(value) => [t`${inDecimals(Number(value).toFixed(1))} % of games end here`, '']}
          separator=""
          cursor={{ fill: 'var(--line)', fillOpacity: 0.4 }}
        />
        <Bar dataKey="percent" isAnimationActive={false}>
          {bars.map(({ minutes, isUsual }) => (
            <Cell key={minutes} fill={isUsual ? 'var(--moss)' : 'var(--line)'} />
          ))}
        </Bar>
      </BarChart>
    </ResponsiveContainer>
  )
}
