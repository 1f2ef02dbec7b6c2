import { said } from '../../words/i18n'
import { t } from '@lingui/core/macro'
import { LONGEST_NAME } from '../../core/records'
import { ActionIcon, Button, Group, Text, TextInput } from '@mantine/core'
import { IconPhotoPlus, IconTrash } from '@tabler/icons-react'
import { useState } from 'react'
import { type DayRow, isPictureId, readDayLine, spanText } from '../../core/days'
import type { LanguageId } from '../../core/wording'
import { later } from '../../ui/later'
import { Picture, useIsMissing } from './Picture'

const picker = later(async () => (await import('./PicturePicker')).PicturePicker)

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
  const isPictureMissing = useIsMissing(row.picture)
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
        <PictureChoice name={name} row={row} language={language} onChange={(id) => onPut(withPicture(row, id))} />
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

interface PictureChoiceProps {
  readonly name: string
  readonly row: DayRow
  readonly language: LanguageId
  readonly onChange: (id: string) => void
}

/** The picture of a row, which opens all others when it is pressed. */
function PictureChoice({ name, row: { picture, what }, language, onChange }: PictureChoiceProps) {
  const [isOpen, setOpen] = useState(false)
  // Stays once it was pressed, so that the focus can come back to it.
  const [wasOpen, setWasOpen] = useState(false)
  return (
    <>
      <Button
        className="days-picture-choice"
        data-stays={wasOpen || undefined}
        variant="subtle"
        aria-label={t`${name}: picture`}
        aria-haspopup="dialog"
        onClick={() => {
          setOpen(true)
          setWasOpen(true)
        }}
      >
        {picture ? <Picture id={picture} /> : <IconPhotoPlus size={20} aria-hidden />}
      </Button>
      {isOpen && (
        <picker.Part
          language={language}
          what={what}
          picture={picture}
          onChoose={onChange}
          onClose={() => setOpen(false)}
        />
      )}
    </>
  )
}
