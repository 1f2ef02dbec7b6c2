import { t } from '@lingui/core/macro'
import { Button } from '@mantine/core'

/** Asks what one change would buy. */
export function AskButton({ onClick }: { readonly onClick: () => void }) {
  return <Button variant="default" onClick={onClick} style={{ alignSelf: 'flex-start' }}>{t`What would help?`}</Button>
}
