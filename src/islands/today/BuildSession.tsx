import type { GroupId } from '../../core/ids'
import { Button, Group, Stack, Text } from '@mantine/core'
import { Choice } from '../../ui/Choice'
import { useMutation } from '@tanstack/react-query'
import { useState } from 'react'
import type { Place } from '../../core/activities'
import { LONGEST_SESSION, SHORTEST_SESSION } from '../../core/planning'
import type { Session, Settings } from '../../core/records'
import { api, newId } from '../../ui/api'
import { soon, today } from '../../ui/dates'
import { PLACES } from '../../ui/places'
import { NumberField } from '../../ui/NumberField'

const USUAL_MINUTES = [15, 25, 40] as const

/** The minutes and the place are all it takes; the rest comes from the records and the house rules. */
export function BuildSession({ groupId, settings }: { groupId: GroupId; settings: Settings }) {
  const [minutes, setMinutes] = useState<number | string>(25)
  const [place, setPlace] = useState<Place>(settings.place)
  // One id for as long as the form stands: a repeated send makes one session.
  const [id] = useState(newId)
  const build = useMutation({
    mutationFn: () =>
      api.post<Session>('/api/sessions', {
        id,
        groupId,
        date: today(),
        start: soon(),
        minutes,
        place,
        materials: settings.materials,
      }),
    onSuccess: (session) => window.location.assign(`/plan/${session.id}`),
  })
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault()
        build.mutate()
      }}
    >
      <Stack gap="xs">
        <Group gap="xs" align="end">
          <MinutesPicker minutes={minutes} onPick={setMinutes} />
          <Choice label="Place" data={PLACES} value={place} onChange={setPlace} w={150} />
          <Button type="submit" loading={build.isPending || build.isSuccess}>
            Build a session
          </Button>
        </Group>
        {build.isError && (
          <Text c="var(--attention)" size="sm" role="alert">
            {build.error.message}
          </Text>
        )}
      </Stack>
    </form>
  )
}

interface MinutesPickerProps {
  readonly minutes: number | string
  readonly onPick: (minutes: number | string) => void
}

/** The minutes as a number, or one of the usual ones at a touch. */
function MinutesPicker({ minutes, onPick }: MinutesPickerProps) {
  return (
    <>
      <NumberField
        label="Minutes"
        value={minutes}
        onChange={onPick}
        min={SHORTEST_SESSION}
        max={LONGEST_SESSION}
        keepsOutside
        w={96}
      />
      <Group gap={4}>
        {USUAL_MINUTES.map((each) => (
          <Button
            key={each}
            variant={minutes === each ? 'light' : 'default'}
            onClick={() => onPick(each)}
            aria-label={`${each} minutes`}
            px="sm"
            h={36}
          >
            {each}
          </Button>
        ))}
      </Group>
    </>
  )
}
