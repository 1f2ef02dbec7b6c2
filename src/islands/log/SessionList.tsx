import { said } from '../../words/i18n'
import { t } from '@lingui/core/macro'
import { Button, NavLink, Stack } from '@mantine/core'
import { Choice } from '../../ui/Choice'
import { useState } from 'react'
import { type Group, type Session, shownSession } from '../../core/records'
import { rungOf } from '../../core/teaching'
import { putInAddress, useAddress } from '../../ui/address'
import { dayInWords, today } from '../../ui/dates'

const MOST_SHOWN = 30

interface Props {
  readonly sessions: readonly Session[]
  readonly groups: readonly Group[]
  readonly picked: string
  readonly onPick: (id: string) => void
}

/** How long it was, or whether it is still to be held. */
function lasted({ doneAt, date, minutes }: Session): string {
  if (doneAt !== null) return t`${minutes} min`
  return date < today() ? t`not said whether it was held` : t`to come`
}

/** Sessions, the latest first, of one group or all. */
export function SessionList({ sessions, groups, picked, onPick }: Props) {
  const groupId = useAddress().get('group') ?? ''
  const [most, setMost] = useState(MOST_SHOWN)
  const name = (id: string) => groups.find((group) => group.id === id)?.name ?? t`A group that is gone`
  const of = (group: string) => sessions.filter((session) => group === '' || session.groupId === group)
  const shown = of(groupId)
  /** Lists the group's sessions, and opens one of them unless one of them is open already. */
  const pickGroup = (group: string) => {
    const open = shownSession(of(group), picked)
    putInAddress({ group: group || null, ...(open && { session: open.id }) })
  }
  return (
    <Stack gap="xs" className="sheet">
      <Choice
        aria-label={t`Which group`}
        value={groupId}
        onChange={pickGroup}
        data={[{ value: '', label: t`All groups` }, ...groups.map((group) => ({ value: group.id, label: group.name }))]}
      />
      <nav aria-label={t`Sessions`} style={{ maxHeight: 560, overflowY: 'auto' }}>
        {shown.slice(0, most).map((session) => (
          <NavLink
            key={session.id}
            component="button"
            active={session.id === picked}
            onClick={() => onPick(session.id)}
            label={`${name(session.groupId)}, ${dayInWords(session.date)}`}
            description={`${said(rungOf(session.plan.rung).name)} · ${lasted(session)}`}
            styles={{
              description: { color: 'inherit', opacity: 1 },
              label: { overflowWrap: 'anywhere' },
              root: { borderRadius: 8, minHeight: 44 },
            }}
          />
        ))}
      </nav>
      {shown.length > most && (
        <Button variant="subtle" onClick={() => setMost(most + MOST_SHOWN)}>{t`Show earlier ones`}</Button>
      )}
    </Stack>
  )
}
