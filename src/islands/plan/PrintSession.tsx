import { titled } from '../../ui/titled'
import { said } from '../../words/i18n'
import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Button, Group, MultiSelect, Stack, Switch, Text } from '@mantine/core'
import { Dialog } from '../../ui/Dialog'
import { IconAdjustments, IconPrinter } from '@tabler/icons-react'
import { useDeferredValue, useEffect, useMemo, useState } from 'react'
import { attempt } from '../../core/errors'
import { ANSWER_WAYS, type AnswerWay } from '../../core/planning'
import {
  type SessionContext,
  type SessionPaper,
  sessionPaper,
  type SessionPaperWish,
  usualPaper,
} from '../../core/records'
import { listed } from '../../ui/Choice'
import { NumberField } from '../../ui/NumberField'
import { Segments } from '../../ui/Segments'
import { useMarkPrinted } from '../../ui/useMarkPrinted'
import { inPages } from './PrintLink'
import { asksToPrint, inParts, pdfAddress } from './paperAddress'

interface Props {
  /** The session as it stands, with all that it needs. */
  readonly context: SessionContext
}

/** Beside the button that prints: says how many pages come, and opens how else they can be printed. */
export function PrintSession({ context, onPages }: Props & { readonly onPages: (pages: number | undefined) => void }) {
  const [isChoosing, setChoosing] = useState(asksToPrint)
  const { value: paper } = useMemo(() => attempt(() => sessionPaper(context)), [context])
  const pages = paper?.pages.length
  useEffect(() => onPages(pages), [pages, onPages])
  return (
    <>
      <Button px="xs" onClick={() => setChoosing(true)} aria-haspopup="dialog" aria-label={t`How it is printed`}>
        <IconAdjustments size={18} />
      </Button>
      {isChoosing && <PaperDialog context={context} onClose={() => setChoosing(false)} />}
    </>
  )
}

/** What comes out of the printer, before it does: how many pages, of what, for whom. */
function PaperDialog({ context, onClose }: Props & { onClose: () => void }) {
  const [wish, setWish] = useState(() => usualPaper(context))
  const [tray, setTray] = useState<number | string>('')
  const counted = useDeferredValue(wish)
  const { value: paper, refusal } = useMemo(() => attempt(() => sessionPaper(context, counted)), [context, counted])
  const choose = (change: Partial<SessionPaperWish>) => setWish({ ...wish, ...change })
  return (
    <Dialog size="lg" onClose={onClose} title={t`Print for ${context.group.name}`}>
      <Stack gap="sm">
        {paper && <Contents paper={paper} />}
        {refusal && (
          <Text role="alert">
            <Trans>Nothing can be printed: {said(refusal.says)}.</Trans>
          </Text>
        )}
        <WishFields wish={wish} context={context} onChoose={choose} />
        <NumberField
          label={t`Sheets that the printer holds`}
          description={t`Left empty, all pages come at once. Otherwise in parts of so many pages.`}
          min={1}
          max={500}
          value={tray}
          onChange={setTray}
        />
        {paper && (
          <PdfButtons context={context} wish={wish} paper={paper} tray={Number(tray) >= 1 ? Number(tray) : undefined} />
        )}
      </Stack>
    </Dialog>
  )
}

/** How many pages, and of what. */
function Contents({ paper }: { paper: SessionPaper }) {
  return (
    <div>
      <Text fw={700} role="status">
        {inPages(paper.pages.length)}
      </Text>
      <ul style={{ margin: 0, paddingLeft: 18, fontSize: 14 }} className="anywhere">
        {paper.contents.map(({ title, pages }, i) => (
          // Two stations can have sets of one name.
          <li key={i}>{titled(title, pages)}</li>
        ))}
      </ul>
    </div>
  )
}

interface PaperFieldsProps {
  readonly wish: SessionPaperWish
  readonly context: SessionContext
  readonly onChoose: (change: Partial<SessionPaperWish>) => void
}

/** Answers, paper, ink, and for whom. */
function WishFields({ wish, context, onChoose }: PaperFieldsProps) {
  return (
    <>
      <Group gap="xs" align="center">
        <Text size="sm" fw={600}>{t`Answers to the sheets`}</Text>
        <Segments<AnswerWay>
          aria-label={t`Answers to the sheets`}
          size="xs"
          value={wish.answers}
          onChange={(answers) => onChoose({ answers })}
          data={listed(ANSWER_WAYS)}
        />
      </Group>
      <Switch
        label={t`Two children’s sheets on one page, to be cut apart`}
        description={t`Where they can still be read so. Card clocks are about 12 cm wide then.`}
        checked={wish.two}
        onChange={(event) => onChoose({ two: event.currentTarget.checked })}
      />
      <Switch
        label={t`Less ink`}
        checked={wish.lowInk}
        onChange={(event) => onChoose({ lowInk: event.currentTarget.checked })}
      />
      <MultiSelect
        label={t`For`}
        description={t`Choose children to print only what is theirs, without the plan and the things for the table.`}
        placeholder={wish.childIds ? undefined : t`the whole group`}
        data={context.children.map(({ id, name }) => ({ value: id, label: name }))}
        value={[...(wish.childIds ?? [])]}
        onChange={(chosen) => onChoose({ childIds: chosen.length > 0 ? chosen : undefined })}
        maxDropdownHeight={180}
        clearable
      />
    </>
  )
}

interface ButtonsProps {
  readonly context: SessionContext
  readonly wish: SessionPaperWish
  readonly paper: SessionPaper
  readonly tray: number | undefined
}

/** One PDF, or one for each filling of the printer. */
function PdfButtons({ context, wish, paper, tray }: ButtonsProps) {
  const { id } = context.session
  const markPrinted = useMarkPrinted(id)
  const parts = inParts(paper, tray)
  return (
    <Group justify="flex-end" gap="xs">
      {parts.map((part, i) => (
        <Button
          key={part.from}
          component="a"
          href={pdfAddress(id, wish, parts.length > 1 ? part : undefined)}
          target="_blank"
          variant={i === 0 ? 'filled' : 'default'}
          onClick={markPrinted}
          leftSection={<IconPrinter size={18} />}
          data-autofocus={i === 0 || undefined}
        >
          {parts.length > 1 ? t`Pages ${part.from} to ${part.to}` : t`Open the PDF: ${inPages(paper.pages.length)}`}
        </Button>
      ))}
    </Group>
  )
}
