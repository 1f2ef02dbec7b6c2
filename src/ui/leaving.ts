import { useEffect } from 'react'

/** The browser asks before this page is left while something on it is neither saved nor kept anywhere. */
export function useAskBeforeLeaving(isUnsaved: boolean): void {
  useEffect(() => {
    if (!isUnsaved) return undefined
    const stay = (event: BeforeUnloadEvent) => event.preventDefault()
    window.addEventListener('beforeunload', stay)
    return () => window.removeEventListener('beforeunload', stay)
  }, [isUnsaved])
}
