import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Grid, Group, Stack, Text, Title } from '@mantine/core'
import { useQuery } from '@tanstack/react-query'
import type { DataState } from '../../../core/keeping'
import { ErrorBoundary } from '../../../ui/ErrorBoundary'
import { Loaded } from '../../../ui/Loaded'
import { TryMadeUp } from '../../../ui/TryMadeUp'
import { api } from '../../../ui/api'
import { BackupsPart } from './BackupsPart'
import { DamagedPart } from './DamagedPart'
import { DeedsPart } from './DeedsPart'
import { ForgetPart } from './ForgetPart'
import { Part } from './Part'
import { TakeInPart } from './TakeInPart'
import { TakeOutPart } from './TakeOutPart'
import { UndoPart } from './UndoPart'

export const dataQuery = { queryKey: ['data'], queryFn: () => api.get<DataState>('/api/data') }

/** Everything back out, and in again: files, backups, forgetting, and who did what. */
export function DataPanel() {
  const query = useQuery(dataQuery)
  return (
    <Loaded query={query}>
      {(state) => (
        <Stack gap="sm">
          <Title order={1} size="h2">{t`Your data`}</Title>
          <DamagedPart state={state} />
          <UndoPart state={state} />
          <Grid gap="sm">
            <Grid.Col span={{ base: 12, md: 6 }}>
              <Stack gap="sm">
                <TakeOutPart state={state} />
                <ErrorBoundary what={t`Taking a file in`}>
                  <TakeInPart />
                </ErrorBoundary>
              </Stack>
            </Grid.Col>
            <Grid.Col span={{ base: 12, md: 6 }}>
              <Stack gap="sm">
                <ErrorBoundary what={t`Backups`}>
                  <BackupsPart key={`${state.keeping.folder} ${state.keeping.keep}`} state={state} />
                </ErrorBoundary>
                <ForgetPart />
                <Part title={t`Try things out`}>
                  <Text size="sm">
                    <Trans>
                      Made-up children with six weeks of answers, apart from your own. They are made anew each time Ripe
                      Acorn is started.
                    </Trans>
                  </Text>
                  <Group>
                    <TryMadeUp />
                  </Group>
                </Part>
              </Stack>
            </Grid.Col>
          </Grid>
          <DeedsPart state={state} />
        </Stack>
      )}
    </Loaded>
  )
}
