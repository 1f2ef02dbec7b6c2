import { said } from '../../words/i18n'
import { t } from '@lingui/core/macro'
import { Button, Group, Stack } from '@mantine/core'
import { Choice } from '../../ui/Choice'
import { IconPrinter } from '@tabler/icons-react'
import { useState } from 'react'
import { type PaperId, papers } from '../../core/drawing'
import type { Yard } from '../../core/make'
import { Cautions } from '../../ui/Cautions'
import { SavedThings } from '../../ui/SavedThings'
import { useKept } from '../../ui/kept'
import type { YardState } from './useYard'

/** The set-out sheet, floor clocks kept by name, and the session that one goes with. */
export function YardOut({ state }: { state: YardState }) {
  const kept = useKept<Yard>('yards')
  const [picked, setPicked] = useState<string | null>(null)
  const { yard } = state.laid
  return (
    <Stack gap="sm">
      <Group align="end" gap="xs">
        <Choice
          label={t`Paper`}
          value={yard.paper}
          onChange={(paper) => state.change({ paper })}
          data={(Object.keys(papers) as PaperId[]).map((id) => ({ value: id, label: said(papers[id].name) }))}
          w={120}
        />
        <Button
          component="a"
          href={`/api/yard.pdf?yard=${encodeURIComponent(JSON.stringify(yard))}`}
          target="_blank"
          leftSection={<IconPrinter size={18} />}
        >{t`Print the set-out sheet`}</Button>
      </Group>
      <SavedThings kept={kept} body={yard} picked={picked} onPick={setPicked} onOpen={state.set} />
      <Cautions ids={['outdoors', 'movement']} />
    </Stack>
  )
}
