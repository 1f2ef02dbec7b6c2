import { said } from '../../words/i18n'
import { t } from '@lingui/core/macro'
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
          aria-label={t`Which step`}
          style={{ flex: 1, minWidth: 150 }}
          value={choices.rung ?? ''}
          onChange={(rung) => choose({ rung: rung || null, ask: null })}
          data={[
            { value: '', label: t`Each child’s own step` },
            { value: 'due', label: t`Ask again` },
            ...check.rungs.map((id) => ({ value: id, label: said(rungOf(id).name) })),
          ]}
        />
      </Group>
      <Group gap="xs" align="center">
        <Way check={check} />
        <MultiSelect
          aria-label={t`Hints on the clock`}
          placeholder={check.scaffolds.length === 0 ? t`No hints on the clock` : undefined}
          style={{ flex: 1, minWidth: 170 }}
          value={[...check.scaffolds]}
          onChange={(ids) => check.setScaffolds(ids as ScaffoldId[])}
          data={FADING_ORDER.map((id) => ({ value: id, label: said(SCAFFOLD_NAMES[id]) }))}
        />
      </Group>
      <Group gap="lg">
        <Switch
          label={t`25 s a question`}
          checked={choices.timer}
          onChange={(event) => choose({ timer: event.currentTarget.checked })}
        />
        <Switch
          label={t`With a real clock`}
          checked={choices.realClock}
          onChange={(event) => choose({ realClock: event.currentTarget.checked })}
        />
        <Switch
          label={t`Wait after a right answer`}
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
      aria-label={t`Which way`}
      style={{ flex: 1, minWidth: 150 }}
      value={choices.ask && ways.includes(choices.ask) ? choices.ask : ''}
      onChange={(ask) => choose({ ask: ask || null })}
      data={[
        { value: '', label: t`Let the app choose` },
        ...ways.map((id) => ({ value: id, label: said(wayOf(id).name) })),
      ]}
    />
  )
}
