import { Text } from '@mantine/core'
import type { ReactNode } from 'react'
import { onDial, type Hands } from '../core/clock'
import type { ScaffoldId } from '../core/knowing'
import { type Shown, rowName } from '../core/teaching'
import { type Wording, languages, say, sayDuration } from '../core/wording'
import { Dial } from './Dial'
import type { FaceProps } from './DialFace'
import { helpsOnDial } from './helps'

interface SeenProps<As extends Shown['as'] = Shown['as']> {
  readonly shown: Extract<Shown, { as: As }>
  readonly helps: readonly ScaffoldId[]
  readonly wording: Wording
  readonly isAnswered: boolean
}

/** What stands on the stage for each kind of thing that is shown. */
const SEEN: { readonly [As in Shown['as']]: (props: SeenProps<As>) => ReactNode } = {
  dial: (props) => <Clock {...props} minute={props.shown.minute} drawn={{ hands: props.shown.hands }} />,
  words: (props) => <Clock {...props} minute={props.shown.minute} />,
  day: (props) => <Clock {...props} minute={props.shown.minute} />,
  figures: (props) => {
    const { minute } = props.shown
    if (props.isAnswered) return <Clock {...props} minute={minute} />
    return <Big>{say(onDial(minute), { ...props.wording, form: 'digital' })}</Big>
  },
  shift: (props) => (
    <Under {...props}>
      {props.shown.by > 0 ? '+' : '−'} {sayDuration(Math.abs(props.shown.by))}
    </Under>
  ),
  span: (props) => (
    <div className="table-dials table-dials-2">
      <Clock {...props} minute={props.shown.minute} />
      <Clock {...props} minute={props.shown.to} />
    </div>
  ),
  steps: (props) => <Under {...props}>{props.shown.steps.map(sayDuration).join(' + ')}</Under>,
  doing: (props) => <Under {...props}>{rowName(props.shown, phrasesOf(props.wording))}</Under>,
  part: (props) => {
    const { minute, part } = props.shown
    const hands: Hands = { gear: 'geared', minute, second: POINTED_SECOND }
    return (
      <>
        <Clock {...props} minute={minute} hands={hands} drawn={{ pointedAt: part }} />
        <Big small>{props.isAnswered ? phrasesOf(props.wording).parts[part] : ''}</Big>
      </>
    )
  },
  rows: (props) => <PlanRows {...props} />,
}

/** What is shown with a question, as the child sees it; once answered, with what is true of it. */
export function QuestionShown(props: SeenProps) {
  const Part = SEEN[props.shown.as] as (props: SeenProps) => ReactNode
  return <Part {...props} />
}

const phrasesOf = ({ language }: Wording) => languages[language].phrases

interface ClockProps extends Omit<SeenProps, 'shown'> {
  readonly minute: number
  readonly hands?: Hands
  /** What is drawn otherwise than usual. */
  readonly drawn?: FaceProps['scaffolds']
}

function Clock({ minute, hands, drawn, helps, wording, isAnswered }: ClockProps) {
  return (
    <div className="table-dial">
      <Dial
        hands={hands ?? { gear: 'geared', minute }}
        wording={wording}
        size="100%"
        scaffolds={{ ...helpsOnDial(helps, minute), ...drawn }}
        secret={!isAnswered}
      />
    </div>
  )
}

/** A clock, and under it what is to be reckoned with it. */
function Under({ children, ...props }: SeenProps & { children: ReactNode }) {
  return (
    <>
      <Clock {...props} minute={props.shown.minute} />
      <Big small>{children}</Big>
    </>
  )
}

interface PlanRowsProps {
  readonly shown: Extract<Shown, { as: 'rows' }>
  readonly wording: Wording
  readonly isAnswered: boolean
}

/** A plan of the day; once answered, the row that was asked about is marked. */
function PlanRows({ shown, wording, isAnswered }: PlanRowsProps) {
  const { phrases } = languages[wording.language]
  return (
    <table className="table-rows">
      <tbody>
        {shown.rows.map((row) => (
          <tr
            key={rowName(row, phrases)}
            className={isAnswered && row.minute === shown.minute ? 'table-row-asked' : undefined}
          >
            <td>{rowName(row, phrases)}</td>
            <td>{say(row.minute, { ...wording, form: 'day-24' })}</td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}

/** Away from both other hands of the clock whose parts are named. */
const POINTED_SECOND = 38

function Big({ children, small = false }: { children: ReactNode; small?: boolean }) {
  return (
    <Text style={{ fontFamily: 'Andika, sans-serif', fontSize: small ? 40 : 110, lineHeight: 1.2 }}>{children}</Text>
  )
}
