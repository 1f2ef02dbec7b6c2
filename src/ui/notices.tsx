import type { NotificationData } from '@mantine/notifications'
import { type ComponentType, useEffect, useState, useSyncExternalStore } from 'react'
import { fetchedAtLast } from './later'

type Notice = Pick<NotificationData, 'title' | 'message' | 'color' | 'autoClose'>

/** How long something that went wrong stays to be read. */
export const LONG_MS = 12_000

/** The code for notices is fetched once the view stands: what has to be told may be that the connection is gone. */
const FETCH_AFTER_MS = 5000

const fetching = fetchedAtLast(() => import('@mantine/notifications'))
let coming: ReturnType<typeof fetching.load> | undefined
const fetched = () => (coming ??= fetching.load())

/** What is to be told, and cannot be shown in its usual way yet. */
let untold: readonly Notice[] = []
const watchers = new Set<() => void>()

function setUntold(notices: readonly Notice[]): void {
  untold = notices
  for (const tell of watchers) tell()
}

function watch(told: () => void): () => void {
  watchers.add(told)
  const unwatch = fetching.watch(told)
  return () => {
    watchers.delete(told)
    unwatch()
  }
}

/** Tells the adult something in the corner. */
export async function tell(notice: Notice): Promise<void> {
  setUntold([...untold, notice])
  const { notifications } = await fetched()
  notifications.show(notice)
  setUntold(untold.filter((each) => each !== notice))
}

const NOTHING: readonly Notice[] = []
const shownPlain = () => (fetching.fails() ? untold : NOTHING)

/** Where notices appear. While their own code cannot be fetched, they stand there as plain text. */
export function Notices() {
  const [Host, setHost] = useState<ComponentType<{ position: 'bottom-right' }>>()
  const plain = useSyncExternalStore(watch, shownPlain, () => NOTHING)
  useEffect(() => {
    const show = () => void fetched().then(({ Notifications }) => setHost(() => Notifications))
    watchers.add(show)
    const timer = setTimeout(show, FETCH_AFTER_MS)
    return () => {
      watchers.delete(show)
      clearTimeout(timer)
    }
  }, [])
  if (Host) return <Host position="bottom-right" />
  return (
    plain.length > 0 && (
      <div className="plain-notices" role="alert">
        {plain.map(({ title, message }, i) => (
          <p key={i} className="sheet sheet-attention">
            <strong>{title}</strong> {message}
          </p>
        ))}
      </div>
    )
  )
}
