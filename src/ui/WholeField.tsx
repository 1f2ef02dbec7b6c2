import { t } from '@lingui/core/macro'
import { useState } from 'react'
import { NumberField } from './NumberField'

interface WholeFieldProps {
  readonly label: string
  readonly description?: string
  readonly value: number
  readonly least: number
  readonly most: number
  readonly onChange: (value: number) => void
}

/** A whole number in a range. A number outside it is not used, and the field says what would be right. */
export function WholeField({ label, description, value, least, most, onChange }: WholeFieldProps) {
  const [typed, setTyped] = useState<number | string>(value)
  // What was set from elsewhere takes the place of what was typed.
  const [known, setKnown] = useState(value)
  if (known !== value) {
    setKnown(value)
    setTyped(value)
  }
  const isRight = (given: number | string): given is number =>
    typeof given === 'number' && Number.isInteger(given) && given >= least && given <= most
  const change = (given: number | string) => {
    setTyped(given)
    if (!isRight(given)) return
    setKnown(given)
    onChange(given)
  }
  const error = isRight(typed)
    ? undefined
    : typed === ''
      ? t`${label} must be a whole number from ${least} to ${most}`
      : t`${label} must be a whole number from ${least} to ${most}, not ${typed}`
  return (
    <NumberField
      decimals={2}
      label={label}
      description={description}
      value={typed}
      error={error}
      keepsOutside
      onChange={change}
    />
  )
}
