import { t } from '@lingui/core/macro'
import type { PlainDate } from '../../core/clock'
import type { GroupId } from '../../core/ids'
import { Button, Group, Stack } from '@mantine/core'
import { useForm } from '@mantine/form'
import { Choice } from '../../ui/Choice'
import { useMutation } from '@tanstack/react-query'
import { useState } from 'react'
import type { Place } from '../../core/activities'
import { LONGEST_SESSION, SHORTEST_SESSION } from '../../core/planning'
import type { Session, Settings } from '../../core/records'
import { api, newId } from '../../ui/api'
import { DateField } from '../../ui/DateField'
import { soon, today } from '../../ui/dates'
import { placeChoices } from '../../ui/places'
import { NumberField } from '../../ui/NumberField'
import { Refused } from '../../ui/Refused'
import { fieldOf, markRefused } from '../../ui/form'
import { IN_PLACE } from '../../ui/inPlace'

const USUAL_MINUTES = [15, 25, 40] as const

type BuildFields = { readonly minutes: number | string; readonly place: Place; readonly date: PlainDate }

interface Props {
  readonly groupId: GroupId
  readonly settings: Settings
  /** On which day it is to be, at first; left out, today. */
  readonly day?: PlainDate
  /** The session that it follows: as long, at the same place and time of day. */
  readonly like?: Session | null
}

/** The minutes and the place are all it takes; the rest comes from the records and the house rules. */
export function BuildSession({ groupId, settings, day = today(), like }: Props) {
  const { minutes = USUAL_MINUTES[1], place = settings.place } = like ?? {}
  const form = useForm<BuildFields>({ initialValues: { minutes, place, date: day } })
  // One id for as long as the form stands: a repeated send makes one session.
  const [id] = useState(newId)
  const build = useMutation({
    meta: IN_PLACE,
    mutationFn: (fields: BuildFields) =>
      api.post<Session>('/api/sessions', {
        id,
        groupId,
        start: like?.start ?? soon(),
        ...fields,
        materials: settings.materials,
      }),
    onError: (error) => markRefused(form, error),
    onSuccess: (session) => window.location.assign(`/plan/${session.id}`),
  })
  return (
    <form onSubmit={form.onSubmit((fields) => build.mutate(fields))}>
      <Stack gap="xs">
        <Group gap="xs" align="end">
          <MinutesPicker {...fieldOf(form, 'minutes')} />
          <DateField label={t`Day`} {...fieldOf(form, 'date')} w={160} />
          <Choice label={t`Place`} data={placeChoices()} {...fieldOf(form, 'place')} w={150} />
          <Button type="submit" loading={build.isPending || build.isSuccess}>{t`Build a session`}</Button>
        </Group>
        <Refused error={build.error} />
      </Stack>
    </form>
  )
}

interface MinutesPickerProps {
  readonly value: number | string
  readonly onChange: (minutes: number | string) => void
}

/** The minutes as a number, or one of the usual ones at a touch. */
function MinutesPicker(field: MinutesPickerProps) {
  return (
    <>
      <NumberField label={t`Minutes`} {...field} min={SHORTEST_SESSION} max={LONGEST_SESSION} keepsOutside w={96} />
      <Group gap={4}>
        {USUAL_MINUTES.map((each) => (
          <Button
            key={each}
            variant={field.value === each ? 'light' : 'default'}
            onClick={() => field.onChange(each)}
            aria-label={t`${each} minutes`}
            px="sm"
            miw={44}
            h={36}
          >
            {each}
          </Button>
        ))}
      </Group>
    </>
  )
}
