import { t } from '@lingui/core/macro'
import type { TextInputProps } from '@mantine/core'
import { TimePicker } from '@mantine/dates'
import '@mantine/dates/styles.css'
import type { LanguageId } from '../core/wording'
import { fromTimeField, toTimeField } from './dates'

export interface TimeFieldProps extends Pick<TextInputProps, 'label' | 'w'> {
  /** Minutes since midnight. */
  readonly value: number
  /** Of the house: English has its mornings and afternoons, the others count to 24. */
  readonly language: LanguageId
  readonly onChange: (minute: number) => void
  /** Whether it had the focus already when its picker came. */
  readonly autoFocus?: boolean
}

/** Hours and minutes side by side, each typed or counted by the arrow keys. */
export function TimeFieldPicker({ value, language, onChange, label, w, autoFocus }: TimeFieldProps) {
  const name = typeof label === 'string' ? label : t`Time`
  return (
    <TimePicker
      label={label}
      w={w}
      value={toTimeField(value)}
      format={language.startsWith('en') ? '12h' : '24h'}
      amPmLabels={{ am: 'a.m.', pm: 'p.m.' }}
      hoursInputProps={{ autoFocus }}
      hoursInputLabel={t`${name}: hour`}
      minutesInputLabel={t`${name}: minute`}
      amPmInputLabel={t`${name}: morning or afternoon`}
      onChange={(text) => {
        const minute = fromTimeField(text)
        if (minute !== undefined) onChange(minute)
      }}
    />
  )
}
