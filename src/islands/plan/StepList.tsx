import type { StepId } from '../../core/ids'
import { ActionIcon, Group, Stack, Text, UnstyledButton } from '@mantine/core'
import {
  DndContext,
  type DragEndEvent,
  KeyboardSensor,
  MouseSensor,
  TouchSensor,
  closestCenter,
  useSensor,
  useSensors,
} from '@dnd-kit/core'
import {
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable'
import { CSS } from '@dnd-kit/utilities'
import { IconArrowsExchange, IconGripVertical, IconLock, IconLockOpen, IconTrash } from '@tabler/icons-react'
import { useState } from 'react'
import { activityOf, wordsOn } from '../../core/activities'
import {
  LONGEST_SESSION,
  type PlanStep,
  type TimedStep,
  paceInWords,
  planAfterLock,
  planAfterMinutes,
  planAfterMove,
  planAfterRemove,
  timeline,
} from '../../core/planning'
import type { Settings } from '../../core/records'
import type { Stage } from '../../core/teaching'
import { say } from '../../core/wording'
import { StageTag } from '../../ui/StageTag'
import { later } from '../../ui/later'
import { MinutesField } from './SessionFieldsRow'
import type { PlanState } from './usePlan'

/** Works out games, for which all printables are needed: so it comes when a step is opened. */
const lasts = later(async () => (await import('./Lasts')).Lasts)

interface StepListProps {
  readonly state: PlanState
  readonly settings: Settings
  readonly picked: string | undefined
  readonly onPick: (stepId: StepId | undefined) => void
}

/** The steps in their order: dragged by hand or moved by key, lengthened, swapped, taken out. */
export function StepList({ state, settings, picked, onPick }: StepListProps) {
  const { plan, start } = state.session
  const sensors = useSensors(
    useSensor(MouseSensor, { activationConstraint: { distance: 4 } }),
    useSensor(TouchSensor, { activationConstraint: { delay: 120, tolerance: 8 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  )
  const drop = ({ active, over }: DragEndEvent) => {
    if (!over || active.id === over.id) return
    const to = plan.steps.findIndex((step) => step.id === over.id)
    state.setPlan(planAfterMove(plan, String(active.id), to))
  }
  if (plan.steps.length === 0)
    return <Text className="sheet">Nothing is planned yet. Add activities from the shelf.</Text>
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={closestCenter}
      onDragEnd={drop}
      accessibility={{ announcements: announcementsFor(state) }}
    >
      <SortableContext items={plan.steps.map((step) => step.id)} strategy={verticalListSortingStrategy}>
        <Stack gap={6} component="ol" p={0} m={0} style={{ listStyle: 'none' }} aria-label="Steps">
          {timeline(plan, start).map((timed) => (
            <StepRow
              key={timed.step.id}
              timed={timed}
              at={say(timed.start, { language: settings.language, form: 'digital' })}
              state={state}
              settings={settings}
              open={picked === timed.step.id}
              onPick={() => onPick(picked === timed.step.id ? undefined : timed.step.id)}
            />
          ))}
        </Stack>
      </SortableContext>
    </DndContext>
  )
}

/** What a screen reader says while a step is moved by key: names and places, not ids. */
function announcementsFor(state: PlanState) {
  const { steps } = state.session.plan
  const name = (id: string | number) => {
    const step = steps.find((each) => each.id === id)
    return step ? activityOf(step).name : 'the step'
  }
  const place = (id: string | number) => `place ${steps.findIndex((step) => step.id === id) + 1} of ${steps.length}`
  return {
    onDragStart: ({ active }: { active: { id: string | number } }) => `Picked up ${name(active.id)}.`,
    onDragOver: ({ active, over }: { active: { id: string | number }; over: { id: string | number } | null }) =>
      over ? `${name(active.id)} is over ${place(over.id)}.` : undefined,
    onDragEnd: ({ active, over }: { active: { id: string | number }; over: { id: string | number } | null }) =>
      over ? `${name(active.id)} is now at ${place(over.id)}.` : `${name(active.id)} stays where it was.`,
    onDragCancel: ({ active }: { active: { id: string | number } }) => `${name(active.id)} stays where it was.`,
  }
}

interface StepRowProps {
  readonly timed: TimedStep
  readonly at: string
  readonly state: PlanState
  readonly settings: Settings
  readonly open: boolean
  readonly onPick: () => void
}

function StepRow({ timed, at, state, settings, open, onPick }: StepRowProps) {
  const { step } = timed
  const { plan } = state.session
  const activity = activityOf(step)
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition, isDragging } = useSortable({
    id: step.id,
  })
  const style = {
    transform: CSS.Transform.toString(transform),
    transition,
    padding: '6px 10px',
    borderLeft: '5px solid var(--stage)',
    zIndex: isDragging ? 2 : undefined,
    position: 'relative',
    boxShadow: isDragging ? '0 6px 18px rgb(0 0 0 / 25%)' : undefined,
  } as const
  return (
    <li ref={setNodeRef} style={style} className={`sheet stage-${activity.stage}`}>
      <Group wrap="nowrap" gap={6}>
        <ActionIcon
          ref={setActivatorNodeRef}
          {...attributes}
          {...listeners}
          variant="subtle"
          color="gray"
          size="lg"
          aria-label={`Move ${activity.name}`}
          style={{ cursor: 'grab', touchAction: 'none' }}
        >
          <IconGripVertical size={20} color="var(--quiet)" />
        </ActionIcon>
        <StepName name={activity.name} stage={activity.stage} at={at} open={open} onPick={onPick} />
        <MinutesField
          label={`Minutes of ${activity.name}`}
          hidden
          value={step.minutes}
          least={1}
          most={LONGEST_SESSION}
          width={74}
          onChange={(minutes) => state.setPlan(planAfterMinutes(plan, step.id, minutes))}
        />
        <Lock step={step} name={activity.name} state={state} />
        <Swap stepId={step.id} name={activity.name} state={state} />
        <ActionIcon
          variant="subtle"
          color="gray"
          size="lg"
          aria-label={`Take out ${activity.name}`}
          onClick={() => state.setPlan(planAfterRemove(plan, step.id))}
        >
          <IconTrash size={18} color="var(--quiet)" />
        </ActionIcon>
      </Group>
      {open && <StepDetails timed={timed} state={state} settings={settings} />}
    </li>
  )
}

/** A step that is locked stays when another plan is built. */
function Lock({ step, name, state }: { step: PlanStep; name: string; state: PlanState }) {
  return (
    <ActionIcon
      variant={step.locked ? 'light' : 'subtle'}
      color={step.locked ? undefined : 'gray'}
      size="lg"
      aria-label={`Keep ${name} when another plan is built`}
      aria-pressed={step.locked === true}
      onClick={() => state.setPlan(planAfterLock(state.session.plan, step.id, !step.locked))}
    >
      {step.locked ? <IconLock size={18} /> : <IconLockOpen size={18} color="var(--quiet)" />}
    </ActionIcon>
  )
}

interface StepNameProps extends Pick<StepRowProps, 'at' | 'open' | 'onPick'> {
  readonly name: string
  readonly stage: Stage
}

function StepName({ name, stage, at, open, onPick }: StepNameProps) {
  return (
    <UnstyledButton onClick={onPick} aria-expanded={open} style={{ flex: 1, minWidth: 0, minHeight: 44 }}>
      <Group gap={8} wrap="nowrap">
        <Text span size="sm" className="quiet" style={{ minWidth: 40 }}>
          {at}
        </Text>
        <Text span fw={600} className="anywhere" style={{ flex: 1 }}>
          {name}
        </Text>
        <StageTag stage={stage} />
      </Group>
    </UnstyledButton>
  )
}

/** Why it is there, what to do and what to look for. */
function StepDetails({ timed: { step, start }, state, settings }: Pick<StepRowProps, 'timed' | 'state' | 'settings'>) {
  const activity = activityOf(step)
  const words = wordsOn(activity, step.rung)
  const players = state.request.children.length
  const pace = paceInWords(activity, players, state.request.pace)
  return (
    <Stack gap={4} mt={6} pl={44}>
      <Text size="sm" c="var(--stage)" fw={600}>
        {step.why}
      </Text>
      <ol style={{ margin: 0, paddingLeft: 20, fontSize: 14 }}>
        {words.steps.map((text) => (
          <li key={text}>{text}</li>
        ))}
      </ol>
      <Text size="sm">Look for: {words.lookFor}</Text>
      {pace && <Text size="sm">{pace}</Text>}
      {step.stations && <stations.Part step={step} start={start} request={state.request} />}
      <lasts.Part step={step} children={players} settings={settings} />
      {step.tookSeconds !== undefined && <Text size="sm">It took {Math.round(step.tookSeconds / 60)} min.</Text>}
    </Stack>
  )
}

const stations = later(async () => (await import('../../ui/StationsShown')).StationsShown)
const swapMenu = later(async () => (await import('./SwapMenu')).SwapMenu)

/** The menu of what could stand in a step's place comes when it is asked for. */
function Swap(props: { stepId: StepId; name: string; state: PlanState }) {
  const [isWanted, setWanted] = useState(false)
  const button = (
    <ActionIcon
      variant="subtle"
      color="gray"
      size="lg"
      aria-label={`Swap ${props.name}`}
      onClick={() => setWanted(true)}
    >
      <IconArrowsExchange size={18} color="var(--quiet)" />
    </ActionIcon>
  )
  return isWanted ? <swapMenu.Part {...props} /> : button
}
