import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Text } from '@mantine/core'
import { useDebouncedValue } from '@mantine/hooks'
import { createSpotlight, Spotlight } from '@mantine/spotlight'
import '@mantine/spotlight/styles.css'
import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { type Findable, type SearchResult } from '../../core/search'
import { api } from '../api'
import { useFocusBack } from '../focusBack'

const WAIT_MS = 120
const [store, palette] = createSpotlight()

/** Finds children, groups, sessions, prints, activities, days, stories and views by their names, and opens them. */
export function Palette({ onClose }: { onClose: () => void }) {
  useFocusBack()
  const [typed, setTyped] = useState('')
  const [wanted] = useDebouncedValue(typed, WAIT_MS)
  const query = useQuery({
    queryKey: ['search', wanted],
    queryFn: () => api.get<SearchResult>(`/api/search?for=${encodeURIComponent(wanted)}`),
    placeholderData: keepPreviousData,
  })
  useEffect(() => palette.open(), [])
  const found = query.data
  return (
    <Spotlight.Root
      store={store}
      query={typed}
      onQueryChange={setTyped}
      onSpotlightClose={onClose}
      shortcut={null}
      returnFocus={false}
      scrollable
      maxHeight="60vh"
      attributes={{ content: { 'aria-label': t`Search` } }}
    >
      <Spotlight.Search
        placeholder={t`A child, a group, a print, an activity, a view …`}
        aria-label={t`Search for`}
        maxLength={100}
      />
      <Spotlight.ActionsList aria-label={t`What was found`}>
        {query.isError && <Spotlight.Empty role="alert">{query.error.message}</Spotlight.Empty>}
        {found?.things.map((thing) => (
          <Line key={`${thing.kind} ${thing.href} ${thing.name}`} thing={thing} />
        ))}
        {found?.total === 0 && (
          <Spotlight.Empty>{t`Nothing is called that. Try fewer letters, or the name of a view.`}</Spotlight.Empty>
        )}
      </Spotlight.ActionsList>
      {found && found.total > found.things.length && (
        <Spotlight.Footer>
          <Text size="sm" className="quiet">
            <Trans>
              The first {found.things.length} of {found.total}. Type more letters to see the others.
            </Trans>
          </Text>
        </Spotlight.Footer>
      )}
    </Spotlight.Root>
  )
}

function Line({ thing: { kind, name, about, href } }: { thing: Findable }) {
  return (
    <Spotlight.Action onClick={() => window.location.assign(href)}>
      <span className="anywhere" style={{ flex: 1 }}>
        <Text span fw={600}>
          {name}
        </Text>{' '}
        <Text span size="sm" className="quiet">
          {about}
        </Text>
      </span>
      <Text span size="sm" className="quiet">
        {kind}
      </Text>
    </Spotlight.Action>
  )
}
