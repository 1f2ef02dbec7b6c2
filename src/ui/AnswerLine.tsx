import { Trans } from '@lingui/react/macro'
import { t } from '@lingui/core/macro'
import { Text } from '@mantine/core'
import type { Answer } from '../core/knowing'
import { type Settings, wordingOf } from '../core/records'
import { askInWords, minuteOf, sayAnswer, isSet } from '../core/teaching'
import { StillDial } from './DialFace'
import { momentInWords } from './dates'
import type { Hands } from '../core/clock'

/** One answer: the clock as it stood, what was asked, what was said. */
export function AnswerLine({ answer, settings }: { answer: Answer; settings: Settings }) {
  const { item, given, right } = answer
  const wording = wordingOf(settings)
  const answered = sayAnswer(item, given, wording)
  return (
    <div style={{ display: 'flex', gap: 10, alignItems: 'center' }}>
      <div style={{ flex: 'none' }}>
        <StillDial
          hands={handsSeen(answer)}
          wording={wording}
          size={54}
          scaffolds={{ hands: item.shown.as === 'dial' ? item.shown.hands : 'both', marks: 'hours' }}
        />
      </div>
      <div style={{ minWidth: 0 }}>
        <Text size="sm">
          {isSet(item) ? (
            <Trans>
              {askInWords(item, wording)} Set as <strong>“{answered}”</strong>
            </Trans>
          ) : (
            <Trans>
              {sayAnswer(item, item.answer, wording)}, answered <strong>“{answered}”</strong>
            </Trans>
          )}
          {right && ` · ${t`right`}`}
        </Text>
        <Text size="xs" className="quiet">
          {momentInWords(answer.at)}
          {answer.helped && ` · ${t`helped`}`}
        </Text>
      </div>
    </div>
  )
}

/** The clock that the child saw, or the hands as the child set them. */
function handsSeen({ item, given }: Answer): Hands {
  if (isSet(item) && given.kind === 'hands') return { gear: 'free', hour: given.hour, minute: given.minute }
  if (isSet(item) && given.kind === 'time') return { gear: 'geared', minute: given.minute }
  return { gear: 'geared', minute: minuteOf(item) }
}
