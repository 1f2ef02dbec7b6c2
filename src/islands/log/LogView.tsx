import { Grid, Stack, Text, Title } from '@mantine/core'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import type { Group, Session } from '../../core/records'
import { App } from '../../ui/App'
import { ErrorBoundary } from '../../ui/ErrorBoundary'
import { Loaded } from '../../ui/Loaded'
import { api } from '../../ui/api'
import { SessionList } from './SessionList'
import { SessionRecord } from './SessionRecord'

export default function LogView() {
  return (
    <App>
      <Log />
    </App>
  )
}

function Log() {
  const [picked, setPicked] = useState(() => new URLSearchParams(window.location.search).get('session') ?? undefined)
  const query = useQuery({
    queryKey: ['log'],
    queryFn: async () => {
      const [sessions, groups] = await Promise.all([
        api.get<Session[]>('/api/sessions'),
        api.get<Group[]>('/api/groups'),
      ])
      return { sessions, groups }
    },
  })
  const pick = (id: string) => {
    setPicked(id)
    window.history.replaceState(null, '', `/log?session=${id}`)
  }
  return (
    <Loaded query={query}>
      {({ sessions, groups }) => {
        const session =
          sessions.find((each) => each.id === picked) ?? sessions.find((each) => each.doneAt !== null) ?? sessions[0]
        return (
          <Stack>
            <Title order={1} size="h2">
              Log
            </Title>
            {session === undefined ? (
              <Text className="sheet">
                No sessions yet. Build one on Today; once it is held, it is here with its answers.
              </Text>
            ) : (
              <Grid gap="md">
                <Grid.Col span={{ base: 12, md: 4 }}>
                  <SessionList sessions={sessions} groups={groups} picked={session.id} onPick={pick} />
                </Grid.Col>
                <Grid.Col span={{ base: 12, md: 8 }}>
                  <ErrorBoundary key={session.id} what="This session">
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
