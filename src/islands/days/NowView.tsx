import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Anchor, Button, Group, Text, Title } from '@mantine/core'
import { useQuery } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import {
  type Day,
  type DayRow,
  type LongHand,
  type NowNext,
  daysOn,
  isOfSame,
  nowAndNext,
  spanText,
} from '../../core/days'
import { type DaysData, type Kept, rulesForDay, wordingOf } from '../../core/records'
import { type Wording, languages, printedAs, sayDuration } from '../../core/wording'
import { useAddress } from '../../ui/address'
import { App, type Page } from '../../ui/App'
import { StillDial } from '../../ui/DialFace'
import { Loaded } from '../../ui/Loaded'
import { dayOf, presentTime } from '../../ui/dates'
import { daysQuery } from '../../ui/queries'
import { Picture } from '../../ui/pictures/Picture'
import './days.css'

export default function NowView(page: Page) {
  return (
    <App {...page}>
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

/** The days of whoever the day in the address is for, or all of them. Which of them hold is for the calendar to say. */
function daysAsked({ days }: DaysData, address: URLSearchParams): readonly Kept<Day>[] {
  const asked = days.find(({ id }) => id === address.get('day'))
  return asked ? days.filter(({ body }) => isOfSame(body.whose, asked.body.whose)) : days
}

/** The true clock, what is on, and what comes next, for all to see from the other end of the room. */
function NowRoom({ data }: { data: DaysData }) {
  const now = useNow()
  const { date, minute } = presentTime(now)
  const asked = daysAsked(data, useAddress())
  const days = asked.map(({ name, body }) => ({ name, ...body }))
  const held = daysOn(days, date)
  const [whose] = held.length > 0 ? held : days
  const wording = wordingOf(whose ? rulesForDay(data.settings, data.groups, whose.whose) : data.settings)
  return (
    <div className="now-room">
      <div className="now-dial">
        <StillDial hands={{ gear: 'geared', minute, second: now.getSeconds() }} wording={wording} size="100%" />
      </div>
      <div>
        <Group justify="space-between" mb="sm">
          <Title order={1} size="h3" className="anywhere">
            {held.length > 0 ? held.map(({ name }) => name).join(' · ') : t`Nothing is planned for ${dayOf(+now)}`}
          </Title>
          <Button
            variant="default"
            component="a"
            href={asked[0] ? `/days?day=${asked[0].id}` : '/days'}
          >{t`Back to Days`}</Button>
        </Group>
        {held.length === 0 && <NothingToday />}
        {held.length > 0 && held.every(({ rows }) => rows.length === 0) && <NoRows id={asked[0]?.id} />}
        <OnNow at={nowAndNext(days, { date, minute })} wording={wording} />
      </div>
    </div>
  )
}

function NothingToday() {
  return (
    <Text mb="md">
      <Trans>
        A day shows here on its weekdays or its date.{' '}
        <Anchor href="/days" underline="always">
          Choose when in Days
        </Anchor>
        .
      </Trans>
    </Text>
  )
}

function NoRows({ id }: { id: string | undefined }) {
  return (
    <Text mb="md">
      <Trans>
        There are no rows in it yet.{' '}
        <Anchor href={id ? `/days?day=${id}` : '/days'} underline="always">
          Add them in Days
        </Anchor>
        .
      </Trans>
    </Text>
  )
}

function OnNow({ at, wording }: { at: NowNext; wording: Wording }) {
  const [inner, ...around] = at.now
  return (
    <>
      <section aria-label={t`Now`} aria-live="polite">
        <Text className="quiet">{printedAs('Now', wording)}</Text>
        {around.map((row, i) => (
          <div key={i} className="now-around">
            {spanText(row)} {row.what}
          </div>
        ))}
        {inner ? <Big row={inner} /> : <div className="now-big">{printedAs('Free time', wording)}</div>}
        {at.gone !== undefined && (
          <div className="now-bar" role="img" aria-label={t`${Math.round(at.gone * 100)} of 100 parts are over`}>
            <div style={{ width: `${at.gone * 100}%` }} />
          </div>
        )}
      </section>
      <section aria-label={t`Next`} style={{ marginTop: 24 }}>
        {at.next ? (
          <>
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
          </>
        ) : (
          <div className="now-next">{printedAs('Nothing more today', wording)}</div>
        )}
      </section>
    </>
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
