import { Text } from '@mantine/core'
import { playTime, type TurnDistribution } from '../../core/chance'
import { WhenSeen } from '../../ui/charts/WhenSeen'
import { later } from '../../ui/later'
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
const CHART_PX = 110
const chart = later(async () => (await import('./LastsChart')).LastsChart)

/** The chance of ending in each stretch of minutes, up to where nearly all games have ended. */
function Bars({ turns, seconds }: { turns: TurnDistribution; seconds: number }) {
  const last = turns.quantile(0.995)
  const width = Math.max(1, Math.ceil(last / BARS))
  const overAt = (turn: number) => turns.over[Math.min(turn, turns.over.length - 1)] ?? 1
  const [low, high] = [turns.quantile(0.05), turns.quantile(0.95)]
  const bars = Array.from({ length: BARS }, (_, i) => ({
    minutes: inMinutes((i * width * seconds) / 60),
    percent: 100 * (overAt((i + 1) * width) - overAt(i * width)),
    isUsual: (i + 1) * width >= low && i * width < high,
  }))
  return (
    <div role="img" aria-label={`Chances by minutes, up to ${inMinutes((last * seconds) / 60)}`}>
      <WhenSeen height={CHART_PX}>
        <chart.Part bars={bars} height={CHART_PX} />
      </WhenSeen>
    </div>
  )
}
