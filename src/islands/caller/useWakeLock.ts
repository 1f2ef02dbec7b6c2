import { useEffect } from 'react'

/** Keeps the screen awake while a game runs, where the browser can; asked for anew after the tab was hidden. */
export function useWakeLock(isWanted: boolean): void {
  useEffect(() => {
    if (!isWanted || !('wakeLock' in navigator)) return
    let lock: WakeLockSentinel | undefined
    const ask = async () => {
      if (document.visibilityState !== 'visible') return
      // A device that saves its battery may refuse: the game goes on.
      lock = await navigator.wakeLock.request('screen').catch(() => undefined)
    }
    void ask()
    document.addEventListener('visibilitychange', ask)
    return () => {
      document.removeEventListener('visibilitychange', ask)
      void lock?.release()
    }
  }, [isWanted])
}
