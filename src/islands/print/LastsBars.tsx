import { Text } from '@mantine/core'
import { playTime, type TurnDistribution } from '../../core/chance'
import { SIMULATED_GAMES } from './useSimulated'

export function Lasts({ turns, seconds, error }: { turns: TurnDistribution; seconds: number; error?: number }) {
  const time = playTime(turns, seconds)
  const mean = Math.round(turns.mean * 10) / 10
  const isSure = time.least === time.most
  const off =
    error === undefined
      ? ''
      : `, simulated ${SIMULATED_GAMES.toLocaleString('en')} times (give or take ${error * 2 < 0.05 ? 'less than 0.1' : Math.round(error * 20) / 10})`
  return (
    <>
      <Text role="status">
        {isSure
          ? `About ${inMinutes(time.median)}: always ${mean} turns.`
          : `About ${inMinutes(time.median)}: nine times in ten ${inMinutes(time.least)} to ${inMinutes(time.most)}, ${mean} turns on the average${off}.`}
      </Text>
      {!isSure && <Bars turns={turns} seconds={seconds} />}
    </>
  )
}

export function inMinutes(minutes: number): string {
  return `${minutes < 10 ? Math.round(minutes * 10) / 10 : Math.round(minutes)} min`
}

const BARS = 24

/**
 * The chance of ending in each stretch of minutes, up to where nearly all games have ended; darker within the 90 %
 * range.
 */
function Bars({ turns, seconds }: { turns: TurnDistribution; seconds: number }) {
  const last = turns.quantile(0.995)
  const width = Math.max(1, Math.ceil(last / BARS))
  const overAt = (turn: number) => turns.over[Math.min(turn, turns.over.length - 1)] ?? 1
  const bars = Array.from({ length: BARS }, (_, i) => ({
    from: i * width,
    chance: overAt((i + 1) * width) - overAt(i * width),
  }))
  const top = Math.max(...bars.map(({ chance }) => chance))
  const [low, high] = [turns.quantile(0.05), turns.quantile(0.95)]
  const label = `Chances by minutes, up to ${inMinutes((last * seconds) / 60)}`
  return (
    <svg viewBox="0 0 240 64" role="img" aria-label={label} style={{ width: '100%' }}>
      {bars.map(({ from, chance }, i) => (
        <rect
          key={from}
          x={i * 10 + 1}
          width={8}
          y={50 - (46 * chance) / top}
          height={(46 * chance) / top}
          fill={from + width >= low && from < high ? 'var(--moss)' : 'var(--line)'}
        />
      ))}
      <line x1="0" x2="240" y1="50" y2="50" stroke="var(--quiet)" strokeWidth="0.6" />
      <text x="0" y="61" fontSize="9" fill="var(--quiet)">
        0 min
      </text>
      <text x="240" y="61" fontSize="9" textAnchor="end" fill="var(--quiet)">
        {inMinutes((BARS * width * seconds) / 60)}
      </text>
    </svg>
  )
}
