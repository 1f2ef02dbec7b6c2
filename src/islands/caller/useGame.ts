import { useEffect, useState } from 'react'
import {
  type Playing,
  type Timeline,
  atStart,
  callAt,
  movedTo,
  paused,
  positionAt,
  resumed,
  withMoment,
} from '../../core/movement'
import { type KeptGame, keepGame } from './keptGame'

/** What one more moment is, seconds. */
const MOMENT_SECONDS = 10
/** Often enough that a call is on the screen within 50 ms of its time. */
const TICK_MS = 20

export interface RunningGame {
  readonly timeline: Timeline
  readonly isPaused: boolean
  /** Seconds that are over. */
  readonly position: number
  /** The number of the call that is on. */
  readonly call: number
  readonly isOver: boolean
  readonly toggle: () => void
  readonly goTo: (call: number) => void
  readonly moment: () => void
}

/** A game as it runs: where it stands always follows from the clock, so that a tab that slept catches up. */
export function useGame(kept: KeptGame): RunningGame {
  const [timeline, setTimeline] = useState(kept.timeline)
  const [playing, setPlaying] = useState<Playing>(() => kept.playing ?? atStart(Date.now()))
  const [now, setNow] = useState(() => Date.now())
  const { options, players, sessionId } = kept
  useEffect(
    () => keepGame({ timeline, options, players, sessionId, playing }),
    [timeline, options, players, sessionId, playing],
  )
  const position = positionAt(playing, now, timeline)
  const isOver = position >= timeline.seconds
  useEffect(() => {
    if (playing.isPaused || isOver) return
    const timer = setInterval(() => setNow(Date.now()), TICK_MS)
    return () => clearInterval(timer)
  }, [playing.isPaused, isOver])
  const call = callAt(timeline, position)
  const change = (next: (now: number) => Playing) => {
    const at = Date.now()
    setNow(at)
    setPlaying(next(at))
  }
  return {
    timeline,
    isPaused: playing.isPaused,
    position,
    call,
    isOver,
    toggle: () => change((at) => (playing.isPaused ? resumed(playing, at) : paused(playing, at, timeline))),
    goTo: (to) => change((at) => movedTo(playing, to, at, timeline)),
    moment: () => setTimeline(withMoment(timeline, call, MOMENT_SECONDS)),
  }
}
