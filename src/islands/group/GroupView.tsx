import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Anchor, Button, Group, Stack, Text, Title } from '@mantine/core'
import { IconCalendarPlus, IconChecklist, IconTimeline } from '@tabler/icons-react'
import { useQuery } from '@tanstack/react-query'
import { type Partner, workedOn } from '../../core/knowing'
import type { ChildReport } from '../../core/records'
import { schools } from '../../core/teaching'
import { Courses } from './Courses'
import { useViewTitle } from '../../ui/viewTitle'
import { App, type Page } from '../../ui/App'
import { ErrorBoundary } from '../../ui/ErrorBoundary'
import { Loaded } from '../../ui/Loaded'
import { groupQuery } from '../../ui/queries'
import { NextTogether } from './NextTogether'
import { OwnRules } from './OwnRules'
import { RungGrid } from './RungGrid'
import { SharedRepairs } from './SharedRepairs'

export default function GroupView({ id, ...page }: Page & { id: string }) {
  return (
    <App {...page}>
      <GroupPage id={id} />
    </App>
  )
}

/** What the suggestions need of a child. */
function partnerOf({ child, standing, diagnosis }: ChildReport): Partner {
  const own = { ...standing, working: workedOn(standing, child.age) }
  return {
    id: child.id,
    name: child.name,
    standing: own,
    findings: diagnosis.findings.map(({ misreading }) => misreading),
  }
}

function GroupPage({ id }: { id: string }) {
  const query = useQuery(groupQuery(id))
  useViewTitle(query.data?.group.name ?? t`A group`)
  return (
    <Loaded query={query}>
      {({ group, members, settings }) => (
        <Stack>
          <Group justify="space-between">
            <Title order={1} size="h2" className="anywhere" style={{ flex: 1 }}>
              {group.name}
            </Title>
            <Deeds id={id} />
          </Group>
          {members.length === 0 ? (
            <Text className="sheet">
              <Trans>
                Nobody is in this group yet. Add children under{' '}
                <Anchor href="/children" underline="always">
                  Children
                </Anchor>
                , and this page shows where they stand side by side.
              </Trans>
            </Text>
          ) : (
            <>
              <ErrorBoundary what={t`The steps`}>
                <RungGrid members={members} order={schools[settings.school].order} />
              </ErrorBoundary>
              <div className="two-columns">
                <ErrorBoundary what={t`Who goes together`}>
                  <NextTogether partners={members.map(partnerOf)} />
                </ErrorBoundary>
                <ErrorBoundary what={t`Who needs help with what`}>
                  <SharedRepairs partners={members.map(partnerOf)} language={settings.language} />
                </ErrorBoundary>
              </div>
              <ErrorBoundary what={t`How they went on`}>
                <Courses id={group.id} />
              </ErrorBoundary>
              <ErrorBoundary what={t`The rules`}>
                <OwnRules key={group.version} group={group} />
              </ErrorBoundary>
            </>
          )}
        </Stack>
      )}
    </Loaded>
  )
}

/** What is done with the group as a whole. */
function Deeds({ id }: { id: string }) {
  return (
    <Group gap="xs">
      <Button component="a" href={`/term/${id}`} leftSection={<IconTimeline size={18} />}>{t`The weeks ahead`}</Button>
      <Button
        component="a"
        href={`/api/groups/${id}/calendar.ics`}
        variant="default"
        leftSection={<IconCalendarPlus size={18} />}
      >{t`Sessions into a calendar`}</Button>
      <Button
        component="a"
        href={`/api/groups/${id}/objectives.pdf`}
        target="_blank"
        variant="default"
        leftSection={<IconChecklist size={18} />}
      >{t`Objectives met`}</Button>
      <Button component="a" href="/children" variant="default">{t`Edit the group`}</Button>
    </Group>
  )
}
