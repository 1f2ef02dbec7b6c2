import { SimpleGrid, Stack, Text } from '@mantine/core'
import { useMemo } from 'react'
import { type Settings, sessionPrints, wordingOf } from '../../core'
import { DrawingView } from '../../ui/DrawingView'
import type { PlanState } from './usePlan'

const MOST_SHOWN = 6

/** What comes out of the printer beside the run sheet: the very pages, made here by the same core. */
export function PrintsPanel({ state, settings }: { state: PlanState; settings: Settings }) {
  const { session, request } = state
  const { paper, lowInk } = settings
  const prints = useMemo(
    () => (request.children.length === 0 ? undefined : sessionPrints(session.plan, request, { paper, lowInk, wording: wordingOf(settings) }, session.seed)),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the request follows from the session
    [session, settings],
  )
  if (!prints) return <Text size="sm">There is nobody in this group to print for.</Text>
  const pages = [...prints.pages, ...prints.keys]
  return (
    <Stack gap="xs">
      <ul style={{ margin: 0, paddingLeft: 18, fontSize: 14 }} className="anywhere">
        <li>Run sheet, for you</li>
        {prints.contents.map(({ title, pages: count }) => (
          <li key={title}>
            {title}: {count} {count === 1 ? 'page' : 'pages'}
          </li>
        ))}
        {prints.keys.length > 0 && <li>Keys, at the end: {prints.keys.length}</li>}
      </ul>
      <SimpleGrid cols={3} spacing="xs">
        {pages.slice(0, MOST_SHOWN).map((page, i) => (
          <div key={i} style={{ border: '1px solid var(--line)', background: '#fff' }}>
            <DrawingView drawing={page} label={`Page: ${page.title}`} />
          </div>
        ))}
      </SimpleGrid>
      {pages.length > MOST_SHOWN && (
        <Text size="xs" className="quiet">
          and {pages.length - MOST_SHOWN} more pages in the PDF
        </Text>
      )}
    </Stack>
  )
} // prettier-ignore
