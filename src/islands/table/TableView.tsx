import { told } from '../../core/wording'
import { t } from '@lingui/core/macro'
import { useQuery } from '@tanstack/react-query'
import { useViewTitle } from '../../ui/viewTitle'
import { App, type Page } from '../../ui/App'
import { Loaded } from '../../ui/Loaded'
import type { Shortcut } from '../../ui/ShortcutList'
import { sessionQuery } from '../../ui/queries'
import { TableRoom } from './TableRoom'

const SHORTCUTS: readonly Shortcut[] = [
  { keys: told('N'), does: told('next activity') },
  { keys: told('P'), does: told('activity before') },
  { keys: told('T'), does: told('start or pause the activity’s time') },
  { keys: told('C'), does: told('the clock to move') },
  { keys: told('Q'), does: told('quick check') },
  { keys: told('G'), does: told('hands together, or each hand alone') },
  { keys: told('R'), does: told('say the time shown, or hide it') },
  { keys: told('1 … 6'), does: told('take that choice as the child’s answer') },
  { keys: told('Enter'), does: told('take the hands as set; go to the next question') },
  { keys: told('H'), does: told('the child was helped') },
  { keys: told('S'), does: told('skip the question') },
  { keys: told('U'), does: told('undo the last answer') },
  { keys: told('← →'), does: told('on the dial: 1 minute back or on') },
  { keys: told('↓ ↑'), does: told('on the dial: 5 minutes; Page keys 15, Home and End 60') },
  { keys: told('Shift'), does: told('with these: the other hand') },
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
  useViewTitle(query.data ? t`Table of ${query.data.group.name}` : t`Table`)
  return <Loaded query={query}>{(context) => <TableRoom context={context} />}</Loaded>
}
