import { said } from '../../words/i18n'
import { t, plural } from '@lingui/core/macro'
import { ActionIcon, Button, Checkbox, Group, Stack, Text } from '@mantine/core'
import { IconPlus, IconTrash } from '@tabler/icons-react'
import type { RefusedValue } from '../../core/errors'
import { weekdaysInWords } from '../../words/adult'
import {
  type Holiday,
  LONGEST_SESSION,
  MOST_HOLIDAYS,
  MOST_HOME_MINUTES,
  SHORTEST_SESSION,
  type TermWish,
} from '../../core/planning'
import { type RungId, rungOf, schools } from '../../core/teaching'
import { Choice } from '../../ui/Choice'
import { DateField } from '../../ui/DateField'
import { WholeField } from '../../ui/WholeField'

interface Props {
  readonly wish: TermWish
  readonly onChange: (wish: TermWish) => void
  /** What is wrong with it. */
  readonly refusal: RefusedValue | undefined
  readonly meetings: number | undefined
}

const NO_GOAL = ''

/** How often and how long they meet, from when to when. */
export function TermForm({ wish, onChange, refusal, meetings }: Props) {
  const set = (change: Partial<TermWish>) => onChange({ ...wish, ...change })
  const wrong = (field: string) => (refusal?.field === field ? said(refusal.says) : undefined)
  const goals = schools[wish.school].order.map((id) => ({ value: id, label: said(rungOf(id).name) }))
  return (
    <Stack gap="sm" className="sheet" component="section" aria-label={t`The term`}>
      <Group grow gap="xs" align="start">
        <DateField label={t`From`} value={wish.from} error={wrong('from')} onChange={(from) => set({ from })} />
        <DateField label={t`Until`} value={wish.until} error={wrong('until')} onChange={(until) => set({ until })} />
      </Group>
      <Checkbox.Group
        label={t`You meet on`}
        value={wish.weekdays.map(String)}
        error={wrong('weekdays')}
        onChange={(days) => set({ weekdays: days.map(Number).sort((a, b) => a - b) })}
      >
        <Group gap="xs" mt={6}>
          {weekdaysInWords().map(({ name, short }, i) => (
            <Checkbox key={name} value={String(i)} label={short} aria-label={name} />
          ))}
        </Group>
      </Checkbox.Group>
      <Group grow gap="xs" align="start">
        <WholeField
          label={t`Minutes each time`}
          value={wish.minutes}
          least={SHORTEST_SESSION}
          most={LONGEST_SESSION}
          onChange={(minutes) => set({ minutes })}
        />
        <WholeField
          label={t`Minutes at home a day`}
          value={wish.homeMinutes}
          least={0}
          most={MOST_HOME_MINUTES}
          onChange={(homeMinutes) => set({ homeMinutes })}
        />
      </Group>
      <Choice<RungId | ''>
        label={t`Hoped for by the end`}
        value={wish.goal ?? NO_GOAL}
        data={[{ value: NO_GOAL, label: t`nothing special` }, ...goals]}
        onChange={(goal) => set({ goal: goal === '' ? null : goal })}
      />
      <Holidays list={wish.holidays} refusal={refusal} onChange={(holidays) => set({ holidays })} />
      {meetings !== undefined && (
        <Text size="sm" className="quiet">
          {t`${plural(meetings, { one: '# session.', other: '# sessions.' })}`}{' '}
          {t`Counts on 1 session in 20 being cancelled, and on each child being away 1 time in 12.`}
        </Text>
      )}
    </Stack>
  )
}

interface HolidaysProps {
  readonly list: readonly Holiday[]
  readonly refusal: RefusedValue | undefined
  readonly onChange: (list: readonly Holiday[]) => void
}

/** Days on which they do not meet. */
function Holidays({ list, refusal, onChange }: HolidaysProps) {
  const wrong = (field: string) => (refusal?.field === field ? said(refusal.says) : undefined)
  const change = (at: number, part: Partial<Holiday>) =>
    onChange(list.map((each, i) => (i === at ? { ...each, ...part } : each)))
  return (
    <Stack gap={6} role="group" aria-label={t`Holidays`}>
      {list.map((holiday, i) => (
        <Group key={i} gap={6} wrap="nowrap" align="end">
          <DateField
            label={i === 0 ? t`Away from` : t`and from`}
            value={holiday.from}
            error={wrong(`holiday ${i + 1}: first day`)}
            onChange={(from) => change(i, { from })}
          />
          <DateField
            label={t`until`}
            value={holiday.until}
            error={wrong(`holiday ${i + 1}: last day`)}
            onChange={(until) => change(i, { until })}
          />
          <ActionIcon
            variant="subtle"
            color="gray"
            size="lg"
            aria-label={t`Remove the holiday from ${holiday.from}`}
            onClick={() => onChange(list.filter((_, at) => at !== i))}
          >
            <IconTrash size={18} color="var(--quiet)" />
          </ActionIcon>
        </Group>
      ))}
      {wrong('holidays') && (
        <Text size="sm" role="alert" c="var(--attention)">
          {wrong('holidays')}
        </Text>
      )}
      <AddHoliday list={list} onChange={onChange} />
    </Stack>
  )
}

function AddHoliday({ list, onChange }: Pick<HolidaysProps, 'list' | 'onChange'>) {
  const last = list[list.length - 1]?.until ?? ''
  return (
    <Button
      variant="default"
      size="compact-md"
      leftSection={<IconPlus size={15} />}
      disabled={list.length >= MOST_HOLIDAYS}
      onClick={() => onChange([...list, { from: last, until: last }])}
      style={{ alignSelf: 'flex-start' }}
    >{t`Add a holiday`}</Button>
  )
}
