import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Button, Group, Text } from '@mantine/core'
import { type NamedChild, sharedNames, withoutRepeats } from './people'

interface NamesSharedProps {
  readonly children: readonly NamedChild[]
  /** The names of children who are there already. */
  readonly known: readonly string[]
  /** Puts a list in the place of what was typed. */
  readonly onChange: (text: string) => void
}

/** Says which names do not tell one child from another. Two children may be called alike: so nothing is refused. */
export function NamesShared({ children, known: before, onChange }: NamesSharedProps) {
  const { repeated, alike, known } = sharedNames(children, before)
  return (
    <div role="status">
      {repeated.length > 0 && (
        <Group gap="sm">
          <Text style={{ flex: '1 1 260px' }} className="anywhere">
            <Trans>More than once in the list: {repeated.join(', ')}.</Trans>
          </Text>
          <Button
            variant="default"
            onClick={() => onChange(withoutRepeats(children))}
          >{t`Leave each name once`}</Button>
        </Group>
      )}
      {alike.length > 0 && (
        <Text className="anywhere">
          <Trans>
            Two children have the same name: {alike.join(', ')}. A letter tells them apart on paper, such as {alike[0]}{' '}
            K.
          </Trans>
        </Text>
      )}
      {known.length > 0 && (
        <Text className="anywhere">
          <Trans>
            Already here: {known.join(', ')}. If it is the same child, choose the name above instead of adding it again.
          </Trans>
        </Text>
      )}
    </div>
  )
}
