import { t } from '@lingui/core/macro'
import { LONGEST_NAME } from '../core/records'
import type { SessionId } from '../core/ids'
import { Button, Group, Stack, TextInput } from '@mantine/core'
import { Choice } from './Choice'
import { tell } from './notices'
import { type ReactNode, useState } from 'react'
import type { Kept } from '../core/records'
import { type KeptThings, useOpenSessions } from './kept'

interface SavedThingsProps<T> {
  readonly kept: KeptThings<T>
  /** What is on the bench now. */
  readonly body: T
  readonly picked: string | null
  readonly onPick: (id: string | null) => void
  /** A saved one was chosen: take it over. */
  readonly onOpen: (body: T) => void
  readonly more?: (saved: Kept<T>) => ReactNode
}

/** Things kept by name: saved, opened, written over, removed, put into a session. */
export function SavedThings<T>({ kept, body, picked, onPick, onOpen, more }: SavedThingsProps<T>) {
  const [name, setName] = useState('')
  const saved = kept.list.find((each) => each.id === picked)
  const saveAsNew = async () => {
    const made = await kept.add(name, body)
    onPick(made.id)
    setName('')
  }
  return (
    <Stack gap="xs" className="sheet" component="section" aria-label={t`Saved ones`}>
      <Group gap="xs" align="end" wrap="nowrap">
        <TextInput
          label={t`Name`}
          value={name}
          maxLength={LONGEST_NAME}
          onChange={(event) => setName(event.currentTarget.value)}
          style={{ flex: 1 }}
        />
        <Button variant="light" disabled={name.trim() === ''} onClick={() => void saveAsNew()}>{t`Save as new`}</Button>
      </Group>
      <Choice
        label={t`Saved`}
        value={picked ?? ''}
        disabled={kept.list.length === 0}
        data={[
          { value: '', label: kept.list.length === 0 ? t`none yet` : t`choose one` },
          ...kept.list.map((each) => ({ value: each.id, label: each.name })),
        ]}
        onChange={(id) => {
          onPick(id || null)
          const chosen = kept.list.find((each) => each.id === id)
          if (chosen) onOpen(chosen.body)
        }}
      />
      {saved && <SavedOne kept={kept} saved={saved} body={body} onGone={() => onPick(null)} more={more} />}
    </Stack>
  )
}

interface SavedOneProps<T> extends Pick<SavedThingsProps<T>, 'kept' | 'body' | 'more'> {
  readonly saved: Kept<T>
  readonly onGone: () => void
}

/** What is done with one that is saved. */
function SavedOne<T>({ kept, saved, body, onGone, more }: SavedOneProps<T>) {
  const sessions = useOpenSessions()
  const putInto = async (sessionId: SessionId, thing: Kept<T>) => {
    await kept.putInto(sessionId, thing.id)
    void tell({ message: t`${thing.name} is printed with that session now.`, color: 'moss' })
  }
  return (
    <>
      <Group gap={6}>
        <Button
          size="compact-md"
          variant="default"
          onClick={() => void kept.save({ ...saved, body })}
        >{t`Save over it`}</Button>
        {more?.(saved)}
        <Button
          size="compact-md"
          variant="subtle"
          onClick={() => void kept.remove(saved.id).then(onGone)}
        >{t`Remove`}</Button>
      </Group>
      <Choice
        label={t`Put it into a session`}
        disabled={sessions.length === 0}
        value=""
        data={[
          { value: '', label: sessions.length === 0 ? t`no session to come` : t`choose the session` },
          ...sessions.map(({ id, label }) => ({ value: id, label })),
        ]}
        onChange={(id) => id && void putInto(id, saved)}
      />
    </>
  )
}
