import { Button } from '@mantine/core'
import { IconPhotoPlus } from '@tabler/icons-react'
import { useState } from 'react'
import type { PictureId } from '../../core/days'
import type { LanguageId } from '../../core/wording'
import { later } from '../later'
import { Picture } from './Picture'

const picker = later(async () => (await import('./PicturePicker')).PicturePicker)

interface PictureChoiceProps {
  readonly label: string
  /** Over the pictures. */
  readonly title: string
  /** What the picture is of, which is looked for first. */
  readonly what: string
  readonly picture: PictureId | undefined
  readonly language: LanguageId
  /** An empty name for no picture. */
  readonly onChange: (id: PictureId | '') => void
}

/** The picture that is chosen, which opens all others when it is pressed. */
export function PictureChoice({ label, title, what, picture, language, onChange }: PictureChoiceProps) {
  const [isOpen, setOpen] = useState(false)
  // Stays once it was pressed, so that the focus can come back to it.
  const [wasOpen, setWasOpen] = useState(false)
  return (
    <>
      <Button
        className="picture-choice"
        data-stays={wasOpen || undefined}
        variant="subtle"
        aria-label={label}
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
          title={title}
          picture={picture}
          onChoose={onChange}
          onClose={() => setOpen(false)}
        />
      )}
    </>
  )
}
