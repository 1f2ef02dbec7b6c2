import { TextInput, type TextInputProps } from '@mantine/core'
import { type KeyboardEvent, useState } from 'react'

interface NumberFieldProps extends Omit<TextInputProps, 'value' | 'onChange' | 'onKeyDown' | 'min' | 'max' | 'step'> {
  /** What is shown; a text where the field is empty or holds what is no number. */
  readonly value: number | string | undefined
  readonly onChange: (value: number | string) => void
  readonly min?: number
  readonly max?: number
  /** Figures behind the point; none where it is not given. */
  readonly decimals?: number
  /** Whether a number outside the range stays, to be told so beside the field; otherwise the nearest one takes its place. */
  readonly keepsOutside?: boolean
}

/** A number as it is typed: its figures are told at each key, and the arrow keys count up and down. */
export function NumberField({ value, onChange, min, max, decimals = 0, keepsOutside, ...field }: NumberFieldProps) {
  const [typed, setTyped] = useState<{ readonly text: string; readonly before: typeof value }>()
  // "2." on the way to "2.5" is shown as it is typed, and so is what the view does not take up, until it changes.
  const isOwn = typed !== undefined && (numberIn(typed.text) === value || typed.before === value)
  const shown = isOwn ? typed.text : String(value ?? '')
  const within = (number: number) => Math.min(max ?? Infinity, Math.max(min ?? -Infinity, number))
  const take = (text: string) => {
    // Half a number is not made a whole one: a field of whole numbers stays as it was.
    if (decimals === 0 && /[.,]\d/.test(text)) return
    const figures = onlyFigures(text, decimals)
    setTyped({ text: figures, before: value })
    onChange(numberIn(figures))
  }
  const count = (event: KeyboardEvent<HTMLInputElement>) => {
    const by = { ArrowUp: 1, ArrowDown: -1 }[event.key]
    if (by === undefined) return
    event.preventDefault()
    take(String(within((Number(shown) || 0) + by)))
  }
  return (
    <TextInput
      {...field}
      inputMode={decimals > 0 ? 'decimal' : 'numeric'}
      autoComplete="off"
      value={shown}
      onChange={(event) => take(event.currentTarget.value)}
      onKeyDown={count}
      onBlur={(event) => {
        const number = numberIn(shown)
        setTyped(undefined)
        if (!keepsOutside && typeof number === 'number' && within(number) !== number) onChange(within(number))
        field.onBlur?.(event)
      }}
    />
  )
}

/** A number, or the text where it is none. */
function numberIn(text: string): number | string {
  return /\d/.test(text) && !Number.isNaN(Number(text)) ? Number(text) : text
}

function onlyFigures(text: string, decimals: number): string {
  const [whole = '', ...rest] = text
    .replace(/,/g, '.')
    .replace(/[^\d.-]/g, '')
    .replace(/(?!^)-/g, '')
    .split('.')
  return decimals === 0 || rest.length === 0 ? whole : `${whole}.${rest.join('').slice(0, decimals)}`
}
