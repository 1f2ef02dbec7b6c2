import { SegmentedControl, type SegmentedControlProps } from '@mantine/core'

interface SegmentsProps<V extends string> extends Pick<
  SegmentedControlProps<V>,
  'aria-label' | 'size' | 'fullWidth' | 'onChange'
> {
  /** Undefined: none is chosen yet. */
  readonly value: V | undefined
  readonly data: readonly (V | { readonly value: V; readonly label: string })[]
}

/** One of a few, side by side. */
export function Segments<V extends string>({ value, data, ...others }: SegmentsProps<V>) {
  return <SegmentedControl<V> {...others} value={value ?? ('' as V)} data={[...data]} transitionDuration={0} />
}
