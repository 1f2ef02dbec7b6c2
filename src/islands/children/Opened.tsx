import type { Child, ChildReport, Group as GroupRecord } from '../../core/records'
import { ChildForm } from './ChildForm'
import { GroupForm } from './GroupForm'
import { RemoveChild, RemoveGroup } from './removals'

/** What is open over the list. */
export type Open =
  | { readonly is: 'new-group' }
  | { readonly is: 'group'; readonly group: GroupRecord }
  | { readonly is: 'remove-group'; readonly group: GroupRecord }
  | { readonly is: 'child'; readonly child: Child }
  | { readonly is: 'remove-child'; readonly report: ChildReport }

interface OpenedProps {
  readonly open: Open
  readonly reports: readonly ChildReport[]
  readonly onClose: () => void
}

/** The form or the question that stands over the list. */
export function Opened({ open, reports, onClose }: OpenedProps) {
  const children = reports.map((report) => report.child)
  switch (open.is) {
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
  }
}
