import type { TextInputProps } from '@mantine/core'
import { DateInput, DatesProvider } from '@mantine/dates'
import 'dayjs/locale/de'
import 'dayjs/locale/es'
import 'dayjs/locale/fr'
import '@mantine/dates/styles.css'
import type { PlainDate } from '../core/clock'
import { dateInWords } from '../words/adult'
import { adultLanguage } from '../words/i18n'
import { dateTyped } from './dateTyped'

export interface DateFieldProps extends Pick<TextInputProps, 'label' | 'aria-label' | 'error' | 'w'> {
  /** 2026-11-28. */
  readonly value: PlainDate
  readonly onChange: (date: PlainDate) => void
  /** Whether it had the focus already when its calendar came. */
  readonly autoFocus?: boolean
}

/** A field for a date with its calendar, whose weeks begin on Monday; its date stands there as in every view. */
export function DateFieldCalendar({ value, onChange, ...field }: DateFieldProps) {
  return (
    <DatesProvider settings={{ locale: adultLanguage() }}>
      <DateInput
        {...field}
        value={value || null}
        onChange={(date) => date && onChange(date)}
        valueFormat={(date) => dateInWords(date.slice(0, 10), { year: true })}
        dateParser={(typed) => dateTyped(typed)}
        weekendDays={[]}
      />
    </DatesProvider>
  )
}
