import { Text } from '@mantine/core'
import { useDrag } from '@use-gesture/react'
import { type KeyboardEvent, type RefObject, useRef } from 'react'
import { modulo, signedGap } from '../../core/clock'
import { type Drawing, angleOnDial, shapeSvg } from '../../core/drawing'
import { attempt } from '../../core/errors'
import { type Taped, laidMarker, markerPlace, whoStandsWhere, yardPlan } from '../../core/make'
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
  const { yard } = state.laid
  const { drawing, mmPerMetre } = yardPlan(yard, WIDTH_MM, HEIGHT_MM)
  const k = mmPerMetre / 1000
  const svg = useRef<SVGSVGElement>(null)
  const turn = (turnDeg: number) => state.change({ turnDeg: modulo(Math.round(turnDeg), 360) })
  const bind = useDragOnPlan(svg, { drawing, k, state, moves, turn })
  return (
    <section className="sheet" aria-label="Plan">
      <div
        className="dial dial-turnable"
        style={{ aspectRatio: `${drawing.width} / ${drawing.height}`, maxHeight: 560, margin: '0 auto' }}
        {...bind()}
      >
        <svg
          ref={svg}
          viewBox={`0 0 ${drawing.width} ${drawing.height}`}
          role="img"
          aria-label="The floor clock in its space, to scale"
          fontFamily="Andika, sans-serif"
          style={{ background: '#FBF7EF' }}
        >
          <g dangerouslySetInnerHTML={{ __html: drawing.shapes.map(shapeSvg).join('') }} />
          {moves === 'markers' &&
            yard.laid.map((taped) => <LaidMark key={taped.hour} taped={taped} state={state} k={k} />)}
        </svg>
        {moves === 'twelve' && <TwelveSlider turnDeg={yard.turnDeg} onTurn={turn} />}
      </div>
      <Text size="sm" className="quiet" mt={6}>
        {moves === 'twelve'
          ? 'Drag 12 round the plan. The dashed circle is the running lane.'
          : 'Drag each hour marker to where it really lies, or type its two tapes.'}
      </Text>
      <ul style={{ margin: '6px 0 0', paddingLeft: 18, fontSize: 14 }}>
        {whoStandsWhere(yard).map((text) => (
          <li key={text}>{text}</li>
        ))}
      </ul>
    </section>
  )
}

interface DragOnPlan extends YardPlanProps {
  readonly drawing: Drawing
  /** Millimetres of the plan for one on the ground. */
  readonly k: number
  readonly turn: (turnDeg: number) => void
}

/** A finger on the plan turns the 12, or takes the nearest hour marker along. */
function useDragOnPlan(svg: RefObject<SVGSVGElement | null>, { drawing, k, state, moves, turn }: DragOnPlan) {
  const { yard, ground } = state.laid
  const held = useRef(12)
  return useDrag(
    ({ xy: [x, y], first, event }) => {
      if (!svg.current) return
      event.preventDefault()
      const box = svg.current.getBoundingClientRect()
      const at = {
        x: ((x - box.left) / box.width) * drawing.width - ground.x * k,
        y: ((y - box.top) / box.height) * drawing.height - ground.y * k,
      }
      const angle = angleOnDial(at.x, at.y)
      if (moves === 'twelve') return turn(angle)
      const distance = Math.hypot(at.x, at.y) / k
      if (first) held.current = nearestHour(angle - yard.turnDeg)
      // Facing 12: the plan's own turn is taken out again.
      const facing = ((angle - yard.turnDeg) * Math.PI) / 180
      const [right, ahead] = [distance * Math.sin(facing), distance * Math.cos(facing)]
      putTaped(state, {
        hour: held.current,
        fromCentreMm: distance,
        fromTwelveMm: Math.hypot(right, ahead - ground.radiusMm),
      })
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
      aria-label="Where 12 faces"
      aria-valuemin={0}
      aria-valuemax={359}
      aria-valuenow={turnDeg}
      aria-valuetext={`${turnDeg} degrees clockwise from the back`}
      onKeyDown={onKey}
    />
  )
}

function nearestHour(angle: number): number {
  const hours = Array.from({ length: 12 }, (_, i) => i + 1)
  const gap = (hour: number) => Math.abs(signedGap(hour * 30, modulo(angle, 360)))
  return hours.reduce((best, hour) => (gap(hour) < gap(best) ? hour : best))
}

/** Where a marker was found, with a line to where it belongs. */
function LaidMark({ taped, state, k }: { taped: Taped; state: YardState; k: number }) {
  const { yard, ground } = state.laid
  const at = tryJudge(taped, ground.radiusMm)
  if (!at) return null
  const turn = (yard.turnDeg * Math.PI) / 180
  const x = ground.x * k + (at.rightMm * Math.cos(turn) + at.aheadMm * Math.sin(turn)) * k
  const y = ground.y * k + (at.rightMm * Math.sin(turn) - at.aheadMm * Math.cos(turn)) * k
  const due = markerPlace((taped.hour % 12) * 5, ground.radiusMm * k, yard.turnDeg)
  const colour = at.mustMove ? '#B3261E' : '#2F6B4F'
  return (
    <g stroke={colour} strokeWidth={0.7} fill="none">
      <line x1={x} y1={y} x2={ground.x * k + due.x} y2={ground.y * k + due.y} strokeDasharray="1.5 1" />
      <circle cx={x} cy={y} r={2.4} fill="#fff" />
      <text x={x} y={y + 1} fontSize={2.8} textAnchor="middle" fill={colour} stroke="none">
        {taped.hour}
      </text>
    </g>
  )
}

export function tryJudge(taped: Taped, radiusMm: number) {
  return attempt(() => laidMarker(taped, radiusMm)).value
}

export function putTaped(state: YardState, taped: Taped): void {
  const others = state.yard.laid.filter(({ hour }) => hour !== taped.hour)
  state.change({ laid: [...others, taped].sort((a, b) => a.hour - b.hour) })
}
