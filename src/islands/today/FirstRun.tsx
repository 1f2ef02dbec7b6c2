import { t } from '@lingui/core/macro'
import { LONGEST_NAME } from '../../core/records'
import { Button, Group, SimpleGrid, Stack, Text, TextInput, Title } from '@mantine/core'
import { useForm } from '@mantine/form'
import { IconPrinter } from '@tabler/icons-react'
import { type QueryClient, useMutation, useQueryClient } from '@tanstack/react-query'
import type { Overview, Settings } from '../../core/records'
import { LANGUAGE_IDS, languages } from '../../core/wording'
import { api, newId } from '../../ui/api'
import { Choice } from '../../ui/Choice'
import { NamesField } from '../../ui/NamesField'
import { Refused } from '../../ui/Refused'
import { TryMadeUp } from '../../ui/TryMadeUp'
import { fieldOf, markRefused } from '../../ui/form'
import { NO_NAMES, sendNewChildren, splitNames } from '../../ui/people'
import { settingsQuery } from '../../ui/queries'
import { IN_PLACE } from '../../ui/inPlace'

/** The empty start: a group in one form, or a clock to print straight away. */
export function FirstRun({ children, house }: { children: number; house: Overview['settings'] }) {
  return (
    <Stack maw={780} mx="auto" gap="lg" mt="md">
      <div>
        <Title order={1}>{t`Who is learning to tell the time?`}</Title>
        <Text mt={4}>{t`Name a group and its children; nicknames will do. Then a session is built for them.`}</Text>
      </div>
      <AddGroup isFirstChild={children === 0} house={house} />
      <Group className="sheet" justify="space-between">
        <Text>{t`Only need something to hold? One paper clock, ready to cut, or a game with its rules.`}</Text>
        <Group gap="xs">
          <Button
            component="a"
            href="/api/clock.pdf"
            target="_blank"
            variant="default"
            leftSection={<IconPrinter size={18} />}
          >{t`Print a paper clock`}</Button>
          <Button component="a" href="/print" variant="default">{t`Choose a game`}</Button>
        </Group>
      </Group>
      <Group className="sheet" justify="space-between">
        <Text>{t`Want to look round first? Your own start stays as it is, one click back.`}</Text>
        <TryMadeUp />
      </Group>
    </Stack>
  )
}

/** The house rules as the first group needs them, until somebody says otherwise there. */
async function keepHouse(client: QueryClient, wanted: Partial<Pick<Settings, 'language' | 'zone'>>): Promise<void> {
  const rules = await client.ensureQueryData(settingsQuery)
  const next = { ...rules, ...wanted }
  if (next.zone === rules.zone && next.language === rules.language) return
  client.setQueryData(settingsQuery.queryKey, await api.put<Settings>('/api/settings', next))
}

/** Where this device is. */
const zoneHere = () => Intl.DateTimeFormat().resolvedOptions().timeZone

const LANGUAGES = LANGUAGE_IDS.map((value) => ({ value, label: languages[value].name }))

/** A group and its children in one form. */
function AddGroup({ isFirstChild, house }: { isFirstChild: boolean; house: Overview['settings'] }) {
  const client = useQueryClient()
  const form = useForm({ initialValues: { name: '', names: NO_NAMES, language: house.language } })
  const { name, names, language } = form.values
  const add = useMutation({
    meta: IN_PLACE,
    mutationFn: async () => {
      await keepHouse(client, { language, ...(isFirstChild && { zone: zoneHere() }) })
      return sendNewChildren(client, names, (newChildren) =>
        api.post('/api/groups', { id: newId(), name, childIds: [], newChildren }),
      )
    },
    onSuccess: () => client.invalidateQueries({ queryKey: ['overview'] }),
    onError: (error) => markRefused(form, error, { newChildren: 'names' }),
  })
  const count = splitNames(names.text).length
  return (
    <form className="sheet" onSubmit={form.onSubmit(() => add.mutate())}>
      <Stack>
        <SimpleGrid cols={{ base: 1, sm: 2 }}>
          <Choice label={t`The children learn to tell the time in`} data={LANGUAGES} {...fieldOf(form, 'language')} />
          <TextInput
            label={t`Group`}
            placeholder={t`Ducklings, or: at home`}
            required
            maxLength={LONGEST_NAME}
            {...form.getInputProps('name')}
          />
        </SimpleGrid>
        <NamesField
          label={t`Children`}
          placeholder={t`Tavi 6
Bram 5`}
          minRows={3}
          required={isFirstChild}
          {...fieldOf(form, 'names')}
        />
        <Refused error={add.error} />
        <Button type="submit" size="md" loading={add.isPending} disabled={name.trim() === '' || count === 0}>
          {count === 0 ? t`Add the group` : t`Add the group of ${count}`}
        </Button>
      </Stack>
    </form>
  )
}
