import { Button, Group, NativeSelect, NumberInput, Stack, Text } from '@mantine/core'
import { useDeferredValue, useMemo, useState } from 'react'
import { MATS, type Mats, type TurnDistribution, gameTurns, playTime, secondsATurnAt, sizesOf } from '../../core'
import type { PrintState } from './usePrint'

/** How long the game will last, exact: the median and the 90 % range; and the other way round, what fits the time. */
export function LastsPanel({ state }: { state: PrintState }) {
  const { printable, options, set } = state
  const [players, setPlayers] = useState(3)
  const [seconds, setSeconds] = useState(secondsATurnAt(6))
  const [minutes, setMinutes] = useState(12)
  const [mats, setMats] = useState<Mats>('shared')
  const turns = useMemo(() => gameTurns(printable, options, players, mats), [printable, options, players, mats])
  const time = playTime(turns, seconds)
  const wish = useMemo(() => ({ minutes, players, secondsATurn: seconds }), [minutes, players, seconds])
  // Typing goes first, the sizes follow.
  const wished = useDeferredValue(wish)
  const sizes = useMemo(
    () => sizesOf(printable, options, wished, mats).slice(0, 3),
    // All sizes are tried, so only what decides them counts: the words on the page do not.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [printable, options.unequal, wished, mats],
  )
  const number = (set: (value: number) => void, least: number, most: number) => (value: number | string) => {
    if (typeof value === 'number' && Number.isInteger(value) && value >= least && value <= most) set(value)
  }
  return (
    <section className="sheet" aria-label="How long it lasts">
      <Stack gap="xs">
        <Text fw={700}>How long will it last?</Text>
        <Text role="status">
          About {inMinutes(time.median)}: nine times in ten {inMinutes(time.least)} to {inMinutes(time.most)}, {Math.round(turns.mean * 10) / 10} turns on the average.
        </Text>
        <Bars turns={turns} seconds={seconds} />
        <Group grow>
          <NumberInput label="Players" value={players} min={1} max={30} onChange={number(setPlayers, 1, 30)} />
          <NumberInput label="Seconds a turn" value={seconds} min={1} max={600} onChange={number(setSeconds, 1, 600)} />
        </Group>
        <NativeSelect label="Mats" value={mats} onChange={(event) => setMats(event.currentTarget.value as Mats)} data={Object.entries(MATS).map(([value, label]) => ({ value, label }))} />
        <NumberInput label="I have so many minutes" value={minutes} min={2} max={120} onChange={number(setMinutes, 2, 120)} />
        {sizes.length === 0 && <Text size="sm">No size of this game ends in that time: more minutes, or one mat for all.</Text>}
        {sizes.map((size) => (
          <Button key={`${size.kinds} ${size.cells}`} variant="default" onClick={() => set({ count: size.kinds, cells: size.cells })}>
            {size.kinds} times × {size.cells}: about {inMinutes(size.time.median)}
          </Button>
        ))}
      </Stack>
    </section>
  )
} // prettier-ignore

function inMinutes(minutes: number): string {
  return `${minutes < 10 ? Math.round(minutes * 10) / 10 : Math.round(minutes)} min`
}

const BARS = 24

/** The chance of ending in each stretch of minutes, up to where nearly all games have ended; darker within the 90 % range. */
function Bars({ turns, seconds }: { turns: TurnDistribution; seconds: number }) {
  const last = turns.quantile(0.995)
  const width = Math.max(1, Math.ceil(last / BARS))
  const overAt = (turn: number) => turns.over[Math.min(turn, turns.over.length - 1)] ?? 1
  const bars = Array.from({ length: BARS }, (_, i) => ({ from: i * width, chance: overAt((i + 1) * width) - overAt(i * width) }))
  const top = Math.max(...bars.map(({ chance }) => chance))
  const [low, high] = [turns.quantile(0.05), turns.quantile(0.95)]
  const label = `Chances by minutes, up to ${inMinutes((last * seconds) / 60)}`
  return (
    <svg viewBox="0 0 240 64" role="img" aria-label={label} style={{ width: '100%' }}>
      {bars.map(({ from, chance }, i) => (
        <rect key={from} x={i * 10 + 1} width={8} y={50 - (46 * chance) / top} height={(46 * chance) / top} fill={from + width >= low && from < high ? 'var(--moss)' : 'var(--line)'} />
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
} // prettier-ignore
