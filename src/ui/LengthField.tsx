import { inDecimals } from '../words/adult'
import { said } from '../words/i18n'
import { ownWords } from '../core/wording'
import { RefusedValue } from '../core/errors'
import { TextInput } from '@mantine/core'
import { type ReactNode, useState } from 'react'
import { type LengthUnit, formatDistance, formatLength, parseLength } from '../core/make'

interface LengthFieldProps {
  readonly label: string
  readonly mm: number
  readonly unit: LengthUnit | 'm' | 'ft'
  readonly onChange: (mm: number) => void
  readonly rightSection?: ReactNode
  readonly description?: string
  readonly width?: number | string
  readonly hideLabel?: boolean
  /** Zero is allowed too, for example for a thing that stands at the wall. */
  readonly allowNothing?: boolean
}

/** A length in any unit. It is used as soon as it can be read; until then the field says what is wrong. */
export function LengthField({
  label,
  mm,
  unit,
  onChange,
  rightSection,
  description,
  width,
  hideLabel = false,
  allowNothing = false,
}: LengthFieldProps) {
  const [typed, setTyped] = useState<string>()
  const [problem, setProblem] = useState<string>()
  const [seen, setSeen] = useState({ mm, unit, sent: mm })
  if (seen.mm !== mm || seen.unit !== unit) {
    // The length was changed somewhere else, not by typing here, so the field shows the new one.
    if (mm !== seen.sent || seen.unit !== unit) {
      setTyped(undefined)
      setProblem(undefined)
    }
    setSeen({ ...seen, mm, unit })
  }
  const shown = inDecimals(unit === 'm' || unit === 'ft' ? formatDistance(mm, unit) : formatLength(mm, unit))
  const take = (text: string) => {
    setTyped(text)
    try {
      const next =
        allowNothing && /^0([.,]0+)?( ?(mm|cm|m|in|ft))?$/.test(text.trim())
          ? 0
          : parseLength(ownWords(label), text, unit)
      setProblem(undefined)
      if (Math.abs(next - mm) > 1e-6) {
        setSeen({ ...seen, sent: next })
        onChange(next)
      }
    } catch (error) {
      setProblem(error instanceof RefusedValue ? said(error.says) : String(error))
    }
  }
  return (
    <TextInput
      label={hideLabel ? undefined : label}
      aria-label={hideLabel ? label : undefined}
      description={description}
      value={typed ?? shown}
      error={problem}
      onChange={(event) => take(event.currentTarget.value)}
      onBlur={() => {
        // Text that is no length stays to be corrected. A length is shown as it was understood.
        if (problem === undefined) setTyped(undefined)
      }}
      rightSection={rightSection}
      w={width}
      autoComplete="off"
    />
  )
}
