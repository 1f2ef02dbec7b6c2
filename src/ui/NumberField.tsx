import { NumberInput, type NumberInputProps } from '@mantine/core'

interface NumberFieldProps extends Omit<NumberInputProps, 'clampBehavior' | 'decimalScale' | 'hideControls'> {
  /** Figures behind the point; none where it is not given. */
  readonly decimals?: number
  /** Whether a number outside the range stays, to be told so beside the field; otherwise the nearest one takes its place. */
  readonly keepsOutside?: boolean
}

/** A number as it is typed, with a point or a comma; the arrow keys count up and down. */
export function NumberField({ decimals = 0, keepsOutside = false, ...field }: NumberFieldProps) {
  return (
    <NumberInput
      {...field}
      hideControls
      allowDecimal={decimals > 0}
      decimalScale={decimals}
      allowedDecimalSeparators={['.', ',']}
      clampBehavior={keepsOutside ? 'none' : 'blur'}
    />
  )
}
