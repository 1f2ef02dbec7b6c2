import { Checkbox, Group, SimpleGrid, Stack } from '@mantine/core'
import type { Energy, OwnActivityBody, Place } from '../../core/activities'
import { KIND_NAMES, type RungId, rungs, STAGES } from '../../core/teaching'
import { Choice } from '../../ui/Choice'
import { WholeField } from '../../ui/WholeField'
import { PLACES } from '../../ui/places'

export type Set = (change: Partial<OwnActivityBody>) => void

export interface OwnPartProps {
  readonly body: OwnActivityBody
  readonly set: Set
}

const ROLES = [
  { value: 'teach', label: 'it teaches' },
  { value: 'break', label: 'it is a movement break' },
] as const

const ENERGIES = (['seated', 'standing', 'moving'] as const).map((value: Energy) => ({ value, label: value }))

/** What it is for, where and with whom. */
export function Kind({ body, set }: OwnPartProps) {
  const role = body.role === 'break' ? 'break' : 'teach'
  return (
    <Stack className="sheet" gap="sm" component="section" aria-label="What it is for">
      <Group grow align="start">
        <Choice label="What it does" value={role} data={ROLES} onChange={(value) => set({ role: value })} />
        <Choice
          label="Stage"
          value={body.stage}
          data={STAGES.map((value) => ({ value, label: KIND_NAMES[value] }))}
          onChange={(stage) => set({ stage })}
        />
        <Choice label="Energy" value={body.energy} data={ENERGIES} onChange={(energy) => set({ energy })} />
      </Group>
      <Checkbox.Group label="Steps" value={[...body.rungs]} onChange={(value) => set({ rungs: value as RungId[] })}>
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
export function Length({ body, set }: OwnPartProps) {
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
