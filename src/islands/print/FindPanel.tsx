import { NativeSelect, Stack, Text, UnstyledButton } from '@mantine/core'
import { useState } from 'react'
import { type RungId, STAGES, rungs } from '../../core'
import type { PrintState } from './usePrint'

/** Games, cards and sheets, found by rung and kind; the one that is picked is pressed. */
export function FindPanel({ state }: { state: PrintState }) {
  const [rung, setRung] = useState('')
  const [kind, setKind] = useState('')
  const found = state.all.filter((each) => {
    const isGame = each.fill !== undefined
    return (rung === '' || each.suits(rung as RungId)) && (kind === '' || (kind === 'game' ? isGame : each.stage === kind && !isGame)) // prettier-ignore
  })
  return (
    <section className="sheet" aria-label="What can be printed">
      <Stack gap={6}>
        <NativeSelect aria-label="For which rung" value={rung} onChange={(event) => setRung(event.currentTarget.value)} data={[{ value: '', label: 'For any rung' }, ...rungs.filter(({ id }) => state.all.some((each) => each.suits(id))).map(({ id, name }) => ({ value: id, label: name }))]} />
        <NativeSelect aria-label="Which kind" value={kind} onChange={(event) => setKind(event.currentTarget.value)} data={[{ value: '', label: 'Games, cards and sheets' }, { value: 'game', label: 'Games on a mat' }, ...STAGES.map((stage) => ({ value: stage, label: `${stage} cards and sheets` }))]} />
        {found.length === 0 && <Text>Nothing is like that yet.</Text>}
        {found.map((each) => (
          <UnstyledButton
            key={each.id}
            className={each.id === state.printable.id ? 'print-thing sheet sheet-attention' : 'print-thing sheet'}
            aria-pressed={each.id === state.printable.id}
            onClick={() => state.set({ id: each.id, ...(rung ? { rung: rung as RungId } : {}) })}
          >
            <Text fw={700}>{each.name}</Text>
            <Text size="xs" className="quiet" lineClamp={2}>
              {each.purpose}
            </Text>
          </UnstyledButton>
        ))}
      </Stack>
    </section>
  )
} // prettier-ignore
