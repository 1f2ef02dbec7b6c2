import type { NotificationData } from '@mantine/notifications'
import { Suspense, lazy, useSyncExternalStore } from 'react'

type Notice = Pick<NotificationData, 'title' | 'message' | 'color' | 'autoClose'>

/** How long something that went wrong stays to be read. */
export const LONG_MS = 12_000

const hosts = new Set<() => void>()
let isWanted = false

/** Tells the adult something in the corner. The code for it comes with the first notice. */
export async function tell(notice: Notice): Promise<void> {
  isWanted = true
  for (const wake of hosts) wake()
  const { notifications } = await import('@mantine/notifications')
  notifications.show(notice)
}

function subscribe(wake: () => void): () => void {
  hosts.add(wake)
  return () => hosts.delete(wake)
}

const Host = lazy(async () => ({ default: (await import('@mantine/notifications')).Notifications }))

/** Where notices appear. */
export function Notices() {
  const isShown = useSyncExternalStore(
    subscribe,
    () => isWanted,
    () => false,
  )
  return isShown ? (
    <Suspense>
      <Host position="bottom-right" />
    </Suspense>
  ) : null
}
