import { grouped, said } from '../../words/i18n'
import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Group, Text, Title, Table } from '@mantine/core'
import { useState } from 'react'
import {
  type FirmWhen,
  type Forecast,
  LEARNING_PACE_NAMES,
  LEARNING_PACES,
  PLANNED_FOR,
  type TermWish,
  groupNeed,
} from '../../core/planning'
import type { TermData } from '../../core/records'
import { type RungId, rungOf, rungs as allRungs, schools } from '../../core/teaching'
import { Choice } from '../../ui/Choice'
import { WhenSeen } from '../../ui/charts/WhenSeen'
import { dayInWords } from '../../ui/dates'
import { later } from '../../ui/later'
import type { Lane } from './BandsChart'
import './term.css'

interface Props extends Pick<TermData, 'children'> {
  readonly forecast: Forecast
  readonly wish: TermWish
}

const LANE_PX = 30
const AXIS_PX = 40
const chart = later(async () => (await import('./BandsChart')).BandsChart)

/** When each child is likely firm on a rung, or one child on each rung: bands of 50 and 80 %, never a day. */
export function Bands({ forecast, wish, children }: Props) {
  const order = schools[wish.school].order
  const first = wish.goal ?? furthestRung(forecast, order) ?? groupNeed({ children, school: schools[wish.school] }).rung
  const [shown, setShown] = useState<string>(first)
  const rung = allRungs.find(({ id }) => id === shown)?.id
  const lanes = rung ? lanesOfRung(rung, forecast, children) : lanesOfChild(shown, forecast, order)
  const rungs = order.includes(first) ? order : [first, ...order]
  return (
    <section className="sheet" aria-label={t`When they are likely secure`}>
      <Group justify="space-between" align="end" mb={6}>
        <Title order={2} size="h4">{t`When they are likely secure`}</Title>
        <Choice
          label={t`Show`}
          value={shown}
          data={[
            ...rungs.map((id) => ({ value: id as string, label: t`${said(rungOf(id).name)}, all children` })),
            ...children.map(({ id, name }) => ({ value: id as string, label: t`${name}, all steps` })),
          ]}
          onChange={setShown}
        />
      </Group>
      <div
        role="img"
        aria-label={t`When they are likely secure, as bands over the term. The table has it in words.`}
        className="no-print"
      >
        <WhenSeen height={lanes.length * LANE_PX + AXIS_PX}>
          <chart.Part lanes={lanes} wish={wish} height={lanes.length * LANE_PX + AXIS_PX} />
        </WhenSeen>
      </div>
      <Lanes lanes={lanes} of={rung ? t`Child` : t`Step`} />
      {forecast.goal && rung === forecast.goal.rung && (
        <Text size="sm" mt={8}>
          <strong>{t`All of them:`}</strong> {goalInWords(forecast.goal)}
        </Text>
      )}
      <Text size="sm" className="quiet" mt={6}>
        <Trans>
          The strong part holds the middle half of {grouped(forecast.runs)} terms that were played, the faint part eight
          in ten.
        </Trans>
        {lanes.some(({ when }) => when?.byPace) && (
          <>
            {' '}
            <Trans>
              Three dates stand where nobody can tell yet how fast a child learns: plan by the one that fits the child
              you know. Once there are answers from a few sessions, there is one date.
            </Trans>
          </>
        )}
      </Text>
    </section>
  )
}

/** The same in words. */
function Lanes({ lanes, of }: { lanes: readonly Lane[]; of: string }) {
  return (
    <Table className="term-bands">
      <Table.Thead>
        <Table.Tr>
          <Table.Th>{of}</Table.Th>
          <Table.Th>{t`Likely by`}</Table.Th>
          <Table.Th>{t`The range`}</Table.Th>
        </Table.Tr>
      </Table.Thead>
      <Table.Tbody>
        {lanes.map((lane) => (
          <Table.Tr key={lane.id}>
            <Table.Th scope="row" className="anywhere">
              {lane.name}
            </Table.Th>
            <Table.Td>
              {lane.when?.byPace ? <ByPace dates={lane.when.byPace} byEnd={lane.when.byEnd} /> : whenInWords(lane.when)}
            </Table.Td>
            <Table.Td className="quiet">{lane.when && bandInWords(lane.when)}</Table.Td>
          </Table.Tr>
        ))}
      </Table.Tbody>
    </Table>
  )
}

/** A date for each pace, while the answers do not tell yet at which the child learns. */
function ByPace({ dates, byEnd }: { dates: NonNullable<FirmWhen['byPace']>; byEnd: number }) {
  if (byEnd < UNLIKELY) return t`unlikely this term`
  return (
    <dl className="term-paces">
      {LEARNING_PACES.map((pace) => (
        <div key={pace}>
          <dt>{said(LEARNING_PACE_NAMES[pace])}</dt>
          <dd>{dayOr(dates[pace])}</dd>
        </div>
      ))}
    </dl>
  )
}

/** The last rung that half of the children reach in half of the terms: where the term is likely to take them. */
function furthestRung({ children }: Forecast, order: readonly RungId[]): RungId | undefined {
  const reach = (rung: RungId) =>
    children.filter(({ rungs }) => rungs.some((each) => each.rung === rung && each.by[0.5] !== null)).length
  return order.filter((rung) => reach(rung) > 0 && reach(rung) >= children.length / 2).at(-1)
}

function lanesOfRung(rung: RungId, { children }: Forecast, named: Props['children']): Lane[] {
  return named.map(({ id, name }) => ({
    id,
    name,
    when: children.find(({ childId }) => childId === id)?.rungs.find((each) => each.rung === rung),
  }))
}

function lanesOfChild(childId: string, { children }: Forecast, order: readonly RungId[]): Lane[] {
  const own = children.find((each) => each.childId === childId)?.rungs ?? []
  const shown = [...own.map(({ rung }) => rung).filter((rung) => !order.includes(rung)), ...order]
  return shown.map((rung) => ({
    id: rung,
    name: said(rungOf(rung).name),
    when: own.find((each) => each.rung === rung),
  }))
}

const dayOr = (date: string | null) => (date === null ? t`after the term` : dayInWords(date))

function bandInWords({ by }: FirmWhen): string {
  if (by[0.25] === null) return t`not likely before the term ends`
  return t`in half of the cases between ${dayOr(by[0.25])} and ${dayOr(by[0.75])}, in 8 of 10 between ${dayOr(by[0.1])} and ${dayOr(by[0.9])}`
}

/** Less often than this before the end of the term. */
const UNLIKELY = 0.1

function whenInWords(when: FirmWhen | undefined): string {
  if (!when) return t`secure now`
  const day = when.by[PLANNED_FOR]
  if (day !== null) return dayInWords(day)
  return when.byEnd < UNLIKELY ? t`unlikely this term` : t`after the term, in ${outOfTen(when.byEnd)} cases before`
}

function goalInWords(goal: FirmWhen): string {
  const day = goal.by[PLANNED_FOR]
  return day === null ? t`by the end of the term in ${outOfTen(goal.byEnd)} cases.` : t`likely by ${dayInWords(day)}.`
}

function outOfTen(share: number): string {
  const tens = Math.round(share * 10)
  if (tens === 0) return t`hardly any`
  return tens === 10 ? t`nearly all` : t`${tens} of 10`
}
