import { useMemo } from 'react'
import { type Drawing, group } from '../../core/drawing'
import { dialDrawing } from '../../core/faces'
import { FIGURE_BOX, type Call, type MoveId, figureShapes, moveShapes } from '../../core/movement'
import { DrawingView } from '../../ui/DrawingView'

const WIDTH = FIGURE_BOX.right - FIGURE_BOX.left
const HEIGHT = FIGURE_BOX.bottom - FIGURE_BOX.top

function figureDrawing(shapes: Drawing['shapes'], title: string): Drawing {
  return {
    width: WIDTH,
    height: HEIGHT,
    title,
    shapes: [group(shapes, { part: 'figure', x: -FIGURE_BOX.left, y: -FIGURE_BOX.top })],
  }
}

/** The picture of a call, as large as its place. */
export function StagePicture({ call, isSeated }: { call: Call; isSeated: boolean }) {
  const { shown } = call
  switch (shown.as) {
    case 'words':
      return <p className="stage-words">{call.say}</p>
    case 'number':
      return <p className="stage-number">{shown.number}</p>
    case 'dial':
      return <Clock minute={shown.minute} hands={shown.hands} />
    case 'figure':
      return <Figure shown={shown} view="own" />
    case 'speed':
      return <Speed hand={shown.hand} />
    case 'choices':
      return (
        <div className="stage-choices">
          <Clock minute={shown.minute} hands={call.item?.rung === 'hour-hand' ? 'hour' : 'both'} />
          <ul>
            {shown.choices.map(({ move, says, does }) => (
              <li key={move}>
                <Move move={move} isSeated={isSeated} />
                <strong>{says}</strong>
                <span>{does}</span>
              </li>
            ))}
          </ul>
        </div>
      )
  }
}

function Clock({ minute, hands }: { minute: number; hands: 'both' | 'hour' | 'minute' }) {
  const drawing = useMemo(() => dialDrawing(minute, { radius: 90, hands }, 'A clock'), [minute, hands])
  return (
    <div className="stage-clock">
      <DrawingView drawing={drawing} label="The clock of this call" />
    </div>
  )
}

/** A person whose arms are the hands: as the children stand, or as the leader does who faces them. */
export function Figure({ shown, view }: { shown: Extract<Call['shown'], { as: 'figure' }>; view: 'own' | 'leader' }) {
  const { minute, stance, hands } = shown
  const drawing = useMemo(
    () => figureDrawing(figureShapes(minute, { stance, hands, view }), 'A figure'),
    [minute, stance, hands, view],
  )
  const label = view === 'own' ? 'How the children stand' : 'How you stand, facing them'
  return (
    <div className={view === 'own' ? 'stage-figure' : 'stage-leader'}>
      <DrawingView drawing={drawing} label={label} />
    </div>
  )
}

function Move({ move, isSeated }: { move: MoveId; isSeated: boolean }) {
  const drawing = useMemo(() => figureDrawing(moveShapes(move, isSeated), move), [move, isSeated])
  return <DrawingView drawing={drawing} label={`The move: ${move}`} />
}

/** Where the hand of this speed is on a clock: a turn in a second, a walk, or so slow that it seems to stand. */
function Speed({ hand }: { hand: 'second' | 'minute' | 'hour' }) {
  return (
    <div className={`stage-speed stage-speed-${hand}`} role="img" aria-label={`The ${hand} hand turns`}>
      <span />
    </div>
  )
}
