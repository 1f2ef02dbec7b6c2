import { said } from '#words'
import { plural, t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Anchor, Button, Group, SimpleGrid, Skeleton, Stack, Text, Title } from '@mantine/core'
import { IconMail } from '@tabler/icons-react'
import { AddressTabs } from '../../ui/AddressTabs'
import { App, type Page } from '../../ui/App'
import { ErrorBoundary } from '../../ui/ErrorBoundary'
import { Loaded } from '../../ui/Loaded'
import { later } from '../../ui/later'
import { Findings } from './Findings'
import { RungList } from './RungList'
import type { ChildData } from '../../core/records'
import { useChild } from './useChild'
import { useViewTitle } from '../../ui/viewTitle'

/** What stands behind the other tabs comes when it is asked for; charts are heavy. */
const growth = later(async () => (await import('./GrowthChart')).GrowthChart, <Skeleton height={360} />)
const answerTable = later(async () => (await import('./AnswerTable')).AnswerTable)
const notesPanel = later(async () => (await import('./Notes')).Notes)

export default function ChildView({ id, ...page }: Page & { id: string }) {
  return (
    <App {...page}>
      <ChildPage id={id} />
    </App>
  )
}

function ChildPage({ id }: { id: string }) {
  const query = useChild(id)
  return <Loaded query={query}>{(data) => <ChildRecord data={data} />}</Loaded>
}

function ChildRecord({ data }: { data: ChildData }) {
  const { report, answers, notes, changes } = data
  useViewTitle(report.child.name)
  return (
    <Stack>
      <Head data={data} />
      <AddressTabs
        className={undefined}
        names={{
          now: t`Now`,
          growth: t`Progress`,
          answers: t`${plural(answers.length, { one: '# answer', other: '# answers' })}`,
          notes: t`Notes: ${notes.length}`,
        }}
        usual="now"
        panels={{
          now: <Now data={data} />,
          growth: <growth.Part answers={answers} />,
          answers: <answerTable.Part data={data} changes={changes} />,
          notes: <notesPanel.Part childId={report.child.id} notes={notes} />,
        }}
      />
    </Stack>
  )
}

/** Who it is, and what the child is ready for. */
function Head({ data: { report } }: { data: ChildData }) {
  const { name, age } = report.child
  return (
    <div className="anywhere">
      <Group gap="sm" align="baseline">
        <Title order={1} size="h2">
          {name}
        </Title>
        <Text className="quiet">
          {[age === null ? '' : t`${age} years`, ...report.groups].filter(Boolean).join(' · ')}
        </Text>
      </Group>
      <Text size="lg" fw={600} c="var(--moss)">
        {said(report.readiness)}
      </Text>
      <Text size="sm" className="quiet">
        <Trans>
          All records of {name}:{' '}
          <Anchor href={`/api/children/${report.child.id}/records?as=html`} download underline="always">
            as a page
          </Anchor>{' '}
          or{' '}
          <Anchor href={`/api/children/${report.child.id}/records?as=json`} download underline="always">
            as data
          </Anchor>
        </Trans>
      </Text>
      <Button
        component="a"
        href={`/api/children/${report.child.id}/note.pdf`}
        target="_blank"
        mt="xs"
        leftSection={<IconMail size={18} />}
      >{t`Print a note home`}</Button>
    </div>
  )
}

/** Where the child stands today: the pattern in the mistakes, and the rungs. */
function Now({ data }: { data: ChildData }) {
  const hasAnswers = data.answers.length > 0
  return (
    <Stack>
      {!hasAnswers && (
        <Text className="sheet">
          <Trans>
            No answers yet. They come from the quick check at the{' '}
            <Anchor href="/" underline="always">
              table
            </Anchor>
            ; from four on, this page says whether the mistakes have a pattern.
          </Trans>
        </Text>
      )}
      <SimpleGrid cols={{ base: 1, md: 2 }}>
        {hasAnswers && (
          <ErrorBoundary what={t`The pattern in the mistakes`}>
            <Findings data={data} />
          </ErrorBoundary>
        )}
        <ErrorBoundary what={t`The steps`}>
          <RungList data={data} />
        </ErrorBoundary>
      </SimpleGrid>
    </Stack>
  )
}
