import { said } from '../words/i18n'
import { t, plural } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { told, type Told } from '../core/wording'
import { Anchor, Text } from '@mantine/core'
import { createPortal } from 'react-dom'
import { useMounted } from '@mantine/hooks'
import type { Safety } from './outbox/waiting'
import { useReadyToKeep } from './outbox/useReadyToKeep'
import { later } from './later'
import { type WaitingNow, useWaiting } from './outbox/useWaiting'

const notTaken = later(async () => (await import('./NotTaken')).NotTaken)

/** Where what waits is kept, in words. */
const WHERE: Readonly<Record<Safety, Told>> = {
  browser: told('Kept here until Ripe Acorn can be reached again.'),
  small: told('Kept in this browser’s small storage: do not clear this site’s data before it is sent.'),
  page: told('Only on this page: do not close or reload it before it is sent.'),
}

function waitingInWords({ answers, plansUnsaid: plans }: Pick<WaitingNow, 'answers' | 'plansUnsaid'>): string {
  const parts = [
    answers > 0 ? t`${plural(answers, { one: '# answer waits.', other: '# answers wait.' })}` : '',
    plans > 0 ? t`${plural(plans, { one: '# change of a session waits.', other: '# changes of sessions wait.' })}` : '',
  ]
  return parts.filter(Boolean).join(' ')
}

/** What is still in this browser alone, and what the server refused. */
export function WaitingLines({ now }: { now: WaitingNow }) {
  const { answers, plansUnsaid: plans, clashes, safety, refused } = now
  return (
    <>
      {answers + plans > 0 && (
        <Text size="sm" c="var(--attention)" role="status">
          {waitingInWords(now)} {said(WHERE[safety])}
        </Text>
      )}
      {clashes.map((id) => (
        <Text key={id} size="sm" c="var(--attention)" role="status">
          <Trans>
            A plan was changed here and elsewhere. <Anchor href={`/plan/${id}`}>Open it</Anchor> to choose.
          </Trans>
        </Text>
      ))}
      {refused.length > 0 && <notTaken.Part things={refused} />}
    </>
  )
}

/** The same where a view has no header. */
export function Waiting() {
  useReadyToKeep()
  return <WaitingLines now={useWaiting()} />
}

/**
 * The same below the header of every other view, whose place for it is in the page (`Shell.astro`). What waits goes out
 * from every view, also from one without a header.
 */
export function WaitingInHeader() {
  const isMounted = useMounted()
  const now = useWaiting()
  const place = isMounted ? document.getElementById('shell-waiting') : null
  return place && createPortal(<WaitingLines now={now} />, place)
}
