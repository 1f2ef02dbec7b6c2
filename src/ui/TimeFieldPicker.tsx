import { t } from '@lingui/core/macro'
import type { TextInputProps } from '@mantine/core'
import { TimePicker } from '@mantine/dates'
import '@mantine/dates/styles.css'
import { LANGUAGE_IDS, type LanguageId, readTyped } from '../core/wording'
import { adultsWording } from '../words/adult'
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

/** What was pasted, in whichever language: "16.30 Uhr", "4:15 p.m.". */
const timePasted = (text: string) =>
  [adultsWording().language, ...LANGUAGE_IDS]
    .map((each) => readTyped(text, each, { figures: 'day' })?.minute)
    .find((minute) => minute !== undefined)

/** Hours and minutes side by side, each typed or counted by the arrow keys. */
export function TimeFieldPicker({ value, language, onChange, label, w, autoFocus }: TimeFieldProps) {
  const is12 = language.startsWith('en') && adultsWording().language.startsWith('en')
  const name = typeof label === 'string' ? label : t`Time of day`
  return (
    <TimePicker
      label={label}
      w={w}
      value={toTimeField(value)}
      format={is12 ? '12h' : '24h'}
      amPmLabels={{ am: 'a.m.', pm: 'p.m.' }}
      pasteSplit={({ time }) => {
        const minute = timePasted(time)
        const [hour, rest] = minute === undefined ? [null, null] : [Math.floor(minute / 60), minute % 60]
        const amPm = is12 && hour !== null ? (hour < 12 ? 'a.m.' : 'p.m.') : null
        return { hours: is12 && hour !== null ? ((hour + 11) % 12) + 1 : hour, minutes: rest, seconds: null, amPm }
      }}
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
