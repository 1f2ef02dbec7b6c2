import { t, plural } from '@lingui/core/macro'
import { Button, Group, Stack, Text, TextInput, Title } from '@mantine/core'
import { IconPlus } from '@tabler/icons-react'
import { useState } from 'react'
import type { ChildReport, Group as GroupRecord } from '../../core/records'
import { useInAddress } from '../../ui/address'
import { App, type Page } from '../../ui/App'
import { Loaded } from '../../ui/Loaded'
import { Fold } from '../../ui/Fold'
import { later } from '../../ui/later'
import { ChildRow } from './ChildRow'
import type { Open } from './Opened'
import { usePeople } from './usePeople'

/** Forms and questions come when they are asked for. */
const form = later(async () => (await import('./Opened')).Opened)

export default function ChildrenView(page: Page) {
  return (
    <App {...page}>
      <People />
    </App>
  )
}

function People() {
  const query = usePeople()
  const [asked, put] = useInAddress('add')
  const [opened, setOpened] = useState<Open>()
  const open: Open | undefined = opened ?? (asked === 'group' ? { is: 'new-group' } : undefined)
  const setOpen = (next: Open | undefined) => {
    setOpened(next)
    if (asked !== undefined) put(null, 'replace')
  }
  return (
    <Loaded query={query}>
      {({ groups, reports }) => {
        const alone = reports.filter((report) => report.groups.length === 0)
        return (
          <Stack>
            <Group justify="space-between">
              <Title order={1} size="h2">{t`Children`}</Title>
              <Button
                leftSection={<IconPlus size={18} />}
                onClick={() => setOpen({ is: 'new-group' })}
              >{t`Add a group`}</Button>
            </Group>
            {groups.length === 0 && (
              <Text className="sheet">{t`No groups yet. Add one with its children, and sessions can be built for it.`}</Text>
            )}
            <Groups groups={groups} reports={reports} onOpen={setOpen} />
            {alone.length > 0 && (
              <section className="sheet" aria-label={t`In no group`}>
                <Title order={2} size="h4" mb="xs">{t`In no group`}</Title>
                <Rows reports={alone} onOpen={setOpen} />
              </section>
            )}
            {open && <form.Part open={open} reports={reports} onClose={() => setOpen(undefined)} />}
          </Stack>
        )
      }}
    </Loaded>
  )
}

/** So many groups are there whole; more are folded, and found by a name. */
const MOST_OPEN = 6

interface GroupsProps {
  readonly groups: readonly GroupRecord[]
  readonly reports: readonly ChildReport[]
  readonly onOpen: (open: Open) => void
}

function Groups({ groups, reports, onOpen }: GroupsProps) {
  const [typed, setTyped] = useState('')
  const [before] = useState(() => new Set(groups.map(({ id }) => id)))
  const whole = (group: GroupRecord) => <Members key={group.id} group={group} reports={reports} onOpen={onOpen} />
  if (groups.length <= MOST_OPEN) return groups.map(whole)
  const wanted = typed.trim().toLocaleLowerCase()
  const hasName = ({ name }: { readonly name: string }) => name.toLocaleLowerCase().includes(wanted)
  const called = new Set(reports.filter(({ child }) => hasName(child)).map(({ child }) => child.id))
  const found = groups.filter((group) => hasName(group) || group.childIds.some((id) => called.has(id)))
  return (
    <>
      <TextInput
        label={t`Find a group or a child`}
        value={typed}
        onChange={(event) => setTyped(event.currentTarget.value)}
        maw={380}
      />
      {found.length === 0 && <Text>{t`Nobody is called that.`}</Text>}
      {found.map((group) =>
        // What was added a moment ago is not to be looked for.
        found.length <= MOST_OPEN || !before.has(group.id) ? (
          whole(group)
        ) : (
          <div key={group.id} className="sheet">
            <Fold
              title={`${group.name}: ${t`${plural(group.childIds.length, { one: '# child', other: '# children' })}`}`}
              isLong
            >
              {whole(group)}
            </Fold>
          </div>
        ),
      )}
    </>
  )
}

interface MembersProps {
  readonly group: GroupRecord
  readonly reports: readonly ChildReport[]
  readonly onOpen: (open: Open) => void
}

/** A group, what can be done with it, and the children in it. */
function Members({ group, reports, onOpen }: MembersProps) {
  const members = group.childIds.flatMap((id) => reports.filter((report) => report.child.id === id))
  return (
    <section className="sheet" aria-label={group.name}>
      <Group justify="space-between" mb="xs">
        <Title order={2} size="h4" className="anywhere" style={{ flex: 1 }}>
          {group.name}
        </Title>
        <Group gap="xs">
          {members.length > 0 && (
            <Button component="a" href={`/groups/${group.id}`} variant="light" size="sm">{t`Side by side`}</Button>
          )}
          <Button
            variant="default"
            size="sm"
            onClick={() => onOpen({ is: 'group', group })}
          >{t`Edit the group`}</Button>
          <Button variant="subtle" size="sm" onClick={() => onOpen({ is: 'remove-group', group })}>{t`Remove`}</Button>
        </Group>
      </Group>
      {members.length === 0 && (
        <Text className="quiet">{t`Nobody is in this group yet: edit it to add children.`}</Text>
      )}
      <Rows reports={members} onOpen={onOpen} />
    </section>
  )
}

function Rows({ reports, onOpen }: { reports: readonly ChildReport[]; onOpen: (open: Open) => void }) {
  return (
    <ul style={{ listStyle: 'none', margin: 0, padding: 0 }}>
      {reports.map((report) => (
        <ChildRow
          key={report.child.id}
          report={report}
          onEdit={() => onOpen({ is: 'child', child: report.child })}
          onRemove={() => onOpen({ is: 'remove-child', report })}
        />
      ))}
    </ul>
  )
}
