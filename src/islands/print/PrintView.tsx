import { Button, Group, SegmentedControl, Stack, Text, Title } from '@mantine/core'
import { useQuery } from '@tanstack/react-query'
import {
  IconArrowsShuffle,
  IconBookmark,
  IconDownload,
  IconPin,
  IconPinFilled,
  IconPrinter,
  IconUsers,
} from '@tabler/icons-react'
import { useState } from 'react'
import type { Settings } from '../../core/records'
import { App } from '../../ui/App'
import { DrawingView } from '../../ui/DrawingView'
import { ErrorBoundary } from '../../ui/ErrorBoundary'
import { Loaded } from '../../ui/Loaded'
import { api } from '../../ui/api'
import { later, useFetchLater } from '../../ui/later'
import { FindPanel } from './FindPanel'
import { LastsPanel } from './LastsPanel'
import { NeedsPanel, OptionsPanel } from './OptionsPanel'
import { usePrint } from './usePrint'
import './print.css'

const keep = later(async () => (await import('./KeepPanel')).KeepPanel)
const pack = later(async () => (await import('./PackPanel')).PackPanel)
const save = later(async () => (await import('./SavePrint')).SavePrint)
const LATER = [keep, pack, save]

export default function PrintView() {
  return (
    <App>
      <PrintPage />
    </App>
  )
}

function PrintPage() {
  const query = useQuery({ queryKey: ['settings'], queryFn: () => api.get<Settings>('/api/settings') })
  return <Loaded query={query}>{(settings) => <PrintRoom settings={settings} />}</Loaded>
}

/** What can be printed, its options, and the page itself beside them. */
function PrintRoom({ settings }: { settings: Settings }) {
  const state = usePrint(settings)
  const { printable, print, refusal } = state
  const [side, setSide] = useState('pages')
  const [isKeeping, setKeeping] = useState(false)
  const [isPacking, setPacking] = useState(false)
  const [isSaving, setSaving] = useState(false)
  useFetchLater(LATER)
  const sideOf = (of: typeof print) => (of ? (side === 'key' ? of.key : of.pages) : [])
  // The first page stands at once, those below it follow.
  const [first] = sideOf(print)
  // A count beyond what the rung has: the nearest one that it has is offered.
  const isCount = refusal?.startsWith('count') ?? false
  const possible = Math.min(Math.max(state.options.count, state.counts.least), state.counts.most)
  const shown = first ? [first, ...sideOf(state.printLater).slice(1)] : []
  return (
    <Stack gap="sm">
      <Group justify="space-between">
        <Title order={1} size="h2">
          Print room
        </Title>
        <Group gap="xs">
          <Button
            variant="default"
            onClick={state.shuffle}
            disabled={state.isPinned}
            leftSection={<IconArrowsShuffle size={18} />}
          >
            Shuffle
          </Button>
          <Button
            variant={state.isPinned ? 'light' : 'default'}
            aria-pressed={state.isPinned}
            onClick={() => state.setPinned(!state.isPinned)}
            leftSection={state.isPinned ? <IconPinFilled size={18} /> : <IconPin size={18} />}
          >
            No. {state.picked.seed}
          </Button>
          {isSaving ? (
            <save.Part state={state} />
          ) : (
            <Button
              variant="default"
              disabled={!print}
              aria-haspopup="menu"
              onClick={() => setSaving(true)}
              leftSection={<IconDownload size={18} />}
            >
              Save
            </Button>
          )}
          <Button
            variant="default"
            onClick={() => setKeeping(!isKeeping)}
            aria-expanded={isKeeping}
            leftSection={<IconBookmark size={18} />}
          >
            Keep
          </Button>
          <Button
            variant="default"
            onClick={() => setPacking(!isPacking)}
            aria-expanded={isPacking}
            leftSection={<IconUsers size={18} />}
          >
            Pack for a group
          </Button>
          <Button
            component="a"
            href={state.pdf}
            target="_blank"
            data-disabled={print ? undefined : true}
            leftSection={<IconPrinter size={18} />}
          >
            PDF with the key
          </Button>
        </Group>
      </Group>
      <div className="print-room">
        <ErrorBoundary what="What can be printed">
          <FindPanel state={state} />
        </ErrorBoundary>
        <Stack gap="sm">
          <ErrorBoundary what="The options">
            <OptionsPanel state={state} />
          </ErrorBoundary>
          {(printable.fill ?? printable.play) && print && (
            <ErrorBoundary what="How long it lasts">
              <LastsPanel state={state} />
            </ErrorBoundary>
          )}
          <NeedsPanel state={state} />
        </Stack>
        <section aria-label="The pages">
          {isKeeping && <keep.Part state={state} />}
          {isPacking && <pack.Part state={state} />}
          <SegmentedControl
            fullWidth
            mb="xs"
            aria-label="Pages or key"
            value={side}
            onChange={setSide}
            data={[
              { value: 'pages', label: `Pages: ${print?.pages.length ?? 0}` },
              { value: 'key', label: `Key: ${print?.key.length ?? 0}` },
            ]}
          />
          {refusal && (
            <Text className="sheet sheet-attention" role="alert">
              {isCount
                ? `How many ${printable.counts}: ${state.counts.least} to ${state.counts.most} are possible on this rung, not ${state.options.count}.`
                : `${refusal}.`}
              {isCount && (
                <Button size="compact-md" mt="xs" display="block" onClick={() => state.set({ count: possible })}>
                  {`Make ${possible} ${printable.counts}`}
                </Button>
              )}
            </Text>
          )}
          {shown.map((page, i) => (
            // The whole page is seen at once, unless that would make it too small to judge.
            <div
              key={i}
              className="print-page"
              style={{ maxWidth: `clamp(440px, calc((100vh - 185px) * ${page.width / page.height}), 620px)` }}
            >
              <DrawingView drawing={page} label={`Page ${i + 1}: ${page.title}`} />
            </div>
          ))}
        </section>
      </div>
    </Stack>
  )
}
