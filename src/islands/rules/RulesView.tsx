import { useQuery } from '@tanstack/react-query'
import type { Settings } from '../../core/records'
import { App } from '../../ui/App'
import { Loaded } from '../../ui/Loaded'
import { api } from '../../ui/api'
import { RulesForm } from './RulesForm'

export default function RulesView() {
  return (
    <App>
      <Rules />
    </App>
  )
}

function Rules() {
  const query = useQuery({
    queryKey: ['settings'],
    queryFn: () => api.get<Settings>('/api/settings'),
    refetchOnWindowFocus: false,
  })
  return <Loaded query={query}>{(settings) => <RulesForm key={settings.version} settings={settings} />}</Loaded>
}
