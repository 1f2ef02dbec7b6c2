import { useLocalStorage } from '@mantine/hooks'
import type { AnswerId, ChildId } from '../../core/ids'
import type { Call, MoveChoice } from '../../core/movement'
import { keepAnswer, takeBack } from '../../ui/answerQueue'
import { newId } from '../../ui/api'
import { tell } from '../../ui/notices'

/** A child who plays, and whose answers can be kept. */
export interface Player {
  readonly id: ChildId
  readonly name: string
}

/** What was tapped for each child at one call. */
export type Marks = Readonly<Record<ChildId, { readonly answerId: AnswerId; readonly choice: number } | undefined>>

/** The marks of one game by the numbers of its calls, since a moment more moves them in time; those of another game are forgotten. */
interface Taken {
  readonly seed: number
  readonly byCall: Readonly<Record<string, Marks>>
}

export interface TakenAt {
  readonly call: Call & { readonly shown: { readonly as: 'choices'; readonly choices: readonly MoveChoice[] } }
  /** The number of the call in its game. */
  readonly place: number
  readonly seed: number
}

/** Keeps what each child chose as an answer like any other, met with the body; a second tap takes it back. */
export function useTaken({ call, place, seed }: TakenAt): {
  marks: Marks
  mark: (player: Player, choice: number) => void
} {
  const [taken, setTaken] = useLocalStorage<Taken>({ key: 'caller-taken', defaultValue: { seed, byCall: {} } })
  const byCall = taken.seed === seed ? taken.byCall : {}
  const marks = byCall[place] ?? {}
  const mark = (player: Player, choice: number) => {
    const before = marks[player.id]
    if (before) lost(takeBack(before.answerId))
    const isSame = before?.choice === choice
    const value = call.shown.choices[choice]?.value
    if (!call.item || !value) return
    const answerId = newId()
    if (!isSame)
      lost(
        keepAnswer({
          id: answerId,
          childId: player.id,
          at: Date.now(),
          item: call.item,
          choices: call.shown.choices.length,
          given: value,
          stage: 'concrete',
          helped: false,
        }),
      )
    const own = { ...marks, [player.id]: isSame ? undefined : { answerId, choice } }
    setTaken({ seed, byCall: { ...byCall, [place]: own } })
  }
  return { marks, mark }
}

/** An answer that this device cannot keep is said, never dropped in silence. */
function lost(keeping: Promise<void>): void {
  keeping.catch(() =>
    tell({ title: 'Not kept', message: 'This device cannot keep answers: note them on paper.', color: 'oak' }),
  )
}
