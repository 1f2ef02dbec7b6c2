import { said } from '../../words/i18n'
import { t } from '@lingui/core/macro'
import { Button, Group, Text } from '@mantine/core'
import { useMemo, useState } from 'react'
import { ANSWER_WAYS, type AnswerWay } from '../../core/planning'
import { listed } from '../../ui/Choice'
import { DrawingView } from '../../ui/DrawingView'
import type { PrintState } from './usePrint'
import { Segments } from '../../ui/Segments'

/** The pages or the key, or why there are none. The first page is shown at once, the others a moment later. */
export function PagesPanel({ state }: { state: PrintState }) {
  const { print, printLater } = state
  const [side, setSide] = useState<'pages' | 'key'>('pages')
  const first = print?.[side][0]
  const shown = useMemo(() => (first ? [first, ...(printLater?.[side].slice(1) ?? [])] : []), [first, printLater, side])
  return (
    <>
      <Segments
        fullWidth
        aria-label={t`Pages or answers`}
        value={side}
        onChange={setSide}
        data={[
          { value: 'pages' as const, label: t`Pages: ${print?.pages.length ?? 0}` },
          { value: 'key' as const, label: t`Answers: ${print?.key.length ?? 0}` },
        ]}
      />
      {side === 'key' && <AnswersOnPaper state={state} />}
      <WhyNone state={state} />
      {shown.map((page, i) => (
        // The whole page is seen at once, unless that would make it too small to judge.
        <div
          key={i}
          className="print-page"
          style={{ maxWidth: `clamp(440px, calc((100vh - 185px) * ${page.width / page.height}), 620px)` }}
        >
          <DrawingView drawing={page} label={t`Page ${i + 1}: ${page.title}`} />
        </div>
      ))}
    </>
  )
}

/** How the answers are printed, beside the answers themselves. */
function AnswersOnPaper({ state: { picked, set } }: { state: PrintState }) {
  return (
    <Group gap="xs" my="xs">
      <Text size="sm" fw={600}>{t`Answers on paper`}</Text>
      <Segments<AnswerWay>
        aria-label={t`Answers on paper`}
        size="xs"
        value={picked.answersOnPaper}
        onChange={(answersOnPaper) => set({ answersOnPaper })}
        data={listed(ANSWER_WAYS)}
      />
    </Group>
  )
}

/** Why nothing can be printed; for a count, the nearest one that is possible is offered. */
function WhyNone({ state: { refusal, options, counts, printable, set } }: { state: PrintState }) {
  if (!refusal) return null
  const possible = Math.min(Math.max(options.count, counts.least), counts.most)
  const isCount = possible !== options.count
  return (
    <Text className="sheet sheet-attention" role="alert">
      {isCount
        ? t`${said(printable.counts)}: ${counts.least} to ${counts.most} are possible on this step, not ${options.count}.`
        : `${said(refusal.says)}.`}
      {isCount && (
        <Button size="compact-md" mt="xs" display="block" onClick={() => set({ count: possible })}>
          {t`Take ${possible} instead`}
        </Button>
      )}
    </Text>
  )
}
