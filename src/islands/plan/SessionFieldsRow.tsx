import { said } from '../../words/i18n'
import { Trans } from '@lingui/react/macro'
import { t } from '@lingui/core/macro'
import { Button, Group, Text } from '@mantine/core'
import { Choice } from '../../ui/Choice'
import { useState } from 'react'
import { placeNames } from '../../core/activities'
import { LONGEST_SESSION, SHORTEST_SESSION, plannedMinutes } from '../../core/planning'
import { pathOf, rungOf } from '../../core/teaching'
import { type LanguageId, say } from '../../core/wording'
import { DateField } from '../../ui/DateField'
import { TimeField } from '../../ui/TimeField'
import { dayInWords } from '../../ui/dates'
import { placeChoices } from '../../ui/places'
import type { PlanState } from './usePlan'
import { NumberField } from '../../ui/NumberField'

/** When, how long and where: each change re-runs every check. */
export function SessionFieldsRow({ state, language }: { state: PlanState; language: LanguageId }) {
  const { session, request, setFields } = state
  const planned = plannedMinutes(session.plan)
  const [isOpen, setOpen] = useState(false)
  return (
    <Group gap="sm" align="end">
      <MinutesField
        label={t`Minutes available`}
        value={session.minutes}
        least={SHORTEST_SESSION}
        most={LONGEST_SESSION}
        onChange={(minutes) => setFields({ minutes })}
        width={140}
      />
      <Choice
        label={t`For`}
        data={pathOf(request.school).map((id) => ({ value: id, label: said(rungOf(id).name) }))}
        value={session.plan.rung}
        onChange={(rung) => state.planFor(rung)}
        w={270}
      />
      {isOpen && (
        <>
          <DateField label={t`Date`} value={session.date} onChange={(date) => setFields({ date })} w={160} />
          <TimeField
            label={t`Starts`}
            value={session.start}
            language={language}
            onChange={(start) => setFields({ start })}
            w={130}
          />
          <Choice
            label={t`Place`}
            data={placeChoices()}
            value={session.place}
            onChange={(place) => setFields({ place })}
            w={150}
          />
        </>
      )}
      <Button variant="default" aria-expanded={isOpen} onClick={() => setOpen(!isOpen)}>
        {isOpen ? t`Close` : t`When and where`}
      </Button>
      <Text
        size="sm"
        pb={8}
        c={planned === session.minutes ? undefined : 'var(--attention)'}
        className={planned === session.minutes ? 'quiet' : undefined}
      >
        {isOpen ? '' : `${whenAndWhere(session, language)}. `}
        <Trans>
          {planned} of {session.minutes} minutes planned
        </Trans>
      </Text>
    </Group>
  )
}

/** "Sat 5 Dec, 9:30, At a table". */
const whenAndWhere = ({ date, start, place }: PlanState['session'], language: LanguageId): string =>
  [dayInWords(date), say(start, { language, form: 'digital' }), said(placeNames[place])].join(', ')

interface MinutesFieldProps {
  readonly label: string
  /** Read out, not shown. */
  readonly hidden?: boolean
  readonly value: number
  readonly least: number
  readonly most: number
  readonly onChange: (minutes: number) => void
  readonly width: number
}

/** Whole minutes. They are used as soon as they are possible; until then the field says what is possible. */
export function MinutesField({ label, hidden = false, value, least, most, onChange, width }: MinutesFieldProps) {
  const [typed, setTyped] = useState<number | string | undefined>()
  const shown = typed ?? value
  const isRight = typeof shown === 'number' && Number.isInteger(shown) && shown >= least && shown <= most
  return (
    <NumberField
      label={hidden ? undefined : label}
      aria-label={hidden ? label : undefined}
      value={shown}
      min={least}
      max={most}
      keepsOutside
      w={width}
      error={isRight ? undefined : t`${least} to ${most}`}
      onChange={(next) => {
        const possible = typeof next === 'number' && Number.isInteger(next) && next >= least && next <= most
        setTyped(possible ? undefined : next)
        if (possible && next !== value) onChange(next)
      }}
    />
  )
}
