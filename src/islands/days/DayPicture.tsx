import { t } from '@lingui/core/macro'
import { Text } from '@mantine/core'
import { type PointerEvent, useMemo } from 'react'
import { type DayRow, dayBand, dayStrip, inOrder, spanText } from '../../core/days'
import { DrawingView } from '../../ui/DrawingView'

interface Props {
  readonly rows: readonly DayRow[]
  readonly lit?: number
  /** The present minute, where it is shown. */
  readonly now?: number
  readonly onLit?: (row: number | undefined) => void
}

/** The row that the pointer is on, by the name of its part in the drawing. */
function rowUnder(event: PointerEvent): number | undefined {
  const part = event.target instanceof Element ? event.target.closest('[data-part^="row-"]') : null
  const at = Number(part?.getAttribute('data-part')?.slice('row-'.length) ?? NaN)
  return Number.isNaN(at) ? undefined : at
}

/** A day as a band round two turns of the dial and as a strip of minutes; the row under the pointer is lit in both. */
export function DayPicture({ rows, lit, now, onLit }: Props) {
  const ordered = useMemo(() => inOrder(rows), [rows])
  const band = useMemo(
    () => dayBand(ordered, { lit, now, names: [t`before noon`, t`after noon`] }),
    [ordered, lit, now],
  )
  const strip = useMemo(() => dayStrip(ordered, { lit, now }), [ordered, lit, now])
  const row = lit === undefined ? undefined : ordered[lit]
  if (ordered.length === 0) return null
  return (
    <section
      className="sheet days-picture-sheet"
      aria-label={t`The day as a picture`}
      onPointerMove={(event) => onLit?.(rowUnder(event))}
      onPointerDown={(event) => onLit?.(rowUnder(event))}
      onPointerLeave={() => onLit?.(undefined)}
    >
      <DrawingView drawing={band} label={t`The day round two turns of the dial`} />
      <DrawingView drawing={strip} label={t`The day as a strip of minutes`} />
      <Text size="sm" aria-live="polite" className="anywhere">
        {row ? `${spanText(row)} ${row.what}` : t`Point at a piece to see what it is.`}
      </Text>
    </section>
  )
}
