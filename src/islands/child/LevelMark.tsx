import { said } from '../../words/i18n'
import { VisuallyHidden } from '@mantine/core'
import { LEVEL_NAMES, type Level } from '../../core/knowing'

/** How much of the ring is filled: the shape tells the level, whatever the colour. */
const FILLED: Readonly<Record<Level, number | undefined>> = {
  'not-met': undefined,
  'too-early': undefined,
  'not-yet': 0,
  'getting-there': 0.5,
  secure: 1,
}

/** A ring that fills from the right as a rung becomes secure; three dots while it is too early to say. */
export function LevelMark({ level, isNamed = false }: { level: Level; isNamed?: boolean }) {
  const filled = FILLED[level]
  return (
    <>
      <svg width="18" height="18" viewBox="0 0 18 18" aria-hidden style={{ verticalAlign: -4 }}>
        {filled === undefined ? (
          [4, 9, 14].map((x) => <circle key={x} cx={x} cy="9" r="1.5" fill="var(--quiet)" />)
        ) : (
          <>
            <circle cx="9" cy="9" r="7" fill="none" stroke="var(--moss)" strokeWidth="2" />
            {filled === 0.5 && <path d="M9 2 A7 7 0 0 1 9 16 Z" fill="var(--moss)" />}
            {filled === 1 && <circle cx="9" cy="9" r="7" fill="var(--moss)" />}
            {filled === 1 && <path d="M5.5 9.5 l2.5 2.5 l4.5 -5.5" fill="none" stroke="var(--card)" strokeWidth="2" />}
          </>
        )}
      </svg>
      {isNamed && <VisuallyHidden>{said(LEVEL_NAMES[level])}</VisuallyHidden>}
    </>
  )
}
