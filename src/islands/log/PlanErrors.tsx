import { Text, Title } from '@mantine/core'
import { planError } from '../../core/planning'
import type { Group, Session } from '../../core/records'
import { dayInWords } from '../../ui/dates'

interface Props {
  readonly sessions: readonly Session[]
  readonly group: Group | undefined
}

/** Sessions that are shown; older ones are told in the file of the workspace. */
const MOST_SHOWN = 12

/** How far off the planned minutes were, session by session: as the pace is learnt, it should fall. */
export function PlanErrors({ sessions, group }: Props) {
  const told = sessions
    .filter(({ groupId, doneAt }) => groupId === group?.id && doneAt !== null)
    .flatMap(({ id, date, plan }) => {
      const error = planError(plan)
      return error ? [{ id, date, ...error }] : []
    })
    .slice(0, MOST_SHOWN)
    .reverse()
  if (!group || told.length === 0) return null
  const most = Math.max(...told.map(({ share }) => share), 0.01)
  return (
    <section className="sheet" aria-label="Planned and real minutes" style={{ marginTop: 12 }}>
      <Title order={2} size="h4" mb={6} className="anywhere">
        Planned and real minutes of {group.name}
      </Title>
      <table className="rows">
        <thead>
          <tr>
            <th>Session</th>
            <th colSpan={2}>An activity differed by</th>
          </tr>
        </thead>
        <tbody>
          {told.map(({ id, date, minutesOff, share }) => (
            <tr key={id}>
              <th scope="row" style={{ whiteSpace: 'nowrap' }}>
                {dayInWords(date)}
              </th>
              <td style={{ width: '40%' }} aria-hidden>
                <div
                  style={{
                    height: 10,
                    borderRadius: 3,
                    background: 'var(--moss)',
                    width: `${Math.max(2, (100 * share) / most)}%`,
                  }}
                />
              </td>
              <td style={{ whiteSpace: 'nowrap' }}>{minutesOff.toFixed(1)} min</td>
            </tr>
          ))}
        </tbody>
      </table>
      <Text size="sm" className="quiet" mt={4}>
        The table keeps how long each activity took, and the next plan goes by it.
      </Text>
    </section>
  )
}
