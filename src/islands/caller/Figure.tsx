import { t } from '@lingui/core/macro'
import { type CSSProperties, useEffect, useMemo, useRef, useState } from 'react'
import { type Drawing, type Shape, group } from '../../core/drawing'
import {
  type Arm,
  type Call,
  FIGURE_BOX,
  type MoveId,
  armsBetween,
  figureArms,
  figureWith,
  moveFrames,
} from '../../core/movement'
import { DrawingView } from '../../ui/DrawingView'

const WIDTH = FIGURE_BOX.right - FIGURE_BOX.left
const HEIGHT = FIGURE_BOX.bottom - FIGURE_BOX.top

function figureDrawing(shapes: readonly Shape[], title: string): Drawing {
  return {
    width: WIDTH,
    height: HEIGHT,
    title,
    shapes: [group(shapes, { part: 'figure', x: -FIGURE_BOX.left, y: -FIGURE_BOX.top })],
  }
}

interface FigureProps {
  readonly shown: Extract<Call['shown'], { as: 'figure' }>
  readonly view: 'own' | 'leader'
}

/** A person whose arms are the hands: as the children stand, or as the leader does who faces them. */
export function Figure({ shown, view }: FigureProps) {
  const { minute, stance, hands } = shown
  const arms = useMovingArms(useMemo(() => figureArms(minute, { hands, view }), [minute, hands, view]))
  const drawing = useMemo(() => figureDrawing(figureWith(arms, { stance, view }), t`A figure`), [arms, stance, view])
  const label = view === 'own' ? t`How the children stand` : t`How you stand, facing them`
  return (
    <div className={view === 'own' ? 'stage-figure' : 'stage-leader'}>
      <DrawingView drawing={drawing} label={label} />
    </div>
  )
}

const MOVES_FOR_MS = 700

/** The arms on their way from the call before to this one; at once where the system asks for no motion. */
function useMovingArms(to: readonly Arm[]): readonly Arm[] {
  const [arms, setArms] = useState(to)
  const latest = useRef(to)
  useEffect(() => {
    const from = latest.current
    if (from === to) return
    const began = performance.now()
    const isStill = matchMedia('(prefers-reduced-motion: reduce)').matches
    const show = (next: readonly Arm[]) => {
      latest.current = next
      setArms(next)
    }
    let frame = requestAnimationFrame(function step(now) {
      const share = isStill ? 1 : Math.min(1, (now - began) / MOVES_FOR_MS)
      show(share === 1 ? to : armsBetween(from, to, eased(share)))
      if (share < 1) frame = requestAnimationFrame(step)
    })
    return () => cancelAnimationFrame(frame)
  }, [to])
  return arms
}

/** Slow at both ends. */
const eased = (share: number) => share * share * (3 - 2 * share)

/** A move: its moments one after the other, or the last one alone where the system asks for no motion. */
export function Move({ move, isSeated }: { move: MoveId; isSeated: boolean }) {
  const drawings = useMemo(
    () => moveFrames(move, isSeated).map((shapes) => figureDrawing(shapes, move)),
    [move, isSeated],
  )
  return (
    <div className="stage-move">
      {drawings.map((drawing, i) => (
        <div key={i} style={{ '--frame': i } as CSSProperties} aria-hidden={i < drawings.length - 1}>
          <DrawingView drawing={drawing} label={t`The move: ${move}`} />
        </div>
      ))}
    </div>
  )
}
