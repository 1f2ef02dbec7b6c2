import { t } from '@lingui/core/macro'
import { Button, Group, Stack, Title } from '@mantine/core'
import { IconRun } from '@tabler/icons-react'
import { useQuery } from '@tanstack/react-query'
import { App, type Page } from '../../ui/App'
import { ErrorBoundary } from '../../ui/ErrorBoundary'
import { Loaded } from '../../ui/Loaded'
import { overviewQuery } from '../../ui/queries'
import { FirstRun } from './FirstRun'
import { GroupCards } from './GroupCards'
import { ToDoList } from './ToDoList'

export default function TodayView(page: Page) {
  return (
    <App {...page}>
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
          <FirstRun children={overview.children} house={overview.settings} />
        ) : (
          <Stack gap="md">
            <Group justify="space-between">
              <Title order={1} size="h2">{t`Today`}</Title>
              <Button
                component="a"
                href="/play"
                variant="default"
                leftSection={<IconRun size={18} />}
              >{t`Play now`}</Button>
            </Group>
            <ErrorBoundary what={t`What comes first`}>
              <ToDoList overview={overview} />
            </ErrorBoundary>
            <GroupCards overview={overview} />
          </Stack>
        )
      }
    </Loaded>
  )
}
