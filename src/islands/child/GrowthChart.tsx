import { Text, Title } from '@mantine/core'
import {
  CartesianGrid,
  Legend,
  Line,
  LineChart,
  ReferenceLine,
  ResponsiveContainer,
  Tooltip,
  XAxis,
  YAxis,
} from 'recharts'
import { type Answer, FIRM, type Growth, growthOf } from '../../core/knowing'
import { rungOf, rungs } from '../../core/teaching'
import { dayOf } from '../../ui/dates'

/** Told apart by dash as well as by colour. */
const LINES = [
  ['var(--moss)', '0'],
  ['var(--slate)', '8 4'],
  ['var(--oak)', '0'],
  ['var(--ink)', '2 4'],
  ['var(--slate)', '0'],
  ['var(--oak)', '8 4'],
  ['var(--moss)', '2 4'],
  ['var(--ink)', '8 4'],
] as const

/** How sure each rung was at the end of each day, and since when it is firm. */
export function GrowthChart({ answers }: { answers: readonly Answer[] }) {
  const growth = growthOf(
    answers,
    rungs.map(({ id }) => id),
  )
  if (growth.length === 0)
    return <Text className="sheet">Nothing to draw yet: growth shows from the first day with answers on.</Text>
  return (
    <section className="sheet" aria-label="Growth">
      <Title order={2} size="h4" mb={6}>
        How sure, day by day
      </Title>
      <div style={{ height: 340 }} role="img" aria-label={growth.map(inWords).join('; ')}>
        <Lines growth={growth} />
      </div>
      <ul style={{ margin: '10px 0 0', paddingLeft: 20 }}>
        {growth.map((each) => (
          <li key={each.rung}>{inWords(each)}</li>
        ))}
      </ul>
    </section>
  )
}

function Lines({ growth }: { growth: readonly Growth[] }) {
  return (
    <ResponsiveContainer>
      <LineChart data={rowsOf(growth)} margin={{ top: 8, right: 16, bottom: 4, left: 0 }}>
        <CartesianGrid stroke="var(--line)" vertical={false} />
        <XAxis
          dataKey="at"
          type="number"
          scale="time"
          domain={['dataMin', 'dataMax']}
          tickFormatter={(at: number) => dayOf(at)}
          stroke="var(--quiet)"
          tick={{ fill: 'var(--quiet)' }}
        />
        <YAxis domain={[0, 100]} unit=" %" width={56} stroke="var(--quiet)" tick={{ fill: 'var(--quiet)' }} />
        <Tooltip
          labelFormatter={(at) => dayOf(Number(at))}
          formatter={(value) => `${String(value)} %`}
          contentStyle={{ background: 'var(--card)', borderColor: 'var(--line)', color: 'var(--ink)' }}
        />
        <ReferenceLine
          y={FIRM.probability * 100}
          stroke="var(--moss)"
          strokeDasharray="4 4"
          label={{ value: 'known', position: 'insideBottomLeft', fill: 'var(--moss)' }}
        />
        {growth.map(({ rung }, i) => (
          <Line
            key={rung}
            dataKey={rung}
            name={rungOf(rung).name}
            stroke={LINES[i % LINES.length]?.[0]}
            strokeDasharray={LINES[i % LINES.length]?.[1]}
            strokeWidth={2.5}
            dot={{ r: 3 }}
            isAnimationActive={false}
            connectNulls
          />
        ))}
        <Legend />
      </LineChart>
    </ResponsiveContainer>
  )
}

function inWords({ rung, points, firmSince }: Growth): string {
  const last = points[points.length - 1]
  const now = `${Math.floor((last?.probability ?? 0) * 100)} % sure`
  return `${rungOf(rung).name}: ${firmSince === undefined ? `not known yet, ${now}` : `known first on ${dayOf(firmSince)}, ${now} on the last day`}`
}

/** One row a day, one column a rung, as the chart wants them. */
function rowsOf(growth: readonly Growth[]): Record<string, number>[] {
  const days = [...new Set(growth.flatMap(({ points }) => points.map(({ at }) => at)))].sort((a, b) => a - b)
  return days.map((at) => ({
    at,
    ...Object.fromEntries(
      growth.flatMap(({ rung, points }) =>
        points.filter((point) => point.at === at).map(({ probability }) => [rung, Math.round(probability * 100)]),
      ),
    ),
  }))
}
