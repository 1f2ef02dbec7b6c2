import { MantineProvider } from '@mantine/core'
import { Notifications, notifications } from '@mantine/notifications'
import { MutationCache, QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { type ReactNode, useState } from 'react'
import { ErrorBoundary } from './ErrorBoundary'
import { type Shortcut, Shortcuts } from './Shortcuts'
import { Refusal } from './api'
import { theme } from './theme'

/** A refused or unreached change is told; a retry is up to the adult, since nothing was half-written. */
function tellFailure(error: Error) {
  const title = error instanceof Refusal ? error.title : 'Not saved'
  notifications.show({ title, message: error.message, color: 'oak', autoClose: 12_000 })
}

function newClient(): QueryClient {
  return new QueryClient({
    mutationCache: new MutationCache({ onError: tellFailure }),
    defaultOptions: { queries: { retry: 1, networkMode: 'always' }, mutations: { networkMode: 'always' } },
  })
}

/** What every view stands in: theme, server state, notices, the list of shortcuts. */
export function App({ children, shortcuts = [] }: { children: ReactNode; shortcuts?: readonly Shortcut[] }) {
  const [client] = useState(newClient)
  return (
    <MantineProvider theme={theme} defaultColorScheme="auto">
      <QueryClientProvider client={client}>
        <Notifications position="bottom-right" />
        <ErrorBoundary what="This view">{children}</ErrorBoundary>
        <Shortcuts list={shortcuts} />
      </QueryClientProvider>
    </MantineProvider>
  )
}
