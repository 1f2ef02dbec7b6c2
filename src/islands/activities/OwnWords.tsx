import { said } from '../../words/i18n'
import { told } from '../../core/wording'
import { t } from '@lingui/core/macro'
import { LONGEST_NAME } from '../../core/records'
import { Stack, Textarea, TextInput } from '@mantine/core'
import type { GetInputPropsReturnType } from '@mantine/form'
import { MOST_OWN_STEPS } from '../../core/activities'
import type { OwnPartProps } from './OwnKind'

interface HowItGoesProps extends OwnPartProps {
  readonly name: GetInputPropsReturnType
  readonly steps: GetInputPropsReturnType
}

export function HowItGoes({ name, steps, body, set }: HowItGoesProps) {
  return (
    <Stack className="sheet" gap="sm" component="section" aria-label={t`How it goes`}>
      <TextInput label={t`Name`} required maxLength={LONGEST_NAME} {...name} />
      <Textarea
        label={t`What to do, one line each`}
        description={t`What you do, in order: 1 to ${MOST_OWN_STEPS} lines.`}
        autosize
        minRows={4}
        {...steps}
      />
      <WordFields body={body} set={set} />
    </Stack>
  )
}

const WORDS = { say: told('Say'), lookFor: told('Look for'), easier: told('Easier'), harder: told('Harder') } as const

function WordFields({ body, set }: OwnPartProps) {
  return (Object.keys(WORDS) as (keyof typeof WORDS)[]).map((field) => (
    <TextInput
      key={field}
      label={said(WORDS[field])}
      maxLength={300}
      value={body[field]}
      onChange={(event) => set({ [field]: event.currentTarget.value })}
    />
  ))
}
