import { saidEach } from '../../words/i18n'
import { told } from '../../core/wording'
import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Grid, Group, Stack, Text, Title } from '@mantine/core'
import { useInAddress } from '../../ui/address'
import { AddressTabs } from '../../ui/AddressTabs'
import { App, type Page } from '../../ui/App'
import { ErrorBoundary } from '../../ui/ErrorBoundary'
import { later, useFetchLater } from '../../ui/later'
import { LengthsPanel } from './LengthsPanel'
import { SpaceFields } from './SpaceFields'
import { YardPlan } from './YardPlan'
import { type YardState, useYard } from './useYard'
import { ToPrinting } from '../../ui/ToPrinting'
import { Segments } from '../../ui/Segments'

const laidPanel = later(async () => (await import('./LaidPanel')).LaidPanel)
const handsPanel = later(async () => (await import('./HandsPanel')).HandsPanel)
const yardOut = later(async () => (await import('./YardOut')).YardOut)
const LATER = [laidPanel, handsPanel, yardOut]

export default function YardView(page: Page) {
  return (
    <App {...page}>
      <YardRoom />
    </App>
  )
}

function YardRoom() {
  const state = useYard()
  useFetchLater(LATER)
  const [part] = useInAddress('part')
  return (
    <Stack gap="sm">
      <Group justify="space-between" align="end">
        <Title order={1} size="h3">{t`Floor clock`}</Title>
        <Group gap="sm">
          <Segments
            aria-label={t`Unit`}
            value={state.yard.unit}
            onChange={(unit) => state.change({ unit })}
            data={[
              { value: 'm', label: t`metres` },
              { value: 'ft', label: t`feet` },
            ]}
          />
          <ToPrinting part="out" />
        </Group>
      </Group>
      {state.problem && (
        <Text className="sheet sheet-attention" role="alert" size="sm">
          <Trans>{state.problem}. The plan is the last that fits.</Trans>
        </Text>
      )}
      <Grid gap="sm">
        <Grid.Col span={{ base: 12, sm: 6, lg: 3 }} order={{ base: 2, lg: 1 }}>
          <ErrorBoundary what={t`The space`}>
            <SpaceFields state={state} />
          </ErrorBoundary>
        </Grid.Col>
        <Grid.Col span={{ base: 12, lg: 5 }} order={{ base: 1, lg: 2 }}>
          <ErrorBoundary what={t`The plan`}>
            <YardPlan state={state} moves={part === 'laid' ? 'markers' : 'twelve'} />
          </ErrorBoundary>
        </Grid.Col>
        <Grid.Col span={{ base: 12, sm: 6, lg: 4 }} order={3}>
          <Work state={state} />
        </Grid.Col>
      </Grid>
    </Stack>
  )
}

const PARTS = {
  lengths: told('Set out'),
  laid: told('Check it'),
  hands: told('Walk it'),
  out: told('Print and save'),
} as const

/** Setting the clock out, checking it, walking it, and its set-out sheet. */
function Work({ state }: { state: YardState }) {
  return (
    <AddressTabs
      names={saidEach(PARTS)}
      usual="lengths"
      panels={{
        lengths: <LengthsPanel state={state} />,
        laid: <laidPanel.Part state={state} />,
        hands: <handsPanel.Part state={state} />,
        out: <yardOut.Part state={state} />,
      }}
    />
  )
}
