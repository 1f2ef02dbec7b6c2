import { Group, Text, Title } from '@mantine/core'
import { useState } from 'react'
import { daysOf } from '../../core/clock'
import { type FirmWhen, type Forecast, PLANNED_FOR, type TermWish, groupNeed } from '../../core/planning'
import type { TermData } from '../../core/records'
import { type RungId, rungOf, rungs as allRungs, schools } from '../../core/teaching'
import { Choice } from '../../ui/Choice'
import { dayInWords } from '../../ui/dates'
import './term.css'

interface Props extends Pick<TermData, 'children'> {
  readonly forecast: Forecast
  readonly wish: TermWish
}

interface Lane {
  readonly id: string
  readonly name: string
  /** Undefined where it is firm already. */
  readonly when: FirmWhen | undefined
}

/** When each child is likely firm on a rung, or one child on each rung: bands of 50 and 80 %, never a day. */
export function Bands({ forecast, wish, children }: Props) {
  const order = schools[wish.school].order
  const first = wish.goal ?? furthestRung(forecast, order) ?? groupNeed({ children, school: schools[wish.school] }).rung
  const [shown, setShown] = useState<string>(first)
  const rung = allRungs.find(({ id }) => id === shown)?.id
  const lanes = rung ? lanesOfRung(rung, forecast, children) : lanesOfChild(shown, forecast, order)
  const rungs = order.includes(first) ? order : [first, ...order]
  return (
    <section className="sheet" aria-label="When they are likely secure">
      <Group justify="space-between" align="end" mb={6}>
        <Title order={2} size="h4">
          When they are likely secure
        </Title>
        <Choice
          label="Show"
          value={shown}
          data={[
            ...rungs.map((id) => ({ value: id as string, label: `${rungOf(id).name}, all children` })),
            ...children.map(({ id, name }) => ({ value: id as string, label: `${name}, all steps` })),
          ]}
          onChange={setShown}
        />
      </Group>
      <table className="rows term-bands">
        <thead>
          <tr>
            <th>{rung ? 'Child' : 'Step'}</th>
            <th style={{ width: '55%' }}>
              <Axis wish={wish} />
            </th>
            <th>Likely by</th>
          </tr>
        </thead>
        <tbody>
          {lanes.map((lane) => (
            <tr key={lane.id}>
              <th scope="row" className="anywhere">
                {lane.name}
              </th>
              <td>{lane.when && <Band when={lane.when} wish={wish} />}</td>
              <td>{whenInWords(lane.when)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {forecast.goal && rung === forecast.goal.rung && (
        <Text size="sm" mt={8}>
          <strong>All of them:</strong> {goalInWords(forecast.goal)}
        </Text>
      )}
      <Text size="sm" className="quiet" mt={6}>
        The strong part holds the middle half of {forecast.runs.toLocaleString('en-GB')} terms that were played, the
        faint part eight in ten.
      </Text>
    </section>
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
  return shown.map((rung) => ({ id: rung, name: rungOf(rung).name, when: own.find((each) => each.rung === rung) }))
}

/** Where a date lies between the ends of the term, in per cent; what comes after the term lies at its end. */
function placeOf(date: string | null, { from, until }: TermWish): number {
  const [first, last] = [daysOf(from), daysOf(until)]
  if (date === null || last === first) return 100
  return (100 * (daysOf(date) - first)) / (last - first)
}

function Axis({ wish }: { wish: TermWish }) {
  return (
    <Group justify="space-between" wrap="nowrap" gap={4}>
      <span>{dayInWords(wish.from)}</span>
      <span>{dayInWords(wish.until)}</span>
    </Group>
  )
}

function Band({ when, wish }: { when: FirmWhen; wish: TermWish }) {
  const part = (low: string | null, high: string | null, className: string) => {
    const [left, right] = [placeOf(low, wish), placeOf(high, wish)]
    if (low === null) return null
    return <span className={className} style={{ left: `${left}%`, width: `max(6px, ${right - left}%)` }} />
  }
  return (
    <div className="term-lane" role="img" aria-label={bandInWords(when)}>
      {wish.holidays.map((holiday) => (
        <span
          key={holiday.from}
          className="term-away"
          style={{
            left: `${Math.max(0, placeOf(holiday.from, wish))}%`,
            width: `${Math.max(0, Math.min(100, placeOf(holiday.until, wish)) - Math.max(0, placeOf(holiday.from, wish)))}%`,
          }}
        />
      ))}
      {part(when.by[0.1], when.by[0.9], 'term-band-80')}
      {part(when.by[0.25], when.by[0.75], 'term-band-50')}
    </div>
  )
}

const dayOr = (date: string | null) => (date === null ? 'after the term' : dayInWords(date))

function bandInWords({ by }: FirmWhen): string {
  if (by[0.25] === null) return 'not likely before the term ends'
  return `in half of the cases between ${dayOr(by[0.25])} and ${dayOr(by[0.75])}, in 8 of 10 between ${dayOr(by[0.1])} and ${dayOr(by[0.9])}`
}

/** Less often than this before the end of the term. */
const UNLIKELY = 0.1

function whenInWords(when: FirmWhen | undefined): string {
  if (!when) return 'secure now'
  const day = when.by[PLANNED_FOR]
  if (day !== null) return dayInWords(day)
  return when.byEnd < UNLIKELY ? 'unlikely this term' : `after the term, in ${outOfTen(when.byEnd)} cases before`
}

function goalInWords(goal: FirmWhen): string {
  const day = goal.by[PLANNED_FOR]
  return day === null ? `by the end of the term in ${outOfTen(goal.byEnd)} cases.` : `likely by ${dayInWords(day)}.`
}

function outOfTen(share: number): string {
  const tens = Math.round(share * 10)
  if (tens === 0) return 'hardly any'
  return tens === 10 ? 'nearly all' : `${tens} of 10`
}
