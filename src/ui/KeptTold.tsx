import { Alert, Button, Group } from '@mantine/core'
import type { OpenKept } from './openKept'

/** What was removed can be brought back, and what could not be saved is said. */
export function KeptTold<T>({ state }: { state: OpenKept<T> }) {
  return (
    <>
      {state.removed && (
        <Group className="sheet" gap="sm" role="status">
          <span className="anywhere">{state.removed.name} was removed.</span>
          <Button variant="default" onClick={state.bringBack}>
            Undo
          </Button>
        </Group>
      )}
      {state.unsaved && (
        <Alert color="oak" role="alert" title="Not saved yet">
          What you changed is on this screen only.{' '}
          <Button size="compact-sm" variant="default" onClick={state.retry}>
            Try again
          </Button>
        </Alert>
      )}
    </>
  )
}
