import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useEffect, useEffectEvent, useRef, useState } from 'react'
import type { SessionPlan } from '../../core/planning'
import { type Session, type SessionContext, type SessionEdit, editOf } from '../../core/records'
import type { SessionId } from '../../core/ids'
import { Refusal, Unreached, api } from '../../ui/api'
import { useAskBeforeLeaving } from '../../ui/leaving'
import { forgetPlan, keepPlan, waitingPlan } from '../../ui/outbox/plans'
import { hearSaved } from '../../ui/outbox/saved'
import { UNREACHED_IN_PLACE } from '../../ui/inPlace'

export type SessionFields = Partial<Pick<Session, 'date' | 'start' | 'minutes' | 'place' | 'materials'>>

/** A session that is being edited. A change shows at once, is saved in the background, and can be undone. */
export function useEdits(context: SessionContext) {
  const [session, setSession] = useState(context.session)
  const [past, setPast] = useState<readonly Session[]>([])
  const save = useSave(context.session, (fresh) => {
    // Theirs is shown, and ours is one undo away.
    setPast([...past, session])
    setSession(fresh)
  })
  useAskBeforeLeaving(save.isPending)
  const clash = useWaitingPlan(context.session, (mine) => setSession(mine))

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
    saving: save.isPending,
    /** The last change is in this browser only. */
    unsaved: save.isError,
    /** A plan that was edited here without a connection, and elsewhere since. */
    clash: clash.mine,
    takeMine: () => {
      if (clash.mine) change(clash.mine)
      clash.settle()
    },
    keepTheirs: clash.settle,
    retry: () => save.mutate(editOf(session)),
    change,
    setPlan: (plan: SessionPlan) => change({ ...session, plan }),
    setFields: (fields: SessionFields) => change({ ...session, ...fields }),
    /** How often it was changed here. */
    changes: past.length,
    canUndo: past.length > 0,
    undo: () => {
      const before = past[past.length - 1]
      if (!before) return
      setPast(past.slice(0, -1))
      show(before)
    },
  }
}

/**
 * Sends changes to the server one after the other. Where someone else saved in between, `onNewer` gets their session.
 */
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

  const mutation = useMutation({
    meta: UNREACHED_IN_PLACE,
    // Each save carries the version that the one before it made.
    scope: { id: `session-${id}` },
    mutationFn: (edit: SessionEdit) => savePlan(id, { ...edit, version: version.current }),
    onSuccess: (saved) => {
      version.current = saved.version
    },
    onError: (error) => {
      if (error instanceof Refusal && error.status === 409) void reload()
    },
  })
  const { reset } = mutation
  useEffect(
    () =>
      hearSaved((saved) => {
        if (saved.id !== id) return
        version.current = saved.version
        reset()
      }),
    [id, reset],
  )
  return mutation
}

/** Saves a plan. Where the server cannot be reached it waits in this browser, and is sent from any page. */
async function savePlan(id: SessionId, edit: SessionEdit): Promise<Session> {
  const waits = await waitingPlan(id)
  try {
    const saved = await api.put<Session>(`/api/sessions/${id}`, edit)
    if (waits) await forgetPlan(id)
    return saved
  } catch (error) {
    if (error instanceof Unreached) await keepPlan(id, edit)
    throw error
  }
}

/** A plan that was edited here without a connection is shown again, unless it was changed elsewhere since. */
function useWaitingPlan(session: Session, onMine: (mine: Session) => void) {
  const [mine, setMine] = useState<Session>()
  const { id, version } = session
  const show = useEffectEvent((plan: SessionEdit, isClash: boolean) => {
    const whole = { ...session, ...plan, plan: { ...session.plan, rung: plan.rung, steps: plan.steps } }
    if (isClash) setMine({ ...whole, version })
    else onMine(whole)
  })
  useEffect(() => {
    let open = true
    void waitingPlan(id).then((waiting) => {
      if (open && waiting?.plan) show(waiting.plan, waiting.clash === true || waiting.plan.version !== version)
    })
    return () => {
      open = false
    }
  }, [id, version])
  const settle = () => {
    setMine(undefined)
    void forgetPlan(id)
  }
  return { mine, settle }
}

export type EditState = ReturnType<typeof useEdits>
