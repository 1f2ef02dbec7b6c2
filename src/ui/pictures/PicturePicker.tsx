import { t } from '@lingui/core/macro'
import { Button, Group, Stack, Text, TextInput } from '@mantine/core'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { OWN_PICTURE_IDS, type PictureId, findPictures, isOwnPicture, ownPictureName } from '../../core/days'
import { type LanguageId, languages } from '../../core/wording'
import { Dialog } from '../Dialog'
import { said } from '../../words/i18n'
import { Picture } from './Picture'
import { pictureWordsQuery } from './pictureWords'

/** As many as a phone shows without much scrolling. */
const MOST_SHOWN = 36

interface PicturePickerProps {
  /** The language in which is searched: that of the house rules, in which rows are read too. */
  readonly language: LanguageId
  /** What happens, which is what is looked for first. */
  readonly what: string
  readonly title: string
  readonly picture: PictureId | undefined
  readonly onChoose: (id: PictureId | '') => void
  readonly onClose: () => void
}

/** Pictures to choose from, found by what is typed; at first by what happens in the row. */
export function PicturePicker({ language, what, title, picture, onChoose, onClose }: PicturePickerProps) {
  const [typed, setTyped] = useState(what)
  const { data: set, error } = useQuery(pictureWordsQuery(language))
  const found = set ? findPictures(typed, set.finder, MOST_SHOWN).filter((id) => !isOwnPicture(id)) : []
  const choose = (id: PictureId | '') => {
    onChoose(id)
    onClose()
  }
  const offered = (ids: readonly PictureId[]) => (
    <Group gap={4}>
      {ids.map((id) => (
        <Button
          key={id}
          className="picture-offer"
          variant={id === picture ? 'light' : 'subtle'}
          aria-pressed={id === picture}
          aria-label={isOwnPicture(id) ? said(ownPictureName(id)) : (set?.names.get(id) ?? id)}
          onClick={() => choose(id)}
        >
          <Picture id={id} />
        </Button>
      ))}
    </Group>
  )
  return (
    <Dialog title={title} onClose={onClose}>
      <Stack gap="sm">
        <TextInput
          data-autofocus
          label={t`Find a picture`}
          description={t`By words in ${languages[language].name}`}
          value={typed}
          onChange={(event) => setTyped(event.currentTarget.value)}
        />
        <div role="status">
          {error && <Text size="sm">{t`The pictures could not be fetched: ${error.message}`}</Text>}
          {set && typed.trim() !== '' && found.length === 0 && (
            <Text size="sm">{t`No picture goes by these words. Try a simpler one, such as the name of a thing.`}</Text>
          )}
        </div>
        {offered(found)}
        <Text size="sm" fw={600}>{t`Simple drawings`}</Text>
        {offered(OWN_PICTURE_IDS)}
        <Button variant="default" onClick={() => choose('')}>{t`No picture`}</Button>
      </Stack>
    </Dialog>
  )
}
