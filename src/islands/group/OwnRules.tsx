import { Button, Group, Stack, Title } from '@mantine/core'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { type PaperId, papers } from '../../core/drawing'
import type { Group as GroupRecord, GroupRules, Settings } from '../../core/records'
import { type SchoolId, schools } from '../../core/teaching'
import { LANGUAGE_IDS, type LanguageId, languages } from '../../core/wording'
import { Choice } from '../../ui/Choice'
import { Refused } from '../../ui/Refused'
import { api } from '../../ui/api'
import { SAYING_FORMS, type SayingForm } from '../../ui/names'
import { tell } from '../../ui/notices'
import { PLACES } from '../../ui/places'
import { groupQuery, settingsQuery } from '../../ui/queries'
import { IN_PLACE } from '../../ui/inPlace'

const AS_THE_HOUSE = ''
/** A rule with the names of its values, as a field offers them. */
const listed = <V extends string>(values: readonly V[], nameOf: (value: V) => string) =>
  values.map((value) => ({ value, label: nameOf(value) }))
const LANGUAGES = listed(LANGUAGE_IDS, (id: LanguageId) => languages[id].name)
const FORMS = listed(Object.keys(SAYING_FORMS) as SayingForm[], (id) => SAYING_FORMS[id])
const SCHOOLS = listed(Object.keys(schools) as SchoolId[], (id) => schools[id].name)
const PAPERS = listed(Object.keys(papers) as PaperId[], (id) => papers[id].name)

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
    <Stack gap="sm" className="sheet" component="section" aria-label="Rules of this group">
      <Title order={2} size="h4">
        Rules of this group
      </Title>
      <Group gap="sm" align="end">
        <Rule label="Language" rule="language" data={LANGUAGES} rules={rules} house={house} onChange={set} />
        <Rule label="How times are said" rule="form" data={FORMS} rules={rules} house={house} onChange={set} />
        <Rule label="What follows o’clock" rule="school" data={SCHOOLS} rules={rules} house={house} onChange={set} />
        <Rule label="Paper" rule="paper" data={PAPERS} rules={rules} house={house} onChange={set} />
        <Rule label="Where you usually meet" rule="place" data={PLACES} rules={rules} house={house} onChange={set} />
        <Button disabled={!isChanged} loading={save.isPending} onClick={() => save.mutate(rules)}>
          Save
        </Button>
      </Group>
      <Refused error={save.error} />
    </Stack>
  )
}

type RuleName = 'language' | 'form' | 'school' | 'paper' | 'place'
interface RuleProps<R extends RuleName> {
  readonly label: string
  readonly rule: R
  readonly data: readonly { readonly value: Settings[R]; readonly label: string }[]
  readonly rules: GroupRules
  readonly house: Settings | undefined
  readonly onChange: (change: GroupRules) => void
}

function Rule<R extends RuleName>({ label, rule, data, rules, house, onChange }: RuleProps<R>) {
  const usual = data.find(({ value }) => value === house?.[rule])?.label
  return (
    <Choice<string>
      label={label}
      value={rules[rule] ?? AS_THE_HOUSE}
      data={[
        { value: AS_THE_HOUSE, label: usual ? `as in the house rules: ${usual}` : 'as in the house rules' },
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
      void tell({ message: 'Saved. What is printed and planned for this group follows it.', color: 'moss' }),
    onSettled: () => client.invalidateQueries({ queryKey: groupQuery(id).queryKey }),
  })
}
