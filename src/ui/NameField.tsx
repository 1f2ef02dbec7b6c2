import { t } from '@lingui/core/macro'
import { LONGEST_NAME } from '../core/records'
import { TextInput } from '@mantine/core'
import { useState } from 'react'

/** The name of something that is kept; it is taken when the field is left. */
export function NameField({ name, onRename }: { name: string; onRename: (name: string) => void }) {
  const [typed, setTyped] = useState(name)
  const tidy = typed.trim()
  return (
    <TextInput
      label={t`Name`}
      value={typed}
      maxLength={LONGEST_NAME}
      error={tidy === '' ? t`Name it in 1 to ${LONGEST_NAME} letters` : undefined}
      onChange={(event) => setTyped(event.currentTarget.value)}
      onBlur={() => tidy !== '' && tidy !== name && onRename(tidy)}
      style={{ flex: '1 1 150px', maxWidth: 260 }}
    />
  )
}
