import { titled } from '../../ui/titled'
import { said } from '../../words/i18n'
import { t } from '@lingui/core/macro'
import { Button, Group, Radio, SimpleGrid, Stack, Title } from '@mantine/core'
import { useForm } from '@mantine/form'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { Choice } from '../../ui/Choice'
import { tell } from '../../ui/notices'
import { timeAt } from '../../core/clock'
import type { Settings } from '../../core/records'
import { rungOf, type SchoolId, schools } from '../../core/teaching'
import { LANGUAGE_IDS, languages, say } from '../../core/wording'
import { api, Refusal } from '../../ui/api'
import { NotSaved, useDraft } from '../../ui/draft'
import { SAYING_FORMS, type SayingForm } from '../../ui/names'
import { PlaceRules, PrintingRules, type RulesProps } from './RulesParts'
import { IN_PLACE } from '../../ui/inPlace'

/** Times that show how the ways of saying differ. */
const EXAMPLES = [timeAt(4, 15), timeAt(6, 35), timeAt(8, 45)]

/** One set of rules for all that is printed, asked, said and accepted. */
export function RulesForm({ settings }: { settings: Settings }) {
  const client = useQueryClient()
  const form = useForm<Settings>({ initialValues: settings })
  const rules = form.values
  const set = (change: Partial<Settings>) => form.setValues(change)
  const draft = useDraft(form, `house rules`)
  const save = useMutation({
    meta: IN_PLACE,
    mutationFn: (changed: Settings) => api.put<Settings>('/api/settings', changed),
    onSuccess: (saved) => {
      draft.forget()
      client.setQueryData(['settings'], saved)
      void tell({ message: t`Saved. Everything printed and asked follows it from now on.`, color: 'moss' })
    },
    onError: (error) => {
      draft.failed(error)
      if (error instanceof Refusal && error.status === 409) void client.invalidateQueries({ queryKey: ['settings'] })
    },
  })
  return (
    <form onSubmit={form.onSubmit((changed) => save.mutate(changed))}>
      <Stack>
        <Group justify="space-between">
          <Title order={1} size="h2">{t`House rules`}</Title>
          <Button type="submit" disabled={!form.isDirty()} loading={save.isPending}>{t`Save the rules`}</Button>
        </Group>
        <SimpleGrid cols={{ base: 1, md: 2 }}>
          <SayingRules rules={rules} set={set} />
          <SchoolRules rules={rules} set={set} />
          <PrintingRules rules={rules} set={set} />
          <PlaceRules rules={rules} set={set} />
        </SimpleGrid>
        <NotSaved draft={draft} error={save.error} />
      </Stack>
    </form>
  )
}

/** How times are put in words and figures. */
function SayingRules({ rules, set }: RulesProps) {
  return (
    <section className="sheet" aria-label={t`Saying the time`}>
      <Stack gap="sm">
        <Title order={2} size="h4">{t`Saying the time`}</Title>
        <Choice
          label={t`Language`}
          value={rules.language}
          onChange={(language) => set({ language })}
          data={LANGUAGE_IDS.map((id) => ({ value: id, label: languages[id].name }))}
        />
        <Radio.Group label={t`Form`} value={rules.form} onChange={(value) => set({ form: value as SayingForm })}>
          <Stack gap={8} mt={6}>
            {(Object.keys(SAYING_FORMS) as SayingForm[]).map((form) => (
              <Radio
                key={form}
                value={form}
                label={said(SAYING_FORMS[form])}
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
    <section className="sheet" aria-label={t`School`}>
      <Title order={2} size="h4" mb="sm">{t`What follows o’clock`}</Title>
      <Radio.Group
        aria-label={t`What follows o’clock`}
        value={rules.school}
        onChange={(value) => set({ school: value as SchoolId })}
      >
        <Stack gap={8}>
          {Object.values(schools).map((school) => (
            <Radio
              key={school.id}
              value={school.id}
              label={titled(said(school.name), said(school.why))}
              description={school.order.map((rung) => said(rungOf(rung).name)).join(' → ')}
              styles={{ description: { color: 'var(--quiet)' } }}
            />
          ))}
        </Stack>
      </Radio.Group>
    </section>
  )
}
