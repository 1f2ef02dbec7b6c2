import { Button, Group, Select, Stack, Text, TextInput } from '@mantine/core'
import { notifications } from '@mantine/notifications'
import { IconPrinter } from '@tabler/icons-react'
import { useState } from 'react'
import { FOLLOW_LOCAL_RULES, type PaperId, type Yard, cautions, papers } from '../../core'
import { useKept, useOpenSessions } from '../../ui/kept'
import type { YardState } from './useYard'

/** The set-out sheet, floor clocks kept by name, and the session that one goes with. */
export function OutPanel({ state }: { state: YardState }) {
  const kept = useKept<Yard>('yards')
  const sessions = useOpenSessions()
  const [name, setName] = useState('')
  const [picked, setPicked] = useState<string | null>(null)
  const { yard } = state.laid
  const saved = kept.list.find((each) => each.id === picked)
  return (
    <Stack gap="sm">
      <Group align="end" gap="xs">
        <Select label="Paper" value={yard.paper} onChange={(paper) => paper && state.change({ paper: paper as PaperId })} allowDeselect={false} data={(Object.keys(papers) as PaperId[]).map((id) => ({ value: id, label: papers[id].name }))} w={120} />
        <Button component="a" href={`/api/yard.pdf?yard=${encodeURIComponent(JSON.stringify(yard))}`} target="_blank" leftSection={<IconPrinter size={18} />}>
          Print the set-out sheet
        </Button>
      </Group>
      <Group gap="xs" align="end" wrap="nowrap">
        <TextInput label="Name" value={name} maxLength={60} onChange={(event) => setName(event.currentTarget.value)} style={{ flex: 1 }} />
        <Button variant="light" disabled={name.trim() === ''} onClick={() => void kept.add(name, yard).then((made) => { setPicked(made.id); setName('') })}>
          Save as new
        </Button>
      </Group>
      <Select label="Saved" placeholder={kept.list.length === 0 ? 'none yet' : 'choose one'} value={picked} disabled={kept.list.length === 0} onChange={(id) => {
        setPicked(id)
        const chosen = kept.list.find((each) => each.id === id)
        if (chosen) state.set(chosen.body)
      }} data={kept.list.map((each) => ({ value: each.id, label: each.name }))} />
      {saved && (
        <>
          <Group gap={6}>
            <Button size="compact-md" variant="default" onClick={() => void kept.save({ ...saved, body: yard })}>
              Save over it
            </Button>
            <Button size="compact-md" variant="subtle" onClick={() => void kept.remove(saved.id).then(() => setPicked(null))}>
              Remove
            </Button>
          </Group>
          <Select
            label="Put it into a session"
            placeholder={sessions.length === 0 ? 'no session to come' : 'choose the session'}
            disabled={sessions.length === 0}
            value={null}
            data={sessions.map(({ id, label }) => ({ value: id, label }))}
            onChange={(id) => id && void kept.putInto(id, saved.id).then(() => notifications.show({ message: `${saved.name} is printed with that session now.`, color: 'moss' }))}
          />
        </>
      )}
      <div className="sheet sheet-attention" style={{ padding: '8px 12px' }}>
        <Text size="sm">{cautions.outdoors}</Text>
        <Text size="sm">{cautions.movement}</Text>
        <Text size="xs" mt={4}>
          {FOLLOW_LOCAL_RULES}
        </Text>
      </div>
    </Stack>
  )
} // prettier-ignore
