const RADIUS = 22
const AROUND = 2 * Math.PI * RADIUS

/** How much of the time is left, without numbers: the ring empties clockwise. */
export function TimeRing({ seconds, of }: { seconds: number; of: number }) {
  const left = of > 0 ? 1 - Math.min(1, seconds / of) : 0
  const minutes = Math.ceil((left * of) / 60)
  return (
    <svg
      width="56"
      height="56"
      viewBox="-28 -28 56 56"
      role="img"
      aria-label={`About ${minutes} ${minutes === 1 ? 'minute' : 'minutes'} left`}
    >
      <circle r={RADIUS} fill="none" stroke="var(--line)" strokeWidth="8" />
      <circle
        r={RADIUS}
        fill="none"
        stroke="var(--moss)"
        strokeWidth="8"
        strokeDasharray={AROUND}
        strokeDashoffset={-AROUND * (1 - left)}
        transform="rotate(-90)"
      />
    </svg>
  )
}
