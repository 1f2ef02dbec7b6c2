import type { TextInputProps } from '@mantine/core'
import { DateInput } from '@mantine/dates'
import dayjs from 'dayjs'
import customParseFormat from 'dayjs/plugin/customParseFormat'
import '@mantine/dates/styles.css'
import type { PlainDate } from '../core/clock'

dayjs.extend(customParseFormat)

/** As views and prints have it: Sat 28 Nov 2026. */
const SHOWN = 'ddd D MMM YYYY'
/** How a date may be typed; days come before months, as where dates are written with points or strokes. */
const TYPED = [
  SHOWN,
  'YYYY-MM-DD',
  'D MMM YYYY',
  'D MMMM YYYY',
  'MMM D YYYY',
  'MMM D, YYYY',
  'D.M.YYYY',
  'D/M/YYYY',
  'D.M.YY',
  'D/M/YY',
]

function dateIn(typed: string): string | null {
  const found = TYPED.map((format) => dayjs(typed.trim(), format, true)).find((each) => each.isValid())
  return found ? found.format('YYYY-MM-DD') : null
}

export interface DateFieldProps extends Pick<TextInputProps, 'label' | 'aria-label' | 'error' | 'w'> {
  /** 2026-11-28. */
  readonly value: PlainDate
  readonly onChange: (date: PlainDate) => void
  /** Whether it had the focus already when its calendar came. */
  readonly autoFocus?: boolean
}

/** A field for a date with its calendar, whose weeks begin on Monday. */
export function DateFieldCalendar({ value, onChange, ...field }: DateFieldProps) {
  return (
    <DateInput
      {...field}
      value={value || null}
      onChange={(date) => date && onChange(date)}
      valueFormat={SHOWN}
      dateParser={dateIn}
      weekendDays={[]}
    />
  )
}
