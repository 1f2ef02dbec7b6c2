import { Button, Group, Text } from '@mantine/core'
import { useQueryClient } from '@tanstack/react-query'
import type { DataState } from '../../../core/keeping'
import { takeBackRemoval, untilInWords } from '../../../ui/removing'
import { Part } from './Part'

/** What was done a short while ago and can still be taken back. */
export function UndoPart({ state }: { state: DataState }) {
  const client = useQueryClient()
  if (state.undos.length === 0) return null
  return (
    <Part title="Can still be taken back">
      {state.undos.map((undo) => (
        <Group key={undo.id} justify="space-between" gap="xs">
          <Text className="anywhere">
            {undo.what}. Until {untilInWords(undo)}.
          </Text>
          <Button variant="default" onClick={() => void takeBackRemoval(undo.id, client)}>
            Undo
          </Button>
        </Group>
      ))}
    </Part>
  )
}
