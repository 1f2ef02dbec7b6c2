import { said } from '../../words/i18n'
import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Button, Checkbox, Group, Stack, Switch, Text } from '@mantine/core'
import { IconPrinter, IconRun } from '@tabler/icons-react'
import { DAY_THING_IDS, DAY_THINGS, dayThing, type DayThingId, roundedInWords } from '../../core/planning'
import type { DaysData } from '../../core/records'
import { rungOf } from '../../core/teaching'
import { Cautions } from '../../ui/Cautions'
import { Choice } from '../../ui/Choice'
import { NumberField } from '../../ui/NumberField'
import { useChecked } from './useChecked'
import { Fold } from '../../ui/Fold'
import { type Prints, type DayPrintsProps, usePrints } from './usePrints'

/** What the day makes, for a group or once: chosen with a tap, printed in one PDF. */
export function PrintPanel({ state, data }: DayPrintsProps) {
  const prints = usePrints({ state, data })
  const { things, children, query } = prints
  const { problems, cautions, isReady } = useChecked(prints, state)
  if (!state.one || state.body.rows.length === 0)
    return <Text size="sm">{t`Give the day at least one row: then it makes clocks, cards, sheets and games.`}</Text>
  const canPrint = things.length > 0 && isReady && !state.saving && !state.unsaved
  return (
    <Stack gap="sm">
      <Group gap="sm" align="end">
        <ForWhom prints={prints} data={data} />
        <Button
          size="md"
          component="a"
          href={canPrint ? `/api/days/${state.one.id}/print.pdf?${query}` : undefined}
          data-disabled={!canPrint || undefined}
          target="_blank"
          leftSection={<IconPrinter size={18} />}
        >
          <Trans>Print {things.length} in one PDF</Trans>
        </Button>
      </Group>
      <Things prints={prints} />
      <Button
        variant="default"
        component="a"
        href={`/play?game=jump-the-day&day=${state.one.id}${prints.groupId ? `&group=${prints.groupId}` : ''}`}
        leftSection={<IconRun size={18} />}
        style={{ alignSelf: 'flex-start' }}
      >{t`Jump this day: call it and play`}</Button>
      {problems.map((problem) => (
        <Text key={problem} size="sm" role="alert" className="days-odd">
          {problem}
        </Text>
      ))}
      {children.length > 0 && <Rounding prints={prints} />}
      <Cautions ids={cautions} />
    </Stack>
  )
}

function ForWhom({ prints, data }: { prints: Prints; data: DaysData }) {
  return (
    <Choice
      label={t`Sheets for`}
      value={prints.groupId}
      onChange={prints.setGroupId}
      data={[
        { value: '', label: t`one of each` },
        ...data.groups.map(({ id, name, childIds }) => ({
          value: id as string,
          label: `${name} (${childIds.length})`,
        })),
      ]}
    />
  )
}

/** Whether hard times are rounded, and what that comes to for each child. */
function Rounding({ prints: { isRounded, setRounded, children, wish } }: { prints: Prints }) {
  return (
    <>
      <Switch
        label={t`Round times that are too hard for a child`}
        checked={isRounded}
        onChange={(event) => setRounded(event.currentTarget.checked)}
      />
      <Fold title={t`Who gets which times`}>
        <ul>
          {children.map((child) => (
            <li key={child.id}>
              <strong className="anywhere">{child.name}</strong>, {said(rungOf(child.rung).name)}:{' '}
              {roundedInWords(child, wish).join('; ')}
            </li>
          ))}
        </ul>
      </Fold>
    </>
  )
}

/** What most days are printed as. */
const FIRST_THINGS: readonly DayThingId[] = DAY_THING_IDS.slice(0, 4)

function Things({ prints }: { prints: Prints }) {
  const { things, setThings: onChange } = prints
  const toggle = (id: DayThingId) =>
    onChange(DAY_THING_IDS.filter((each) => (each === id ? !things.includes(id) : things.includes(each))))
  const box = (id: DayThingId) => (
    <Checkbox
      key={id}
      label={said(DAY_THINGS[id].name)}
      description={dayThing(id).isForEach ? t`a sheet for each child` : undefined}
      checked={things.includes(id)}
      onChange={() => toggle(id)}
    />
  )
  const others = DAY_THING_IDS.filter((id) => !FIRST_THINGS.includes(id))
  const chosen = others.filter((id) => things.includes(id)).length
  return (
    <div role="group" aria-label={t`What to print`}>
      <div className="days-things">{FIRST_THINGS.map(box)}</div>
      <Fold
        title={chosen > 0 ? t`${others.length} more to print (${chosen} chosen)` : t`${others.length} more to print`}
      >
        <div className="days-things">{others.map(box)}</div>
        <NumberField
          label={t`Number`}
          description={t`The same number prints the same pages.`}
          value={prints.seed}
          min={0}
          max={1_000_000}
          w={220}
          mt="sm"
          onChange={prints.setSeed}
        />
      </Fold>
    </div>
  )
}
