import { inDecimals } from '../../words/adult'
import { tenth } from '../../core/clock'
import { RefusedValue } from '../../core/errors'
import { said } from '../../words/i18n'
import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Button, Group, Stack, Text } from '@mantine/core'
import { type LaidMarker, type Taped, dueTapes, formatDistance, laidMarker } from '../../core/make'
import { SIDES, type SideName } from './sides'
import { LengthField } from '../../ui/LengthField'
import { putTaped, tryJudge } from './YardPlan'
import type { YardState } from './useYard'

/** Two tape lengths for each marker tell by how many minutes it is off, and how to move it. */
export function LaidPanel({ state }: { state: YardState }) {
  const { ground } = state.laid
  const { laid } = state.yard
  const move = laid.filter((taped) => tryJudge(taped, ground.radiusMm)?.mustMove)
  return (
    <Stack gap="xs">
      <Group justify="space-between">
        <Text size="sm" role="status" fw={600}>
          {laid.length === 0
            ? t`Nothing measured yet.`
            : move.length === 0
              ? t`None has to move.`
              : t`To move: ${move.map(({ hour }) => hour).join(', ')}.`}
        </Text>
        {laid.length > 0 && (
          <Button
            size="compact-sm"
            variant="subtle"
            onClick={() => state.change({ laid: [] })}
          >{t`Start again`}</Button>
        )}
      </Group>
      <Text size="xs" className="quiet">
        <Trans>
          Tape from the centre peg and from the 12 peg. What they should read stands there until you change it.
        </Trans>
      </Text>
      {[12, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11].map((hour) => (
        <TapeRow key={hour} state={state} hour={hour} />
      ))}
    </Stack>
  )
}

function TapeRow({ state, hour }: { state: YardState; hour: number }) {
  const { ground } = state.laid
  const { unit, laid } = state.yard
  const own = laid.find((taped) => taped.hour === hour)
  const due = dueTapes(hour, ground.radiusMm)
  const taped: Taped = own ?? due
  return (
    <div>
      <Group gap={6} align="center" wrap="nowrap">
        <Text fw={700} w={24} ta="right">
          {hour}
        </Text>
        <LengthField
          hideLabel
          label={t`${hour}: from the centre`}
          mm={taped.fromCentreMm}
          unit={unit}
          allowNothing
          onChange={(fromCentreMm) => putTaped(state, { ...taped, fromCentreMm })}
        />
        <LengthField
          hideLabel
          label={t`${hour}: from 12`}
          mm={taped.fromTwelveMm}
          unit={unit}
          allowNothing
          onChange={(fromTwelveMm) => putTaped(state, { ...taped, fromTwelveMm })}
        />
      </Group>
      {own && <Verdict taped={own} radiusMm={ground.radiusMm} unit={unit} />}
    </div>
  )
}

function Verdict({ taped, radiusMm, unit }: { taped: Taped; radiusMm: number; unit: 'm' | 'ft' }) {
  const judged = judgeOrWhy(taped, radiusMm)
  if (typeof judged === 'string')
    return (
      <Text size="xs" ml={30} c="var(--attention)" role="alert">
        {judged}
      </Text>
    )
  const { minutesOff, mustMove, moveRightMm, moveAheadMm } = judged
  const off = Math.abs(minutesOff)
  const side = (mm: number, more: SideName, less: SideName) =>
    said(SIDES[mm > 0 ? more : less](inDecimals(formatDistance(Math.abs(mm), unit))))
  return (
    <Text size="xs" ml={30} c={mustMove ? 'var(--attention)' : undefined} fw={mustMove ? 600 : undefined}>
      {off < 0.05
        ? t`It reads right.`
        : minutesOff > 0
          ? t`It reads ${tenth(off)} min late.`
          : t`It reads ${tenth(off)} min early.`}{' '}
      {mustMove &&
        t`Facing 12, move it ${side(moveRightMm, 'right', 'left')} and ${side(moveAheadMm, 'ahead', 'back')}.`}
    </Text>
  )
}

/** Where a marker was found, or why its two tapes cannot be. */
function judgeOrWhy(taped: Taped, radiusMm: number): LaidMarker | string {
  try {
    return laidMarker(taped, radiusMm)
  } catch (error) {
    return error instanceof RefusedValue ? said(error.says) : String(error)
  }
}
