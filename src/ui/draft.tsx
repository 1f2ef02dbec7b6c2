import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Button, Group, Text } from '@mantine/core'
import { useLocalStorage } from '@mantine/hooks'
import { Refused } from './Refused'
import { Unreached } from './api'
import { useAskBeforeLeaving } from './leaving'
import { momentInWords } from './dates'

/* What was typed and sent while Ripe Acorn could not be reached: it waits here until it is saved or thrown away. */

/** What is needed of a form. */
interface Form<Values> {
  readonly values: Values
  readonly setValues: (values: Values) => void
  readonly isDirty: () => boolean
}

interface KeptDraft<Values> {
  readonly at: number
  /** What the form is about. Its ids stand here, so that what is kept of a child can be found and forgotten. */
  readonly of: string
  readonly values: Values
}

interface FormDraft {
  /** When what waits was typed; undefined while nothing waits. */
  readonly since: number | undefined
  /** That it stands in the form as it waits. */
  readonly stands: boolean
  readonly putBack: () => void
  /** It was saved or is not wanted: nothing waits any more. */
  readonly forget: () => void
  /** Sending failed. Only where the app could not be reached does it wait. */
  readonly failed: (error: Error) => void
}

/**
 * Keeps a form's values in this browser when they could not be sent for want of a connection. Until they are saved or
 * kept, the browser asks before the page is left.
 */
export function useDraft<Values>({ values, setValues, isDirty }: Form<Values>, of: string): FormDraft {
  const [kept, setKept, forget] = useLocalStorage<KeptDraft<Values> | null>({
    key: `ripe-acorn-typed ${of}`,
    defaultValue: null,
  })
  useAskBeforeLeaving(isDirty() && JSON.stringify(kept?.values) !== JSON.stringify(values))
  return {
    since: kept?.at,
    stands: kept !== null && JSON.stringify(kept.values) === JSON.stringify(values),
    putBack: () => kept && setValues(kept.values),
    forget,
    failed: (error) => {
      if (error instanceof Unreached) setKept({ at: Date.now(), of, values })
    },
  }
}

/** Why a form could not be saved, in one message: that what was typed waits says as well that it could not be sent. */
export function NotSaved({ draft, error }: { draft: FormDraft; error: Error | null }) {
  return (
    <>
      <DraftLine draft={draft} />
      {!(draft.stands && error instanceof Unreached) && <Refused error={error} />}
    </>
  )
}

/** Says that something waits, and puts it back into the form where it does not stand there. */
function DraftLine({ draft: { since, stands, putBack, forget } }: { draft: FormDraft }) {
  if (since === undefined) return null
  if (stands)
    return (
      <Text size="sm" role="status">
        <Trans>
          Ripe Acorn cannot be reached. What you typed is kept in this browser. Save it when the connection is back.
        </Trans>
      </Text>
    )
  return (
    <Group gap="xs" role="status">
      <Text size="sm">
        <Trans>What you typed on {momentInWords(since)} could not be saved then.</Trans>
      </Text>
      <Button variant="default" size="compact-sm" onClick={putBack}>{t`Put it back`}</Button>
      <Button variant="subtle" size="compact-sm" onClick={forget}>{t`Throw it away`}</Button>
    </Group>
  )
}
