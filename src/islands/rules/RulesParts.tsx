import { said } from '../../words/i18n'
import { t } from '@lingui/core/macro'
import { Checkbox, Select, SimpleGrid, Stack, Switch, Title } from '@mantine/core'
import { Choice } from '../../ui/Choice'
import { type MaterialId, materials } from '../../core/activities'
import { type PaperId, papers } from '../../core/drawing'
import { LOOK_IDS, LOOKS, PRINT_OPTIONS } from '../../core/printables/kit/options'
import type { Settings } from '../../core/records'
import { placeChoices } from '../../ui/places'
import { Segments } from '../../ui/Segments'

export interface RulesProps {
  readonly rules: Settings
  readonly set: (change: Partial<Settings>) => void
}

/** Paper and ink. */
export function PrintingRules({ rules, set }: RulesProps) {
  return (
    <section className="sheet" aria-label={t`Printing`}>
      <Stack gap="sm">
        <Title order={2} size="h4">{t`Printing`}</Title>
        <Segments
          aria-label={t`Paper`}
          value={rules.paper}
          onChange={(paper) => set({ paper })}
          data={(Object.keys(papers) as PaperId[]).map((id) => ({ value: id, label: said(papers[id].name) }))}
        />
        <Choice
          label={said(PRINT_OPTIONS.look.label)}
          value={rules.look}
          onChange={(look) => set({ look })}
          data={LOOK_IDS.map((id) => ({ value: id, label: said(LOOKS[id]) }))}
        />
        <Switch
          label={t`Save ink: outlines instead of filled hands`}
          checked={rules.lowInk}
          onChange={(event) => set({ lowInk: event.currentTarget.checked })}
        />
        <Switch
          label={said(PRINT_OPTIONS.grey.label)}
          checked={rules.grey}
          onChange={(event) => set({ grey: event.currentTarget.checked })}
        />
      </Stack>
    </section>
  )
}

/** All time zones that the browser knows, the one that is set among them. */
const zonesWith = (zone: string): string[] => [...new Set([...Intl.supportedValuesOf('timeZone'), 'UTC', zone])].sort()

/** Where the group meets, and what it usually has. */
export function PlaceRules({ rules, set }: RulesProps) {
  return (
    <section className="sheet" aria-label={t`Place and materials`}>
      <Stack gap="sm">
        <Title order={2} size="h4">{t`Place and materials`}</Title>
        <Choice
          label={t`Where you usually meet`}
          data={placeChoices()}
          value={rules.place}
          onChange={(place) => set({ place })}
        />
        <Select
          label={t`Time zone`}
          description={t`It says on which day an answer was given.`}
          data={zonesWith(rules.zone)}
          value={rules.zone}
          onChange={(zone) => zone && set({ zone })}
          searchable
          allowDeselect={false}
          // Four hundred zones are written down only once somebody looks for one.
          comboboxProps={{ keepMounted: false }}
        />
        <Checkbox.Group
          label={t`Usually to hand`}
          value={[...rules.materials]}
          onChange={(value) => set({ materials: value as MaterialId[] })}
        >
          <SimpleGrid cols={2} spacing={6} mt={6}>
            {(Object.keys(materials) as MaterialId[]).map((id) => (
              <Checkbox key={id} value={id} label={said(materials[id].name)} />
            ))}
          </SimpleGrid>
        </Checkbox.Group>
      </Stack>
    </section>
  )
}
