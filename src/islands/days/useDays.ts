import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useRef, useState } from 'react'
import type { Day } from '../../core/days'
import type { DaysData, Kept } from '../../core/records'
import { Refusal, api, newId } from '../../ui/api'
import { LONG_MS, tell } from '../../ui/notices'

const EMPTY: Day = {
  on: { kind: 'weekdays', days: [0, 1, 2, 3, 4] },
  whose: { kind: 'everybody' },
  rows: [],
  starts: [],
}

type Named = Pick<Kept<Day>, 'id' | 'name' | 'body'>
const MOST_UNDONE = 50

/** What is chosen in the view stands in its address. */
export function putInAddress(name: string, value: string | null): void {
  const url = new URL(location.href)
  if (value === null) url.searchParams.delete(name)
  else url.searchParams.set(name, value)
  history.replaceState(null, '', url)
}

/** Sends a day after its changes, one send after the other; where somebody else saved in between, theirs is shown. */
function useSaving(days: DaysData['days'], onTheirs: (fresh: Named) => void) {
  const client = useQueryClient()
  const versions = useRef(new Map<string, number>())
  const refresh = () => client.invalidateQueries({ queryKey: ['days'] })

  async function takeTheirs(id: string) {
    const fresh = await api.get<Kept<Day>>(`/api/days/${id}`)
    versions.current.set(id, fresh.version)
    onTheirs(fresh)
    void tell({
      title: 'Changed elsewhere',
      message: 'This day was changed on another screen. Its newer form is shown; undo has yours.',
      color: 'oak',
      autoClose: LONG_MS,
    })
  }

  const save = useMutation({
    // Each save carries the version that the one before it made.
    scope: { id: 'days' },
    mutationFn: async ({ id, name, body }: Named) => {
      const version = versions.current.get(id) ?? days.find((each) => each.id === id)?.version
      return version === undefined
        ? api.post<Kept<Day>>('/api/days', { id, name, body })
        : api.put<Kept<Day>>(`/api/days/${id}`, { name, body, version })
    },
    onSuccess: (saved) => {
      versions.current.set(saved.id, saved.version)
      void refresh()
    },
    onError: (error, { id }) => {
      if (error instanceof Refusal && error.status === 409) void takeTheirs(id)
    },
  })

  const remove = useMutation({
    scope: { id: 'days' },
    mutationFn: (gone: Named) => api.remove(`/api/days/${gone.id}`),
    onSuccess: (_, { id }) => {
      versions.current.delete(id)
      client.setQueryData(['days'], (data: DaysData | undefined) =>
        data ? { ...data, days: data.days.filter((each) => each.id !== id) } : data,
      )
      void refresh()
    },
  })
  return { save, remove }
}

interface AfterRemoving {
  readonly onGone: () => void
  readonly onBack: (day: Named) => void
}

/** The open day can be removed, and the last one that was removed brought back. */
function useRemoving(
  day: Named | undefined,
  remove: ReturnType<typeof useSaving>['remove'],
  { onGone, onBack }: AfterRemoving,
) {
  const [removed, setRemoved] = useState<Named | null>(null)
  return {
    remove: () => {
      if (!day) return
      setRemoved(day)
      remove.mutate(day, { onSuccess: onGone })
    },
    removed: remove.isSuccess ? removed : null,
    bringBack: () => {
      if (!removed) return
      setRemoved(null)
      onBack(removed)
    },
  }
}

/** Days that are kept, the one that is open, and its changes, which are saved in the background and can be undone. */
export function useDays({ days }: DaysData, asked: string | null) {
  const [picked, setPicked] = useState(asked)
  const kept = days.find(({ id }) => id === picked) ?? days[0]
  const [draft, setDraft] = useState<Named | null>(null)
  const [past, setPast] = useState<readonly Named[]>([])
  const day: Named | undefined = draft ?? kept
  const body = day?.body ?? EMPTY
  const { save, remove } = useSaving(days, setDraft)
  const removing = useRemoving(day, remove, { onGone: () => open(null), onBack: openAnd })

  function show(next: Named) {
    setDraft(next)
    save.mutate(next)
  }

  function change(part: Partial<Pick<Named, 'name' | 'body'>>) {
    const before = day ?? { id: newId(), name: 'A day', body: EMPTY }
    if (day) setPast([...past.slice(1 - MOST_UNDONE), before])
    else putInAddress('day', before.id)
    setPicked(before.id)
    show({ ...before, ...part })
  }

  function open(id: string | null) {
    putInAddress('day', id)
    setPicked(id)
    setDraft(null)
    setPast([])
  }

  function openAnd(next: Named) {
    open(next.id)
    show(next)
  }

  function undo() {
    const before = past[past.length - 1]
    if (!before) return
    setPast(past.slice(0, -1))
    show(before)
  }

  return {
    day,
    body,
    open,
    add: (name: string, made: Day = EMPTY) => openAnd({ id: newId(), name, body: made }),
    rename: (name: string) => change({ name }),
    change: (part: Partial<Day>) => change({ body: { ...body, ...part } }),
    ...removing,
    canUndo: past.length > 0,
    undo,
    unsaved: save.isError,
    saving: save.isPending,
    retry: () => day && save.mutate(day),
  }
}

export type DaysState = ReturnType<typeof useDays>
