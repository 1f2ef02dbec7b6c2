import { Button, Group, Stack, Text, Title } from '@mantine/core'
import { IconPlus } from '@tabler/icons-react'
import { useState } from 'react'
import type { Child, ChildReport, Group as GroupRecord } from '../../core/records'
import { App } from '../../ui/App'
import { Loaded } from '../../ui/Loaded'
import { ChildForm } from './ChildForm'
import { ChildRow } from './ChildRow'
import { GroupForm } from './GroupForm'
import { RemoveChild, RemoveGroup } from './removals'
import { usePeople } from './usePeople'

/** What is open over the list. */
type Open =
  | { readonly is: 'new-group' }
  | { readonly is: 'group'; readonly group: GroupRecord }
  | { readonly is: 'remove-group'; readonly group: GroupRecord }
  | { readonly is: 'child'; readonly child: Child }
  | { readonly is: 'remove-child'; readonly report: ChildReport }

export default function ChildrenView({ state }: { state: string }) {
  return (
    <App state={state}>
      <People />
    </App>
  )
}

function People() {
  const query = usePeople()
  const [open, setOpen] = useState<Open>()
  return (
    <Loaded query={query}>
      {({ groups, reports }) => {
        const alone = reports.filter((report) => report.groups.length === 0)
        return (
          <Stack>
            <Group justify="space-between">
              <Title order={1} size="h2">
                Children
              </Title>
              <Button leftSection={<IconPlus size={18} />} onClick={() => setOpen({ is: 'new-group' })}>
                Add a group
              </Button>
            </Group>
            {groups.length === 0 && (
              <Text className="sheet">No groups yet. Add one with its children, and sessions can be built for it.</Text>
            )}
            {groups.map((group) => (
              <Members key={group.id} group={group} reports={reports} onOpen={setOpen} />
            ))}
            {alone.length > 0 && (
              <section className="sheet" aria-label="In no group">
                <Title order={2} size="h4" mb="xs">
                  In no group
                </Title>
                <Rows reports={alone} onOpen={setOpen} />
              </section>
            )}
            <Opened open={open} reports={reports} onClose={() => setOpen(undefined)} />
          </Stack>
        )
      }}
    </Loaded>
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
            <Button component="a" href={`/groups/${group.id}`} variant="light" size="sm">
              Side by side
            </Button>
          )}
          <Button variant="default" size="sm" onClick={() => onOpen({ is: 'group', group })}>
            Edit the group
          </Button>
          <Button variant="subtle" size="sm" onClick={() => onOpen({ is: 'remove-group', group })}>
            Remove
          </Button>
        </Group>
      </Group>
      {members.length === 0 && <Text className="quiet">Nobody is in this group yet: edit it to add children.</Text>}
      <Rows reports={members} onOpen={onOpen} />
    </section>
  )
}

interface OpenedProps {
  readonly open: Open | undefined
  readonly reports: readonly ChildReport[]
  readonly onClose: () => void
}

/** The form or the question that stands over the list. */
function Opened({ open, reports, onClose }: OpenedProps) {
  const children = reports.map((report) => report.child)
  switch (open?.is) {
    case 'new-group':
      return <GroupForm children={children} onClose={onClose} />
    case 'group':
      return <GroupForm group={open.group} children={children} onClose={onClose} />
    case 'child':
      return <ChildForm child={open.child} onClose={onClose} />
    case 'remove-group':
      return <RemoveGroup group={open.group} onClose={onClose} />
    case 'remove-child':
      return <RemoveChild report={open.report} onClose={onClose} />
    case undefined:
      return null
  }
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
