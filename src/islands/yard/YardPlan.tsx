import { adultsWording } from '../../words/adult'
import { t } from '@lingui/core/macro'
import { Text } from '@mantine/core'
import { useDrag } from '@use-gesture/react'
import { type KeyboardEvent, type RefObject, useRef } from 'react'
import { modulo } from '../../core/clock'
import { type Drawing, pointInDrawing, shapeSvg } from '../../core/drawing'
import { attempt } from '../../core/errors'
import {
  type PlanLay,
  type Taped,
  angleOnPlan,
  hourOnPlan,
  hourPlace,
  laidMarker,
  pointOnPlan,
  tapedOnPlan,
  whoStandsWhere,
  withTaped,
  yardPlan,
} from '../../core/make'
import type { YardState } from './useYard'

const WIDTH_MM = 180
const HEIGHT_MM = 165

interface YardPlanProps {
  readonly state: YardState
  readonly moves: 'twelve' | 'markers'
}

/**
 * The plan to scale. The 12 can be dragged round it. While the floor clock is checked, each hour marker is dragged to
 * where it really lies.
 */
export function YardPlan({ state, moves }: YardPlanProps) {
  const { yard, ground } = state.laid
  const { drawing, mmPerMetre } = yardPlan(yard, WIDTH_MM, HEIGHT_MM)
  const lay = { ground, turnDeg: yard.turnDeg, mmPerMetre }
  const svg = useRef<SVGSVGElement>(null)
  const turn = (turnDeg: number) => state.change({ turnDeg: modulo(Math.round(turnDeg), 360) })
  const bind = useDragOnPlan(svg, { drawing, lay, state, moves, turn })
  return (
    <section className="sheet" aria-label={t`Plan`}>
      <div
        className="dial dial-turnable"
        style={{ aspectRatio: `${drawing.width} / ${drawing.height}`, maxHeight: 560, margin: '0 auto' }}
        {...bind()}
      >
        <svg
          ref={svg}
          viewBox={`0 0 ${drawing.width} ${drawing.height}`}
          role="img"
          aria-label={t`The floor clock in its space, to scale`}
          fontFamily="Andika, sans-serif"
          style={{ background: '#FBF7EF' }}
        >
          <g dangerouslySetInnerHTML={{ __html: drawing.shapes.map(shapeSvg).join('') }} />
          {moves === 'markers' && yard.laid.map((taped) => <LaidMark key={taped.hour} taped={taped} lay={lay} />)}
        </svg>
        {moves === 'twelve' && <TwelveSlider turnDeg={yard.turnDeg} onTurn={turn} />}
      </div>
      <Text size="sm" className="quiet" mt={6}>
        {moves === 'twelve'
          ? t`Drag 12 round the plan. The dashed circle is the running lane.`
          : t`Drag each hour marker to where it really lies, or type its two tapes.`}
      </Text>
      <ul style={{ margin: '6px 0 0', paddingLeft: 18, fontSize: 14 }}>
        {whoStandsWhere(yard, adultsWording()).map((text) => (
          <li key={text}>{text}</li>
        ))}
      </ul>
    </section>
  )
}

interface DragOnPlan extends YardPlanProps {
  readonly drawing: Drawing
  readonly lay: PlanLay
  readonly turn: (turnDeg: number) => void
}

/** A finger on the plan turns the 12, or takes the nearest hour marker along. */
function useDragOnPlan(svg: RefObject<SVGSVGElement | null>, { drawing, lay, state, moves, turn }: DragOnPlan) {
  const held = useRef(12)
  return useDrag(
    ({ xy: [x, y], first, event }) => {
      if (!svg.current) return
      event.preventDefault()
      const at = pointInDrawing({ x, y }, svg.current.getBoundingClientRect(), drawing)
      if (moves === 'twelve') return turn(angleOnPlan(at, lay))
      if (first) held.current = hourOnPlan(at, lay)
      putTaped(state, tapedOnPlan(held.current, at, lay))
    },
    { pointer: { capture: true, keys: false } },
  )
}

/** 12 turned by key. */
function TwelveSlider({ turnDeg, onTurn }: { turnDeg: number; onTurn: (turnDeg: number) => void }) {
  const onKey = (event: KeyboardEvent) => {
    const by = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1, PageUp: 30, PageDown: -30 }[event.key]
    if (by === undefined) return
    event.preventDefault()
    onTurn(turnDeg + by)
  }
  return (
    <div
      className="dial-slider"
      style={{ borderRadius: 8 }}
      role="slider"
      tabIndex={0}
      aria-label={t`Where 12 faces`}
      aria-valuemin={0}
      aria-valuemax={359}
      aria-valuenow={turnDeg}
      aria-valuetext={t`${turnDeg} degrees clockwise from the back`}
      onKeyDown={onKey}
    />
  )
}

/** Where a marker was found, with a line to where it belongs. */
function LaidMark({ taped, lay }: { taped: Taped; lay: PlanLay }) {
  const { radiusMm } = lay.ground
  const laid = tryJudge(taped, radiusMm)
  if (!laid) return null
  const at = pointOnPlan(laid, lay)
  const due = pointOnPlan(hourPlace(taped.hour, radiusMm), lay)
  const colour = laid.mustMove ? '#B3261E' : '#2F6B4F'
  return (
    <g stroke={colour} strokeWidth={0.7} fill="none">
      <line x1={at.x} y1={at.y} x2={due.x} y2={due.y} strokeDasharray="1.5 1" />
      <circle cx={at.x} cy={at.y} r={2.4} fill="#fff" />
      <text x={at.x} y={at.y} dy="0.35em" fontSize={2.8} textAnchor="middle" fill={colour} stroke="none">
        {taped.hour}
      </text>
    </g>
  )
}

export function tryJudge(taped: Taped, radiusMm: number) {
  return attempt(() => laidMarker(taped, radiusMm)).value
}

export function putTaped(state: YardState, taped: Taped): void {
  state.change({ laid: withTaped(state.yard.laid, taped) })
}
