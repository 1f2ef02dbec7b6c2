import { said } from '../../words/i18n'
import { t } from '@lingui/core/macro'
import { ActionIcon, Group, Stack, Text } from '@mantine/core'
import {
  closestCenter,
  DndContext,
  type DragEndEvent,
  KeyboardSensor,
  MouseSensor,
  TouchSensor,
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
import { IconGripVertical } from '@tabler/icons-react'
import type { StepId } from '../../core/ids'
import { activityOf } from '../../core/activities'
import { LONGEST_SESSION, planAfterMinutes, planAfterMove, timeline } from '../../core/planning'
import type { Settings } from '../../core/records'
import { say } from '../../core/wording'
import { MinutesField } from './SessionFieldsRow'
import type { PlanState } from './usePlan'
import { StepDetails, StepName, type StepRowProps, Swap } from './StepParts'

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
    return <Text className="sheet">{t`Nothing is planned yet. Add activities from the shelf.`}</Text>
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={closestCenter}
      onDragEnd={drop}
      accessibility={{ announcements: announcementsFor(state) }}
    >
      <SortableContext items={plan.steps.map((step) => step.id)} strategy={verticalListSortingStrategy}>
        <Stack gap={6} component="ol" p={0} m={0} style={{ listStyle: 'none' }} aria-label={t`Activities`}>
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
    return step ? said(activityOf(step).name) : t`the step`
  }
  const place = (id: string | number) => t`place ${steps.findIndex((step) => step.id === id) + 1} of ${steps.length}`
  return {
    onDragStart: ({ active }: { active: { id: string | number } }) => t`Picked up ${name(active.id)}.`,
    onDragOver: ({ active, over }: { active: { id: string | number }; over: { id: string | number } | null }) =>
      over ? t`${name(active.id)} is over ${place(over.id)}.` : undefined,
    onDragEnd: ({ active, over }: { active: { id: string | number }; over: { id: string | number } | null }) =>
      over ? t`${name(active.id)} is now at ${place(over.id)}.` : t`${name(active.id)} stays where it was.`,
    onDragCancel: ({ active }: { active: { id: string | number } }) => t`${name(active.id)} stays where it was.`,
  }
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
    <li ref={setNodeRef} style={style} className={`sheet plan-step stage-${activity.stage}`}>
      <Group gap={6} className="plan-row">
        <ActionIcon
          ref={setActivatorNodeRef}
          {...attributes}
          {...listeners}
          variant="subtle"
          color="gray"
          size="lg"
          aria-label={t`Move ${said(activity.name)}`}
          title={t`Drag it to its place, or press Space and the arrow keys`}
          style={{ cursor: 'grab', touchAction: 'none' }}
        >
          <IconGripVertical size={20} color="var(--quiet)" />
        </ActionIcon>
        <StepName
          name={said(activity.name)}
          stage={activity.stage}
          at={at}
          open={open}
          isLocked={step.locked === true}
          onPick={onPick}
        />
        <MinutesField
          label={t`Minutes of ${said(activity.name)}`}
          hidden
          value={step.minutes}
          least={1}
          most={LONGEST_SESSION}
          width={74}
          onChange={(minutes) => state.setPlan(planAfterMinutes(plan, step.id, minutes))}
        />
        <Swap stepId={step.id} name={said(activity.name)} state={state} />
      </Group>
      {open && <StepDetails timed={timed} state={state} settings={settings} />}
    </li>
  )
}
