import { told } from '../../core/wording'
import { useQuery } from '@tanstack/react-query'
import { App, type Page } from '../../ui/App'
import { Loaded } from '../../ui/Loaded'
import type { Shortcut } from '../../ui/ShortcutList'
import { sessionQuery } from '../../ui/queries'
import { PlanBoard } from './PlanBoard'

const SHORTCUTS: readonly Shortcut[] = [
  { keys: told('Space'), does: told('on an activity’s handle: pick it up; arrow keys move it; Space sets it down') },
  { keys: told('Ctrl Z'), does: told('undo the last change of the plan') },
]

export default function PlanView({ id, ...page }: Page & { id: string }) {
  return (
    <App shortcuts={SHORTCUTS} {...page}>
      <Plan id={id} />
    </App>
  )
}

function Plan({ id }: { id: string }) {
  const query = useQuery({ ...sessionQuery(id), refetchOnWindowFocus: false })
  return <Loaded query={query}>{(context) => <PlanBoard key={context.session.id} context={context} />}</Loaded>
}
