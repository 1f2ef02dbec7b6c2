import { t } from '@lingui/core/macro'
import { workBack } from '../../core/clock'
import { jumpEnds, jumpLine } from '../../core/faces'
import type { ScaffoldId } from '../../core/knowing'
import { type Settings, wordingOf } from '../../core/records'
import { type Item, type Shown, askInWords, minuteOf, misreadingOf, isSet } from '../../core/teaching'
import { type Wording, say } from '../../core/wording'
import { Dial } from '../../ui/Dial'
import { DrawingView } from '../../ui/DrawingView'
import { QuestionShown } from '../../ui/QuestionShown'
import { helpsOnDial } from '../../ui/helps'
import type { QuickCheckState } from './useQuickCheck'

interface Props {
  readonly check: QuickCheckState
  readonly settings: Settings
}

/**
 * What the child is shown: a clock to read or to set, two clocks, figures, a plan of the day; once answered, what is
 * true of it.
 */
export function CheckStage({ check, settings }: Props) {
  const { question, given, meanings, scaffolds } = check
  const wording = wordingOf(settings)
  if (!question) return <div className="table-stage" />
  const { item } = question
  // The repair of a mistake comes back on the dial as soon as the answer is in.
  const repair = meanings[0] && misreadingOf(meanings[0]).repair.scaffold
  const helps: readonly ScaffoldId[] = given && repair ? [repair] : scaffolds
  const isSetting = isSet(item) && !given
  return (
    <section className="table-stage" aria-label={t`The question’s clock`}>
      <div className="table-said">{askInWords(item, wording)}</div>
      {isSetting ? (
        <div className="table-dial">
          <Dial
            hands={check.hands}
            onTurn={check.setHands}
            step={item.rung === 'minute' ? 1 : 5}
            wording={wording}
            size="100%"
            scaffolds={helpsOnDial(helps, minuteOf(item))}
            secret
          />
        </div>
      ) : (
        <QuestionShown shown={item.shown} helps={helps} wording={wording} isAnswered={given !== undefined} />
      )}
      {given && <Worked item={item} wording={wording} />}
    </section>
  )
}

/** How it is reckoned, in jumps, where there is something to reckon. */
function Worked({ item: { shown }, wording }: { item: Item; wording: Wording }) {
  const digital = (minute: number) => say(minute, { ...wording, form: 'digital' })
  const ends = stretchOf(shown)
  if (!ends) return null
  const backwards = shown.as === 'steps' || (shown.as === 'shift' && shown.by < 0)
  return (
    <div className="table-line">
      <DrawingView
        drawing={jumpLine(ends.from, ends.to, digital, { backwards })}
        label={t`Jumps from ${digital(ends.from)} to ${digital(ends.to)}`}
      />
    </div>
  )
}

function stretchOf(shown: Shown): { from: number; to: number } | undefined {
  if (shown.as === 'shift') return jumpEnds(shown.minute, shown.by)
  if (shown.as === 'span') return { from: shown.minute, to: shown.to }
  if (shown.as === 'steps') return { from: workBack(shown.minute, shown.steps).start, to: shown.minute }
  return undefined
}
