import { Bar, BarChart, CartesianGrid, ReferenceArea, ResponsiveContainer, XAxis, YAxis } from 'recharts'
import { dateOf, daysOf } from '../../core/clock'
import type { FirmWhen, TermWish } from '../../core/planning'
import { sayEnglishDate } from '../../core/wording'
import { AXIS } from '../../ui/charts/look'

export interface Lane {
  readonly id: string
  readonly name: string
  /** Undefined where it is firm already. */
  readonly when: FirmWhen | undefined
}

interface Props {
  readonly lanes: readonly Lane[]
  readonly wish: TermWish
  readonly height: number
}

/** A lane as bars on end: nothing, the faint part, the strong part, the faint part; in days. */
function barsOf({ id, name, when }: Lane, first: number, last: number) {
  const at = (date: string | null | undefined) => Math.min(last, date == null ? last : daysOf(date)) - first
  if (!when || when.by[0.1] === null) return { id, name, before: 0, early: 0, middle: 0, late: 0 }
  const [p10, p25, p75, p90] = [at(when.by[0.1]), at(when.by[0.25]), at(when.by[0.75]), at(when.by[0.9])]
  return { id, name, before: p10, early: p25 - p10, middle: Math.max(0.5, p75 - p25), late: p90 - p75 }
}

/** A band for each lane over the days of the term, holidays grey. */
export function BandsChart({ lanes, wish, height }: Props) {
  const [first, last] = [daysOf(wish.from), daysOf(wish.until)]
  const whole = { stackId: 'band', isAnimationActive: false, barSize: 14 } as const
  return (
    <ResponsiveContainer width="100%" height={height}>
      <BarChart
        layout="vertical"
        data={lanes.map((lane) => barsOf(lane, first, last))}
        margin={{ top: 4, right: 24, bottom: 4, left: 0 }}
        accessibilityLayer={false}
      >
        <CartesianGrid stroke="var(--line)" horizontal={false} />
        {wish.holidays.map((holiday) => (
          <ReferenceArea
            key={holiday.from}
            x1={Math.max(0, daysOf(holiday.from) - first)}
            x2={Math.min(last - first, daysOf(holiday.until) - first)}
            fill="var(--quiet)"
            fillOpacity={0.2}
          />
        ))}
        <XAxis
          type="number"
          domain={[0, last - first]}
          tickFormatter={(day: number) => sayEnglishDate(dateOf(first + Math.round(day))).slice(4)}
          {...AXIS}
        />
        <YAxis type="category" dataKey="name" width={130} interval={0} {...AXIS} />
        <Bar dataKey="before" fill="transparent" {...whole} />
        <Bar dataKey="early" fill="var(--moss)" fillOpacity={0.4} {...whole} />
        <Bar dataKey="middle" fill="var(--moss)" {...whole} />
        <Bar dataKey="late" fill="var(--moss)" fillOpacity={0.4} {...whole} />
      </BarChart>
    </ResponsiveContainer>
  )
}
