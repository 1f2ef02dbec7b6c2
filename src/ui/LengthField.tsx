import { TextInput } from '@mantine/core'
import { type ReactNode, useState } from 'react'
import { type LengthUnit, formatDistance, formatLength, parseLength } from '../core/make'

interface LengthFieldProps {
  readonly label: string
  /** What it is called in a refusal. */
  readonly field: string
  readonly mm: number
  readonly unit: LengthUnit | 'm' | 'ft'
  readonly onChange: (mm: number) => void
  readonly rightSection?: ReactNode
  readonly description?: string
  readonly width?: number | string
  readonly hideLabel?: boolean
  /** A length of nothing is one too: a marker on the spot, a wall at the edge. */
  readonly allowNothing?: boolean
}

/** A length in any unit: taken over as soon as it is one, told what is wrong until then. */
export function LengthField({
  label,
  field,
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
    // Changed from elsewhere, not by what is being typed here: shown as it is now.
    if (mm !== seen.sent || seen.unit !== unit) {
      setTyped(undefined)
      setProblem(undefined)
    }
    setSeen({ ...seen, mm, unit })
  }
  const shown = unit === 'm' || unit === 'ft' ? formatDistance(mm, unit) : formatLength(mm, unit)
  const take = (text: string) => {
    setTyped(text)
    try {
      const next =
        allowNothing && /^0([.,]0+)?( ?(mm|cm|m|in|ft))?$/.test(text.trim()) ? 0 : parseLength(field, text, unit)
      setProblem(undefined)
      if (Math.abs(next - mm) > 1e-6) {
        setSeen({ ...seen, sent: next })
        onChange(next)
      }
    } catch (error) {
      setProblem(error instanceof Error ? error.message : String(error))
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
        // What is no length stays to be mended; what is one is shown as it was understood.
        if (problem === undefined) setTyped(undefined)
      }}
      rightSection={rightSection}
      w={width}
      autoComplete="off"
    />
  )
}
