import { said } from '#words'
import { t, plural } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Button, Group, Stack, Text, Textarea } from '@mantine/core'
import { useLocalStorage } from '@mantine/hooks'
import { useQuery } from '@tanstack/react-query'
import { useMemo, useState } from 'react'
import {
  type DayRow,
  MOST_DAY_ROWS,
  type PictureFinder,
  type ReadLine,
  illustrated,
  inOrder,
  readDayLines,
  spanText,
} from '../../core/days'
import { type LanguageId, languages } from '../../core/wording'
import { Picture } from '../../ui/pictures/Picture'
import { pictureWordsQuery } from '../../ui/pictures/pictureWords'
import type { DaysState } from './useDays'

interface Props {
  readonly state: DaysState
  readonly language: LanguageId
}

/** What is typed, line by line, with the pictures that go with it; those are looked for once something is typed. */
function useReadLines(text: string, language: LanguageId): readonly ReadLine[] {
  const { data: pictures } = useQuery({ ...pictureWordsQuery(language), enabled: text.trim() !== '' })
  return useMemo(() => {
    const read = readDayLines(text, language)
    return pictures ? read.map((line) => withPictures(line, pictures.finder)) : read
  }, [text, language, pictures])
}

/** Rows as they are typed or pasted, with what each is taken for; they come into the day when the adult says so. */
export function AddRows({ state, language }: Props) {
  // What was typed is never lost: it stays in this browser until it is in the day.
  const [text, setText] = useLocalStorage({ key: 'days-typed', defaultValue: '' })
  const [chosen, setChosen] = useState<Readonly<Record<string, number>>>({})
  const lines = useReadLines(text, language)
  const rows = lines.flatMap((line, i) => rowOf(line, chosen[`${i} ${line.text}`]) ?? [])
  const { rows: before } = state.body
  const isTooMany = before.length + rows.length > MOST_DAY_ROWS
  const left = lines.filter((line, i) => !rowOf(line, chosen[`${i} ${line.text}`]))
  const add = () => {
    state.change({ rows: inOrder([...before, ...rows]) })
    // Lines that are no rows yet stay to be mended.
    setText(left.map((line) => line.text).join('\n'))
    setChosen({})
  }
  return (
    <Stack gap={6} className="sheet" component="section" aria-label={t`Add rows`}>
      <Textarea
        label={t`Type or paste rows`}
        description={t`One a line, a time and what happens: 7:30 breakfast, half 8 bus, 12–12:45 lunch. Read in ${languages[language].name} first.`}
        value={text}
        autosize
        minRows={before.length === 0 ? 5 : 2}
        maxRows={10}
        maxLength={20_000}
        onChange={(event) => setText(event.currentTarget.value)}
      />
      {lines.length > 0 && (
        <ul className="days-read" aria-label={t`Read as`}>
          {lines.map((line, i) => (
            <Read
              key={`${i} ${line.text}`}
              line={line}
              chosen={chosen[`${i} ${line.text}`]}
              onChoose={(at) => setChosen({ ...chosen, [`${i} ${line.text}`]: at })}
            />
          ))}
        </ul>
      )}
      {isTooMany && (
        <Text size="sm" role="alert" className="days-odd">
          <Trans>
            A day has at most {MOST_DAY_ROWS} rows; with these it would have {before.length + rows.length}.
          </Trans>
        </Text>
      )}
      <Group gap="xs">
        <Button disabled={rows.length === 0 || isTooMany} onClick={add}>
          {rows.length === 0 ? t`Add` : t`${plural(rows.length, { one: 'Add # row', other: 'Add # rows' })}`}
        </Button>
        {left.length > 0 && (
          <Text size="sm" className="quiet">
            {stayInWords(left.length)}
          </Text>
        )}
      </Group>
    </Stack>
  )
}

/** A line whose rows have the pictures that are proposed for them. */
function withPictures(line: ReadLine, finder: PictureFinder): ReadLine {
  if (line.kind === 'row') return { ...line, row: illustrated(line.row, finder) }
  if (line.kind === 'either') return { ...line, choices: line.choices.map((row) => illustrated(row, finder)) }
  return line
}

const stayInWords = (lines: number) =>
  t`${plural(lines, {
    one: '# line stays here until a time can be read in it.',
    other: '# lines stay here until a time can be read in them.',
  })}`

function rowOf(line: ReadLine, chosen: number | undefined): DayRow | undefined {
  if (line.kind === 'row') return line.row
  return line.kind === 'either' && chosen !== undefined ? line.choices[chosen] : undefined
}

interface ReadProps {
  readonly line: ReadLine
  readonly chosen: number | undefined
  readonly onChoose: (at: number) => void
}

function Read({ line, chosen, onChoose }: ReadProps) {
  if (line.kind === 'none')
    return (
      <li className="days-odd">
        <span className="anywhere">{line.text.length > 60 ? `${line.text.slice(0, 60)}…` : line.text}</span>:{' '}
        {said(line.why)}
      </li>
    )
  if (line.kind === 'either')
    return (
      <li className="days-odd">
        <Group gap={6}>
          <span className="anywhere">
            <Trans>{line.text}: which one?</Trans>
          </span>
          {line.choices.map((choice, at) => (
            <button
              key={spanText(choice)}
              type="button"
              className="chip"
              aria-pressed={chosen === at}
              onClick={() => onChoose(at)}
            >
              {spanText(choice)}
            </button>
          ))}
        </Group>
      </li>
    )
  return (
    <li>
      <strong>{spanText(line.row)}</strong> <span className="anywhere">{line.row.what}</span>
      {line.row.picture && <Picture id={line.row.picture} />}
      {line.language && <span className="quiet">{` (${t`read in ${languages[line.language].name}`})`}</span>}
    </li>
  )
}
