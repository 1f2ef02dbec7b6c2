import { SimpleGrid, Stack, Title } from '@mantine/core'
import { useQuery } from '@tanstack/react-query'
import type { Overview } from '../../core/records'
import { App } from '../../ui/App'
import { ErrorBoundary } from '../../ui/ErrorBoundary'
import { Loaded } from '../../ui/Loaded'
import { api } from '../../ui/api'
import { FirstRun } from './FirstRun'
import { GroupCard } from './GroupCard'

export default function TodayView() {
  return (
    <App>
      <Today />
    </App>
  )
}

function Today() {
  const query = useQuery({ queryKey: ['overview'], queryFn: () => api.get<Overview>('/api/overview') })
  return (
    <Loaded query={query}>
      {(overview) =>
        overview.groups.length === 0 ? (
          <FirstRun children={overview.children} />
        ) : (
          <Stack gap="md">
            <Title order={1} size="h2">
              Today
            </Title>
            <SimpleGrid cols={{ base: 1, md: 2 }} spacing="md">
              {overview.groups.map((group) => (
                <ErrorBoundary key={group.group.id} what={group.group.name}>
                  <GroupCard overview={group} settings={overview.settings} />
                </ErrorBoundary>
              ))}
            </SimpleGrid>
          </Stack>
        )
      }
    </Loaded>
  )
}
