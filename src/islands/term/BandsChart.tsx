import { dateInWords } from '../../words/adult'
import { Bar, BarChart, CartesianGrid, ReferenceArea, ResponsiveContainer, XAxis, YAxis } from 'recharts'
import { dateAfter } from '../../core/clock'
import { type FirmWhen, type TermWish, bandInTerm, daysIntoTerm } from '../../core/planning'
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

/** A band for each lane over the days of the term, holidays grey. */
export function BandsChart({ lanes, wish, height }: Props) {
  const length = daysIntoTerm(wish.until, wish)
  const whole = { stackId: 'band', isAnimationActive: false, barSize: 14 } as const
  return (
    <ResponsiveContainer width="100%" height={height}>
      <BarChart
        layout="vertical"
        data={lanes.map(({ id, name, when }) => ({ id, name, ...bandInTerm(when, wish) }))}
        margin={{ top: 4, right: 24, bottom: 4, left: 0 }}
        accessibilityLayer={false}
      >
        <CartesianGrid stroke="var(--line)" horizontal={false} />
        {wish.holidays.map((holiday) => (
          <ReferenceArea
            key={holiday.from}
            x1={daysIntoTerm(holiday.from, wish)}
            x2={daysIntoTerm(holiday.until, wish)}
            fill="var(--quiet)"
            fillOpacity={0.2}
          />
        ))}
        <XAxis
          type="number"
          domain={[0, length]}
          tickFormatter={(day: number) => dateInWords(dateAfter(wish.from, Math.round(day)), { weekday: false })}
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
