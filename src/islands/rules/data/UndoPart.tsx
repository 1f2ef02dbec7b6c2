import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
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
    <Part title={t`Can still be taken back`}>
      {state.undos.map((undo) => (
        <Group key={undo.id} justify="space-between" gap="xs">
          <Text className="anywhere">
            <Trans>
              {undo.what}. Until {untilInWords(undo)}.
            </Trans>
          </Text>
          <Button variant="default" onClick={() => void takeBackRemoval(undo.id, client)}>{t`Undo`}</Button>
        </Group>
      ))}
    </Part>
  )
}
