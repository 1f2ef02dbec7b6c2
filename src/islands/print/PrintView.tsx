import { said } from '../../words/i18n'
import { told } from '../../core/wording'
import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Button, Group, Stack, Text } from '@mantine/core'
import { useMounted } from '@mantine/hooks'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import type { Settings } from '../../core/records'
import { useAddress } from '../../ui/address'
import { App, type Page } from '../../ui/App'
import { ErrorBoundary } from '../../ui/ErrorBoundary'
import { Loaded } from '../../ui/Loaded'
import { settingsQuery } from '../../ui/queries'
import { later, useFetchLater } from '../../ui/later'
import { FindPanel } from './FindPanel'
import { LastsPanel } from './LastsPanel'
import { NeedsPanel } from './NeedsPanel'
import { OptionsPanel } from './OptionsPanel'
import { PagesPanel } from './PagesPanel'
import { type Panel, PrintTools, save } from './PrintTools'
import { usePrint } from './usePrint'
import './print.css'

const keep = later(async () => (await import('./KeepPanel')).KeepPanel)
const pack = later(async () => (await import('./PackPanel')).PackPanel)
const play = later(async () => (await import('./PlayPanel')).PlayPanel)
const LATER = [keep, pack, save, play]

export default function PrintView(page: Page) {
  return (
    <App {...page}>
      <PrintPage />
    </App>
  )
}

function PrintPage() {
  const query = useQuery(settingsQuery)
  return <Loaded query={query}>{(settings) => <PrintRoom settings={settings} />}</Loaded>
}

const PANES = { choose: told('Choose'), set: told('Options'), page: told('Page') } as const
type Pane = keyof typeof PANES

/** Where the three do not fit side by side: one after the other. */
function PaneButtons({ pane, onPane }: { pane: Pane; onPane: (pane: Pane) => void }) {
  return (
    <Group className="print-panes no-print" gap="xs" role="group" aria-label={t`One after the other`}>
      {(Object.keys(PANES) as Pane[]).map((each) => (
        <Button
          key={each}
          variant={each === pane ? 'light' : 'default'}
          aria-pressed={each === pane}
          onClick={() => onPane(each)}
          className={`print-to-${each}`}
        >
          {said(PANES[each])}
        </Button>
      ))}
    </Group>
  )
}

/** What can be printed, its options, and the page itself beside them. */
function PrintRoom({ settings }: { settings: Settings }) {
  const state = usePrint(settings)
  const [panel, setPanel] = useState<Panel | null>(null)
  // Whoever comes for one thing has chosen already.
  const isChosen = useAddress().has('printable')
  const [pane, setPane] = useState<Pane>(isChosen ? 'page' : 'choose')
  const { printable, print } = state
  useFetchLater(LATER)
  const isStanding = useMounted()
  return (
    <Stack gap="sm">
      {state.lost && (
        <Text className="sheet sheet-attention" role="alert">
          <Trans>The saved print that the address asks for cannot be opened: {state.lost.message}</Trans>
        </Text>
      )}
      <PrintTools
        state={state}
        panel={panel}
        onPanel={(next) => {
          setPanel(next === panel ? null : next)
          setPane('page')
        }}
      />
      <PaneButtons pane={pane} onPane={setPane} />
      <div className="print-room" data-pane={pane}>
        <ErrorBoundary what={t`What can be printed`}>
          <FindPanel state={state} onPick={() => setPane('page')} />
        </ErrorBoundary>
        <Stack gap="sm" className="print-options">
          <ErrorBoundary what={t`The options`}>
            <OptionsPanel state={state} />
          </ErrorBoundary>
          {(printable.fill ?? printable.play) && print && (
            <ErrorBoundary what={t`How long it lasts`}>
              <LastsPanel state={state} />
            </ErrorBoundary>
          )}
          {isStanding && printable.kind !== 'sheet' && <play.Part state={state} />}
          <NeedsPanel state={state} />
        </Stack>
        <section aria-label={t`The pages`} className="print-pages">
          {panel === 'keep' && <keep.Part state={state} />}
          {panel === 'pack' && <pack.Part state={state} />}
          <PagesPanel state={state} />
        </section>
      </div>
    </Stack>
  )
}
