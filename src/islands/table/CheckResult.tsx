import { Button, Stack, Text } from '@mantine/core'
import type { Answer } from '../../core/knowing'
import { type MisreadingId, askInWords, misreadingOf, misreadings, sayAnswer } from '../../core/teaching'
import { type Wording, markWritten } from '../../core/wording'
import type { QuickCheckState } from './useQuickCheck'

const MARKS = {
  'bare-digit': 'Kept as it was written: the zero after the colon is missing.',
  sixty: 'Kept as it was written: the count went on to 60.',
  'no-time': 'Kept as it was written: it is no time.',
} as const

/** What the answer was worth and, for a wrong one, what it may mean, what to say, and what to ask to be sure. */
export function CheckResult({ check, answer, wording }: { check: QuickCheckState; answer: Answer; wording: Wording }) {
  const { meanings, telling, belief } = check
  const [first] = meanings
  const mark = answer.given.kind === 'written' ? markWritten(answer.given.text, wording.language) : undefined
  const chance = (id: MisreadingId) => {
    if (belief.findings.some((finding) => finding.misreading === id)) return 'found'
    return `${Math.round(100 * (belief.likely[misreadings.findIndex((each) => each.id === id)] ?? 0))} % likely so far`
  }
  return (
    <Stack gap="xs" role="status">
      <div className={answer.right ? 'sheet' : 'sheet sheet-attention'}>
        <Text fw={700} style={{ fontFamily: 'Andika, sans-serif', fontSize: 22 }}>
          {answer.right ? 'Right' : 'Not yet'}: {sayAnswer(answer.item, answer.item.answer, wording)}
        </Text>
        {!answer.right && <Text>The answer was “{sayAnswer(answer.item, answer.given, wording)}”.</Text>}
        {mark && <Text>{MARKS[mark]}</Text>}
        {!answer.right && meanings.length === 0 && (
          <Text mt={6}>No misreading in the table leads to it: a slip, or a guess.</Text>
        )}
        {meanings.length > 0 && (
          <ul style={{ margin: '6px 0 0', paddingLeft: 18 }}>
            {meanings.map((id) => (
              <li key={id}>
                {misreadingOf(id).does} <span className="quiet">({chance(id)})</span>
              </li>
            ))}
          </ul>
        )}
        {first && <Text mt={6}>Say: “{misreadingOf(first).repair.say}”</Text>}
      </div>
      <Button size="lg" onClick={() => check.next()} data-autofocus>
        Next question
      </Button>
      {telling && (
        <Button
          variant="default"
          style={{ height: 'auto', padding: '8px 12px' }}
          styles={{ label: { whiteSpace: 'normal' } }}
          onClick={() => check.next(telling)}
        >
          Tell them apart first:{' '}
          {telling.item.ask === 'set'
            ? askInWords(telling.item, wording)
            : sayAnswer(telling.item, telling.item.answer, wording)}
        </Button>
      )}
    </Stack>
  )
}
