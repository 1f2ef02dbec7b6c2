import { said } from '../../words/i18n'
import { t } from '@lingui/core/macro'
import { Button, Group, Stack, Title } from '@mantine/core'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { type PaperId, papers } from '../../core/drawing'
import { LOOK_IDS, LOOKS, PRINT_OPTIONS } from '../../core/printables/kit/options'
import type { Group as GroupRecord, GroupRules, Settings } from '../../core/records'
import { type SchoolId, schools } from '../../core/teaching'
import { LANGUAGE_IDS, languages } from '../../core/wording'
import { Choice, listed } from '../../ui/Choice'
import { Refused } from '../../ui/Refused'
import { api } from '../../ui/api'
import { SAYING_FORMS } from '../../ui/names'
import { tell } from '../../ui/notices'
import { placeChoices } from '../../ui/places'
import { groupQuery, settingsQuery } from '../../ui/queries'
import { IN_PLACE } from '../../ui/inPlace'

const AS_THE_HOUSE = ''
/** A rule with the names of its values, as a field offers them. */
const offered = <V extends string>(values: readonly V[], nameOf: (value: V) => string) =>
  values.map((value) => ({ value, label: nameOf(value) }))
const languageChoices = () => offered(LANGUAGE_IDS, (id) => languages[id].name)
const schoolChoices = () => offered(Object.keys(schools) as SchoolId[], (id) => said(schools[id].name))
const paperChoices = () => offered(Object.keys(papers) as PaperId[], (id) => said(papers[id].name))
const lookChoices = () => offered(LOOK_IDS, (id) => said(LOOKS[id]))

/**
 * What is otherwise with this group than in the house rules. What is not chosen is as they say, also when they change.
 */
export function OwnRules({ group }: { group: GroupRecord }) {
  const house = useQuery(settingsQuery).data
  const [rules, setRules] = useState<GroupRules>(group.rules)
  const save = useSaveRules(group)
  const isChanged = JSON.stringify(rules) !== JSON.stringify(group.rules)
  const set = (change: GroupRules) => setRules({ ...rules, ...change })
  return (
    <Stack gap="sm" className="sheet" component="section" aria-label={t`Rules of this group`}>
      <Title order={2} size="h4">{t`Rules of this group`}</Title>
      <Group gap="sm" align="end">
        <Rule label={t`Language`} rule="language" data={languageChoices()} rules={rules} house={house} onChange={set} />
        <Rule
          label={t`How times are said`}
          rule="form"
          data={listed(SAYING_FORMS)}
          rules={rules}
          house={house}
          onChange={set}
        />
        <Rule
          label={t`What follows o’clock`}
          rule="school"
          data={schoolChoices()}
          rules={rules}
          house={house}
          onChange={set}
        />
        <Rule label={t`Paper`} rule="paper" data={paperChoices()} rules={rules} house={house} onChange={set} />
        <Rule
          label={said(PRINT_OPTIONS.look.label)}
          rule="look"
          data={lookChoices()}
          rules={rules}
          house={house}
          onChange={set}
        />
        <Rule
          label={t`Where you usually meet`}
          rule="place"
          data={placeChoices()}
          rules={rules}
          house={house}
          onChange={set}
        />
        <Button disabled={!isChanged} loading={save.isPending} onClick={() => save.mutate(rules)}>{t`Save`}</Button>
      </Group>
      <Refused error={save.error} />
    </Stack>
  )
}

type RuleName = 'language' | 'form' | 'school' | 'paper' | 'look' | 'place'
interface RuleProps<R extends RuleName> {
  readonly label: string
  readonly rule: R
  readonly data: readonly { readonly value: Settings[R]; readonly label: string }[]
  readonly rules: GroupRules
  readonly house: Settings | undefined
  readonly onChange: (change: GroupRules) => void
}

function Rule<R extends RuleName>({ label, rule, data, rules, house, onChange }: RuleProps<R>) {
  const usual = data.find(({ value }) => value === house?.[rule])
  return (
    <Choice<string>
      label={label}
      value={rules[rule] ?? AS_THE_HOUSE}
      data={[
        {
          value: AS_THE_HOUSE,
          label: usual ? t`as in the house rules: ${usual.label}` : t`as in the house rules`,
        },
        ...data,
      ]}
      onChange={(value) => onChange({ [rule]: value === AS_THE_HOUSE ? undefined : value })}
    />
  )
}

function useSaveRules({ id, version, name, childIds }: GroupRecord) {
  const client = useQueryClient()
  return useMutation({
    meta: IN_PLACE,
    mutationFn: (rules: GroupRules) => api.put(`/api/groups/${id}`, { version, name, childIds, rules }),
    onSuccess: () =>
      void tell({ message: t`Saved. What is printed and planned for this group follows it.`, color: 'moss' }),
    onSettled: () => client.invalidateQueries({ queryKey: groupQuery(id).queryKey }),
  })
}
