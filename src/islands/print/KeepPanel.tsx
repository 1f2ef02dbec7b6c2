import { Trans } from '@lingui/react/macro'
import { Text } from '@mantine/core'
import { useState } from 'react'
import { PRINTS_MADE, type SavedPrint } from '../../core/printables'
import { SavedThings } from '../../ui/SavedThings'
import { useKept } from '../../ui/kept'
import type { PrintState } from './usePrint'

/** Prints kept by name: opened again they have the same pages, and can be printed with a session. */
export function KeepPanel({ state }: { state: PrintState }) {
  const kept = useKept<SavedPrint>('prints')
  // A print stays the saved one, to be written over, while it is changed.
  const [last, setLast] = useState(state.savedId)
  const picked = state.savedId ?? last
  const made = kept.list.find(({ id }) => id === picked)?.body.made
  const pick = (id: string | null) => {
    setLast(id)
    state.open(id)
  }
  return (
    <>
      <SavedThings kept={kept} body={state.saved} picked={picked} onPick={pick} onOpen={() => undefined} />
      {made !== undefined && made !== PRINTS_MADE && (
        <Text size="sm" role="alert">
          <Trans>It was kept by another version of Ripe Acorn: its pages may differ from those printed then.</Trans>
        </Text>
      )}
    </>
  )
}
