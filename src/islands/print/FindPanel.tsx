import { said } from '../../words/i18n'
import { told } from '../../core/wording'
import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Checkbox, Group, Stack, Text, UnstyledButton } from '@mantine/core'
import { Choice, listed } from '../../ui/Choice'
import { ErrorBoundary } from '../../ui/ErrorBoundary'
import { useMemo, useState } from 'react'
import { secondsATurnAt } from '../../core/chance'
import { NEEDS, type NeedId, type Printable, aboutMinutes, countsOn } from '../../core/printables'
import { KIND_NAMES, type RungId, type Stage, rungs } from '../../core/teaching'
import type { PrintState } from './usePrint'
import { Fold } from '../../ui/Fold'
import { NumberField } from '../../ui/NumberField'

const KINDS = { game: told('Games'), make: told('To make'), cards: told('Cards'), sheet: told('Sheets') } as const
const PLAYERS = 3
const STAGE_CHOICES = { '': told('With anything'), ...KIND_NAMES } as const

/**
 * Games, things to make, cards and sheets, found by rung, kind, stage, minutes and what is to hand; the one that is picked is pressed.
 */
export function FindPanel({ state, onPick }: { state: PrintState; onPick: () => void }) {
  const [rung, setRung] = useState<RungId | ''>('')
  const [kind, setKind] = useState<Printable['kind'] | ''>('')
  const [stage, setStage] = useState<Stage | ''>('')
  const [minutes, setMinutes] = useState<number | ''>('')
  const [missing, setMissing] = useState<readonly NeedId[]>([])
  const { options, all } = state
  const { paper, wording } = options
  const { language, form } = wording
  const minutesOf = useMemo(
    () => remembered((each) => lengthOf(each, rung, { paper, wording: { language, form } })),
    [rung, paper, language, form],
  )
  const isWanted = (each: Printable) =>
    (rung === '' || each.suits(rung)) &&
    (kind === '' || each.kind === kind) &&
    (stage === '' || each.stage === stage) &&
    (minutes === '' || minutesOf(each) <= minutes) &&
    !each.needs.some((need) => missing.includes(need))
  const found = all.filter(isWanted)
  return (
    <section className="sheet print-find" aria-label={t`What can be printed`}>
      <Stack gap={6}>
        <Choice
          aria-label={t`For which step`}
          value={rung}
          onChange={setRung}
          data={[
            { value: '', label: t`For any step` },
            ...rungs.map(({ id, name }) => ({ value: id, label: said(name) })),
          ]}
        />
        <Group grow gap={6} wrap="nowrap">
          <Narrow
            label={t`Which kind`}
            value={kind}
            onChange={setKind}
            data={listed({ '': told('All kinds'), ...KINDS })}
          />
          <Narrow label={t`With what`} value={stage} onChange={setStage} data={listed<Stage | ''>(STAGE_CHOICES)} />
        </Group>
        <NumberField
          aria-label={t`Done within so many minutes`}
          placeholder={t`Done within … minutes`}
          value={minutes}
          min={1}
          max={120}
          onChange={(value) => setMinutes(typeof value === 'number' ? value : '')}
        />
        <Without missing={missing} onChange={setMissing} />
        <Found state={state} found={found} minutesOf={minutesOf} rung={rung} onPick={onPick} />
      </Stack>
    </section>
  )
}

interface NarrowProps<V> {
  readonly label: string
  readonly value: V
  readonly onChange: (value: V) => void
  readonly data: readonly { value: V; label: string }[]
}

/** Two of these stand side by side in the narrow column, their words whole. */
function Narrow<V extends string>({ label, value, onChange, data }: NarrowProps<V>) {
  return (
    <Choice
      aria-label={label}
      rightSectionWidth={26}
      styles={{ input: { paddingInlineStart: 10 } }}
      value={value}
      onChange={onChange}
      data={data}
    />
  )
}

/** What is not to hand. */
function Without({ missing, onChange }: { missing: readonly NeedId[]; onChange: (missing: NeedId[]) => void }) {
  return (
    <Fold
      title={missing.length > 0 ? t`Leave out what I do not have (${missing.length})` : t`Leave out what I do not have`}
    >
      <Stack gap={4} mt={6}>
        {(Object.keys(NEEDS) as NeedId[]).map((need) => (
          <Checkbox
            key={need}
            label={said(NEEDS[need].name)}
            checked={missing.includes(need)}
            onChange={(event) =>
              onChange(event.currentTarget.checked ? [...missing, need] : missing.filter((each) => each !== need))
            }
          />
        ))}
      </Stack>
    </Fold>
  )
}

interface FoundPrintsProps {
  readonly state: PrintState
  readonly found: readonly Printable[]
  readonly minutesOf: (printable: Printable) => number
  readonly rung: RungId | ''
  readonly onPick: () => void
}

/** What was found, by kind; each kind becomes usable by itself. */
function Found({ found, ...rest }: FoundPrintsProps) {
  return (
    <div className="print-list">
      {found.length === 0 && (
        <Text>{t`Nothing is like that: allow more minutes, another kind, or with anything.`}</Text>
      )}
      {(Object.keys(KINDS) as (keyof typeof KINDS)[]).map((of) => {
        const own = found.filter((each) => each.kind === of)
        return own.length === 0 ? null : (
          <ErrorBoundary key={of} what={said(KINDS[of])}>
            <Text size="sm" fw={700} mt={4} className="quiet">
              {said(KINDS[of])}
            </Text>
            {own.map((each) => (
              <Thing key={each.id} printable={each} {...rest} />
            ))}
          </ErrorBoundary>
        )
      })}
    </div>
  )
}

function Thing({
  printable,
  state,
  minutesOf,
  rung,
  onPick,
}: Omit<FoundPrintsProps, 'found'> & { printable: Printable }) {
  const isPicked = printable.id === state.printable.id
  return (
    <UnstyledButton
      className={isPicked ? 'print-thing sheet sheet-attention' : 'print-thing sheet'}
      aria-pressed={isPicked}
      onClick={() => {
        state.set({ id: printable.id, ...(rung ? { rung } : {}) })
        onPick()
      }}
    >
      <Group justify="space-between" wrap="nowrap" gap={4}>
        <Text fw={700}>{said(printable.name)}</Text>
        <Text size="xs" className="quiet" style={{ whiteSpace: 'nowrap' }}>
          <Trans>{Math.max(1, Math.round(minutesOf(printable)))} min</Trans>
        </Text>
      </Group>
      <Text size="xs" className="quiet" lineClamp={2}>
        {said(printable.purpose)}
      </Text>
    </UnstyledButton>
  )
}

/** The same, reckoned once for each printable: some games take a while. */
function remembered(reckon: (printable: Printable) => number): (printable: Printable) => number {
  const known = new Map<string, number>()
  return (printable) => {
    const minutes = known.get(printable.id) ?? reckon(printable)
    known.set(printable.id, minutes)
    return minutes
  }
}

/** About how long it takes as it usually is: games with three children of six years. */
function lengthOf(
  printable: Printable,
  wanted: RungId | '',
  options: Pick<PrintState['options'], 'paper' | 'wording'>,
): number {
  const rung = wanted !== '' && printable.suits(wanted) ? wanted : rungs.find(({ id }) => printable.suits(id))?.id
  if (!rung) return 0
  return aboutMinutes(
    printable,
    { ...options, rung, count: countsOn(printable, rung).usual },
    PLAYERS,
    secondsATurnAt(6),
  )
}
