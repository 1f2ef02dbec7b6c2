import { grouped } from '../../words/i18n'
import { t } from '@lingui/core/macro'
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
  return (
    <>
      <Text role="status">
        {isSure
          ? t`About ${inMinutes(time.median)}: always ${mean} turns.`
          : t`About ${inMinutes(time.median)}: nine times in ten ${inMinutes(time.least)} to ${inMinutes(time.most)}, ${mean} turns on the average.`}{' '}
        {error !== undefined &&
          !isSure &&
          (2 * error < 0.05
            ? t`Simulated ${grouped(SIMULATED_GAMES)} times (give or take less than ${0.1} turns).`
            : t`Simulated ${grouped(SIMULATED_GAMES)} times (give or take ${tenth(2 * error)} turns).`)}
      </Text>
      {!isSure && <Bars turns={turns} seconds={seconds} />}
    </>
  )
}

export function inMinutes(minutes: number): string {
  return t`${minutes < 10 ? tenth(minutes) : Math.round(minutes)} min`
}

const BARS = 24
const CHART_PX = 110
const chart = later(async () => (await import('./LastsChart')).LastsChart)

/** The chance of ending in each stretch of minutes, up to where nearly all games have ended. */
function Bars({ turns, seconds }: { turns: TurnDistribution; seconds: number }) {
  const { stretches, lastMinutes } = endingStretches(turns, seconds, BARS)
  const bars = stretches.map(({ fromMinutes, ...each }) => ({ ...each, minutes: inMinutes(fromMinutes) }))
  return (
    <div role="img" aria-label={t`Chances by minutes, up to ${inMinutes(lastMinutes)}`}>
      <WhenSeen height={CHART_PX}>
        <chart.Part bars={bars} height={CHART_PX} />
      </WhenSeen>
    </div>
  )
}
