import { Group, MultiSelect, Switch } from '@mantine/core'
import type { ReactNode } from 'react'
import { Choice } from '../../ui/Choice'
import { FADING_ORDER, SCAFFOLD_NAMES, type ScaffoldId } from '../../core/knowing'
import { asksOf, rungOf, wayOf } from '../../core/teaching'
import type { QuickCheckState } from './useQuickCheck'

/** Who is asked, on which rung, which way, with what: set once and left. */
export function CheckChoices({ check, who }: { check: QuickCheckState; who: ReactNode }) {
  const { choices, choose } = check
  return (
    <>
      <Group gap="xs" align="end">
        {who}
        <Choice
          aria-label="Which step"
          style={{ flex: 1, minWidth: 150 }}
          value={choices.rung ?? ''}
          onChange={(rung) => choose({ rung: rung || null, ask: null })}
          data={[
            { value: '', label: 'Each child’s own step' },
            { value: 'due', label: 'Ask again' },
            ...check.rungs.map((id) => ({ value: id, label: rungOf(id).name })),
          ]}
        />
      </Group>
      <Group gap="xs" align="center">
        <Way check={check} />
        <MultiSelect
          aria-label="Hints on the clock"
          placeholder={check.scaffolds.length === 0 ? 'No hints on the clock' : undefined}
          style={{ flex: 1, minWidth: 170 }}
          value={[...check.scaffolds]}
          onChange={(ids) => check.setScaffolds(ids as ScaffoldId[])}
          data={FADING_ORDER.map((id) => ({ value: id, label: SCAFFOLD_NAMES[id] }))}
        />
      </Group>
      <Group gap="lg">
        <Switch
          label="25 s a question"
          checked={choices.timer}
          onChange={(event) => choose({ timer: event.currentTarget.checked })}
        />
        <Switch
          label="With a real clock"
          checked={choices.realClock}
          onChange={(event) => choose({ realClock: event.currentTarget.checked })}
        />
        <Switch
          label="Wait after a right answer"
          checked={choices.waits ?? false}
          onChange={(event) => choose({ waits: event.currentTarget.checked })}
        />
      </Group>
    </>
  )
}

/** Which way the rung is asked, where it can be asked in more than one. */
function Way({ check: { choices, choose, rung } }: { check: QuickCheckState }) {
  const ways = asksOf(rung)
  if (ways.length < 2) return null
  return (
    <Choice
      aria-label="Which way"
      style={{ flex: 1, minWidth: 150 }}
      value={choices.ask && ways.includes(choices.ask) ? choices.ask : ''}
      onChange={(ask) => choose({ ask: ask || null })}
      data={[{ value: '', label: 'Let the app choose' }, ...ways.map((id) => ({ value: id, label: wayOf(id).name }))]}
    />
  )
}
