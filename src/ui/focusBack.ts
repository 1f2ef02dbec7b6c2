import { useEffect, useState } from 'react'

const FOCUSABLE = 'a[href], button:not(:disabled), input:not(:disabled), select, textarea, summary, [tabindex="0"]'
const ROW = 'li, tr, article, section, [role="group"], [role="region"]'
/** A row that was removed is gone from the page a moment after the server has said so. */
const LATER_MS = [0, 300, 1200]

/** Where the focus was when something opened, and what is nearest to it should that be gone by then. */
function placesNear(opener: Element | null): readonly (() => HTMLElement | null)[] {
  const row = opener?.closest(ROW)
  const rows = [row?.nextElementSibling, row?.previousElementSibling, row?.parentElement]
  const own = () => (opener instanceof HTMLElement && opener !== document.body ? opener : null)
  const near = rows.map((each) => () => (each?.isConnected ? each.querySelector<HTMLElement>(FOCUSABLE) : null))
  return [own, ...near, () => document.getElementById('main')]
}

function focusNear(places: ReturnType<typeof placesNear>): void {
  // Whoever has gone on by then is left alone.
  if (document.activeElement !== null && document.activeElement !== document.body) return
  for (const place of places) {
    const element = place()
    if (!element?.isConnected) continue
    element.focus({ preventScroll: true })
    if (document.activeElement === element) return
  }
}

/** Hands the focus back to where it was, or to the neighbour of what is gone, once this is taken off the page. */
export function useFocusBack(): void {
  const [places] = useState(() => placesNear(document.activeElement))
  useEffect(
    () => () => {
      for (const ms of LATER_MS) setTimeout(() => focusNear(places), ms)
    },
    [places],
  )
}
