import { t } from '@lingui/core/macro'
import { type CSSProperties, useMemo } from 'react'
import { type Shape, group } from '../../core/drawing'
import { dialDrawing } from '../../core/faces'
import { FLOOR_HALF_MM, type Call, type TimeCard, placeShapes, walkShapes } from '../../core/movement'
import { DrawingView } from '../../ui/DrawingView'
import { Figure, Move } from './Figure'

interface StagePictureProps {
  readonly call: Call
  readonly isSeated: boolean
  /** As the children see it, or as the leader does who faces them. */
  readonly view?: 'own' | 'leader'
}

/** The picture of a call, as large as its place. */
export function StagePicture({ call, isSeated, view = 'own' }: StagePictureProps) {
  const { shown } = call
  switch (shown.as) {
    case 'words':
      return <p className="stage-words">{call.say}</p>
    case 'number':
      return <p className="stage-number">{shown.number}</p>
    case 'dial':
      return <Clock minute={shown.minute} hands={shown.hands} />
    case 'figure':
      return <Figure shown={shown} view={view} />
    case 'place':
      return (
        <Floor
          shapes={placeShapes(shown.facing, { targets: shown.quarters, view })}
          label={t`The five things from above`}
          view={view}
        />
      )
    case 'walk':
      return (
        <Floor
          shapes={walkShapes(shown.from, shown.minute, shown.hands)}
          label={t`The clock on the floor from above`}
          view="own"
        />
      )
    case 'cards':
      return <Cards cards={shown.cards} />
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
  const drawing = useMemo(() => dialDrawing(minute, { radius: 90, hands }, t`A clock`), [minute, hands])
  return (
    <div className="stage-clock">
      <DrawingView drawing={drawing} label={t`The clock of this call`} />
    </div>
  )
}

/** The floor from above. */
function Floor({ shapes, label, view }: { shapes: readonly Shape[]; label: string; view: 'own' | 'leader' }) {
  const size = 2 * FLOOR_HALF_MM
  const floor = group(shapes, { part: 'floor', x: FLOOR_HALF_MM, y: FLOOR_HALF_MM })
  return (
    <div className={view === 'own' ? 'stage-clock stage-floor' : 'stage-leader'}>
      <DrawingView drawing={{ width: size, height: size, title: t`The floor`, shapes: [floor] }} label={label} />
    </div>
  )
}

/** Everyone's card, in the order that is right. */
function Cards({ cards }: { cards: readonly TimeCard[] }) {
  return (
    <ol className="stage-cards" style={{ '--cards': cards.length } as CSSProperties}>
      {cards.map(({ number, says }) => (
        <li key={number}>
          <span>{number}</span> {says}
        </li>
      ))}
    </ol>
  )
}

/** Where the hand of this speed is on a clock: a turn in a second, a walk, or so slow that it seems to stand. */
function Speed({ hand }: { hand: 'second' | 'minute' | 'hour' }) {
  return (
    <div className={`stage-speed stage-speed-${hand}`} role="img" aria-label={t`The ${hand} hand turns`}>
      <span />
    </div>
  )
}
