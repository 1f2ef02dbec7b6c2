import { Progress, Text, Title } from '@mantine/core'
import { IconCheck } from '@tabler/icons-react'
import { type Estimate, type Standing, rungOf } from '../../core'

/** Each rung of the school's order: how sure it is, whether it is firm, what is missing. */
export function RungList({ standing }: { standing: Standing }) {
  return (
    <section className="sheet" aria-label="Rungs">
      <Title order={2} size="h4" mb={6}>
        Rungs
      </Title>
      <ol style={{ listStyle: 'none', margin: 0, padding: 0 }}>
        {standing.estimates.map((estimate) => (
          <RungRow
            key={estimate.rung}
            estimate={estimate}
            isWorking={estimate.rung === standing.working}
            isDue={standing.due.includes(estimate.rung)}
          />
        ))}
      </ol>
    </section>
  )
}

function RungRow({ estimate, isWorking, isDue }: { estimate: Estimate; isWorking: boolean; isDue: boolean }) {
  const { rung, probability, firm, unmet, answers } = estimate
  const percent = Math.floor(probability * 100)
  const level = firm ? 'firm' : answers === 0 ? 'not met yet' : `${percent} % sure`
  const state = isDue ? `${level}, should come back` : level
  return (
    <li style={{ padding: '4px 0', borderTop: '1px solid var(--line)' }}>
      <div style={{ display: 'flex', gap: 8, alignItems: 'center' }}>
        <Text span fw={isWorking ? 700 : 500} style={{ flex: '0 0 160px' }}>
          {rungOf(rung).name}
        </Text>
        <Progress value={answers === 0 ? 0 : percent} color="moss" style={{ flex: 1 }} aria-label={`${rungOf(rung).name}: ${state}`} />
        <Text span size="sm" style={{ flex: '0 0 190px', textAlign: 'right' }}>
          {firm && <IconCheck size={15} color="var(--moss)" aria-hidden style={{ verticalAlign: -2 }} />} {state}
        </Text>
      </div>
      {isWorking && unmet.length > 0 && (
        <Text size="sm" className="quiet">
          Being worked on. Missing: {unmet.join('; ')}.
        </Text>
      )}
    </li>
  )
} // prettier-ignore
