import { said } from '../../words/i18n'
import { t } from '@lingui/core/macro'
import { Group, TextInput } from '@mantine/core'
import { ENERGY_NAMES, type Energy, type Place } from '../../core/activities'
import { KIND_NAMES, type RungId, STAGES, type Stage, rungs } from '../../core/teaching'
import { Choice, listed } from '../../ui/Choice'
import { WholeField } from '../../ui/WholeField'
import { placeChoices } from '../../ui/places'
import { type Filter, LONGEST_WISHED, SHOWS, type Show } from './filter'

const anyOf = () => ({ value: '' as const, label: t`any` })

/** What is looked for: each choice narrows the list at once. */
export function FilterRow({ filter, onChange }: { filter: Filter; onChange: (filter: Filter) => void }) {
  const set = (change: Partial<Filter>) => onChange({ ...filter, ...change })
  return (
    <Group gap="xs" align="start" className="activities-filter" role="group" aria-label={t`Find activities`}>
      <TextInput label={t`Name`} value={filter.text} onChange={(event) => set({ text: event.currentTarget.value })} />
      <Choice<RungId | ''>
        label={t`Step`}
        value={filter.rung}
        data={[anyOf(), ...rungs.map(({ id, name }) => ({ value: id, label: said(name) }))]}
        onChange={(rung) => set({ rung })}
      />
      <Choice<Stage | ''>
        label={t`Kind`}
        value={filter.stage}
        data={[anyOf(), ...STAGES.map((value) => ({ value, label: said(KIND_NAMES[value]) }))]}
        onChange={(stage) => set({ stage })}
      />
      <Choice<Place | ''>
        label={t`Place`}
        value={filter.place}
        data={[anyOf(), ...placeChoices()]}
        onChange={(place) => set({ place })}
      />
      <Choice<Energy | ''>
        label={t`Energy`}
        value={filter.energy}
        data={[anyOf(), ...listed(ENERGY_NAMES)]}
        onChange={(energy) => set({ energy })}
      />
      <WholeField
        label={t`Children`}
        value={filter.children}
        least={1}
        most={30}
        onChange={(children) => set({ children })}
      />
      <WholeField
        label={t`Minutes at most`}
        value={filter.minutes}
        least={3}
        most={LONGEST_WISHED}
        onChange={(minutes) => set({ minutes })}
      />
      <Choice<Show> label={t`Show`} value={filter.show} data={listed(SHOWS)} onChange={(show) => set({ show })} />
    </Group>
  )
}
