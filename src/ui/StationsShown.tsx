import { adultsWording } from '../words/adult'
import { t } from '@lingui/core/macro'
import { Text } from '@mantine/core'
import type { MinuteOfDay } from '../core/clock'
import { type PlanStep, type SessionRequest, stationLines } from '../core/planning'
import { Fold } from './Fold'

interface Props {
  readonly step: PlanStep
  readonly start: MinuteOfDay
  readonly request: Pick<SessionRequest, 'children' | 'school'>
  /** The round that is on now, from 0; none before the session. */
  readonly round?: number
}

/** Who is in which team, who is where in each round, and what is done at each station. */
export function StationsShown({ step, start, request, round }: Props) {
  const { teams, rounds, stations } = stationLines(step, start, request, adultsWording())
  return (
    <div className="stations" role="group" aria-label={t`Stations`}>
      <ul>
        {teams.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
      <ul>
        {rounds.map((line, i) => (
          <li key={line} aria-current={i === round || undefined}>
            {line}
          </li>
        ))}
      </ul>
      {stations.map(({ name, steps, say }) => (
        <Fold key={name} title={name}>
          <ol>
            {steps.map((text) => (
              <li key={text}>{text}</li>
            ))}
          </ol>
          <Text size="sm">{say}</Text>
        </Fold>
      ))}
    </div>
  )
}
