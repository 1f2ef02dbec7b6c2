import { t } from '@lingui/core/macro'
import { useLocalStorage } from '@mantine/hooks'
import type { CountId, SessionId } from '../../core/ids'
import type { Call } from '../../core/movement'
import type { Showing } from '../../core/teaching'
import { keepAnswer, keepCount, takeBack } from '../../ui/outbox/answers'
import { newId } from '../../ui/api'
import { tell } from '../../ui/notices'
import type { ShownMarks, Player } from '../../ui/WhoShowed'

/** How many of the group showed each thing at one call. */
interface Counts {
  readonly id: CountId
  readonly each: readonly number[]
}

interface AtCall {
  readonly marks?: ShownMarks
  readonly counts?: Counts
}

/**
 * What was taken in one game, by the numbers of its calls, since a moment more moves them in time; another game's is
 * forgotten.
 */
interface Taken {
  readonly seed: number
  readonly byCall: Readonly<Record<string, AtCall>>
}

export interface TakenAt {
  readonly call: Call
  /** The number of the call in its game. */
  readonly place: number
  readonly seed: number
  /** What can be taken at it. */
  readonly shown: readonly Showing[]
  readonly sessionId?: SessionId
}

function useAtCall({ place, seed }: TakenAt): [AtCall, (change: AtCall) => void] {
  const [taken, setTaken] = useLocalStorage<Taken>({ key: 'caller-taken', defaultValue: { seed, byCall: {} } })
  const byCall = taken.seed === seed ? taken.byCall : {}
  const own = byCall[place] ?? {}
  return [own, (change) => setTaken({ seed, byCall: { ...byCall, [place]: { ...own, ...change } } })]
}

/** Keeps what each child showed as an answer like any other, met with the body; a second tap takes it back. */
export function useTaken(at: TakenAt): { marks: ShownMarks; mark: (player: Player, choice: number) => void } {
  const { call, shown, sessionId } = at
  const [{ marks = {} }, change] = useAtCall(at)
  const mark = (player: Player, choice: number) => {
    const before = marks[player.id]
    if (before) lost(takeBack(before.answerId))
    const isSame = before?.choice === choice
    const picked = shown[choice]
    if (!call.item || !picked) return
    const answerId = newId()
    if (!isSame)
      lost(
        keepAnswer({
          id: answerId,
          childId: player.id,
          ...(sessionId && { sessionId }),
          at: Date.now(),
          item: call.item,
          choices: call.shown.as === 'choices' ? shown.length : 0,
          given: picked.value,
          stage: 'concrete',
          helped: picked.helped,
        }),
      )
    change({ marks: { ...marks, [player.id]: isSame ? undefined : { answerId, choice } } })
  }
  return { marks, mark }
}

/** Counts how many of the group showed each thing; it is kept with the session, where there is one. */
export function useCounted(at: TakenAt): { each: readonly number[]; count: (choice: number, by: 1 | -1) => void } {
  const { call, shown, sessionId } = at
  const [{ counts }, change] = useAtCall(at)
  const each = shown.map((_, i) => counts?.each[i] ?? 0)
  const count = (choice: number, by: 1 | -1) => {
    const next = each.map((value, i) => (i === choice ? Math.max(0, value + by) : value))
    const id = counts?.id ?? newId()
    change({ counts: { id, each: next } })
    if (!call.item || !sessionId) return
    const lines = shown.map(({ value, helped }, i) => ({ value, helped, count: next[i] ?? 0 }))
    lost(keepCount({ id, sessionId, at: Date.now(), item: call.item, lines }))
  }
  return { each, count }
}

/** What this device cannot keep is said, never dropped in silence. */
function lost(keeping: Promise<void>): void {
  keeping.catch(() =>
    tell({ title: t`Not kept`, message: t`This device cannot keep answers: note them on paper.`, color: 'oak' }),
  )
}
