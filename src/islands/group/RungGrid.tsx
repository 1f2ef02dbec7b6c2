import { said } from '../../words/i18n'
import { t } from '@lingui/core/macro'
import { Anchor, Text, Title, Table } from '@mantine/core'
import { type Estimate, LEVEL_NAMES, levelOf, workedOn } from '../../core/knowing'
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
  const isAtParts = members.some(({ standing, child }) => workedOn(standing, child.age) === 'parts')
  const beside = BESIDE_THE_ORDER.filter((rung) => met(rung) || (rung === 'parts' && isAtParts))
  const rungs = [...order, ...beside]
  return (
    <section className="sheet" aria-label={t`Where everyone stands`}>
      <Title order={2} size="h4" mb={6}>{t`Where everyone stands`}</Title>
      <div className="scrolls-sideways">
        <Table className="rung-grid" style={{ minWidth: Math.max(640, 150 + rungs.length * 84) }}>
          <Table.Thead>
            <Table.Tr>
              <Table.Th>{t`Child`}</Table.Th>
              {rungs.map((rung) => (
                <Table.Th key={rung} style={{ fontSize: 13, lineHeight: 1.2, verticalAlign: 'bottom' }}>
                  {said(rungOf(rung).name)}
                </Table.Th>
              ))}
            </Table.Tr>
          </Table.Thead>
          <Table.Tbody>
            {members.map((member) => (
              <Table.Tr key={member.child.id}>
                <Table.Th scope="row" style={{ minWidth: 110, maxWidth: 160 }}>
                  <Anchor href={`/children/${member.child.id}`} lineClamp={2} className="anywhere">
                    {member.child.name}
                  </Anchor>
                </Table.Th>
                {rungs.map((rung) => (
                  <RungCell
                    key={rung}
                    estimate={estimatesOf(member).find((each) => each.rung === rung)}
                    isWorking={workedOn(member.standing, member.child.age) === rung}
                    isDue={member.standing.due.includes(rung)}
                  />
                ))}
              </Table.Tr>
            ))}
          </Table.Tbody>
        </Table>
      </div>
    </section>
  )
}

function RungCell({ estimate, isWorking, isDue }: { estimate?: Estimate; isWorking: boolean; isDue: boolean }) {
  const level = estimate && (estimate.firm || estimate.answers > 0) ? LEVEL_NAMES[levelOf(estimate)] : '–'
  const kind = estimate?.firm ? 'rung-cell-firm' : isWorking ? 'rung-cell-working' : ''
  const words = [
    isWorking && t`working`,
    isDue && t`due`,
    estimate?.overrule && (estimate.overrule.verdict === 'supposed' ? t`your guess` : t`judged`),
  ]
    .filter(Boolean)
    .join(', ')
  return (
    <Table.Td className={kind}>
      <Text size="sm" fw={estimate?.firm || isWorking ? 700 : undefined}>
        {said(level)}
      </Text>
      <Text size="xs">{words}</Text>
    </Table.Td>
  )
}
