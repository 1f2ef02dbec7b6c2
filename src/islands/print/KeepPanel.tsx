import { Text } from '@mantine/core'
import { useState } from 'react'
import { PRINTS_MADE, type SavedPrint } from '../../core/printables'
import { SavedThings } from '../../ui/SavedThings'
import { useKept } from '../../ui/kept'
import type { PrintState } from './usePrint'

/** Prints kept by name: opened again they have the same pages, and can be printed with a session. */
export function KeepPanel({ state }: { state: PrintState }) {
  const kept = useKept<SavedPrint>('prints')
  const [picked, setPicked] = useState<string | null>(null)
  const made = kept.list.find(({ id }) => id === picked)?.body.made
  return (
    <>
      <SavedThings kept={kept} body={state.saved} picked={picked} onPick={setPicked} onOpen={state.open} />
      {made !== undefined && made !== PRINTS_MADE && (
        <Text size="sm" role="alert">
          It was kept by another version of Ripe Acorn: its pages may differ from those printed then.
        </Text>
      )}
    </>
  )
}
