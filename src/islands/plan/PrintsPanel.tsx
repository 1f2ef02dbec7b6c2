import { titled } from '../../ui/titled'
import { inPages } from './PrintLink'
import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import type { SessionId } from '../../core/ids'
import { Button, SimpleGrid, Stack, Text } from '@mantine/core'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useMemo } from 'react'
import { type SessionPrints, sessionPrints } from '../../core/planning'
import { type SessionContext, looksOf, wordingOf } from '../../core/records'
import { DrawingView } from '../../ui/DrawingView'
import { api } from '../../ui/api'
import type { PlanState } from './usePlan'

const MOST_SHOWN = 6

/** What is printed besides the run sheet. The browser makes the very same pages as the server. */
export function PrintsPanel({ state, context }: { state: PlanState; context: SessionContext }) {
  const { settings, recipe, prints: kept } = context
  const { session, request } = state
  const { paper } = settings
  const prints = useMemo(
    () =>
      request.children.length === 0
        ? undefined
        : sessionPrints(
            session.plan,
            request,
            { paper, ...looksOf(settings), wording: wordingOf(settings), recipe: recipe?.body, kept },
            session.seed,
          ),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the request follows from the session
    [session, settings, recipe, kept],
  )
  if (!prints) return <Text size="sm">{t`There is nobody in this group to print for.`}</Text>
  const pages = [...prints.pages, ...prints.keys]
  return (
    <Stack gap="xs">
      <Contents prints={prints} context={context} sessionId={session.id} />
      <SimpleGrid cols={3} spacing="xs">
        {pages.slice(0, MOST_SHOWN).map((page, i) => (
          <div key={i} style={{ border: '1px solid var(--line)', background: '#fff' }}>
            <DrawingView drawing={page} label={t`Page: ${page.title}`} />
          </div>
        ))}
      </SimpleGrid>
      {pages.length > MOST_SHOWN && (
        <Text size="xs" className="quiet">
          <Trans>and {pages.length - MOST_SHOWN} more pages in the PDF</Trans>
        </Text>
      )}
    </Stack>
  )
}

interface ContentsProps {
  readonly prints: SessionPrints
  readonly context: SessionContext
  readonly sessionId: SessionId
}

/** All that comes out of the printer, in the order of the pages; what was put in by hand can be taken out. */
function Contents({ prints, context: { recipe, yard, prints: kept }, sessionId }: ContentsProps) {
  const own = prints.contents.filter(({ title }) => !kept.some(({ name }) => name === title))
  return (
    <ul style={{ margin: 0, paddingLeft: 18, fontSize: 14 }} className="anywhere">
      <li>{t`Session plan, for you`}</li>
      {yard && (
        <li>
          <Trans>Set-out sheet, {yard.name}</Trans>{' '}
          <TakeOut sessionId={sessionId} what={yard.name} things={{ yardId: null }} />
        </li>
      )}
      {recipe && (
        <li>
          <Trans>Clocks by {recipe.name}</Trans>{' '}
          <TakeOut sessionId={sessionId} what={recipe.name} things={{ recipeId: null }} />
        </li>
      )}
      {own.map(({ title, pages }) => (
        <li key={title}>{titled(title, inPages(pages))}</li>
      ))}
      {kept.map(({ id, name }) => (
        <li key={id}>
          <Trans>{name}, from the Print room</Trans>{' '}
          <TakeOut sessionId={sessionId} what={name} path={`/api/prints/${id}/session`} things={{ sessionId: null }} />
        </li>
      ))}
      {prints.keys.length > 0 && (
        <li>
          <Trans>Answers, at the end: {prints.keys.length}</Trans>
        </li>
      )}
    </ul>
  )
}

/** Takes what was put into the session out again; it stays saved. */
function TakeOut({
  sessionId,
  what,
  things,
  path: own,
}: {
  sessionId: SessionId
  what: string
  things: object
  path?: string
}) {
  const client = useQueryClient()
  const isPrint = own !== undefined
  const path = own ?? `/api/sessions/${sessionId}/attach`
  const out = useMutation({
    mutationFn: () => api.put(path, things),
    onSuccess: async () => {
      await client.invalidateQueries({ queryKey: ['session', sessionId] })
      // A print takes its step with it: the plan is another one, and the board begins with it anew.
      if (isPrint) location.reload()
    },
  })
  return (
    <Button
      size="compact-xs"
      variant="subtle"
      loading={out.isPending}
      onClick={() => out.mutate()}
      aria-label={t`Take ${what} out of the session`}
    >{t`Remove`}</Button>
  )
}
