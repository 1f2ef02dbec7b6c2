import { said } from '../../words/i18n'
import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Group, Pagination, Text, VisuallyHidden, Table } from '@mantine/core'
import { useState } from 'react'
import { Choice } from '../../ui/Choice'
import type { Answer } from '../../core/knowing'
import type { AnswerChange, ChildData } from '../../core/records'
import { told } from '../../core/wording'
import { type Ask, type RungId, rungOf, wayOf } from '../../core/teaching'
import { Segments } from '../../ui/Segments'
import { CorrectForm } from './CorrectForm'
import { AnswerRow, Trace } from './AnswerRow'

const PAGE = 20

const CONTROLS = {
  first: told('first page'),
  previous: told('previous page'),
  next: told('next page'),
  last: told('last page'),
} as const

/** Which answers are shown; null is all of them. */
interface Wanted {
  readonly onlyWrong: boolean
  readonly rung: RungId | ''
  readonly ask: Ask | ''
}

function isWanted({ right, item }: Answer, { onlyWrong, rung, ask }: Wanted): boolean {
  return !(onlyWrong && right) && (rung === '' || item.rung === rung) && (ask === '' || item.ask === ask)
}

/** All answers of a child, the newest first: filtered, corrected or taken out, with a trace of what was changed. */
export function AnswerTable({ data, changes }: { data: ChildData; changes: readonly AnswerChange[] }) {
  const { answers, settings } = data
  const [wanted, setWanted] = useState<Wanted>({ onlyWrong: false, rung: '', ask: '' })
  const [page, setPage] = useState(1)
  const [editing, setEditing] = useState<Answer>()
  const shown = [...answers].reverse().filter((answer) => isWanted(answer, wanted))
  const pages = Math.max(1, Math.ceil(shown.length / PAGE))
  const at = Math.min(page, pages)
  const want = (change: Partial<Wanted>) => {
    setWanted({ ...wanted, ...change })
    setPage(1)
  }
  return (
    <section className="sheet" aria-label={t`Answers`}>
      <Filters answers={answers} wanted={wanted} shown={shown.length} onWant={want} />
      <div className="scrolls-sideways">
        <Table style={{ minWidth: 640 }}>
          <Table.Thead>
            <Table.Tr>
              <Table.Th>{t`When`}</Table.Th>
              <Table.Th>{t`Step and way`}</Table.Th>
              <Table.Th>{t`True answer`}</Table.Th>
              <Table.Th>{t`Given`}</Table.Th>
              <Table.Th>{t`May be`}</Table.Th>
              <Table.Th>
                <VisuallyHidden>{t`Change`}</VisuallyHidden>
              </Table.Th>
            </Table.Tr>
          </Table.Thead>
          <Table.Tbody>
            {shown.slice((at - 1) * PAGE, at * PAGE).map((answer) => (
              <AnswerRow key={answer.id} answer={answer} settings={settings} onChange={() => setEditing(answer)} />
            ))}
          </Table.Tbody>
        </Table>
      </div>
      {shown.length === 0 && <Text>{answers.length === 0 ? t`No answers yet.` : t`None is like that.`}</Text>}
      {pages > 1 && (
        <Pagination
          mt="sm"
          total={pages}
          value={at}
          onChange={setPage}
          getControlProps={(control) => ({ 'aria-label': said(CONTROLS[control]) })}
        />
      )}
      {changes.length > 0 && <Trace data={data} changes={changes} />}
      {editing && <CorrectForm answer={editing} settings={settings} onClose={() => setEditing(undefined)} />}
    </section>
  )
}

interface FiltersProps {
  readonly answers: readonly Answer[]
  readonly wanted: Wanted
  readonly shown: number
  readonly onWant: (change: Partial<Wanted>) => void
}

function Filters({ answers, wanted, shown, onWant }: FiltersProps) {
  const met = [...new Set(answers.map((answer) => answer.item.rung))]
  const ways = [...new Set(answers.map((answer) => answer.item.ask))]
  return (
    <Group mb="xs">
      <Segments
        aria-label={t`Which answers`}
        value={wanted.onlyWrong ? 'wrong' : 'all'}
        onChange={(value) => onWant({ onlyWrong: value === 'wrong' })}
        data={[
          { value: 'all', label: t`All` },
          { value: 'wrong', label: t`Wrong only` },
        ]}
      />
      <Choice
        aria-label={t`Step`}
        value={wanted.rung}
        onChange={(rung) => onWant({ rung })}
        data={[{ value: '', label: t`Every step` }, ...met.map((id) => ({ value: id, label: said(rungOf(id).name) }))]}
      />
      <Choice
        aria-label={t`Way of asking`}
        value={wanted.ask}
        onChange={(ask) => onWant({ ask })}
        data={[{ value: '', label: t`Every way` }, ...ways.map((id) => ({ value: id, label: said(wayOf(id).name) }))]}
      />
      <Text className="quiet">
        <Trans>
          {shown} of {answers.length}
        </Trans>
      </Text>
    </Group>
  )
}
