import { said } from '../../words/i18n'
import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Text, Title } from '@mantine/core'
import { useState } from 'react'
import type { LocalDay } from '../../core/clock'
import { type Answer, type Growth, LEVEL_NAMES, type Level, growthOf, weeksOf } from '../../core/knowing'
import { type RungId, rungOf, rungs } from '../../core/teaching'
import { Choice } from '../../ui/Choice'
import { ErrorBoundary } from '../../ui/ErrorBoundary'
import { WhenSeen } from '../../ui/charts/WhenSeen'
import { later } from '../../ui/later'
import { calendarDay } from '../../ui/calendarDay'
import { LevelMark } from './LevelMark'
import { WeekPlayed } from './WeekPlayed'

const SHOWN_LEVELS: readonly Level[] = ['too-early', 'not-yet', 'getting-there', 'secure']

/** One row a rung, the weeks across: how it stood, told by shape and word; a week tells what was played in it. */
export function GrowthChart({ answers }: { answers: readonly Answer[] }) {
  const [picked, setPicked] = useState<LocalDay>()
  const weeks = weeksOf(answers)
  const growth = growthOf(
    answers,
    rungs.map(({ id }) => id),
  )
  if (growth.length === 0)
    return <Text className="sheet">{t`Nothing to draw yet: growth shows from the first day with answers on.`}</Text>
  return (
    <section className="sheet" aria-label={t`Progress`}>
      <Title order={2} size="h4" mb={6}>{t`Week by week`}</Title>
      <Course growth={growth} weeks={weeks} />
      <Legend />
      <div className="scrolls-sideways">
        <table className="growth">
          <thead>
            <tr>
              <th scope="col">{t`Step`}</th>
              {weeks.map((week) => (
                <th key={week} scope="col">
                  <button
                    type="button"
                    className="growth-week"
                    aria-pressed={week === picked}
                    aria-label={t`What was played in the week of ${calendarDay(week)}`}
                    onClick={() => setPicked(week === picked ? undefined : week)}
                  >
                    {calendarDay(week).slice(4)}
                  </button>
                </th>
              ))}
              <th scope="col">{t`Secure since`}</th>
            </tr>
          </thead>
          <tbody>
            {growth.map((each) => (
              <GrowthRow key={each.rung} growth={each} weeks={weeks} />
            ))}
          </tbody>
        </table>
      </div>
      {picked === undefined ? (
        <Text size="sm" className="quiet" mt={6}>{t`Tap a week to see what was played in it.`}</Text>
      ) : (
        <ErrorBoundary what={t`The week`}>
          <WeekPlayed week={picked} answers={answers} />
        </ErrorBoundary>
      )}
    </section>
  )
}

const CHART_PX = 240
const chart = later(async () => (await import('./EvidenceChart')).EvidenceChart)

interface CourseProps {
  readonly growth: readonly Growth[]
  readonly weeks: readonly LocalDay[]
}

/** The course of one step as a line; the table below says the same of all steps. */
function Course({ growth, weeks }: CourseProps) {
  const [picked, setPicked] = useState<RungId>()
  const last = [...growth].reverse().find(({ secureSince }) => secureSince === undefined) ?? growth[growth.length - 1]
  const shown = growth.find(({ rung }) => rung === picked) ?? last
  if (!shown || weeks.length < 2) return null
  const name = rungOf(shown.rung).name
  return (
    <figure className="no-print" style={{ margin: '0 0 12px' }}>
      <Choice
        label={t`How it grew`}
        value={shown.rung}
        onChange={setPicked}
        data={growth.map(({ rung }) => ({ value: rung, label: said(rungOf(rung).name) }))}
        w={260}
      />
      <div role="img" aria-label={t`How the answers came to speak for ${said(name)}. The table below has it in words.`}>
        <WhenSeen height={CHART_PX}>
          <chart.Part growth={shown} weeks={weeks} height={CHART_PX} />
        </WhenSeen>
      </div>
      <figcaption>
        <Text size="sm" className="quiet">
          <Trans>
            How much the answers speak for “{said(name)}”. It also takes answers on two days, and with two kinds of
            questions.
          </Trans>
        </Text>
      </figcaption>
    </figure>
  )
}

/** What the marks mean. */
function Legend() {
  return (
    <Text size="sm" mb={6} style={{ display: 'flex', flexWrap: 'wrap', gap: '4px 16px' }}>
      {SHOWN_LEVELS.map((level) => (
        <span key={level}>
          <LevelMark level={level} /> {said(LEVEL_NAMES[level])}
        </span>
      ))}
      <span className="quiet">{t`A pale mark: no answers in that week.`}</span>
    </Text>
  )
}

function GrowthRow({ growth, weeks }: { growth: Growth; weeks: readonly LocalDay[] }) {
  const { rung, secureSince, secureUntil } = growth
  return (
    <tr>
      <th scope="row">{said(rungOf(rung).name)}</th>
      {weeks.map((week, i) => {
        const at = growth.weeks[i]
        return (
          <td key={week}>
            {at && (
              <span
                title={[
                  said(LEVEL_NAMES[at.level]),
                  at.of === 0 ? t`no answers` : t`${at.right} of ${at.of} right`,
                ].join(', ')}
                style={{ opacity: at.of === 0 ? 0.45 : 1 }}
              >
                <LevelMark level={at.level} isNamed />
              </span>
            )}
          </td>
        )
      })}
      <td className="growth-since">
        {secureSince !== undefined && `★ ${calendarDay(secureSince)}`}
        {secureSince === undefined &&
          (secureUntil === undefined ? '–' : t`was secure until ${calendarDay(secureUntil)}`)}
      </td>
    </tr>
  )
}
