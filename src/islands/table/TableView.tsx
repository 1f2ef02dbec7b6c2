import { useQuery } from '@tanstack/react-query'
import { useViewTitle } from '../../ui/viewTitle'
import { App, type Page } from '../../ui/App'
import { Loaded } from '../../ui/Loaded'
import type { Shortcut } from '../../ui/ShortcutList'
import { sessionQuery } from '../../ui/queries'
import { TableRoom } from './TableRoom'

const SHORTCUTS: readonly Shortcut[] = [
  { keys: 'N', does: 'next activity' },
  { keys: 'P', does: 'activity before' },
  { keys: 'T', does: 'start or pause the activity’s time' },
  { keys: 'C', does: 'the clock to move' },
  { keys: 'Q', does: 'quick check' },
  { keys: 'G', does: 'hands together, or each hand alone' },
  { keys: 'R', does: 'say the time shown, or hide it' },
  { keys: '1 … 6', does: 'take that choice as the child’s answer' },
  { keys: 'Enter', does: 'take the hands as set; go to the next question' },
  { keys: 'H', does: 'the child was helped' },
  { keys: 'S', does: 'skip the question' },
  { keys: 'U', does: 'undo the last answer' },
  { keys: '← →', does: 'on the dial: 1 minute back or on' },
  { keys: '↓ ↑', does: 'on the dial: 5 minutes; Page keys 15, Home and End 60' },
  { keys: 'Shift', does: 'with these: the other hand' },
]

export default function TableView({ id, ...page }: Page & { id: string }) {
  return (
    <App shortcuts={SHORTCUTS} {...page}>
      <Table id={id} />
    </App>
  )
}

function Table({ id }: { id: string }) {
  const query = useQuery({
    ...sessionQuery(id),
    // What was opened stays as it was until the session ends, connection or none.
    staleTime: Infinity,
  })
  useViewTitle(query.data ? `Table of ${query.data.group.name}` : 'Table')
  return <Loaded query={query}>{(context) => <TableRoom context={context} />}</Loaded>
}
