import { said } from '../../words/i18n'
import { t } from '@lingui/core/macro'
import { LONGEST_NAME } from '../../core/records'
import { ActionIcon, Button, Group, Text, TextInput } from '@mantine/core'
import { IconTrash } from '@tabler/icons-react'
import { useState } from 'react'
import { type DayRow, isPictureId, type PictureId, readDayLine, spanText } from '../../core/days'
import type { LanguageId } from '../../core/wording'
import { useIsMissing } from '../../ui/pictures/Picture'
import { PictureChoice } from '../../ui/pictures/PictureChoice'

interface RowFieldsProps {
  readonly row: DayRow
  readonly place: number
  readonly language: LanguageId
  readonly onPut: (row: DayRow) => void
  readonly onRemove: () => void
}

/** What is typed into a row: it is read when the row is left, and what cannot be read stays there, with why. */
function useTypedRow({ row, language, onPut }: Pick<RowFieldsProps, 'row' | 'language' | 'onPut'>) {
  const [time, setTime] = useState(spanText(row))
  const [what, setWhat] = useState(row.what)
  const [error, setError] = useState('')
  const [choices, setChoices] = useState<readonly DayRow[]>([])
  const take = () => {
    if (time === spanText(row) && what === row.what) return setError('')
    const read = readDayLine(`${time}\t${what}`, { language })
    setError(read.kind === 'row' ? '' : said(read.why))
    setChoices(read.kind === 'either' ? read.choices : [])
    if (read.kind === 'row') onPut({ ...read.row, ...(row.picture && { picture: row.picture }) })
  }
  return { time, setTime, what, setWhat, error, choices, take }
}

/** The row with another picture, or with none. */
const withPicture = ({ minute, to, what }: DayRow, id: string): DayRow => ({
  minute,
  ...(to !== undefined && { to }),
  what,
  ...(isPictureId(id) && { picture: id }),
})

export function RowFields({ row, place, language, onPut, onRemove }: RowFieldsProps) {
  const { time, setTime, what, setWhat, error, choices, take } = useTypedRow({ row, language, onPut })
  const name = t`Row ${place + 1}`
  return (
    <>
      <div className="days-row" onBlur={(event) => event.currentTarget.contains(event.relatedTarget) || take()}>
        <span className="days-number" aria-hidden="true">
          {place + 1}
        </span>
        <TextInput
          aria-label={t`${name}: time`}
          value={time}
          maxLength={LONGEST_NAME}
          onChange={(event) => setTime(event.currentTarget.value)}
          onKeyDown={(event) => event.key === 'Enter' && take()}
        />
        <TextInput
          aria-label={t`${name}: what happens`}
          value={what}
          maxLength={LONGEST_NAME}
          onChange={(event) => setWhat(event.currentTarget.value)}
          onKeyDown={(event) => event.key === 'Enter' && take()}
        />
        <PictureChoice
          label={t`${name}: picture`}
          title={t`Picture for “${row.what}”`}
          what={row.what}
          picture={row.picture}
          language={language}
          onChange={(id) => onPut(withPicture(row, id))}
        />
        <ActionIcon
          className="days-remove"
          variant="subtle"
          size="lg"
          aria-label={t`Remove row ${place + 1}, ${row.what}`}
          onClick={onRemove}
        >
          <IconTrash size={17} />
        </ActionIcon>
      </div>
      <RowTrouble error={error} picture={row.picture} choices={choices} onPut={onPut} />
    </>
  )
}

interface RowTroubleProps extends Pick<RowFieldsProps, 'onPut'> {
  readonly error: string
  readonly picture: PictureId | undefined
  readonly choices: readonly DayRow[]
}

/** What cannot be read of a row, what could be meant, and a picture that there is no more. */
function RowTrouble({ error, picture, choices, onPut }: RowTroubleProps) {
  const isPictureMissing = useIsMissing(picture)
  return (
    <>
      {error && (
        <Text size="xs" role="alert" className="days-odd">
          {error}
        </Text>
      )}
      {isPictureMissing && (
        <Text size="xs" role="status" className="days-odd">
          {t`The picture of this row is no longer in the set. Choose another one; until then its place on paper has a frame to draw in.`}
        </Text>
      )}
      {choices.length > 0 && (
        <Group gap={6} className="days-odd">
          {choices.map((choice) => (
            <Button key={spanText(choice)} size="compact-xs" variant="default" onClick={() => onPut(choice)}>
              {spanText(choice)}
            </Button>
          ))}
        </Group>
      )}
    </>
  )
}
