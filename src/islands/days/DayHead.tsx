import { t } from '@lingui/core/macro'
import { Button, Group, Text, Title } from '@mantine/core'
import { IconClockPlay, IconPlus, IconTrash } from '@tabler/icons-react'
import { useState } from 'react'
import type { Day, Weekday } from '../../core/days'
import type { DaysData } from '../../core/records'
import { Choice } from '../../ui/Choice'
import { KeptChoice } from '../../ui/KeptChoice'
import { NameField } from '../../ui/NameField'
import { DateField } from '../../ui/DateField'
import { dayInWords, today } from '../../ui/dates'
import { weekdayInWords, weekdaysInWords } from '../../words/adult'
import type { DaysState } from './useDays'
import { Segments } from '../../ui/Segments'
import { UndoButton } from '../../ui/UndoButton'

interface Props {
  readonly state: DaysState
  readonly data: DaysData
}

/** Which day is open, what it is called, when it holds and for whom. */
export function DayHead({ state, data }: Props) {
  const { one: day } = state
  const [isOpen, setOpen] = useState(false)
  return (
    <Group gap="sm" align="end">
      <Title order={1} size="h3">{t`Days`}</Title>
      <KeptChoice state={state} list={data.days} label={t`Which day`} />
      {day && isOpen && (
        <>
          <NameField key={day.id} name={day.name} onRename={state.rename} />
          <When body={day.body} onChange={state.change} />
          <Whose body={day.body} data={data} onChange={state.change} />
          <Button variant="subtle" onClick={state.remove} leftSection={<IconTrash size={17} />}>{t`Remove`}</Button>
        </>
      )}
      {day && (
        <Button variant="default" aria-expanded={isOpen} onClick={() => setOpen(!isOpen)}>
          {isOpen ? t`Close` : t`Name, days and for whom`}
        </Button>
      )}
      {day && !isOpen && (
        <Text size="sm" className="quiet anywhere" pb={8}>
          {heldInWords(day.body, data)}
        </Text>
      )}
      <Deeds
        state={state}
        onAdd={() => {
          setOpen(true)
          state.add(t`A new day`)
        }}
      />
    </Group>
  )
}

/** What is done with the whole day, and another one. */
function Deeds({ state, onAdd }: { state: DaysState; onAdd: () => void }) {
  const { one: day } = state
  return (
    <Group gap={6} ml="auto">
      {day && (
        <>
          <UndoButton onUndo={state.undo} canUndo={state.canUndo} />
          <Button
            variant="default"
            component="a"
            href={`/days/now?day=${day.id}`}
            leftSection={<IconClockPlay size={17} />}
          >{t`Now and next`}</Button>
        </>
      )}
      <Button variant="light" onClick={onAdd} leftSection={<IconPlus size={17} />}>{t`New day`}</Button>
    </Group>
  )
}

/** "Mo, We, for Herons". */
function heldInWords({ on, whose }: Day, { groups, reports }: DaysData): string {
  const when =
    on.kind === 'date' ? dayInWords(on.date) : on.days.map((day) => weekdayInWords(day)).join(', ') || t`on no day`
  const name =
    whose.kind === 'group'
      ? groups.find(({ id }) => id === whose.groupId)?.name
      : whose.kind === 'child'
        ? reports.find(({ child }) => child.id === whose.childId)?.child.name
        : t`everybody`
  return name === undefined ? when : t`${when}, for ${name}`
}

interface DayPartProps {
  readonly body: Day
  readonly onChange: (part: Partial<Day>) => void
}

/** On some weekdays, or on one date. */
function When({ body: { on }, onChange }: DayPartProps) {
  const toggle = (day: Weekday) => {
    if (on.kind !== 'weekdays') return
    const days = on.days.includes(day) ? on.days.filter((each) => each !== day) : [...on.days, day]
    onChange({ on: { kind: 'weekdays', days: days.sort((a, b) => a - b) } })
  }
  return (
    <Group gap={6} align="end">
      <Segments
        aria-label={t`When it holds`}
        value={on.kind}
        onChange={(kind) =>
          onChange({
            on: kind === 'date' ? { kind: 'date', date: today() } : { kind: 'weekdays', days: [0, 1, 2, 3, 4] },
          })
        }
        data={[
          { value: 'weekdays', label: t`weekdays` },
          { value: 'date', label: t`one date` },
        ]}
      />
      {on.kind === 'weekdays' ? (
        <Group gap={2} role="group" aria-label={t`Weekdays`}>
          {weekdaysInWords().map(({ name, short }, i) => (
            <button
              key={name}
              type="button"
              className="chip days-weekday"
              aria-label={name}
              aria-pressed={on.days.includes(i as Weekday)}
              onClick={() => toggle(i as Weekday)}
            >
              {short}
            </button>
          ))}
        </Group>
      ) : (
        <DateField aria-label={t`Date`} value={on.date} onChange={(date) => onChange({ on: { kind: 'date', date } })} />
      )}
      {on.kind === 'weekdays' && on.days.length === 0 && <Text size="xs">{t`on no day yet`}</Text>}
    </Group>
  )
}

function Whose({ body: { whose }, data, onChange }: DayPartProps & { readonly data: DaysData }) {
  const value =
    whose.kind === 'group' ? `group ${whose.groupId}` : whose.kind === 'child' ? `child ${whose.childId}` : 'everybody'
  const take = (chosen: string) => {
    const [kind, id = ''] = chosen.split(' ')
    if (kind === 'group') onChange({ whose: { kind, groupId: id } })
    else if (kind === 'child') onChange({ whose: { kind, childId: id } })
    else onChange({ whose: { kind: 'everybody' } })
  }
  return (
    <Choice
      label={t`For`}
      value={value}
      onChange={take}
      data={[
        { value: 'everybody', label: t`everybody` },
        ...data.groups.map(({ id, name }) => ({ value: `group ${id}`, label: name })),
        ...data.reports.map(({ child }) => ({ value: `child ${child.id}`, label: child.name })),
      ]}
    />
  )
}
