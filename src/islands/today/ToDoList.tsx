import { clockInWords } from '../../words/adult'
import { said } from '../../words/i18n'
import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { MS_PER_DAY } from '../../core/clock'
import { Anchor, Text } from '@mantine/core'
import { IconEye, IconPrinter, IconShoppingBag, IconClockHour9 } from '@tabler/icons-react'
import { useState } from 'react'
import { type ToDo, toDo } from '../../core/planning'
import type { Overview } from '../../core/records'
import { rungOf } from '../../core/teaching'
import { dayInWords, today } from '../../ui/dates'

const ICONS = { next: IconClockHour9, print: IconPrinter, fetch: IconShoppingBag, look: IconEye } as const

/** Sessions further off than this do not have to be got ready yet. */
const READY_WITHIN_DAYS = 7

/** What a tired adult needs to know first, one line each. */
export function ToDoList({ overview }: { overview: Overview }) {
  const [until] = useState(() => today(new Date(Date.now() + READY_WITHIN_DAYS * MS_PER_DAY)))
  const lines = toDo(overview.groups, until)
  if (lines.length === 0) return null
  return (
    <ul className="sheet" aria-label={t`First of all`} style={{ listStyle: 'none', margin: 0 }}>
      {lines.map((line) => (
        <li key={line.id} style={{ display: 'flex', gap: 10, alignItems: 'center', padding: '3px 0' }}>
          <Line line={line} language={overview.settings.language} />
        </li>
      ))}
      {lines.some((line) => line.is === 'fetch') && (
        <li style={{ padding: '3px 0 3px 30px' }}>
          <Anchor underline="always" href="/fetch" size="sm">{t`All that you need, in one list`}</Anchor>
        </li>
      )}
    </ul>
  )
}

interface ToDoProps {
  readonly line: ToDo
  readonly language: Overview['settings']['language']
}

function Line({ line, language }: ToDoProps) {
  const Icon = ICONS[line.is]
  return (
    <>
      <Icon size={20} aria-hidden style={{ flex: 'none' }} color="var(--quiet)" />
      <Text className="anywhere">
        <Words line={line} language={language} />
      </Text>
    </>
  )
}

function Words({ line: { is, groupName, session, childId, what: things }, language }: ToDoProps) {
  const what = things.map((thing) => said(thing)).join(', ')
  if (!session)
    return (
      <>
        <Trans>
          Look at{' '}
          <Anchor underline="always" href={`/children/${childId}`}>
            {what}
          </Anchor>
        </Trans>
      </>
    )
  const at = clockInWords(session.start, language)
  const when = `${dayInWords(session.date)}, ${at}`
  switch (is) {
    case 'next':
      return (
        <>
          <Trans>
            Next:{' '}
            <Anchor underline="always" href={`/table/${session.id}`}>
              {groupName}
            </Anchor>
            , {when}, {said(rungOf(session.plan.rung).name)}
          </Trans>
        </>
      )
    case 'print':
      return (
        <>
          <Trans>
            Print for{' '}
            <Anchor underline="always" href={`/plan/${session.id}?print`}>
              {groupName}
            </Anchor>{' '}
            by {when}
          </Trans>
        </>
      )
    default:
      return (
        <>
          <Trans>
            What you need for{' '}
            <Anchor underline="always" href={`/plan/${session.id}`}>
              {groupName}
            </Anchor>{' '}
            by {when}: {what}
          </Trans>
        </>
      )
  }
}
