import { Button, Checkbox, Group, SimpleGrid, Stack, Text, TextInput, Textarea, Title } from '@mantine/core'
import { useState } from 'react'
import {
  type Energy,
  MOST_OWN_STEPS,
  type OwnActivityBody,
  type Place,
  durationRange,
  ownActivity,
} from '../../core/activities'
import { type RefusedValue, attempt } from '../../core/errors'
import { type CautionId, cautions } from '../../core/make'
import { type RungId, STAGES, rungs } from '../../core/teaching'
import { Choice } from '../../ui/Choice'
import { WholeField } from '../../ui/WholeField'
import { PLACES } from '../../ui/places'
import { NeedsFields } from './NeedsFields'
import type { OwnActivity, useActivities } from './useActivities'

interface Props {
  readonly draft: OwnActivity
  readonly save: ReturnType<typeof useActivities>['save']
  /** With what was saved, or nothing where it was given up. */
  readonly onClose: (saved?: OwnActivity) => void
}

type Set = (change: Partial<OwnActivityBody>) => void
interface PartProps {
  readonly body: OwnActivityBody
  readonly set: Set
}

/** An activity of one's own, or a copy that is changed. */
export function OwnForm({ draft, save, onClose }: Props) {
  const [name, setName] = useState(draft.name)
  const [body, setBody] = useState(draft.body)
  const [steps, setSteps] = useState(draft.body.steps.join('\n'))
  const set: Set = (change) => setBody({ ...body, ...change })
  const whole = { ...body, steps: linesOf(steps) }
  const { value: activity, refusal } = attempt(() => ownActivity(draft.id, name, whole))
  const send = () => save.mutate({ ...draft, name, body: whole }, { onSuccess: (saved) => onClose(saved) })
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault()
        send()
      }}
    >
      <Stack>
        <Title order={1} size="h2">
          {draft.version === 0 ? 'An activity of your own' : `Change ${draft.name}`}
        </Title>
        <SimpleGrid cols={{ base: 1, md: 2 }}>
          <HowItGoes name={name} onName={setName} steps={steps} onSteps={setSteps} body={body} set={set} />
          <Stack gap="md">
            <Kind body={body} set={set} />
            <Length body={body} set={set} />
            <NeedsFields needs={body.needs} onChange={(needs) => set({ needs })} />
            <Minded body={body} set={set} />
          </Stack>
        </SimpleGrid>
        {activity && <Lasts activity={activity} />}
        {(refusal ?? save.error) && (
          <Text role="alert" c="var(--attention)">
            {refusal ? `Not yet: ${labelled(refusal)}.` : save.error?.message}
          </Text>
        )}
        <Group gap="xs" justify="flex-end" className="activities-save">
          <Button variant="default" onClick={() => onClose()}>
            Cancel
          </Button>
          <Button type="submit" loading={save.isPending} disabled={name.trim() === '' || refusal !== undefined}>
            Save
          </Button>
        </Group>
      </Stack>
    </form>
  )
}

/** The fields as they are called here. */
const LABELS: Readonly<Record<string, string>> = {
  'duration.rounds.usual': 'Usual rounds',
  'duration.rounds.most': 'Most rounds',
  'players.most': 'Most children',
  duration: 'How long it takes',
  rungs: 'Rungs',
  places: 'Places',
  steps: 'Steps',
}

const labelled = ({ field, message }: RefusedValue) => message.replace(field, LABELS[field] ?? field)

interface HowItGoesProps extends PartProps {
  readonly name: string
  readonly onName: (name: string) => void
  readonly steps: string
  readonly onSteps: (steps: string) => void
}

function HowItGoes({ name, onName, steps, onSteps, body, set }: HowItGoesProps) {
  return (
    <Stack className="sheet" gap="sm" component="section" aria-label="How it goes">
      <TextInput
        label="Name"
        required
        maxLength={60}
        value={name}
        onChange={(event) => onName(event.currentTarget.value)}
      />
      <Textarea
        label="Steps, one a line"
        description={`What you do, in order: 1 to ${MOST_OWN_STEPS} lines.`}
        autosize
        minRows={4}
        value={steps}
        onChange={(event) => onSteps(event.currentTarget.value)}
      />
      <WordFields body={body} set={set} />
    </Stack>
  )
}

const linesOf = (text: string) =>
  text
    .split('\n')
    .map((line) => line.trim())
    .filter((line) => line !== '')

const WORDS = { say: 'Say', lookFor: 'Look for', easier: 'Easier', harder: 'Harder' } as const

function WordFields({ body, set }: PartProps) {
  return (Object.keys(WORDS) as (keyof typeof WORDS)[]).map((field) => (
    <TextInput
      key={field}
      label={WORDS[field]}
      maxLength={300}
      value={body[field]}
      onChange={(event) => set({ [field]: event.currentTarget.value })}
    />
  ))
}

const ROLES = [
  { value: 'teach', label: 'it teaches' },
  { value: 'break', label: 'it is a movement break' },
] as const
const ENERGIES = (['seated', 'standing', 'moving'] as const).map((value: Energy) => ({ value, label: value }))

/** What it is for, where and with whom. */
function Kind({ body, set }: PartProps) {
  const role = body.role === 'break' ? 'break' : 'teach'
  return (
    <Stack className="sheet" gap="sm" component="section" aria-label="What it is for">
      <Group grow align="start">
        <Choice label="What it does" value={role} data={ROLES} onChange={(value) => set({ role: value })} />
        <Choice
          label="Stage"
          value={body.stage}
          data={STAGES.map((value) => ({ value, label: value }))}
          onChange={(stage) => set({ stage })}
        />
        <Choice label="Energy" value={body.energy} data={ENERGIES} onChange={(energy) => set({ energy })} />
      </Group>
      <Checkbox.Group label="Rungs" value={[...body.rungs]} onChange={(value) => set({ rungs: value as RungId[] })}>
        <SimpleGrid cols={{ base: 2, xs: 3 }} spacing={6} mt={6}>
          {rungs.map(({ id, name }) => (
            <Checkbox key={id} value={id} label={name} />
          ))}
        </SimpleGrid>
      </Checkbox.Group>
      <Checkbox.Group label="Places" value={[...body.places]} onChange={(value) => set({ places: value as Place[] })}>
        <Group gap="md" mt={6}>
          {PLACES.map(({ value, label }) => (
            <Checkbox key={value} value={value} label={label} />
          ))}
        </Group>
      </Checkbox.Group>
      <Group grow align="start">
        <WholeField
          label="Fewest children"
          value={body.players.least}
          least={1}
          most={30}
          onChange={(least) => set({ players: { ...body.players, least } })}
        />
        <WholeField
          label="Most children"
          value={body.players.most}
          least={1}
          most={30}
          onChange={(most) => set({ players: { ...body.players, most } })}
        />
      </Group>
    </Stack>
  )
}

const TURNS = [
  { value: 'together', label: 'all at once' },
  { value: 'in-turn', label: 'one after the other' },
] as const

/** How long it takes: rounds, turns, setting up and clearing away. */
function Length({ body, set }: PartProps) {
  const { duration } = body
  const change = (part: Partial<OwnActivityBody['duration']>) => set({ duration: { ...duration, ...part } })
  const rounds = (part: Partial<typeof duration.rounds>) => change({ rounds: { ...duration.rounds, ...part } })
  return (
    <Stack className="sheet" gap="sm" component="section" aria-label="How long it takes">
      <Group grow align="start">
        <Choice label="They play" value={duration.turns} data={TURNS} onChange={(turns) => change({ turns })} />
        <WholeField
          label="Seconds a turn"
          value={duration.turnSeconds}
          least={1}
          most={3600}
          onChange={(turnSeconds) => change({ turnSeconds })}
        />
      </Group>
      <Group grow align="start">
        <WholeField
          label="Fewest rounds"
          value={duration.rounds.least}
          least={1}
          most={200}
          onChange={(least) => rounds({ least })}
        />
        <WholeField
          label="Usual rounds"
          value={duration.rounds.usual}
          least={1}
          most={200}
          onChange={(usual) => rounds({ usual })}
        />
        <WholeField
          label="Most rounds"
          value={duration.rounds.most}
          least={1}
          most={200}
          onChange={(most) => rounds({ most })}
        />
      </Group>
      <Group grow align="start">
        <WholeField
          label="Minutes to set up"
          value={duration.setUpMinutes}
          least={0}
          most={60}
          onChange={(setUpMinutes) => change({ setUpMinutes })}
        />
        <WholeField
          label="Minutes to clear away"
          value={duration.clearMinutes}
          least={0}
          most={60}
          onChange={(clearMinutes) => change({ clearMinutes })}
        />
      </Group>
    </Stack>
  )
}

function Minded({ body, set }: PartProps) {
  return (
    <details className="sheet fold">
      <summary>Cautions that apply ({body.cautions.length})</summary>
      <Checkbox.Group value={[...body.cautions]} onChange={(value) => set({ cautions: value as CautionId[] })}>
        <Stack gap={6}>
          {(Object.keys(cautions) as CautionId[]).map((id) => (
            <Checkbox key={id} value={id} label={cautions[id]} />
          ))}
        </Stack>
      </Checkbox.Group>
    </details>
  )
}

/** What its lengths come to, for few and for many. */
function Lasts({ activity }: { activity: ReturnType<typeof ownActivity> }) {
  const { least, most } = activity.players
  const sizes = [...new Set([least, Math.min(6, most), most])].filter((size) => size >= least)
  return (
    <Text size="sm" role="status">
      {sizes
        .map((size) => {
          const range = durationRange(activity, size)
          return `With ${size} ${size === 1 ? 'child' : 'children'}: ${range.least} to ${range.most} min, usually ${range.usual}.`
        })
        .join(' ')}
    </Text>
  )
}
