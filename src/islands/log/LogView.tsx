import { t } from '@lingui/core/macro'
import { Grid, Stack, Text, Title } from '@mantine/core'
import { useQuery } from '@tanstack/react-query'
import { shownSession } from '../../core/records'
import { useInAddress } from '../../ui/address'
import { App, type Page } from '../../ui/App'
import { ErrorBoundary } from '../../ui/ErrorBoundary'
import { Loaded } from '../../ui/Loaded'
import { logQuery } from '../../ui/queries'
import { PlanErrors } from './PlanErrors'
import { SessionList } from './SessionList'
import { SessionRecord } from './SessionRecord'

export default function LogView(page: Page) {
  return (
    <App {...page}>
      <Log />
    </App>
  )
}

function Log() {
  const [picked, pick] = useInAddress('session')
  const query = useQuery(logQuery)
  return (
    <Loaded query={query}>
      {({ sessions, groups }) => {
        const session = shownSession(sessions, picked)
        return (
          <Stack>
            <Title order={1} size="h2">{t`Log`}</Title>
            {session === undefined ? (
              <Text className="sheet">{t`No sessions yet. Build one on Today; once it is held, it is here with its answers.`}</Text>
            ) : (
              <Grid gap="md">
                <Grid.Col span={{ base: 12, md: 4 }}>
                  <SessionList sessions={sessions} groups={groups} picked={session.id} onPick={pick} />
                  <ErrorBoundary what={t`Planned and real minutes`}>
                    <PlanErrors sessions={sessions} group={groups.find(({ id }) => id === session.groupId)} />
                  </ErrorBoundary>
                </Grid.Col>
                <Grid.Col span={{ base: 12, md: 8 }}>
                  <ErrorBoundary key={session.id} what={t`This session`}>
                    <SessionRecord session={session} group={groups.find((group) => group.id === session.groupId)} />
                  </ErrorBoundary>
                </Grid.Col>
              </Grid>
            )}
          </Stack>
        )
      }}
    </Loaded>
  )
}
