import { t } from '@lingui/core/macro'
import { CartesianGrid, Line, LineChart, ReferenceArea, ResponsiveContainer, Tooltip, XAxis, YAxis } from 'recharts'
import type { LocalDay } from '../../core/clock'
import type { Growth } from '../../core/knowing'
import { calendarDay } from '../../ui/calendarDay'
import { AXIS, lineLook, TOOLTIP } from '../../ui/charts/look'

interface Props {
  readonly growth: Growth
  readonly weeks: readonly LocalDay[]
  readonly height: number
}

/** Enough to call a rung secure, and the least that the chart reaches up to, per cent. */
const ENOUGH = 100
const LEAST_TOP = 150

/** How the evidence for one rung grew, against the band in which it is enough. */
export function EvidenceChart({ growth, weeks, height }: Props) {
  const data = weeks.map((week, i) => {
    const at = growth.weeks[i]
    return { week: calendarDay(week).slice(4), percent: at && Math.round(at.evidencePercent) }
  })
  const top = Math.max(LEAST_TOP, ...data.map(({ percent = 0 }) => percent))
  return (
    <ResponsiveContainer width="100%" height={height}>
      <LineChart data={data} margin={{ top: 8, right: 16, bottom: 4, left: 0 }} accessibilityLayer={false}>
        <CartesianGrid stroke="var(--line)" vertical={false} />
        <ReferenceArea
          y1={ENOUGH}
          y2={top}
          fill="var(--moss)"
          fillOpacity={0.15}
          label={{ value: t`enough to call it secure`, position: 'insideTopLeft', fill: 'var(--moss)', fontSize: 13 }}
        />
        <XAxis dataKey="week" {...AXIS} />
        <YAxis domain={[0, top]} unit=" %" width={56} {...AXIS} />
        <Tooltip {...TOOLTIP} formatter={(value) => [t`${String(value)} % of what is needed`, t`The answers so far`]} />
        <Line dataKey="percent" {...lineLook(0)} dot={{ r: 4 }} isAnimationActive={false} connectNulls />
      </LineChart>
    </ResponsiveContainer>
  )
}
