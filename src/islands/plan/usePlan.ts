import { tell } from '../../ui/notices'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useRef, useState } from 'react'
import { type SessionPlan, planSession } from '../../core/planning'
import { type Session, type SessionContext, type SessionEdit, editOf, requestOf } from '../../core/records'
import { Refusal, api } from '../../ui/api'

export type SessionFields = Partial<Pick<Session, 'date' | 'start' | 'minutes' | 'place' | 'materials'>>

/** A session that is being edited. A change shows at once, is saved in the background, and can be undone. */
export function usePlan(context: SessionContext) {
  const client = useQueryClient()
  const [session, setSession] = useState(context.session)
  const [past, setPast] = useState<readonly Session[]>([])
  const version = useRef(context.session.version)

  const save = useMutation({
    // Saves go out one after the other, since each carries the version that the one before it made.
    scope: { id: `session-${session.id}` },
    mutationFn: (edit: SessionEdit) =>
      api.put<Session>(`/api/sessions/${session.id}`, { ...edit, version: version.current }),
    onSuccess: (saved) => {
      version.current = saved.version
    },
    onError: (error) => {
      if (error instanceof Refusal && error.status === 409) void reload()
    },
  })

  /** Someone else saved in between. Their plan is shown, and ours does not overwrite it. */
  async function reload() {
    const fresh = await api.get<SessionContext>(`/api/sessions/${session.id}`)
    version.current = fresh.session.version
    setSession(fresh.session)
    setPast([])
    client.setQueryData(['session', session.id], fresh)
  }

  function show(next: Session) {
    setSession(next)
    save.mutate(editOf(next))
  }

  function change(next: Session) {
    setPast([...past.slice(-49), session])
    show(next)
  }

  return {
    session,
    request: requestOf({ ...context, session }),
    saving: save.isPending,
    /** The last change is on the screen only. */
    unsaved: save.isError,
    retry: () => save.mutate(editOf(session)),
    setPlan: (plan: SessionPlan) => change({ ...session, plan }),
    setFields: (fields: SessionFields) => change({ ...session, ...fields }),
    /** Another plan for the minutes, the place and the materials as they are now; undone like any change. */
    rebuild: () => {
      const request = requestOf({ ...context, session })
      try {
        change({ ...session, plan: planSession(request, undefined, session.seed + past.length + 1) })
      } catch (error) {
        const message = error instanceof Error ? error.message : String(error)
        void tell({ title: 'No session fits', message, color: 'oak', autoClose: 12_000 })
      }
    },
    canUndo: past.length > 0,
    undo: () => {
      const before = past[past.length - 1]
      if (!before) return
      setPast(past.slice(0, -1))
      show(before)
    },
  }
}

export type PlanState = ReturnType<typeof usePlan>
