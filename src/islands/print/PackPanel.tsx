import { adultsWording } from '../../words/adult'
import { said } from '../../words/i18n'
import { t, plural } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { told } from '../../core/wording'
import { Button, Checkbox, Group, Progress, Stack, Text } from '@mantine/core'
import { Choice, listed } from '../../ui/Choice'
import { useQuery } from '@tanstack/react-query'
import { IconPrinter } from '@tabler/icons-react'
import { useState } from 'react'
import {
  ANSWER_WAYS,
  type AnswerWay,
  MOST_PACK_THINGS,
  type PackThing,
  packChoices,
  packNote,
} from '../../core/planning'
import { type PrintableId, printableOf } from '../../core/printables'
import type { Group as GroupOfChildren, PackJob } from '../../core/records'
import { rungOf } from '../../core/teaching'
import { api } from '../../ui/api'
import type { PrintState } from './usePrint'
import { usePack } from './usePack'

/**
 * One version for each child of a group, at the child's rung and with the child's misreadings; keys together; a cover
 * page with who gets what.
 */
export function PackPanel({ state }: { state: PrintState }) {
  const { picked, options } = state
  const groups = useQuery({ queryKey: ['groups'], queryFn: () => api.get<GroupOfChildren[]>('/api/groups') }).data ?? []
  const [groupId, setGroupId] = useState('')
  const [chosen, setChosen] = useState<readonly PrintableId[]>([picked.id])
  const [onPaper, setOnPaper] = useState<AnswerWay>('short')
  const pack = usePack()
  const group = groups.find(({ id }) => id === groupId) ?? groups[0]
  // What is on the bench goes into the pack as it is set there; of the rest only how it is helped and answered.
  const { helps, answers } = picked.choices
  const onBench = { ...packChoices(options), count: picked.count ?? undefined }
  const things = chosen.map((printable): PackThing => ({
    printable,
    helps,
    answers,
    ...(printable === picked.id ? onBench : {}),
  }))
  const begin = () => group && pack.begin({ groupId: group.id, things, seed: picked.seed, answersOnPaper: onPaper })
  if (groups.length === 0) return <Text>{t`There is no group yet: make one under Children first.`}</Text>
  return (
    <Stack gap="sm" className="sheet" component="section" aria-label={t`A pack for a group`} mb="sm">
      <Text fw={700}>{t`A pack for a group`}</Text>
      <Choice
        label={t`For which group`}
        value={group?.id ?? ''}
        onChange={setGroupId}
        data={groups.map(({ id, name, childIds }) => ({ value: id, label: `${name} (${childIds.length})` }))}
      />
      <Text size="sm">
        {chosen.length === 0
          ? t`Each child gets nothing yet.`
          : t`Each child gets: ${chosen.map((id) => said(printableOf(id).name)).join(', ')}.`}{' '}
        <Trans>
          It is at their own step, with wrong choices from what was found in them. Up to {MOST_PACK_THINGS} things.
        </Trans>
      </Text>
      <Things all={state.all} chosen={chosen} onChange={setChosen} />
      <Choice label={t`Answers on paper`} value={onPaper} onChange={setOnPaper} data={listed(ANSWER_WAYS)} />
      {pack.error && (
        <Text role="alert" className="sheet sheet-attention">
          {pack.error.message}
        </Text>
      )}
      <Group>
        <Button onClick={begin} disabled={chosen.length === 0 || pack.isBusy}>{t`Make the pack`}</Button>
        {pack.isBusy && <Button variant="default" onClick={pack.cancel}>{t`Cancel`}</Button>}
      </Group>
      {pack.progress && <PackState progress={pack.progress} />}
    </Stack>
  )
}

interface ThingsProps {
  readonly all: PrintState['all']
  readonly chosen: readonly PrintableId[]
  readonly onChange: (chosen: readonly PrintableId[]) => void
}

/** What goes into the pack. */
function Things({ all, chosen, onChange }: ThingsProps) {
  return (
    <div className="pack-things">
      {all.map(({ id, name }) => (
        <Checkbox
          key={id}
          label={said(name)}
          checked={chosen.includes(id)}
          disabled={!chosen.includes(id) && chosen.length >= MOST_PACK_THINGS}
          onChange={(event) =>
            onChange(event.currentTarget.checked ? [...chosen, id] : chosen.filter((each) => each !== id))
          }
        />
      ))}
    </div>
  )
}

const SAID = {
  waiting: told('Waits until another pack is done.'),
  making: told('Being made …'),
  done: told('Ready.'),
  failed: told('It could not be made. Nothing was kept; try again, or with fewer things.'),
  cancelled: told('Cancelled: nothing was kept.'),
} as const

function PackState({ progress }: { progress: PackJob }) {
  const { id, state, done, total, lines, pages, before = 0 } = progress
  return (
    <Stack gap="xs">
      <Text role="status">
        {said(SAID[state])}{' '}
        {before > 0 && t`${plural(before, { one: '# pack waits before it.', other: '# packs wait before it.' })}`}{' '}
        {pages !== undefined && t`${pages} pages: who gets what, the sheets, the answers.`}
      </Text>
      {(state === 'making' || state === 'waiting') && (
        <Progress value={(100 * done) / Math.max(1, total)} aria-label={t`How much of the pack is made`} />
      )}
      {state === 'done' && (
        <Button
          component="a"
          href={`/api/packs/${id}/pdf`}
          target="_blank"
          leftSection={<IconPrinter size={18} />}
        >{t`PDF of the pack`}</Button>
      )}
      {state !== 'cancelled' && (
        <ul className="anywhere pack-lines">
          {lines.map((line, i) => (
            <li key={i}>
              {line.child}: {said(printableOf(line.printable).name)}, {said(rungOf(line.rung).name)},{' '}
              {t`no. ${line.seed}`}
              {line.instead && <span className="quiet"> ({packNote(line, adultsWording())})</span>}
            </li>
          ))}
        </ul>
      )}
    </Stack>
  )
}
