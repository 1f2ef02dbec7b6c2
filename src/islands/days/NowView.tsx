import { Button, Group, Text, Title } from '@mantine/core'
import { useQuery } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { type Day, type DayRow, type LongHand, type Weekday, inOrder, nowAndNext, spanText } from '../../core/days'
import { type DaysData, type Kept, wordingOf } from '../../core/records'
import { type Wording, languages, printedAs, sayDuration } from '../../core/wording'
import { App } from '../../ui/App'
import { StillDial } from '../../ui/DialFace'
import { Loaded } from '../../ui/Loaded'
import { today } from '../../ui/dates'
import { daysQuery } from '../../ui/queries'
import { Picture } from './Picture'
import './days.css'

export default function NowView({ state }: { state: string }) {
  return (
    <App state={state}>
      <NowPage />
    </App>
  )
}

function NowPage() {
  const query = useQuery(daysQuery)
  return <Loaded query={query}>{(data) => <NowRoom data={data} />}</Loaded>
}

/** The moment, looked up anew every second: a screen that slept shows the true time as soon as it wakes. */
function useNow(): Date {
  const [now, setNow] = useState(() => new Date())
  useEffect(() => {
    const timer = setInterval(() => setNow(new Date()), 1000)
    return () => clearInterval(timer)
  }, [])
  return now
}

/** The day that the address names, or the one that holds today. */
function dayFor({ days }: DaysData, now: Date): Kept<Day> | undefined {
  const asked = new URLSearchParams(location.search).get('day')
  const weekday = ((now.getDay() + 6) % 7) as Weekday
  const holds = ({ body: { on } }: Kept<Day>) =>
    on.kind === 'date' ? on.date === today(now) : on.days.includes(weekday)
  return days.find(({ id }) => id === asked) ?? days.find(holds)
}

/** The true clock, what is on, and what comes next, for all to see from the other end of the room. */
function NowRoom({ data }: { data: DaysData }) {
  const now = useNow()
  const day = dayFor(data, now)
  const wording = wordingOf(data.settings)
  const minute = now.getHours() * 60 + now.getMinutes()
  if (!day || day.body.rows.length === 0)
    return (
      <div style={{ padding: 30 }}>
        <Title order={1}>No day holds today</Title>
        <Text my="md">Give a day today’s weekday or date, or open one from Days.</Text>
        <Button component="a" href="/days">
          To Days
        </Button>
      </div>
    )
  const rows = inOrder(day.body.rows)
  const at = nowAndNext(rows, minute)
  return (
    <div className="now-room">
      <div className="now-dial">
        <StillDial hands={{ gear: 'geared', minute, second: now.getSeconds() }} wording={wording} size="100%" />
      </div>
      <div>
        <Group justify="space-between" mb="sm">
          <Title order={1} size="h3" className="anywhere">
            {day.name}
          </Title>
          <Button variant="default" component="a" href={`/days?day=${day.id}`}>
            Back to Days
          </Button>
        </Group>
        <section aria-label="Now" aria-live="polite">
          <Text className="quiet">{printedAs('Now', wording)}</Text>
          {at.now ? <Big row={at.now} /> : <div className="now-big">–</div>}
          {at.gone !== undefined && (
            <div className="now-bar" role="img" aria-label={`${Math.round(at.gone * 100)} of 100 parts are over`}>
              <div style={{ width: `${at.gone * 100}%` }} />
            </div>
          )}
        </section>
        {at.next && (
          <section aria-label="Next" style={{ marginTop: 24 }}>
            <Text className="quiet">{printedAs('Next', wording)}</Text>
            <div className="now-next">
              <Group gap="sm">
                {at.next.picture && <Picture id={at.next.picture} />}
                <span>
                  {spanText({ minute: at.next.minute })} {at.next.what}
                </span>
              </Group>
              <div>{printedAs('in {0}', wording, sayDuration(at.until ?? 0))}</div>
              {at.hand && <div>{handInWords(at.hand, wording)}</div>}
            </div>
          </section>
        )}
      </div>
    </div>
  )
}

function Big({ row }: { row: DayRow }) {
  return (
    <Group gap="md" className="now-big">
      {row.picture && <Picture id={row.picture} />}
      <span>{row.what}</span>
    </Group>
  )
}

/** "When the long hand gets to the 4": for children who cannot read the clock yet, in the group's language. */
function handInWords({ numeral, marks, roundsBefore }: LongHand, wording: Wording): string {
  const numerals = String(numeral)
  const where =
    marks === 0
      ? printedAs('when the long hand gets to the {0}', wording, numerals)
      : printedAs(
          'when the long hand gets {1} past the {0}',
          wording,
          numerals,
          languages[wording.language].sayMinutes(marks),
        )
  if (roundsBefore === 0) return where
  return roundsBefore === 1
    ? printedAs('{0}, after it has gone round once', wording, where)
    : printedAs('{0}, after it has gone round {1} times', wording, where, String(roundsBefore))
}
