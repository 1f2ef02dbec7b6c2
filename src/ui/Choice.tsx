import { said } from '../words/i18n'
import { type Told } from '../core/wording'
import { NativeSelect, type NativeSelectProps } from '@mantine/core'
import { useRef } from 'react'

interface ChoiceProps<V extends string> extends Omit<NativeSelectProps, 'value' | 'onChange' | 'data'> {
  readonly value: V
  readonly onChange: (value: V) => void
  readonly data: readonly { readonly value: V; readonly label: string }[]
}

/** One of a list. It is the browser's own field, since that opens as fingers, keys and screen readers are used to. */
export function Choice<V extends string>({ value, onChange, data, ...field }: ChoiceProps<V>) {
  const byPointer = useRef(false)
  return (
    <NativeSelect
      {...field}
      value={value}
      onPointerDown={() => (byPointer.current = true)}
      onKeyDown={() => (byPointer.current = false)}
      onChange={(event) => {
        const chosen = data[event.currentTarget.selectedIndex]
        if (chosen) onChange(chosen.value)
        // Whoever chose with a finger goes on elsewhere: the view's own keys must not turn the list.
        if (byPointer.current) event.currentTarget.blur()
      }}
      data={data.map((each) => ({ ...each }))}
    />
  )
}

/** The entries of a table of names, as a field lists them. No key is a whole number: those would come before the others. */
export function listed<V extends string>(names: Readonly<Record<V, Told>>): { value: V; label: string }[] {
  return (Object.keys(names) as V[]).map((value) => ({ value, label: said(names[value]) }))
}
