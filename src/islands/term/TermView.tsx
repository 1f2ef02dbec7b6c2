import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Anchor, Button, Group, Progress, Stack, Text, Title } from '@mantine/core'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { memo, useMemo, useState } from 'react'
import { attempt } from '../../core/errors'
import { type Forecast, type TermWish, meetingsOf } from '../../core/planning'
import type { KeptTerm, TermData, TermEdit } from '../../core/records'
import { App, type Page } from '../../ui/App'
import { ErrorBoundary } from '../../ui/ErrorBoundary'
import { Loaded } from '../../ui/Loaded'
import { api } from '../../ui/api'
import { today } from '../../ui/dates'
import { tell } from '../../ui/notices'
import { termQuery } from '../../ui/queries'
import { Bands } from './Bands'
import { Shifts } from './Shifts'
import { TermForm } from './TermForm'
import { WeekList } from './WeekList'
import { WhatIfs } from './WhatIfs'
import { firstWish } from './firstWish'
import { TERM_RUNS, useForecast } from './useForecast'
import { useViewTitle } from '../../ui/viewTitle'

export default function TermView({ id, ...page }: Page & { id: string }) {
  return (
    <App {...page}>
      <TermPage id={id} />
    </App>
  )
}

function TermPage({ id }: { id: string }) {
  const query = useQuery(termQuery(id))
  return (
    <Loaded query={query}>
      {(data) =>
        data.children.length === 0 ? (
          <Text className="sheet">
            <Trans>
              Nobody is in {data.group.name} yet. Add children under{' '}
              <Anchor href="/children" underline="always">
                Children
              </Anchor>
              , and this page says when each is likely to know what.
            </Trans>
          </Text>
        ) : (
          <TermBoard data={data} />
        )
      }
    </Loaded>
  )
}

/* Neither changes while the forecast is worked out, which tells its progress many times. */
const Form = memo(TermForm)
const When = memo(Bands)

/** The weeks ahead of a group: what comes when, and when each child is likely firm. */
function TermBoard({ data }: { data: TermData }) {
  const { group, children, settings, kept } = data
  useViewTitle(t`The weeks ahead of ${group.name}`)
  const [wish, setWish] = useState<TermWish>(() => kept?.wish ?? firstWish(settings, today()))
  const { value: meetings, refusal } = useMemo(() => attempt(() => meetingsOf(wish)), [wish])
  const found = useForecast(refusal ? undefined : wish, children)
  const keep = useKeep(data)
  return (
    <Stack>
      <Group justify="space-between">
        <Title order={1} size="h2" className="anywhere" style={{ flex: 1 }}>
          <Trans>The weeks ahead for {group.name}</Trans>
        </Title>
        {kept && (
          <Button
            component="a"
            variant="default"
            href={`/api/groups/${group.id}/calendar.ics`}
            download
          >{t`All dates to a calendar`}</Button>
        )}
        <Button
          disabled={!found.isFresh}
          loading={keep.isPending}
          onClick={() => found.forecast && keep.mutate({ wish, forecast: found.forecast, version: kept?.version ?? 0 })}
        >{t`Save this forecast`}</Button>
      </Group>
      <div className="term-board">
        <Form wish={wish} onChange={setWish} refusal={refusal} meetings={meetings?.length} />
        <Stack style={{ minWidth: 0 }}>
          <Running found={found} />
          {kept && found.isFresh && found.forecast && (
            <Shifts kept={kept} wish={wish} now={found.forecast} children={children} />
          )}
          {found.forecast && !refusal && (
            <ErrorBoundary what={t`The forecast`}>
              <When key={wish.goal} forecast={found.forecast} wish={wish} children={children} />
            </ErrorBoundary>
          )}
        </Stack>
      </div>
      {found.forecast && !refusal && (
        <Below key={JSON.stringify(wish)} forecast={found.forecast} wish={wish} children={children} />
      )}
    </Stack>
  )
}

interface BelowProps extends Pick<TermData, 'children'> {
  readonly forecast: Forecast
  readonly wish: TermWish
}

function Below({ forecast, wish, children }: BelowProps) {
  return (
    <div className="two-columns">
      <ErrorBoundary what={t`The weeks`}>
        <WeekList weeks={forecast.weeks} />
      </ErrorBoundary>
      <ErrorBoundary what={t`What if`}>
        <WhatIfs base={forecast} wish={wish} children={children} />
      </ErrorBoundary>
    </div>
  )
}

function Running({ found }: { found: ReturnType<typeof useForecast> }) {
  if (found.failure)
    return (
      <Text role="alert" c="var(--attention)">
        {found.failure}
      </Text>
    )
  if (found.isRunning)
    return (
      <Group className="sheet" wrap="nowrap">
        <Progress
          value={(100 * found.done) / TERM_RUNS}
          aria-label={t`How much of the forecast is done`}
          style={{ flex: 1 }}
        />
        <Text size="sm" className="quiet">
          <Trans>
            {found.done} of {TERM_RUNS} terms played
          </Trans>
        </Text>
        <Button variant="default" size="compact-md" onClick={found.stop}>{t`Stop`}</Button>
      </Group>
    )
  if (!found.isFresh)
    return <Button variant="default" onClick={found.again} style={{ alignSelf: 'flex-start' }}>{t`Work it out`}</Button>
  return null
}

/** Keeps the term. Where somebody kept another one in between, theirs is shown, and nothing is written over. */
function useKeep({ group }: TermData) {
  const client = useQueryClient()
  const { queryKey } = termQuery(group.id)
  return useMutation({
    mutationFn: (edit: TermEdit) => api.put<KeptTerm>(`/api/groups/${group.id}/term`, edit),
    onSuccess: (kept) => {
      client.setQueryData(queryKey, (data: TermData | undefined) => data && { ...data, kept })
      void tell({ message: t`Saved. As records come in, this page says what changed since.`, color: 'moss' })
    },
    onError: () => void client.invalidateQueries({ queryKey }),
  })
}
