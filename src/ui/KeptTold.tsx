import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Alert, Button, Group } from '@mantine/core'
import type { OpenKept } from './openKept'

/** What was removed can be brought back, and what could not be saved is said. */
export function KeptTold<T>({ state }: { state: OpenKept<T> }) {
  return (
    <>
      {state.removed && (
        <Group className="sheet" gap="sm" role="status">
          <span className="anywhere">
            <Trans>{state.removed.name} was removed.</Trans>
          </span>
          <Button variant="default" onClick={state.bringBack}>{t`Undo`}</Button>
        </Group>
      )}
      {state.unsaved && (
        <Alert color="oak" role="alert" title={t`Not saved yet`}>
          {t`What you changed is on this screen only.`}{' '}
          <Button size="compact-sm" variant="default" onClick={state.retry}>{t`Try again`}</Button>
        </Alert>
      )}
    </>
  )
}
