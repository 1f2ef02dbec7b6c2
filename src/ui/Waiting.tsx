import { counted } from '../core/wording'
import { Anchor, Text } from '@mantine/core'
import { createPortal } from 'react-dom'
import { useMounted } from '@mantine/hooks'
import type { Safety } from './outbox/waiting'
import { useReadyToKeep } from './outbox/useReadyToKeep'
import { later } from './later'
import { type WaitingNow, useWaiting } from './outbox/useWaiting'

const notTaken = later(async () => (await import('./NotTaken')).NotTaken)

/** Where what waits is kept, in words. */
const WHERE: Record<Safety, string> = {
  browser: 'kept here until Ripe Acorn can be reached again',
  small: 'kept in this browser’s small storage. Do not clear this site’s data before they are sent',
  page: 'only on this page. Do not close or reload it before they are sent',
}

function waitingInWords({ answers, plansUnsaid: plans }: Pick<WaitingNow, 'answers' | 'plansUnsaid'>): string {
  const parts = [
    answers > 0 ? `${counted(answers, 'answer', 'answers')}` : '',
    plans > 0 ? `${counted(plans, 'change of a session', 'changes of sessions')}` : '',
  ]
  return parts.filter(Boolean).join(' and ')
}

/** What is still in this browser alone, and what the server refused. */
export function WaitingLines({ now }: { now: WaitingNow }) {
  const { answers, plansUnsaid: plans, clashes, safety, refused } = now
  return (
    <>
      {answers + plans > 0 && (
        <Text size="sm" c="var(--attention)" role="status">
          {waitingInWords(now)} {answers + plans === 1 ? 'is' : 'are'} {WHERE[safety]}.
        </Text>
      )}
      {clashes.map((id) => (
        <Text key={id} size="sm" c="var(--attention)" role="status">
          A plan was changed here and elsewhere. <Anchor href={`/plan/${id}`}>Open it</Anchor> to choose.
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
