import { Button, Group, Stack, Text, TextInput, Title } from '@mantine/core'
import { useForm } from '@mantine/form'
import { IconPrinter } from '@tabler/icons-react'
import { type QueryClient, useMutation, useQueryClient } from '@tanstack/react-query'
import type { Settings } from '../../core/records'
import { api, newId } from '../../ui/api'
import { NamesField } from '../../ui/NamesField'
import { Refused } from '../../ui/Refused'
import { fieldOf, markRefused } from '../../ui/form'
import { NO_NAMES, sendNewChildren, splitNames } from '../../ui/people'
import { settingsQuery } from '../../ui/queries'

/** The empty start: a group in one form, or a clock to print straight away. */
export function FirstRun({ children }: { children: number }) {
  return (
    <Stack maw={640} mx="auto" gap="lg" mt="md">
      <div>
        <Title order={1}>Who is learning to tell the time?</Title>
        <Text mt={4}>Name a group and its children; nicknames will do. Then a session is built for them.</Text>
      </div>
      <AddGroup isFirstChild={children === 0} />
      <Group className="sheet" justify="space-between">
        <Text>Only need something to hold? One paper clock, ready to cut.</Text>
        <Button
          component="a"
          href="/api/clock.pdf"
          target="_blank"
          variant="default"
          leftSection={<IconPrinter size={18} />}
        >
          Print a paper clock
        </Button>
      </Group>
    </Stack>
  )
}

/** The place is where this device is, until somebody says otherwise in the house rules. */
async function keepZone(client: QueryClient): Promise<void> {
  const rules = await client.ensureQueryData(settingsQuery)
  const zone = Intl.DateTimeFormat().resolvedOptions().timeZone
  if (zone === rules.zone) return
  client.setQueryData(settingsQuery.queryKey, await api.put<Settings>('/api/settings', { ...rules, zone }))
}

/** A group and its children in one form. */
function AddGroup({ isFirstChild }: { isFirstChild: boolean }) {
  const client = useQueryClient()
  const form = useForm({ initialValues: { name: '', names: NO_NAMES } })
  const { name, names } = form.values
  const add = useMutation({
    mutationFn: async () => {
      if (isFirstChild) await keepZone(client)
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
        <TextInput
          label="Group"
          placeholder="Ducklings, or: at home"
          required
          maxLength={60}
          {...form.getInputProps('name')}
        />
        <NamesField
          label="Children"
          placeholder={'Tavi 6\nBram 5'}
          minRows={3}
          required={isFirstChild}
          {...fieldOf(form, 'names')}
        />
        <Refused error={add.error} />
        <Button type="submit" size="md" loading={add.isPending} disabled={name.trim() === '' || count === 0}>
          {count === 0 ? 'Add the group' : `Add the group of ${count}`}
        </Button>
      </Stack>
    </form>
  )
}
