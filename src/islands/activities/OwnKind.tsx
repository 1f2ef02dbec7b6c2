import { said } from '../../words/i18n'
import { told } from '../../core/wording'
import { t } from '@lingui/core/macro'
import { Checkbox, Group, SimpleGrid, Stack } from '@mantine/core'
import { ENERGY_NAMES, type OwnActivityBody, type Place } from '../../core/activities'
import { KIND_NAMES, type RungId, rungs, STAGES } from '../../core/teaching'
import { Choice, listed } from '../../ui/Choice'
import { WholeField } from '../../ui/WholeField'
import { placeChoices } from '../../ui/places'

export type Set = (change: Partial<OwnActivityBody>) => void

export interface OwnPartProps {
  readonly body: OwnActivityBody
  readonly set: Set
}

const ROLES = {
  teach: told('it teaches'),
  break: told('it is a movement break'),
} as const

/** What it is for, where and with whom. */
export function Kind({ body, set }: OwnPartProps) {
  const role = body.role === 'break' ? 'break' : 'teach'
  return (
    <Stack className="sheet" gap="sm" component="section" aria-label={t`What it is for`}>
      <Group grow align="start">
        <Choice label={t`What it does`} value={role} data={listed(ROLES)} onChange={(value) => set({ role: value })} />
        <Choice
          label={t`Stage`}
          value={body.stage}
          data={STAGES.map((value) => ({ value, label: said(KIND_NAMES[value]) }))}
          onChange={(stage) => set({ stage })}
        />
        <Choice
          label={t`Energy`}
          value={body.energy}
          data={listed(ENERGY_NAMES)}
          onChange={(energy) => set({ energy })}
        />
      </Group>
      <Checkbox.Group label={t`Steps`} value={[...body.rungs]} onChange={(value) => set({ rungs: value as RungId[] })}>
        <SimpleGrid cols={{ base: 2, xs: 3 }} spacing={6} mt={6}>
          {rungs.map(({ id, name }) => (
            <Checkbox key={id} value={id} label={said(name)} />
          ))}
        </SimpleGrid>
      </Checkbox.Group>
      <Checkbox.Group
        label={t`Places`}
        value={[...body.places]}
        onChange={(value) => set({ places: value as Place[] })}
      >
        <Group gap="md" mt={6}>
          {placeChoices().map(({ value, label }) => (
            <Checkbox key={value} value={value} label={label} />
          ))}
        </Group>
      </Checkbox.Group>
      <Group grow align="start">
        <WholeField
          label={t`Fewest children`}
          value={body.players.least}
          least={1}
          most={30}
          onChange={(least) => set({ players: { ...body.players, least } })}
        />
        <WholeField
          label={t`Most children`}
          value={body.players.most}
          least={1}
          most={30}
          onChange={(most) => set({ players: { ...body.players, most } })}
        />
      </Group>
    </Stack>
  )
}

const TURNS = {
  together: told('all at once'),
  'in-turn': told('one after the other'),
} as const

/** How long it takes: rounds, turns, setting up and clearing away. */
export function Length({ body, set }: OwnPartProps) {
  const { duration } = body
  const change = (part: Partial<OwnActivityBody['duration']>) => set({ duration: { ...duration, ...part } })
  return (
    <Stack className="sheet" gap="sm" component="section" aria-label={t`How long it takes`}>
      <Group grow align="start">
        <Choice
          label={t`They play`}
          value={duration.turns}
          data={listed(TURNS)}
          onChange={(turns) => change({ turns })}
        />
        <WholeField
          label={t`Seconds a turn`}
          value={duration.turnSeconds}
          least={1}
          most={3600}
          onChange={(turnSeconds) => change({ turnSeconds })}
        />
      </Group>
      <Rounds body={body} set={set} />
      <Group grow align="start">
        <WholeField
          label={t`Minutes to set up`}
          value={duration.setUpMinutes}
          least={0}
          most={60}
          onChange={(setUpMinutes) => change({ setUpMinutes })}
        />
        <WholeField
          label={t`Minutes to clear away`}
          value={duration.clearMinutes}
          least={0}
          most={60}
          onChange={(clearMinutes) => change({ clearMinutes })}
        />
      </Group>
    </Stack>
  )
}

function Rounds({ body: { duration }, set }: OwnPartProps) {
  const rounds = (part: Partial<typeof duration.rounds>) =>
    set({ duration: { ...duration, rounds: { ...duration.rounds, ...part } } })
  return (
    <Group grow align="start">
      <WholeField
        label={t`Fewest rounds`}
        value={duration.rounds.least}
        least={1}
        most={200}
        onChange={(least) => rounds({ least })}
      />
      <WholeField
        label={t`Usual rounds`}
        value={duration.rounds.usual}
        least={1}
        most={200}
        onChange={(usual) => rounds({ usual })}
      />
      <WholeField
        label={t`Most rounds`}
        value={duration.rounds.most}
        least={1}
        most={200}
        onChange={(most) => rounds({ most })}
      />
    </Group>
  )
}
