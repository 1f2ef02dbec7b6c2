import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Button, Group } from '@mantine/core'

/** Says that a part of a view cannot be fetched at the moment, and what can be done. */
export function OutOfReach({ onTry }: { onTry: () => void }) {
  return (
    <div className="sheet sheet-attention" role="alert">
      <p style={{ marginTop: 0 }}>
        <Trans>
          <strong>This part could not be fetched.</strong> Ripe Acorn is stopped or out of reach, or it was updated
          since you opened this page. What you typed is still here. We try again every two seconds.
        </Trans>
      </p>
      <Group gap="xs">
        <Button variant="default" onClick={onTry}>{t`Try again now`}</Button>
        <Button variant="subtle" onClick={() => location.reload()}>{t`Reload the page`}</Button>
      </Group>
    </div>
  )
}
