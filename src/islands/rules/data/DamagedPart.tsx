import { counted } from '../../../core/wording'
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
      <Part title="Damaged rows">
        <Text>
          {setAside} damaged {setAside === 1 ? 'row was' : 'rows were'} put aside. Export has them, in damaged.json.
        </Text>
      </Part>
    )
  return (
    <Part title="Damaged rows">
      <Text role="alert">
        {counted(damaged.length, 'row', 'rows')} cannot be read. Everything else is there, without them. A backup may
        still have them whole.
      </Text>
      {damaged.slice(0, MOST_SHOWN).map(({ kind, row }) => (
        <Text key={row} size="sm" className="anywhere">
          A damaged {kind}: <Code>{row.slice(0, LONGEST)}</Code>
        </Text>
      ))}
      {damaged.length > MOST_SHOWN && <Text size="sm">and {damaged.length - MOST_SHOWN} more</Text>}
      <Group>
        <Button variant="default" loading={put.isPending} onClick={() => put.mutate(undefined)}>
          Put them aside
        </Button>
      </Group>
    </Part>
  )
}
