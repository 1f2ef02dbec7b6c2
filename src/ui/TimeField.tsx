import { TextInput } from '@mantine/core'
import { toTimeField } from './dates'
import { later, useWanted } from './later'
import type { TimeFieldProps } from './TimeFieldPicker'

/** The same field before it can be changed. */
function Still({ value, label, w }: TimeFieldProps) {
  return <TextInput label={label} w={w} value={toTimeField(value)} readOnly />
}

const picker = later(async () => (await import('./TimeFieldPicker')).TimeFieldPicker, Still)

/** A time of day, as the place writes it and whatever the browser is set to. */
export function TimeField(props: TimeFieldProps) {
  const [isWanted, want, isTouched] = useWanted()
  return <div onFocus={want}>{isWanted ? <picker.Part {...props} autoFocus={isTouched} /> : <Still {...props} />}</div>
}
