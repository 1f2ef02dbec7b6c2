import { Text } from '@mantine/core'
import { endingStretches, playTime, type TurnDistribution } from '../../core/chance'
import { tenth } from '../../core/clock'
import { WhenSeen } from '../../ui/charts/WhenSeen'
import { later } from '../../ui/later'
import { SIMULATED_GAMES } from './useSimulated'

export function Lasts({ turns, seconds, error }: { turns: TurnDistribution; seconds: number; error?: number }) {
  const time = playTime(turns, seconds)
  const mean = tenth(turns.mean)
  const isSure = time.least === time.most
  const off =
    error === undefined
      ? ''
      : `, simulated ${SIMULATED_GAMES.toLocaleString('en')} times (give or take ${2 * error < 0.05 ? 'less than 0.1' : tenth(2 * error)})`
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
  return `${minutes < 10 ? tenth(minutes) : Math.round(minutes)} min`
}

const BARS = 24
const CHART_PX = 110
const chart = later(async () => (await import('./LastsChart')).LastsChart)

/** The chance of ending in each stretch of minutes, up to where nearly all games have ended. */
function Bars({ turns, seconds }: { turns: TurnDistribution; seconds: number }) {
  const { stretches, lastMinutes } = endingStretches(turns, seconds, BARS)
  const bars = stretches.map(({ fromMinutes, ...each }) => ({ ...each, minutes: inMinutes(fromMinutes) }))
  return (
    <div role="img" aria-label={`Chances by minutes, up to ${inMinutes(lastMinutes)}`}>
      <WhenSeen height={CHART_PX}>
        <chart.Part bars={bars} height={CHART_PX} />
      </WhenSeen>
    </div>
  )
}
