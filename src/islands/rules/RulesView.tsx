import { saidEach } from '../../words/i18n'
import { told } from '../../core/wording'
import { useQuery } from '@tanstack/react-query'
import { AddressTabs } from '../../ui/AddressTabs'
import { App, type Page } from '../../ui/App'
import { Loaded } from '../../ui/Loaded'
import { later, useFetchLater } from '../../ui/later'
import { settingsQuery } from '../../ui/queries'
import { RulesForm } from './RulesForm'

const data = later(async () => (await import('./data/DataPanel')).DataPanel)
const network = later(async () => (await import('./data/NetworkPanel')).NetworkPanel)
const LATER = [data, network]

const PARTS = { rules: told('House rules'), data: told('Your data'), network: told('Other devices') } as const

export default function RulesView(page: Page) {
  return (
    <App {...page}>
      <Rules />
    </App>
  )
}

function Rules() {
  const query = useQuery({ ...settingsQuery, refetchOnWindowFocus: false })
  useFetchLater(LATER)
  return (
    <AddressTabs
      names={saidEach(PARTS)}
      usual="rules"
      panels={{
        rules: <Loaded query={query}>{(settings) => <RulesForm key={settings.version} settings={settings} />}</Loaded>,
        data: <data.Part />,
        network: <network.Part />,
      }}
    />
  )
}
