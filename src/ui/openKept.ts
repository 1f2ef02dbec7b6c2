import { t } from '@lingui/core/macro'
import { LONGEST_NAME } from '../core/records'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useEffect, useRef, useState } from 'react'
import type { Kept } from '../core/records'
import { told } from '../core/wording'
import { said } from '../words/i18n'
import { useInAddress } from './address'
import { Refusal, api, newId } from './api'
import { useAskBeforeLeaving } from './leaving'
import { LONG_MS, tell } from './notices'
import { UNREACHED_IN_PLACE } from './inPlace'

type NamedBody<T> = Pick<Kept<T>, 'id' | 'name' | 'body'>
const MOST_UNDONE = 50

/** What is kept by name, one of which is open. */
type KeptShelf = 'days' | 'stories'

const WORDS = {
  days: {
    fresh: told('A day'),
    gone: told('The day that the address asks for is not here any more. Another one is shown.'),
    changed: told('This day was changed on another screen. Its newer form is shown; undo has yours.'),
  },
  stories: {
    fresh: told('A story'),
    gone: told('The story that the address asks for is not here any more. Another one is shown.'),
    changed: told('This story was changed on another screen. Its newer form is shown; undo has yours.'),
  },
} as const satisfies Record<KeptShelf, unknown>

interface OpenShelf<T> {
  /** Its endpoint, and its name in the view's own data: "days". */
  readonly shelf: KeptShelf
  /** What one of them is called in the address: "day". */
  readonly one: string
  readonly list: readonly Kept<T>[]
  readonly empty: T
}

/**
 * Sends what is open after its changes, one send after the other; where somebody else saved in between, theirs is
 * shown.
 */
function useSaving<T>({ shelf, list }: OpenShelf<T>, onTheirs: (fresh: NamedBody<T>, mine: NamedBody<T>) => void) {
  const client = useQueryClient()
  const versions = useRef(new Map<string, number>())
  const refresh = () => client.invalidateQueries({ queryKey: [shelf] })

  async function takeTheirs(mine: NamedBody<T>) {
    const fresh = await api.get<Kept<T>>(`/api/${shelf}/${mine.id}`)
    versions.current.set(mine.id, fresh.version)
    onTheirs(fresh, mine)
    void tell({
      title: t`Changed elsewhere`,
      message: said(WORDS[shelf].changed),
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
    meta: UNREACHED_IN_PLACE,
    // Each save carries the version that the one before it made.
    scope: { id: shelf },
    mutationFn: async ({ id, name, body }: NamedBody<T>) => {
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
    mutationFn: (gone: NamedBody<T>) => api.remove(`/api/${shelf}/${gone.id}`),
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
  readonly onBack: (gone: NamedBody<T>) => void
}

/** What is open can be removed, and the last one that was removed brought back. */
function useRemoving<T>(
  open: NamedBody<T> | undefined,
  remove: ReturnType<typeof useSaving<T>>['remove'],
  { onGone, onBack }: AfterRemoving<T>,
) {
  const [removed, setRemoved] = useState<NamedBody<T> | null>(null)
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
function useFromFile<T>({ shelf }: OpenShelf<T>, open: (id: string) => void) {
  const client = useQueryClient()
  return async (name: string, body: T) => {
    const kept = await api.post<Kept<T>>(`/api/${shelf}`, { id: newId(), name: name.slice(0, LONGEST_NAME), body })
    await client.invalidateQueries({ queryKey: [shelf] })
    open(kept.id)
  }
}

/** What is on this screen only is not left behind in silence. */
function tellUnsaved(name: string): void {
  const message = t`What you changed in ${name} is on this screen only. Try to save it again first.`
  void tell({ title: t`Not saved yet`, message, color: 'oak', autoClose: LONG_MS })
}

const GONE_MS = 500

/** The address asks for one that is not here: it was removed, or the link has a slip in it. */
function useTellGone(shelf: KeptShelf, isGone: boolean): void {
  useEffect(() => {
    if (!isGone) return undefined
    const message = said(WORDS[shelf].gone)
    // One that was just added stands in the address a moment before it stands here.
    const timer = setTimeout(() => void tell({ message, color: 'oak', autoClose: LONG_MS }), GONE_MS)
    return () => clearTimeout(timer)
  }, [shelf, isGone])
}

/** Things that are kept, the one that is open, and its changes, which are saved in the background and can be undone. */
export function useOpenKept<T>(shelf: OpenShelf<T>) {
  const { list, empty, one: what } = shelf
  const [picked, putPicked] = useInAddress(what)
  const [drafted, setDraft] = useState<NamedBody<T> | null>(null)
  const [allPast, setPast] = useState<readonly NamedBody<T>[]>([])
  // Back may have opened another one than that which was changed last.
  const draft = drafted && (picked === undefined || drafted.id === picked) ? drafted : null
  const one: NamedBody<T> | undefined = draft ?? list.find(({ id }) => id === picked) ?? list[0]
  const past = allPast.filter(({ id }) => id === one?.id)
  useTellGone(shelf.shelf, picked !== undefined && one?.id !== picked)
  const body = one?.body ?? empty
  const { save, remove } = useSaving<T>(shelf, (fresh, mine) => {
    // Theirs is shown where it is still open, and undo has ours.
    setDraft((now) => (now?.id === fresh.id ? fresh : now))
    setPast((before) => [...before, mine])
  })
  useAskBeforeLeaving(save.isPending || save.isError)
  const addFromFile = useFromFile(shelf, open)
  const removing = useRemoving(one, remove, { onGone: () => open(null), onBack: openAnd })

  function show(next: NamedBody<T>) {
    setDraft(next)
    save.mutate(next)
  }

  function changeNamed(part: Partial<Pick<NamedBody<T>, 'name' | 'body'>>) {
    const before = one ?? { id: newId(), name: said(WORDS[shelf.shelf].fresh), body: empty }
    if (one) setPast([...past.slice(1 - MOST_UNDONE), before])
    putPicked(before.id, one ? 'replace' : 'push')
    show({ ...before, ...part })
  }

  function open(id: string | null) {
    if (save.isError && draft && draft.id !== id) return tellUnsaved(draft.name)
    putPicked(id)
    setDraft(null)
    setPast([])
  }

  function openAnd(next: NamedBody<T>) {
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
