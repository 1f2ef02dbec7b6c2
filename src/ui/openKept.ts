import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useRef, useState } from 'react'
import type { Kept } from '../core/records'
import { Refusal, api, newId } from './api'
import { LONG_MS, tell } from './notices'

type Named<T> = Pick<Kept<T>, 'id' | 'name' | 'body'>
const MOST_UNDONE = 50
const LONGEST_NAME = 60

/** What is chosen in a view stands in its address. */
export function putInAddress(name: string, value: string | null): void {
  const url = new URL(location.href)
  if (value === null) url.searchParams.delete(name)
  else url.searchParams.set(name, value)
  history.replaceState(null, '', url)
}

/** What is kept by name, one of which is open. */
interface Shelf<T> {
  /** Its endpoint, and its name in the view's own data: "days". */
  readonly shelf: 'days' | 'stories'
  /** What one of them is called, also in the address: "day". */
  readonly one: string
  readonly list: readonly Kept<T>[]
  /** The one that the address asks for. */
  readonly asked: string | null
  readonly empty: T
}

/**
 * Sends what is open after its changes, one send after the other; where somebody else saved in between, theirs is
 * shown.
 */
function useSaving<T>({ shelf, one, list }: Shelf<T>, onTheirs: (fresh: Named<T>, mine: Named<T>) => void) {
  const client = useQueryClient()
  const versions = useRef(new Map<string, number>())
  const refresh = () => client.invalidateQueries({ queryKey: [shelf] })

  async function takeTheirs(mine: Named<T>) {
    const fresh = await api.get<Kept<T>>(`/api/${shelf}/${mine.id}`)
    versions.current.set(mine.id, fresh.version)
    onTheirs(fresh, mine)
    void tell({
      title: 'Changed elsewhere',
      message: `This ${one} was changed on another screen. Its newer form is shown; undo has yours.`,
      color: 'oak',
      autoClose: LONG_MS,
    })
  }

  /** The list has it at once, so that what is opened again is never an older form. */
  function putIntoList(saved: Kept<T>) {
    client.setQueryData([shelf], (data: Record<string, readonly Kept<T>[]> | undefined) => {
      const before = data?.[shelf] ?? []
      const isThere = before.some(({ id }) => id === saved.id)
      const after = isThere ? before.map((each) => (each.id === saved.id ? saved : each)) : [saved, ...before]
      return data ? { ...data, [shelf]: after } : data
    })
  }

  const save = useMutation({
    // Each save carries the version that the one before it made.
    scope: { id: shelf },
    mutationFn: async ({ id, name, body }: Named<T>) => {
      const version = versions.current.get(id) ?? list.find((each) => each.id === id)?.version
      return version === undefined
        ? api.post<Kept<T>>(`/api/${shelf}`, { id, name, body })
        : api.put<Kept<T>>(`/api/${shelf}/${id}`, { name, body, version })
    },
    onSuccess: (saved) => {
      versions.current.set(saved.id, saved.version)
      putIntoList(saved)
      void refresh()
    },
    onError: (error, mine) => {
      if (error instanceof Refusal && error.status === 409) void takeTheirs(mine)
    },
  })

  const remove = useMutation({
    scope: { id: shelf },
    mutationFn: (gone: Named<T>) => api.remove(`/api/${shelf}/${gone.id}`),
    onSuccess: (_, { id }) => {
      versions.current.delete(id)
      client.setQueryData([shelf], (data: Record<string, readonly Kept<T>[]> | undefined) =>
        data ? { ...data, [shelf]: data[shelf]?.filter((each) => each.id !== id) } : data,
      )
      void refresh()
    },
  })
  return { save, remove }
}

interface AfterRemoving<T> {
  readonly onGone: () => void
  readonly onBack: (gone: Named<T>) => void
}

/** What is open can be removed, and the last one that was removed brought back. */
function useRemoving<T>(
  open: Named<T> | undefined,
  remove: ReturnType<typeof useSaving<T>>['remove'],
  { onGone, onBack }: AfterRemoving<T>,
) {
  const [removed, setRemoved] = useState<Named<T> | null>(null)
  return {
    remove: () => {
      if (!open) return
      setRemoved(open)
      remove.mutate(open, { onSuccess: onGone })
    },
    removed: remove.isSuccess ? removed : null,
    bringBack: () => {
      if (!removed) return
      setRemoved(null)
      onBack(removed)
    },
  }
}

/** The last change can be taken back. */
function undoing<T>(past: readonly T[], setPast: (past: readonly T[]) => void, show: (before: T) => void) {
  const undo = () => {
    const before = past[past.length - 1]
    if (!before) return
    setPast(past.slice(0, -1))
    show(before)
  }
  return { canUndo: past.length > 0, undo }
}

/** What came from a file is kept before it is shown, since only the server knows whether it is right. */
function useFromFile<T>({ shelf }: Shelf<T>, open: (id: string) => void) {
  const client = useQueryClient()
  return async (name: string, body: T) => {
    const kept = await api.post<Kept<T>>(`/api/${shelf}`, { id: newId(), name: name.slice(0, LONGEST_NAME), body })
    await client.invalidateQueries({ queryKey: [shelf] })
    open(kept.id)
  }
}

/** What is on this screen only is not left behind in silence. */
function tellUnsaved(name: string): void {
  const message = `What you changed in ${name} is on this screen only. Try to save it again first.`
  void tell({ title: 'Not saved yet', message, color: 'oak', autoClose: LONG_MS })
}

/** Things that are kept, the one that is open, and its changes, which are saved in the background and can be undone. */
export function useOpenKept<T>(shelf: Shelf<T>) {
  const { list, empty, one: what } = shelf
  const [picked, setPicked] = useState(shelf.asked)
  const kept = list.find(({ id }) => id === picked) ?? list[0]
  const [draft, setDraft] = useState<Named<T> | null>(null)
  const [past, setPast] = useState<readonly Named<T>[]>([])
  const one: Named<T> | undefined = draft ?? kept
  const body = one?.body ?? empty
  const { save, remove } = useSaving<T>(shelf, (fresh, mine) => {
    // Theirs is shown where it is still open, and undo has ours.
    setDraft((now) => (now?.id === fresh.id ? fresh : now))
    setPast((before) => [...before, mine])
  })
  const addFromFile = useFromFile(shelf, open)
  const removing = useRemoving(one, remove, { onGone: () => open(null), onBack: openAnd })

  function show(next: Named<T>) {
    setDraft(next)
    save.mutate(next)
  }

  function changeNamed(part: Partial<Pick<Named<T>, 'name' | 'body'>>) {
    const before = one ?? { id: newId(), name: `A ${what}`, body: empty }
    if (one) setPast([...past.slice(1 - MOST_UNDONE), before])
    else putInAddress(what, before.id)
    setPicked(before.id)
    show({ ...before, ...part })
  }

  function open(id: string | null) {
    if (save.isError && draft && draft.id !== id) return tellUnsaved(draft.name)
    putInAddress(what, id)
    setPicked(id)
    setDraft(null)
    setPast([])
  }

  function openAnd(next: Named<T>) {
    if (save.isError && draft) return open(next.id)
    open(next.id)
    show(next)
  }

  return {
    one,
    body,
    open,
    add: (name: string, made: T = empty) => openAnd({ id: newId(), name: name.slice(0, LONGEST_NAME), body: made }),
    addFromFile,
    rename: (name: string) => changeNamed({ name }),
    change: (part: Partial<T>) => changeNamed({ body: { ...body, ...part } }),
    ...removing,
    ...undoing(past, setPast, show),
    unsaved: save.isError,
    saving: save.isPending,
    retry: () => one && save.mutate(one),
  }
}

export type OpenKept<T> = ReturnType<typeof useOpenKept<T>>
