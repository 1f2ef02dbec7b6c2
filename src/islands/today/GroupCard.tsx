import { capital } from '../../core/wording'
import { clockInWords } from '../../words/adult'
import { said } from '../../words/i18n'
import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Anchor, Button, Group, Stack, Text, Title } from '@mantine/core'
import { IconPlayerPlay, IconPrinter } from '@tabler/icons-react'
import type { ReactNode } from 'react'
import { namesInWords, plannedMinutes } from '../../core/planning'
import { type GroupOverview, type Session, type Settings, rulesFor } from '../../core/records'
import { rungOf } from '../../core/teaching'
import { Strip } from '../../ui/Strip'
import { dayInWords } from '../../ui/dates'
import { BuildSession } from './BuildSession'
import { Fold } from '../../ui/Fold'
import { Unsaid } from './Unsaid'

interface GroupCardProps {
  readonly overview: GroupOverview
  readonly settings: Settings
  /** Whether no other group has a session before it. */
  readonly isSoonest: boolean
}

/** One group: what comes next for it, and who has moved on. */
export function GroupCard({ overview, settings, isSoonest }: GroupCardProps) {
  const { group, children, next, planned, unsaid, nextDay, last } = overview
  const build = (
    <BuildSession
      key={nextDay}
      groupId={group.id}
      settings={rulesFor(settings, group)}
      day={nextDay}
      like={planned.at(-1) ?? next ?? last}
    />
  )
  const ready = children.filter((child) => child.movesOn)
  return (
    <section className="sheet" aria-label={group.name}>
      <Stack gap="sm">
        <Group justify="space-between" wrap="nowrap" align="baseline">
          <Title order={2} size="h3" className="anywhere">
            <Anchor href={`/groups/${group.id}`} inherit c="inherit">
              {group.name}
            </Anchor>
          </Title>
          <Text size="sm" className="quiet" style={{ whiteSpace: 'nowrap' }}>
            {last ? t`last ${dayInWords(last.date)}` : t`no session yet`}
          </Text>
        </Group>
        {unsaid.slice(0, MOST_ASKED).map((session) => (
          <Unsaid key={session.id} session={session} />
        ))}
        {next && <NextSession session={next} settings={settings} isSoonest={isSoonest} />}
        <Planned sessions={planned} />
        {children.length === 0 && !next && <Nobody />}
        {children.length > 0 && (!next ? build : <BuildAnother>{build}</BuildAnother>)}
        <Readiness group={group} children={children} />
        {children.length > 0 && (
          <Anchor
            href={`/play?group=${group.id}`}
            size="sm"
            className="finger"
          >{t`Play a game with the whole body now`}</Anchor>
        )}
        {children.length > MOST_SHOWN && (
          <Anchor href="/children" className="finger">
            <Trans>and {children.length - MOST_SHOWN} more</Trans>
          </Anchor>
        )}
        {ready.length > 0 && (
          <Text size="sm" className="anywhere">
            <Trans>
              Ready to move on: <strong>{said(namesInWords(ready.map((child) => child.name)))}</strong>
            </Trans>
          </Text>
        )}
      </Stack>
    </section>
  )
}

const MOST_SHOWN = 8
/** More questions at once nobody wants to answer. */
const MOST_ASKED = 2

/** What is planned after the next session, a link each. */
function Planned({ sessions }: { sessions: readonly Session[] }) {
  if (sessions.length === 0) return null
  return (
    <Text size="sm" component="div">
      {t`Also planned:`}{' '}
      {sessions.map(({ id, date }, i) => (
        <span key={id}>
          {i > 0 && ', '}
          <Anchor href={`/plan/${id}`} underline="always">
            {dayInWords(date)}
          </Anchor>
        </span>
      ))}
    </Text>
  )
}

/** Another session, where one is planned already. */
function BuildAnother({ children }: { children: ReactNode }) {
  return <Fold title={t`Plan another session`}>{children}</Fold>
}

/** The children, each with how far it is. */
function Readiness({ group, children }: Pick<GroupOverview, 'group' | 'children'>) {
  return (
    <ul style={{ margin: 0, padding: 0, listStyle: 'none' }} aria-label={t`Children of ${group.name}`}>
      {children.slice(0, MOST_SHOWN).map((child) => (
        <li key={child.id} className="anywhere" style={{ padding: '2px 0' }}>
          <Anchor href={`/children/${child.id}`} fw={600} lineClamp={1} display="inline">
            {child.name}
          </Anchor>{' '}
          <Text
            span
            size="sm"
            className={child.movesOn ? undefined : 'quiet'}
            c={child.movesOn ? 'var(--moss)' : undefined}
            fw={child.movesOn ? 600 : undefined}
          >
            {said(child.readiness)}
          </Text>
        </li>
      ))}
    </ul>
  )
}

function Nobody() {
  return (
    <Text>
      <Trans>
        Nobody is in this group yet.{' '}
        <Anchor href="/children" underline="always">
          Add children
        </Anchor>{' '}
        and a session can be built.
      </Trans>
    </Text>
  )
}

interface NextSessionProps extends Pick<GroupCardProps, 'settings' | 'isSoonest'> {
  readonly session: Session
}

function NextSession({ session, settings, isSoonest }: NextSessionProps) {
  const at = clockInWords(session.start, settings.language)
  return (
    <Stack gap={8}>
      <Text>
        <Trans>
          <strong>{capital(dayInWords(session.date))}</strong>, {at} · {plannedMinutes(session.plan)} min ·{' '}
          {said(rungOf(session.plan.rung).name)}
        </Trans>
      </Text>
      <Strip plan={session.plan} height={34} />
      <Group gap="xs">
        <Button
          component="a"
          href={`/plan/${session.id}`}
          variant={isSoonest ? 'filled' : 'light'}
        >{t`Open the plan`}</Button>
        <Button
          component="a"
          variant={session.printedAt ? 'default' : 'light'}
          href={`/plan/${session.id}?print`}
          leftSection={<IconPrinter size={18} />}
        >
          {session.printedAt ? t`Print again` : t`Print (not done yet)`}
        </Button>
        <Button
          component="a"
          variant="default"
          href={`/table/${session.id}`}
          leftSection={<IconPlayerPlay size={18} />}
        >{t`Start the session`}</Button>
      </Group>
    </Stack>
  )
}
