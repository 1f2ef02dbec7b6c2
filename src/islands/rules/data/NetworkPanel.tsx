import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Button, Group, PasswordInput, Stack, Text, Title } from '@mantine/core'
import { useForm } from '@mantine/form'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import type { NetworkState } from '../../../core/keeping'
import type { Overview } from '../../../core/records'
import { Choice } from '../../../ui/Choice'
import { Loaded } from '../../../ui/Loaded'
import { api } from '../../../ui/api'
import { dayInWords, momentInWords } from '../../../ui/dates'
import { overviewQuery } from '../../../ui/queries'
import { IN_PLACE } from '../../../ui/inPlace'
import { Refused } from '../../../ui/Refused'
import { markRefused } from '../../../ui/form'
import { Part } from './Part'
import { ScanCode } from './ScanCode'
import { useDataChange } from './useData'

const networkQuery = { queryKey: ['network'], queryFn: () => api.get<NetworkState>('/api/data/network') }

/** Other devices: the code that opens a table on a tablet, the passcode, and who came in. */
export function NetworkPanel() {
  const query = useQuery(networkQuery)
  return (
    <Loaded query={query}>
      {(state) => (
        <Stack gap="sm">
          <Title order={1} size="h2">{t`Other devices`}</Title>
          <OpenOnTablet state={state} />
          <PasscodePart state={state} />
          <DevicesPart state={state} />
        </Stack>
      )}
    </Loaded>
  )
}

function OpenOnTablet({ state }: { state: NetworkState }) {
  const overview = useQuery(overviewQuery)
  const [path, setPath] = useState('/')
  const [address, setAddress] = useState(state.addresses[0] ?? '')
  if (state.addresses.length === 0)
    return (
      <Part title={t`Open it on a tablet`}>
        <Text>
          <Trans>
            Only this machine can open Ripe Acorn now. To let a tablet on the same network in, set a passcode below and
            start it with RIPE_ACORN_HOST=0.0.0.0 and RIPE_ACORN_HTTPS=on. The README says how.
          </Trans>
        </Text>
      </Part>
    )
  return (
    <Part title={t`Open it on a tablet`}>
      {!state.isSecure && (
        <Text c="var(--attention)">
          <Trans>
            It is plain http: others on this network could read what is sent. Start it with RIPE_ACORN_HTTPS=on.
          </Trans>
        </Text>
      )}
      <Group align="start">
        <ScanCode text={`${address}${path}`} />
        <Stack gap="xs" style={{ flex: '1 1 220px' }}>
          <Choice label={t`What it opens`} value={path} onChange={setPath} data={placesIn(overview.data)} />
          {state.addresses.length > 1 && (
            <Choice
              label={t`Address of this machine`}
              value={address}
              onChange={setAddress}
              data={state.addresses.map((each) => ({ value: each, label: each }))}
            />
          )}
          <Text className="anywhere">
            <Trans>
              Scan the code with the tablet’s camera, or type {address}
              {path}
            </Trans>
          </Text>
        </Stack>
      </Group>
    </Part>
  )
}

const placesIn = (overview: Overview | undefined) => [
  { value: '/', label: t`Today` },
  ...(overview?.groups ?? []).flatMap(({ group, next }) =>
    next ? [{ value: `/table/${next.id}`, label: t`Table of ${group.name}, ${dayInWords(next.date)}` }] : [],
  ),
]

function PasscodePart({ state }: { state: NetworkState }) {
  const form = useForm({ initialValues: { passcode: '' } })
  const save = useDataChange(
    (fields: { passcode: string }) => api.put('/api/data/network', fields),
    form.reset,
    IN_PLACE,
  )
  return (
    <Part title={t`Passcode`}>
      <Text size="sm">
        {state.isFixed
          ? t`The passcode was given at the start, by RIPE_ACORN_PASSCODE. Change it there.`
          : state.hasPasscode
            ? t`A passcode is set. Only what a slow hash makes of it is kept. With a new one, every device must give it again.`
            : t`None is set. Other devices cannot come in without one.`}
      </Text>
      {!state.isFixed && (
        <form
          onSubmit={form.onSubmit((fields) => save.mutate(fields, { onError: (error) => markRefused(form, error) }))}
        >
          <Group align="end" gap="xs">
            <PasswordInput
              label={t`New passcode`}
              description={t`At least 6 characters`}
              maxLength={200}
              autoComplete="new-password"
              {...form.getInputProps('passcode')}
              style={{ flex: '1 1 220px' }}
            />
            <Button
              type="submit"
              variant="default"
              disabled={form.values.passcode === ''}
              loading={save.isPending}
            >{t`Set it`}</Button>
          </Group>
          <Refused error={save.error} />
        </form>
      )}
    </Part>
  )
}

function DevicesPart({ state }: { state: NetworkState }) {
  const shut = useDataChange((id: string) => api.remove(`/api/data/devices/${id}`))
  return (
    <Part title={t`Devices that came in`}>
      {state.devices.length === 0 && <Text size="sm">{t`None so far.`}</Text>}
      {state.devices.map(({ id, name, since, seen }) => (
        <Group key={id} justify="space-between" gap="xs">
          <Text className="anywhere">
            <Trans>
              {name}, since {momentInWords(since)}, last seen {momentInWords(seen)}
            </Trans>
          </Text>
          <Button variant="default" onClick={() => shut.mutate(id)}>{t`Shut it out`}</Button>
        </Group>
      ))}
    </Part>
  )
}
