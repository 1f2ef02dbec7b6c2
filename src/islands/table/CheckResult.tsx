import { said } from '../../words/i18n'
import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Button, Stack, Text } from '@mantine/core'
import { useTimeout } from '@mantine/hooks'
import { type Answer, SCAFFOLD_NAMES, chanceOf } from '../../core/knowing'
import { type Item, type MisreadingId, misreadingOf, saidToChild, sayAnswer, wayOf, isSet } from '../../core/teaching'
import { type Wording, markWritten, told } from '../../core/wording'
import { questionInWords } from '../../ui/questions'
import { Fold } from '../../ui/Fold'
import type { QuickCheckState } from './useQuickCheck'

const MARKS = {
  'bare-digit': told('Kept as it was written: the zero after the colon is missing.'),
  sixty: told('Kept as it was written: the count went on to 60.'),
  'no-time': told('Kept as it was written: it is no time.'),
} as const

interface Props {
  readonly check: QuickCheckState
  readonly answer: Answer
  readonly wording: Wording
}

/** What the answer was worth; after a wrong one, what it shows, one thing to say, and one thing to do. */
export function CheckResult({ check, answer, wording }: Props) {
  const { telling } = check
  const comesByItself = answer.right && !check.choices.waits && !check.belief.guesses && isFresh(answer)
  return (
    <Stack gap="xs" role="status">
      {answer.right ? (
        <div className="sheet">
          <Text fw={700} style={LARGE}>
            <Trans>Right: {sayAnswer(answer.item, answer.item.answer, wording)}</Trans>
          </Text>
          {comesByItself && <GoOn onTime={() => check.next()} />}
        </div>
      ) : (
        <WrongAnswer check={check} answer={answer} wording={wording} />
      )}
      {check.belief.guesses && <Text>{t`These look like guesses: play first, ask later.`}</Text>}
      <Button size="lg" onClick={() => check.next()} data-autofocus>{t`Next question`}</Button>
      {telling && (
        <Button
          variant="default"
          style={{ height: 'auto', padding: '8px 12px' }}
          styles={{ label: { whiteSpace: 'normal' } }}
          onClick={() => check.next(telling)}
        >
          <Trans>Tell them apart first: {questionInWords(telling.item, wording)}</Trans>
        </Button>
      )}
    </Stack>
  )
}

/** Long enough to see that it was right. */
const SHOWN_MS = 1800

/** Whether it was given just now: after a reload, what was answered stays until the adult goes on. */
const isFresh = ({ at }: Answer) => Date.now() - at < 2 * SHOWN_MS

/** The next question comes by itself, unless something else is done first. */
function GoOn({ onTime }: { onTime: () => void }) {
  useTimeout(onTime, SHOWN_MS, { autoInvoke: true })
  return <span className="going-on" aria-hidden />
}

/** What the child did. */
const DID = {
  said: (child: string, answer: string) => told('{0} said “{1}”.', child, answer),
  set: (child: string, answer: string) => told('{0} set “{1}”.', child, answer),
  wrote: (child: string, answer: string) => told('{0} wrote “{1}”.', child, answer),
  chose: (child: string, answer: string) => told('{0} chose “{1}”.', child, answer),
} as const

const LARGE = { fontFamily: 'Andika, sans-serif', fontSize: 22 } as const

function WrongAnswer({ check, answer, wording }: Props) {
  const { item, given } = answer
  const mark = given.kind === 'written' ? markWritten(given.text, wording.language) : undefined
  const { meanings } = check
  const [first] = meanings
  const repair = first && misreadingOf(first).repair
  return (
    <div className="sheet sheet-attention">
      <Text style={LARGE} className="anywhere">
        {said(DID[wayOf(item.ask).did](check.child?.name ?? t`The child`, sayAnswer(item, given, wording)))}
      </Text>
      <Text fw={700} style={LARGE}>
        {truthInWords(item, wording)}
      </Text>
      {mark && <Text>{said(MARKS[mark])}</Text>}
      <Text mt={6}>
        <Trans>Say: “{saidToChild(first, wording.language)}”</Trans>
      </Text>
      {repair && 'minute' in item.shown && (
        <Text>
          <Trans>Then show it on the clock, where the {said(SCAFFOLD_NAMES[repair.scaffold])} is marked now.</Trans>
        </Text>
      )}
      <Fold title={t`Why?`}>
        {meanings.length === 0 && (
          <Text size="sm">{t`No known mistake leads to this answer: a slip, or a guess.`}</Text>
        )}
        <ul style={{ margin: '4px 0 0', paddingLeft: 18 }}>
          {meanings.map((id) => (
            <li key={id}>
              {said(misreadingOf(id).does)} <span className="quiet">({chanceInWords(check, id)})</span>
            </li>
          ))}
        </ul>
      </Fold>
    </div>
  )
}

/** What would have been right, so that it cannot be taken for what the child said. */
function truthInWords(item: Item, wording: Wording): string {
  const right = sayAnswer(item, item.answer, wording)
  if (isSet(item)) return t`Asked for: ${right}.`
  return item.shown.as === 'dial' && item.ask !== 'round' ? t`It shows ${right}.` : t`The answer is ${right}.`
}

function chanceInWords({ belief }: QuickCheckState, id: MisreadingId): string {
  if (belief.findings.some((finding) => finding.misreading === id)) return t`found in earlier answers too`
  return t`${Math.round(100 * chanceOf(belief, id))} % likely so far`
}
