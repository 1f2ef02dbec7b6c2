import { useId } from './fieldId'

interface SegmentsProps<V extends string> {
  readonly 'aria-label'?: string
  readonly value: V | undefined
  readonly onChange: (value: V) => void
  readonly data: readonly (V | { readonly value: V; readonly label: string })[]
  readonly size?: 'xs' | 'sm'
  readonly fullWidth?: boolean
}

/** One of a few, side by side. They are the browser's own radio buttons, so nothing is measured before they can be used. */
export function Segments<V extends string>({
  value,
  onChange,
  data,
  size = 'sm',
  fullWidth,
  ...named
}: SegmentsProps<V>) {
  const name = useId()
  const all = data.map((each) => (typeof each === 'string' ? { value: each, label: each } : each))
  return (
    <div role="radiogroup" {...named} className={`segments segments-${size}`} data-full={fullWidth || undefined}>
      {all.map((each) => (
        <label key={each.value} className="segment">
          <input
            type="radio"
            name={name}
            value={each.value}
            checked={each.value === value}
            onChange={() => onChange(each.value)}
          />
          <span>{each.label}</span>
        </label>
      ))}
    </div>
  )
}
