import { Group, Text } from '@mantine/core'
import type { PictureId } from '../../core/days'
import type { LanguageId } from '../../core/wording'
import { PictureChoice } from './PictureChoice'

/** What is looked for first: animals, which children know by sight. */
const FIRST_LOOKED_FOR: Readonly<Record<LanguageId, string>> = {
  'en-GB': 'animal',
  'en-US': 'animal',
  de: 'Tier',
  'de-quarters': 'Tier',
  fr: 'animal',
  es: 'animal',
}

interface PictureFieldProps {
  readonly label: string
  readonly help?: string
  readonly value: PictureId | undefined
  readonly language: LanguageId
  readonly onChange: (value: PictureId | undefined) => void
}

/** A picture as a field of a form. */
export function PictureField({ label, help, value, onChange, language }: PictureFieldProps) {
  return (
    <Group gap="xs" wrap="nowrap">
      <PictureChoice
        label={label}
        title={label}
        what={FIRST_LOOKED_FOR[language]}
        picture={value}
        language={language}
        onChange={(id) => onChange(id || undefined)}
      />
      <div>
        <Text size="sm" fw={500}>
          {label}
        </Text>
        {help && (
          <Text size="xs" className="quiet">
            {help}
          </Text>
        )}
      </div>
    </Group>
  )
}
