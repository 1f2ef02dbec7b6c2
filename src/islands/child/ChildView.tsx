import { Anchor, Group, SimpleGrid, Stack, Text, Title } from '@mantine/core'
import { useQuery } from '@tanstack/react-query'
import type { Answer, ChildReport, Settings } from '../../core'
import { App } from '../../ui/App'
import { ErrorBoundary } from '../../ui/ErrorBoundary'
import { Loaded } from '../../ui/Loaded'
import { api } from '../../ui/api'
import { AnswerTable } from './AnswerTable'
import { Findings } from './Findings'
import { RungList } from './RungList'

export default function ChildView({ id }: { id: string }) {
  return (
    <App>
      <ChildPage id={id} />
    </App>
  )
}

function ChildPage({ id }: { id: string }) {
  const query = useQuery({
    queryKey: ['child', id],
    queryFn: async () => {
      const [report, answers, settings] = await Promise.all([
        api.get<ChildReport>(`/api/children/${id}`),
        api.get<Answer[]>(`/api/answers?childId=${id}`),
        api.get<Settings>('/api/settings'),
      ])
      return { report, answers, settings }
    },
  })
  return (
    <Loaded query={query}>
      {({ report, answers, settings }) => (
        <Stack>
          <div className="anywhere">
            <Group gap="sm" align="baseline">
              <Title order={1} size="h2">
                {report.child.name}
              </Title>
              <Text className="quiet">
                {[report.child.age === null ? '' : `${report.child.age} years`, ...report.groups].filter(Boolean).join(' · ')}
              </Text>
            </Group>
            <Text size="lg" fw={600} c="var(--moss)">
              {report.readiness}
            </Text>
          </div>
          {answers.length === 0 ? (
            <Text className="sheet">
              No answers yet. They come from the quick check at the <Anchor href="/" underline="always">table</Anchor>; from four on, this page says
              what the mistakes share.
            </Text>
          ) : (
            <SimpleGrid cols={{ base: 1, md: 2 }}>
              <ErrorBoundary what="What the mistakes share">
                <Findings report={report} settings={settings} />
              </ErrorBoundary>
              <ErrorBoundary what="The rungs">
                <RungList standing={report.standing} />
              </ErrorBoundary>
            </SimpleGrid>
          )}
          {answers.length > 0 && (
            <ErrorBoundary what="The answers">
              <AnswerTable answers={answers} childId={id} settings={settings} />
            </ErrorBoundary>
          )}
        </Stack>
      )}
    </Loaded>
  )
} // prettier-ignore
