import { SimpleGrid, Stack, Title } from '@mantine/core'
import { useQuery } from '@tanstack/react-query'
import { App } from '../../ui/App'
import { ErrorBoundary } from '../../ui/ErrorBoundary'
import { Loaded } from '../../ui/Loaded'
import { overviewQuery } from '../../ui/queries'
import { FirstRun } from './FirstRun'
import { GroupCard } from './GroupCard'

export default function TodayView({ state }: { state: string }) {
  return (
    <App state={state}>
      <Today />
    </App>
  )
}

function Today() {
  const query = useQuery(overviewQuery)
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
