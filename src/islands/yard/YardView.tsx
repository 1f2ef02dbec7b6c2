import { Grid, Group, Stack, Tabs, Text, Title } from '@mantine/core'
import { useState } from 'react'
import { App } from '../../ui/App'
import { ErrorBoundary } from '../../ui/ErrorBoundary'
import { later, useFetchLater } from '../../ui/later'
import { LengthsPanel } from './LengthsPanel'
import { SpaceFields } from './SpaceFields'
import { YardPlan } from './YardPlan'
import { type YardState, useYard } from './useYard'
import { Segments } from '../../ui/Segments'

const laidPanel = later(async () => (await import('./LaidPanel')).LaidPanel)
const handsPanel = later(async () => (await import('./HandsPanel')).HandsPanel)
const yardOut = later(async () => (await import('./YardOut')).YardOut)
const LATER = [laidPanel, handsPanel, yardOut]

export default function YardView() {
  return (
    <App>
      <YardRoom />
    </App>
  )
}

function YardRoom() {
  const state = useYard()
  useFetchLater(LATER)
  const [tab, setTab] = useState<string | null>('lengths')
  return (
    <Stack gap="sm">
      <Group justify="space-between" align="end">
        <Title order={1} size="h3">
          Floor clock
        </Title>
        <Segments
          aria-label="Unit"
          value={state.yard.unit}
          onChange={(unit) => state.change({ unit })}
          data={[
            { value: 'm', label: 'metres' },
            { value: 'ft', label: 'feet' },
          ]}
        />
      </Group>
      {state.problem && (
        <Text className="sheet sheet-attention" role="alert" size="sm">
          {state.problem}. The plan is the last that fits.
        </Text>
      )}
      <Grid gap="sm">
        <Grid.Col span={{ base: 12, sm: 6, lg: 3 }} order={{ base: 2, lg: 1 }}>
          <ErrorBoundary what="The space">
            <SpaceFields state={state} />
          </ErrorBoundary>
        </Grid.Col>
        <Grid.Col span={{ base: 12, lg: 5 }} order={{ base: 1, lg: 2 }}>
          <ErrorBoundary what="The plan">
            <YardPlan state={state} moves={tab === 'laid' ? 'markers' : 'twelve'} />
          </ErrorBoundary>
        </Grid.Col>
        <Grid.Col span={{ base: 12, sm: 6, lg: 4 }} order={3}>
          <Work state={state} tab={tab} onTab={setTab} />
        </Grid.Col>
      </Grid>
    </Stack>
  )
}

interface WorkProps {
  readonly state: YardState
  readonly tab: string | null
  readonly onTab: (tab: string | null) => void
}

/** Setting the clock out, checking it, walking it, and its set-out sheet. */
function Work({ state, tab, onTab }: WorkProps) {
  return (
    <Tabs value={tab} onChange={onTab} className="sheet" keepMounted={false}>
      <Tabs.List mb="sm">
        <Tabs.Tab value="lengths">Set out</Tabs.Tab>
        <Tabs.Tab value="laid">Check it</Tabs.Tab>
        <Tabs.Tab value="hands">Walk it</Tabs.Tab>
        <Tabs.Tab value="out">Print and save</Tabs.Tab>
      </Tabs.List>
      <ErrorBoundary key={tab} what="This part">
        <Tabs.Panel value="lengths">
          <LengthsPanel state={state} />
        </Tabs.Panel>
        <Tabs.Panel value="laid">
          <laidPanel.Part state={state} />
        </Tabs.Panel>
        <Tabs.Panel value="hands">
          <handsPanel.Part state={state} />
        </Tabs.Panel>
        <Tabs.Panel value="out">
          <yardOut.Part state={state} />
        </Tabs.Panel>
      </ErrorBoundary>
    </Tabs>
  )
}
