import { type MantineColorSchemeManager, MantineProvider } from '@mantine/core'
import { MutationCache, QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { type ReactNode, useState } from 'react'
import { unpackState } from '../core/viewState'
import { ErrorBoundary } from './ErrorBoundary'
import type { Shortcut } from './ShortcutList'
import { Shortcuts } from './Shortcuts'
import { Refusal } from './api'
import { LONG_MS, Notices, tell } from './notices'
import { useOffline } from './offline/useOffline'
import { WaitingInHeader } from './Waiting'
import { theme } from './theme'

/** What the server read a moment ago is not asked for again as soon as the view stands. */
const FRESH_MS = 5000

/** Colours are as the system has them. Nothing is kept, so that the browser's storage need not be read for them. */
const bySystem: MantineColorSchemeManager = {
  get: (usual) => usual,
  set: () => undefined,
  subscribe: () => undefined,
  unsubscribe: () => undefined,
  clear: () => undefined,
}

/** Says that a change was refused or not reached. Trying again is up to the adult, since nothing was half-written. */
function tellFailure(error: Error) {
  const title = error instanceof Refusal ? error.title : 'Not saved'
  void tell({ title, message: error.message, color: 'oak', autoClose: LONG_MS })
}

function newClient(state: string | undefined): QueryClient {
  const client = new QueryClient({
    mutationCache: new MutationCache({ onError: tellFailure }),
    defaultOptions: {
      queries: { retry: 1, networkMode: 'always', staleTime: FRESH_MS },
      mutations: { networkMode: 'always' },
    },
  })
  for (const { key, data, at } of unpackState(state)) client.setQueryData(key, data, { updatedAt: at })
  return client
}

interface Props {
  readonly children: ReactNode
  readonly shortcuts?: readonly Shortcut[]
  /** What the server read for the first paint (`server/viewData.ts`). */
  readonly state?: string
}

/** What every view stands in: theme, server state, notices, the list of shortcuts. */
export function App({ children, shortcuts = [], state }: Props) {
  const [client] = useState(() => newClient(state))
  useOffline()
  return (
    // Its variables come with the styles (theme.css); written here, they would style a half painted page once more.
    <MantineProvider
      theme={theme}
      defaultColorScheme="auto"
      colorSchemeManager={bySystem}
      withCssVariables={false}
      withGlobalClasses={false}
    >
      <QueryClientProvider client={client}>
        <Notices />
        <WaitingInHeader />
        <ErrorBoundary what="This view">{children}</ErrorBoundary>
        <Shortcuts list={shortcuts} />
      </QueryClientProvider>
    </MantineProvider>
  )
}
