import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useRef, useState } from 'react'
import { attempt } from '../../core/errors'
import { type SessionPlan, planSession } from '../../core/planning'
import { type Session, type SessionContext, type SessionEdit, editOf, requestOf } from '../../core/records'
import { Refusal, api } from '../../ui/api'
import { LONG_MS, tell } from '../../ui/notices'

export type SessionFields = Partial<Pick<Session, 'date' | 'start' | 'minutes' | 'place' | 'materials'>>

/** A session that is being edited. A change shows at once, is saved in the background, and can be undone. */
export function usePlan(context: SessionContext) {
  const [session, setSession] = useState(context.session)
  const [past, setPast] = useState<readonly Session[]>([])
  const save = useSave(context.session, (fresh) => {
    setSession(fresh)
    setPast([])
  })
  const request = requestOf({ ...context, session })

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
    request,
    saving: save.isPending,
    /** The last change is on the screen only. */
    unsaved: save.isError,
    retry: () => save.mutate(editOf(session)),
    setPlan: (plan: SessionPlan) => change({ ...session, plan }),
    setFields: (fields: SessionFields) => change({ ...session, ...fields }),
    /** Another plan for the minutes, the place and the materials as they are now; undone like any change. */
    rebuild: () => {
      const { value: plan, refusal } = attempt(() => planSession(request, undefined, session.seed + past.length + 1))
      if (plan) change({ ...session, plan })
      else void tell({ title: 'No session fits', message: refusal?.message, color: 'oak', autoClose: LONG_MS })
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

/** Sends changes to the server one after the other. Where someone else saved in between, `onNewer` gets their session. */
function useSave({ id, version: first }: Session, onNewer: (fresh: Session) => void) {
  const client = useQueryClient()
  const version = useRef(first)

  /** Their plan is shown, and ours does not overwrite it. */
  async function reload() {
    const fresh = await api.get<SessionContext>(`/api/sessions/${id}`)
    version.current = fresh.session.version
    onNewer(fresh.session)
    client.setQueryData(['session', id], fresh)
  }

  return useMutation({
    // Each save carries the version that the one before it made.
    scope: { id: `session-${id}` },
    mutationFn: (edit: SessionEdit) => api.put<Session>(`/api/sessions/${id}`, { ...edit, version: version.current }),
    onSuccess: (saved) => {
      version.current = saved.version
    },
    onError: (error) => {
      if (error instanceof Refusal && error.status === 409) void reload()
    },
  })
}

export type PlanState = ReturnType<typeof usePlan>
