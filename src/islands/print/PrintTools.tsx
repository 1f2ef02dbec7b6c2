import { t } from '@lingui/core/macro'
import { Button, Group, Title } from '@mantine/core'
import {
  IconArrowsShuffle,
  IconBookmark,
  IconDownload,
  IconPin,
  IconPinFilled,
  IconPrinter,
  IconUsers,
} from '@tabler/icons-react'
import { useState } from 'react'
import type { AnswerWay } from '../../core/planning'
import { later } from '../../ui/later'
import type { PrintState } from './usePrint'

export const save = later(async () => (await import('./SavePrint')).SavePrint)

/** What opens above the pages. */
export type Panel = 'keep' | 'pack'

interface Props {
  readonly state: PrintState
  readonly panel: Panel | null
  readonly onPanel: (panel: Panel) => void
}

/** What is done with the whole print: another version, download, save for later, a pack, the PDF. */
export function PrintTools({ state, panel, onPanel }: Props) {
  const { printable } = state
  return (
    <Group justify="space-between">
      <Title order={1} size="h2">{t`Print room`}</Title>
      <Group gap="xs">
        <VersionButtons state={state} />
        <DownloadButton state={state} />
        <Button
          variant="default"
          onClick={() => onPanel('keep')}
          aria-expanded={panel === 'keep'}
          leftSection={<IconBookmark size={18} />}
        >{t`Save for later`}</Button>
        <Button
          variant="default"
          onClick={() => onPanel('pack')}
          aria-expanded={panel === 'pack'}
          leftSection={<IconUsers size={18} />}
        >{t`One version for each child`}</Button>
        <Button
          component="a"
          href={state.pdf}
          target="_blank"
          data-disabled={state.print ? undefined : true}
          leftSection={<IconPrinter size={18} />}
        >
          {printWords(printable.kind, state.picked.answersOnPaper)}
        </Button>
      </Group>
    </Group>
  )
}

/** What the PDF has besides the pages. */
function printWords(kind: PrintState['printable']['kind'], answers: AnswerWay): string {
  const [withRules, withAnswers] = [kind !== 'sheet', answers !== 'none']
  if (withRules && withAnswers) return t`Print, with rules and answers`
  if (withRules) return t`Print, with rules`
  return withAnswers ? t`Print, with answers` : t`Print`
}

/** Another version of the same print, or this one kept whatever else is changed. */
function VersionButtons({ state: { shuffle, isPinned, setPinned } }: { state: PrintState }) {
  return (
    <>
      <Button
        variant="default"
        onClick={shuffle}
        disabled={isPinned}
        leftSection={<IconArrowsShuffle size={18} />}
      >{t`Shuffle`}</Button>
      <Button
        variant={isPinned ? 'light' : 'default'}
        aria-pressed={isPinned}
        onClick={() => setPinned(!isPinned)}
        leftSection={isPinned ? <IconPinFilled size={18} /> : <IconPin size={18} />}
      >{t`Lock this version`}</Button>
    </>
  )
}

/** The menu's code comes when it is first asked for, and then it opens at once. */
function DownloadButton({ state }: { state: PrintState }) {
  const [isOpen, setOpen] = useState(false)
  if (isOpen) return <save.Part state={state} />
  return (
    <Button
      variant="default"
      disabled={!state.print}
      aria-haspopup="menu"
      onClick={() => setOpen(true)}
      leftSection={<IconDownload size={18} />}
    >{t`Download`}</Button>
  )
}
