import { grouped } from '../../words/i18n'
import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Button, Group, Stack, Switch, Text } from '@mantine/core'
import { useDeferredValue, useMemo, useState } from 'react'
import { Choice, listed } from '../../ui/Choice'
import { secondsATurnAt, type TurnDistribution } from '../../core/chance'
import { type GameRules, gameTurns, isExact, MATS, sizesOf, USUAL_RULES, piecesOn } from '../../core/printables'
import { WholeField } from '../../ui/WholeField'
import type { PrintState } from './usePrint'
import { SIMULATED_GAMES, useSimulated } from './useSimulated'
import { inMinutes, Lasts } from './LastsBars'

/**
 * How long the game will last, exact or simulated: the median and the 90 % range; and the other way round, what fits
 * the time.
 */
export function LastsPanel({ state }: { state: PrintState }) {
  const { printable, options } = state
  const [players, setPlayers] = useState(3)
  const [seconds, setSeconds] = useState(secondsATurnAt(6))
  const [rules, setRules] = useState<GameRules>(USUAL_RULES)
  const onMat = printable.fill !== undefined
  const exact = useMemo(
    () => (isExact(printable, rules) ? gameTurns(printable, options, players, rules) : undefined),
    [printable, options, players, rules],
  )
  const simulated = useSimulated(exact ? undefined : { id: printable.id, options, players, rules })
  const turns = exact ?? simulated
  return (
    <section className="sheet" aria-label={t`How long it lasts`}>
      <Stack gap="xs">
        <Text fw={700}>{t`How long will it last?`}</Text>
        {turns ? (
          <Lasts turns={turns} seconds={seconds} error={exact ? undefined : simulated?.error} />
        ) : (
          <Text role="status">
            <Trans>Playing {grouped(SIMULATED_GAMES)} games to see …</Trans>
          </Text>
        )}
        {turns && onMat && <Text size="sm">{wasted(state, turns, rules)}</Text>}
        <Group grow>
          <WholeField
            label={t`Players`}
            description={t`all together`}
            value={players}
            least={1}
            most={30}
            onChange={setPlayers}
          />
          <WholeField
            label={t`Seconds a turn`}
            description={t`${secondsATurnAt(5)} at age 5, ${secondsATurnAt(8)} at 8`}
            value={seconds}
            least={1}
            most={600}
            onChange={setSeconds}
          />
        </Group>
        {onMat && (
          <>
            <RulesFields rules={rules} onRules={setRules} />
            <Fitting state={state} players={players} seconds={seconds} rules={rules} onRules={setRules} />
          </>
        )}
      </Stack>
    </section>
  )
}

/** How the mats are filled. */
function RulesFields({ rules, onRules }: { rules: GameRules; onRules: (rules: GameRules) => void }) {
  return (
    <>
      <Choice label={t`Mats`} value={rules.mats} onChange={(mats) => onRules({ ...rules, mats })} data={listed(MATS)} />
      <Choice
        label={t`When a mat is full`}
        value={String(rules.refills)}
        onChange={(refills) => onRules({ ...rules, refills: Number(refills) })}
        data={[
          { value: '0', label: t`it is over` },
          { value: '1', label: t`clear it and fill it once more` },
          { value: '2', label: t`clear it and fill it twice more` },
        ]}
      />
      <Switch
        label={t`Squash: a full time takes a piece away`}
        checked={rules.squash}
        onChange={(event) => onRules({ ...rules, squash: event.currentTarget.checked })}
      />
    </>
  )
}

/** Turns beyond the cells there are to fill. */
function wasted({ printable, options }: PrintState, turns: TurnDistribution, rules: GameRules): string | undefined {
  if (rules.mats !== 'shared') return undefined
  const cells = piecesOn(printable, options, rules)
  const lost = Math.round(turns.mean - cells)
  return rules.squash
    ? t`${lost} turns beyond the ${cells} that fill cells: half of them squash, half of them mend.`
    : t`${lost} of them are lost, since the time is full.`
}

/** Sizes and rules with which the game ends in the minutes available. */
function Fitting({
  state,
  players,
  seconds,
  rules,
  onRules,
}: {
  state: PrintState
  players: number
  seconds: number
  rules: GameRules
  onRules: (rules: GameRules) => void
}) {
  const { printable, options, picked, set } = state
  const [minutes, setMinutes] = useState(12)
  const wish = useMemo(() => ({ minutes, players, secondsATurn: seconds }), [minutes, players, seconds])
  // The view can be used, and typing goes on, before all sizes have been tried.
  const wished = useDeferredValue<typeof wish | undefined>(wish, undefined)
  const sizes = useMemo(
    () => wished && sizesOf(printable, options, wished, rules.mats).slice(0, 3),
    // All sizes are tried, so only what decides them counts: the words on the page do not.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [printable, options.sectors, wished, rules.mats],
  )
  return (
    <>
      <WholeField label={t`I have so many minutes`} value={minutes} least={2} most={120} onChange={setMinutes} />
      {/* While other sizes are being tried, those for the minutes before still stand here. */}
      <Stack gap="xs" role="group" aria-label={t`Sizes that fit`} aria-busy={wished !== wish}>
        {!sizes && <Text size="sm">{t`Trying every size …`}</Text>}
        {sizes?.length === 0 && (
          <Text size="sm">{t`No size of this game ends in that time: more minutes, or one mat for all.`}</Text>
        )}
        {sizes?.map((size) => (
          <Button
            key={`${size.kinds} ${size.cells} ${size.refills}`}
            variant="default"
            onClick={() => {
              set({ count: size.kinds, choices: { ...picked.choices, cells: size.cells } })
              onRules({ ...rules, squash: false, refills: size.refills })
            }}
          >
            {size.refills > 0
              ? t`${size.kinds} times × ${size.cells}, filled twice: about ${inMinutes(size.time.median)}`
              : t`${size.kinds} times × ${size.cells}: about ${inMinutes(size.time.median)}`}
          </Button>
        ))}
      </Stack>
    </>
  )
}
