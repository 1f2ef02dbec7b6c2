import { titled } from '../../ui/titled'
import { said } from '../../words/i18n'
import { t } from '@lingui/core/macro'
import { Button, Grid, Group, Stack, Text, Title } from '@mantine/core'
import { useMounted, useWindowEvent } from '@mantine/hooks'
import { IconPlayerPlay, IconRefresh } from '@tabler/icons-react'
import { useMemo, useState } from 'react'
import { checkPlan } from '../../core/planning'
import type { SessionContext } from '../../core/records'
import { rungOf } from '../../core/teaching'
import { AddressTabs } from '../../ui/AddressTabs'
import { checksTab } from '../../ui/CheckLine'
import { isTyping } from '../../ui/Shortcuts'
import { Strip } from '../../ui/Strip'
import { later, useFetchLater, useWanted } from '../../ui/later'
import { PlanChecks, wouldHelp } from './PlanChecks'
import { asksToPrint } from './paperAddress'
import { PrintLink } from './PrintLink'
import { SessionFieldsRow } from './SessionFieldsRow'
import { StepList } from './StepList'
import { type PlanState, usePlan } from './usePlan'
import { useViewTitle } from '../../ui/viewTitle'
import { UndoButton } from '../../ui/UndoButton'

const prints = later(async () => (await import('./PrintsPanel')).PrintsPanel)
const shelf = later(async () => (await import('./ShelfPanel')).ShelfPanel)
const needs = later(async () => (await import('./FetchPanel')).FetchPanel)
const workedAs = later(async () => (await import('./WorkedAs')).WorkedAs)
const paper = later(async () => (await import('./PrintSession')).PrintSession)
const clash = later(async () => (await import('./PlanClash')).PlanClash)
const deeds = later(async () => (await import('./SessionDeeds')).SessionDeeds)
const LATER = [wouldHelp, clash, deeds, prints, shelf, needs, workedAs, paper]
/** Two teams of two. */
const FEWEST_IN_STATIONS = 4

/** One session before it is held: its minutes, its order, and what speaks for or against it. */
export function PlanBoard({ context }: { context: SessionContext }) {
  const state = usePlan(context)
  useFetchLater(LATER)
  const isStanding = useMounted()
  const [isWanted, want] = useWanted()
  useViewTitle(t`Plan of ${context.group.name}`)
  const { session } = state
  const [picked, setPicked] = useState<string>()
  useWindowEvent('keydown', (event) => {
    if (event.key !== 'z' || !(event.ctrlKey || event.metaKey) || isTyping(event)) return
    event.preventDefault()
    state.undo()
  })
  return (
    <Stack gap="sm">
      <PlanHead state={state} context={context} />
      {state.unsaved && (
        <Group className="sheet sheet-attention" role="alert" justify="space-between">
          <Text>{t`The last change is kept in this browser. It is saved once Ripe Acorn can be reached.`}</Text>
          <Button variant="default" onClick={state.retry}>{t`Save again`}</Button>
        </Group>
      )}
      {state.clash && <clash.Part state={state} />}
      <SessionFieldsRow key={session.id} state={state} language={context.settings.language} />
      {state.request.children.length >= FEWEST_IN_STATIONS && (
        <div style={{ minHeight: 42 }}>{isStanding && <workedAs.Part state={state} />}</div>
      )}
      <Strip plan={session.plan} at={picked} />
      <Grid gap="sm">
        <Grid.Col span={{ base: 12, md: 7 }}>
          <StepList state={state} settings={context.settings} picked={picked} onPick={setPicked} />
          <div style={{ minHeight: 44 }} onPointerEnter={want}>
            {isWanted && <deeds.Part session={session} />}
          </div>
        </Grid.Col>
        <Grid.Col span={{ base: 12, md: 5 }}>
          <PlanTabs state={state} context={context} />
        </Grid.Col>
      </Grid>
    </Stack>
  )
}

interface BoardPartProps {
  readonly state: PlanState
  readonly context: SessionContext
}

/** Whose session it is, and what is done with the whole of it. */
function PlanHead({ state, context }: BoardPartProps) {
  const { session } = state
  const isStanding = useMounted()
  // How many pages come takes all that can be printed to tell: after the view stands.
  const [isWanted] = useWanted()
  const [pages, setPages] = useState<number>()
  const asItStands = useMemo(() => ({ ...context, session }), [context, session])
  return (
    <Group justify="space-between" gap="xs">
      <div className="anywhere" style={{ flex: '1 1 260px' }}>
        <Title order={1} size="h3" lineClamp={2}>
          {titled(context.group.name, said(rungOf(session.plan.rung).name))}
        </Title>
        <Text size="sm" className="quiet" lineClamp={1}>
          {context.children.map((child) => child.name).join(', ') || t`nobody in this group`}
        </Text>
      </div>
      <Group gap="xs">
        <UndoButton onUndo={state.undo} canUndo={state.canUndo} />
        <Button
          variant="default"
          onClick={state.rebuild}
          leftSection={<IconRefresh size={18} />}
        >{t`Build again`}</Button>
        <Button.Group>
          <PrintLink id={session.id} pages={pages} />
          {isStanding && (isWanted || asksToPrint()) && <paper.Part context={asItStands} onPages={setPages} />}
        </Button.Group>
        <Button
          component="a"
          variant="light"
          href={`/table/${session.id}`}
          leftSection={<IconPlayerPlay size={18} />}
        >{t`Start the session`}</Button>
      </Group>
    </Group>
  )
}

/** What speaks for or against the plan, and what goes with it. */
function PlanTabs({ state, context }: BoardPartProps) {
  const { session, request } = state
  const checks = checkPlan(session.plan, request)
  const broken = checks.filter((check) => !check.ok).length
  return (
    <AddressTabs
      names={{
        checks: checksTab(broken),
        shelf: t`More activities`,
        fetch: t`What you need`,
        prints: t`Prints`,
      }}
      usual="checks"
      panels={{
        checks: <PlanChecks checks={checks} context={context} plan={session.plan} state={state} />,
        shelf: <shelf.Part state={state} />,
        fetch: <needs.Part state={state} />,
        prints: <prints.Part state={state} context={context} />,
      }}
    />
  )
}
