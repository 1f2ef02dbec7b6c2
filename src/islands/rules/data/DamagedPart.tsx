import { t, plural } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Button, Code, Group, Text } from '@mantine/core'
import type { DataState } from '../../../core/keeping'
import { api } from '../../../ui/api'
import { Part } from './Part'
import { useDataChange } from './useData'

const MOST_SHOWN = 5
const LONGEST = 160

/** Rows that cannot be read. Everything else is shown without them. */
export function DamagedPart({ state }: { state: DataState }) {
  const { damaged, setAside } = state
  const put = useDataChange(() => api.post('/api/data/damaged', {}))
  if (damaged.length + setAside === 0) return null
  if (damaged.length === 0)
    return (
      <Part title={t`Damaged rows`}>
        <Text>
          {t`${plural(setAside, {
            one: '# damaged row was put aside. Export has it, in damaged.json.',
            other: '# damaged rows were put aside. Export has them, in damaged.json.',
          })}`}
        </Text>
      </Part>
    )
  return (
    <Part title={t`Damaged rows`}>
      <Text role="alert">
        {t`${plural(damaged.length, {
          one: '# row cannot be read. Everything else is there, without it. A backup may still have it whole.',
          other: '# rows cannot be read. Everything else is there, without them. A backup may still have them whole.',
        })}`}
      </Text>
      {damaged.slice(0, MOST_SHOWN).map(({ kind, row }) => (
        <Text key={row} size="sm" className="anywhere">
          <Trans>
            A damaged {kind}: <Code>{row.slice(0, LONGEST)}</Code>
          </Trans>
        </Text>
      ))}
      {damaged.length > MOST_SHOWN && (
        <Text size="sm">
          <Trans>and {damaged.length - MOST_SHOWN} more</Trans>
        </Text>
      )}
      <Group>
        <Button
          variant="default"
          loading={put.isPending}
          onClick={() => put.mutate(undefined)}
        >{t`Put them aside`}</Button>
      </Group>
    </Part>
  )
}
