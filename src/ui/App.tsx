import { t } from '@lingui/core/macro'
import { localStorageColorSchemeManager, MantineProvider } from '@mantine/core'
import { MutationCache, type MutationMeta, QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { Children, cloneElement, isValidElement, type ReactNode, useMemo, useState } from 'react'
import { unpackState } from '../core/viewState'
import { ErrorBoundary } from './ErrorBoundary'
import type { Shortcut } from './ShortcutList'
import { Shortcuts } from './Shortcuts'
import { AddressAsked } from './address'
import { Refusal } from './api'
import { isToldInPlace } from './inPlace'
import { useLanguage } from './language'
import { LONG_MS, Notices, tell } from './notices'
import { useOffline } from './offline/useOffline'
import { WaitingInHeader } from './Waiting'
import { PaletteKeys } from './palette/PaletteKeys'
import { theme } from './theme'

/** What the server read a moment ago is not asked for again as soon as the view stands. */
const FRESH_MS = 5000

/** As the device has them, unless another choice was made at the foot of a page (`Shell.astro`). */
const colours = localStorageColorSchemeManager({ key: 'ripe-acorn-colours' })

/** Says that a change was refused or not reached, unless the view does. Trying again is up to the adult, since nothing was half-written. */
function tellFailure(error: Error, meta: MutationMeta | undefined) {
  if (isToldInPlace(error, meta)) return
  const title = error instanceof Refusal ? error.title : t`Not saved`
  void tell({ title, message: error.message, color: 'oak', autoClose: LONG_MS })
}

function newClient(state: string | undefined): QueryClient {
  const client = new QueryClient({
    mutationCache: new MutationCache({ onError: (error, _input, _context, { meta }) => tellFailure(error, meta) }),
    defaultOptions: {
      queries: { retry: 1, networkMode: 'always', staleTime: FRESH_MS },
      mutations: { networkMode: 'always' },
    },
  })
  for (const { key, data, at } of unpackState(state)) client.setQueryData(key, data, { updatedAt: at })
  return client
}

/** What a page hands to its view. */
export interface Page {
  /** What the server read for the first paint (`server/viewData.ts`). */
  readonly state?: string
  /** The query of the address that the page was asked for with. */
  readonly search: string
}

interface Props extends Page {
  readonly children?: ReactNode
  readonly shortcuts?: readonly Shortcut[]
}

/**
 * The same parts as before, which are drawn once more when `changes` is another number, and keep what they hold. They
 * are handed on in the same way from the first time on: a part that were no longer in a list would begin anew.
 */
function useSaidAnew(children: ReactNode, changes: number): ReactNode {
  return useMemo(
    () => Children.map(children, (each) => (isValidElement(each) ? cloneElement(each) : each)),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- another number is what makes new elements of them
    [children, changes],
  )
}

/** What every view stands in: theme, server state, notices, the list of shortcuts. */
export function App({ children, shortcuts = [], state, search }: Props) {
  const [client] = useState(() => newClient(state))
  const shown = useSaidAnew(children, useLanguage(client))
  useOffline()
  return (
    // Its variables come with the styles (theme.css); written here, they would style a half painted page once more.
    <MantineProvider
      theme={theme}
      defaultColorScheme="auto"
      colorSchemeManager={colours}
      withCssVariables={false}
      withGlobalClasses={false}
    >
      <QueryClientProvider client={client}>
        <Notices />
        <WaitingInHeader />
        <ErrorBoundary what={t`This view`}>
          <AddressAsked search={search}>{shown}</AddressAsked>
        </ErrorBoundary>
        <Shortcuts list={shortcuts} />
        <PaletteKeys />
      </QueryClientProvider>
    </MantineProvider>
  )
}
