import { Button, Checkbox, Group, Radio, SimpleGrid, Stack, Switch, Text, Title } from '@mantine/core'
import { Choice } from '../../ui/Choice'
import { tell } from '../../ui/notices'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { type MaterialId, materials } from '../../core/activities'
import { timeAt } from '../../core/clock'
import { type PaperId, papers } from '../../core/drawing'
import type { Settings } from '../../core/records'
import { type SchoolId, rungOf, schools } from '../../core/teaching'
import { LANGUAGE_IDS, languages, say } from '../../core/wording'
import { Refusal, api } from '../../ui/api'
import { SAYING_FORMS, type SayingForm } from '../../ui/names'
import { PLACES } from '../../ui/places'
import { Segments } from '../../ui/Segments'

/** Times that show how the ways of saying differ. */
const EXAMPLES = [timeAt(4, 15), timeAt(6, 35), timeAt(8, 45)]

/** One set of rules for all that is printed, asked, said and accepted. */
export function RulesForm({ settings }: { settings: Settings }) {
  const client = useQueryClient()
  const [rules, setRules] = useState(settings)
  const set = (change: Partial<Settings>) => setRules({ ...rules, ...change })
  const isChanged = JSON.stringify(rules) !== JSON.stringify(settings)
  const save = useMutation({
    mutationFn: () => api.put<Settings>('/api/settings', rules),
    onSuccess: (saved) => {
      client.setQueryData(['settings'], saved)
      void tell({ message: 'Saved. Everything printed and asked follows it from now on.', color: 'moss' })
    },
    onError: (error) => {
      if (error instanceof Refusal && error.status === 409) void client.invalidateQueries({ queryKey: ['settings'] })
    },
  })
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault()
        save.mutate()
      }}
    >
      <Stack>
        <Group justify="space-between">
          <Title order={1} size="h2">
            House rules
          </Title>
          <Button type="submit" disabled={!isChanged} loading={save.isPending}>
            Save the rules
          </Button>
        </Group>
        <SimpleGrid cols={{ base: 1, md: 2 }}>
          <SayingRules rules={rules} set={set} />
          <SchoolRules rules={rules} set={set} />
          <PrintingRules rules={rules} set={set} />
          <PlaceRules rules={rules} set={set} />
        </SimpleGrid>
        {save.isError && (
          <Text c="var(--attention)" role="alert">
            {save.error.message}
          </Text>
        )}
      </Stack>
    </form>
  )
}

interface RulesProps {
  readonly rules: Settings
  readonly set: (change: Partial<Settings>) => void
}

/** How times are put in words and figures. */
function SayingRules({ rules, set }: RulesProps) {
  return (
    <section className="sheet" aria-label="Saying the time">
      <Stack gap="sm">
        <Title order={2} size="h4">
          Saying the time
        </Title>
        <Choice
          label="Language"
          value={rules.language}
          onChange={(language) => set({ language })}
          data={LANGUAGE_IDS.map((id) => ({ value: id, label: languages[id].name }))}
        />
        <Radio.Group label="Form" value={rules.form} onChange={(value) => set({ form: value as SayingForm })}>
          <Stack gap={8} mt={6}>
            {(Object.keys(SAYING_FORMS) as SayingForm[]).map((form) => (
              <Radio
                key={form}
                value={form}
                label={SAYING_FORMS[form]}
                description={EXAMPLES.map((minute) => say(minute, { language: rules.language, form })).join(' · ')}
                styles={{ description: { color: 'var(--quiet)' } }}
              />
            ))}
          </Stack>
        </Radio.Group>
      </Stack>
    </section>
  )
}

/** What is learnt after o’clock. */
function SchoolRules({ rules, set }: RulesProps) {
  return (
    <section className="sheet" aria-label="School">
      <Title order={2} size="h4" mb="sm">
        What follows o’clock
      </Title>
      <Radio.Group
        aria-label="What follows o’clock"
        value={rules.school}
        onChange={(value) => set({ school: value as SchoolId })}
      >
        <Stack gap={8}>
          {Object.values(schools).map((school) => (
            <Radio
              key={school.id}
              value={school.id}
              label={`${school.name}: ${school.why}`}
              description={school.order.map((rung) => rungOf(rung).name).join(' → ')}
              styles={{ description: { color: 'var(--quiet)' } }}
            />
          ))}
        </Stack>
      </Radio.Group>
    </section>
  )
}

/** Paper and ink. */
function PrintingRules({ rules, set }: RulesProps) {
  return (
    <section className="sheet" aria-label="Printing">
      <Stack gap="sm">
        <Title order={2} size="h4">
          Printing
        </Title>
        <Segments
          aria-label="Paper"
          value={rules.paper}
          onChange={(paper) => set({ paper })}
          data={(Object.keys(papers) as PaperId[]).map((id) => ({ value: id, label: papers[id].name }))}
        />
        <Switch
          label="Save ink: outlines instead of filled hands"
          checked={rules.lowInk}
          onChange={(event) => set({ lowInk: event.currentTarget.checked })}
        />
      </Stack>
    </section>
  )
}

/** Where the group meets, and what it usually has. */
function PlaceRules({ rules, set }: RulesProps) {
  return (
    <section className="sheet" aria-label="Place and materials">
      <Stack gap="sm">
        <Title order={2} size="h4">
          Place and materials
        </Title>
        <Choice label="Where you usually meet" data={PLACES} value={rules.place} onChange={(place) => set({ place })} />
        <Checkbox.Group
          label="Usually to hand"
          value={[...rules.materials]}
          onChange={(value) => set({ materials: value as MaterialId[] })}
        >
          <SimpleGrid cols={2} spacing={6} mt={6}>
            {(Object.keys(materials) as MaterialId[]).map((id) => (
              <Checkbox key={id} value={id} label={materials[id].name} />
            ))}
          </SimpleGrid>
        </Checkbox.Group>
      </Stack>
    </section>
  )
}
