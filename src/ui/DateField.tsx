import { dateInWords } from '../words/adult'
import { TextInput } from '@mantine/core'
import type { DateFieldProps } from './DateFieldCalendar'
import { later, useWanted } from './later'

/** The same field before its calendar has come: it shows the date, and cannot be changed yet. */
function Still({ value, label, error, w, ...named }: DateFieldProps) {
  const inWords = value === '' ? '' : dateInWords(value, { year: true })
  return <TextInput label={label} error={error} w={w} aria-label={named['aria-label']} value={inWords} readOnly />
}

const calendar = later(async () => (await import('./DateFieldCalendar')).DateFieldCalendar, Still)

/** A date, in words as everywhere; chosen from a calendar or typed in any usual way. */
export function DateField(props: DateFieldProps) {
  const [isWanted, want, isTouched] = useWanted()
  return (
    <div onFocus={want}>{isWanted ? <calendar.Part {...props} autoFocus={isTouched} /> : <Still {...props} />}</div>
  )
}
