import { checkOptions } from './checkOptions'
import type { Print, PrintableOf, PrintableFacts } from './types'
import type { PrintOptions } from './choices'

interface Definition<Id extends string> extends PrintableFacts {
  readonly id: Id
  readonly make: (options: PrintOptions, seed: number) => Print
}

/**
 * A printable whose options are checked before anything is drawn, whoever asks: the core, an endpoint or a view.
 * Its `make` throws RefusedValue for a rung, a count, an option or a seed that it cannot do right.
 */
export function definePrintable<const Id extends string>(definition: Definition<Id>): PrintableOf<Id> {
  const { make, notes, fill } = definition
  const check = (options: PrintOptions) => checkOptions(definition, options)
  const checked =
    <Rest extends unknown[], Result>(work: (options: PrintOptions, ...rest: Rest) => Result) =>
    (options: PrintOptions, ...rest: Rest): Result => {
      check(options)
      return work(options, ...rest)
    }
  return {
    ...definition,
    check,
    make: checked(make),
    ...(notes && { notes: checked(notes) }),
    ...(fill && { fill: checked(fill) }),
  }
}
