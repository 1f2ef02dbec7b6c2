import { Anchor, Text, Title } from '@mantine/core'
import { type Estimate, LEVEL_NAMES, levelOf } from '../../core/knowing'
import type { ChildReport } from '../../core/records'
import { BESIDE_THE_ORDER, type RungId, rungOf } from '../../core/teaching'
import './group.css'

/**
 * Children down and rungs across. Each cell says whether the rung is known, being learnt or due. Rungs beside the
 * order are shown if any child has met them.
 */
export function RungGrid({ members, order }: { members: readonly ChildReport[]; order: readonly RungId[] }) {
  const estimatesOf = ({ standing }: ChildReport) => [...standing.estimates, ...standing.beside]
  const met = (rung: RungId) =>
    members.some((member) => estimatesOf(member).some((each) => each.rung === rung && each.answers > 0))
  const rungs = [...order, ...BESIDE_THE_ORDER.filter(met)]
  return (
    <section className="sheet" aria-label="Where everyone stands">
      <Title order={2} size="h4" mb={6}>
        Where everyone stands
      </Title>
      <div style={{ overflowX: 'auto' }}>
        <table className="rows rung-grid" style={{ minWidth: Math.max(640, 150 + rungs.length * 84) }}>
          <thead>
            <tr>
              <th>Child</th>
              {rungs.map((rung) => (
                <th key={rung} style={{ fontSize: 13, lineHeight: 1.2, verticalAlign: 'bottom' }}>
                  {rungOf(rung).name}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {members.map((member) => (
              <tr key={member.child.id}>
                <th scope="row" style={{ minWidth: 110, maxWidth: 160 }}>
                  <Anchor href={`/children/${member.child.id}`} lineClamp={2} className="anywhere">
                    {member.child.name}
                  </Anchor>
                </th>
                {rungs.map((rung) => (
                  <RungCell
                    key={rung}
                    estimate={estimatesOf(member).find((each) => each.rung === rung)}
                    isWorking={member.standing.working === rung}
                    isDue={member.standing.due.includes(rung)}
                  />
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  )
}

function RungCell({ estimate, isWorking, isDue }: { estimate?: Estimate; isWorking: boolean; isDue: boolean }) {
  const level = estimate && (estimate.firm || estimate.answers > 0) ? LEVEL_NAMES[levelOf(estimate)] : '–'
  const kind = estimate?.firm ? 'rung-cell-firm' : isWorking ? 'rung-cell-working' : ''
  const words = [
    isWorking && 'working',
    isDue && 'due',
    estimate?.overrule && (estimate.overrule.verdict === 'supposed' ? 'your guess' : 'judged'),
  ]
    .filter(Boolean)
    .join(', ')
  return (
    <td className={kind}>
      <Text size="sm" fw={estimate?.firm || isWorking ? 700 : undefined}>
        {level}
      </Text>
      <Text size="xs">{words}</Text>
    </td>
  )
}
