import { plural, t } from '@lingui/core/macro'
import { gameLeft } from '../../core/movement'

const RADIUS = 22
const AROUND = 2 * Math.PI * RADIUS

interface TimeRingProps {
  readonly seconds: number
  readonly of: number
  /** With the minutes as a number in its middle. */
  readonly isTimed: boolean
}

/** How much of the time is left: the ring empties clockwise. */
export function TimeRing({ seconds, of, isTimed }: TimeRingProps) {
  const { share, minutes } = gameLeft(seconds, of)
  return (
    <svg
      width="56"
      height="56"
      viewBox="-28 -28 56 56"
      role="img"
      aria-label={t`${plural(minutes, { one: 'About # minute left', other: 'About # minutes left' })}`}
    >
      <circle r={RADIUS} fill="none" stroke="var(--line)" strokeWidth="8" />
      <circle
        r={RADIUS}
        fill="none"
        stroke="var(--moss)"
        strokeWidth="8"
        strokeDasharray={AROUND}
        strokeDashoffset={AROUND * (share - 1)}
        transform="rotate(-90)"
      />
      {isTimed && (
        <text y="7" textAnchor="middle" fontSize="20" fontWeight="700" fill="currentColor">
          {minutes}
        </text>
      )}
    </svg>
  )
}
