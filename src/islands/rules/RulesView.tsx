import { useQuery } from '@tanstack/react-query'
import { App } from '../../ui/App'
import { Loaded } from '../../ui/Loaded'
import { settingsQuery } from '../../ui/queries'
import { RulesForm } from './RulesForm'

export default function RulesView({ state }: { state: string }) {
  return (
    <App state={state}>
      <Rules />
    </App>
  )
}

function Rules() {
  const query = useQuery({ ...settingsQuery, refetchOnWindowFocus: false })
  return <Loaded query={query}>{(settings) => <RulesForm key={settings.version} settings={settings} />}</Loaded>
}
