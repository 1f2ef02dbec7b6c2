import { said } from '../../words/i18n'
import { Trans } from '@lingui/react/macro'
import { Group, Input, Text } from '@mantine/core'
import { useState } from 'react'
import { type DayRow, type ReadLine, dayLine, readDayLines, spanText } from '../../core/days'
import type { RowsOption } from '../../core/printables'
import type { LanguageId } from '../../core/wording'

interface Props {
  readonly option: RowsOption
  readonly value: readonly DayRow[] | undefined
  readonly language: LanguageId
  readonly onChange: (rows: readonly DayRow[] | undefined) => void
}

/**
 * Rows of a day as they are typed, read here and nowhere else. A line of which no row can be made stays in the field,
 * with why. Not Mantine's own Textarea: what makes it grow weighs more than the view may.
 */
export function RowsField({ option, value, language, onChange }: Props) {
  const [typed, setTyped] = useState(() => textOf(value))
  // Where other rows came, such as those of a kept print, they take the place of what was typed.
  const text = JSON.stringify(rowsIn(typed, language)) === JSON.stringify(value ?? []) ? typed : textOf(value)
  const type = (next: string) => {
    setTyped(next)
    onChange(rowsIn(next, language))
  }
  const lines = readDayLines(text, language)
  return (
    <>
      <Input.Wrapper id="rows" label={said(option.label)} description={option.help && said(option.help)}>
        <Input
          id="rows"
          component="textarea"
          multiline
          rows={6}
          placeholder={said(option.example)}
          maxLength={20_000}
          value={text}
          onChange={(event) => type(event.currentTarget.value)}
        />
      </Input.Wrapper>
      {lines.map((line, i) => (
        <Unread
          key={`${i} ${line.text}`}
          line={line}
          onChoose={(row) => type(replaced(text, line.text, dayLine(row)))}
        />
      ))}
    </>
  )
}

/** Why a line is not printed yet. Where it could be two rows, they are buttons. */
function Unread({ line, onChoose }: { readonly line: ReadLine; readonly onChoose: (row: DayRow) => void }) {
  if (line.kind === 'row') return null
  return (
    <Text size="sm" component="div" role="alert" className="sheet sheet-attention anywhere">
      <Trans>“{line.text.slice(0, 60)}” is not printed yet.</Trans> {said(line.why)}
      {line.kind === 'either' && (
        <Group gap={6} mt={4}>
          {line.choices.map((row) => (
            <button key={spanText(row)} type="button" className="chip" onClick={() => onChoose(row)}>
              {spanText(row)}
            </button>
          ))}
        </Group>
      )}
    </Text>
  )
}

const textOf = (rows: readonly DayRow[] | undefined) => (rows ?? []).map(dayLine).join('\n')

function rowsIn(text: string, language: LanguageId): DayRow[] {
  return readDayLines(text, language).flatMap((line) => (line.kind === 'row' ? [line.row] : []))
}

const replaced = (text: string, line: string, by: string) =>
  text
    .split('\n')
    .map((each) => (each === line ? by : each))
    .join('\n')
