/** A value that the core will not work with: what was refused, what came, what is allowed. */
export class RefusedValue extends RangeError {
  constructor(
    readonly field: string,
    readonly allowed: string,
    readonly received: unknown,
  ) {
    // An empty field of a form comes as NaN.
    super(
      `${field} must be ${allowed}${Number.isNaN(received) ? '; it is no number' : `, not ${short(shown(received))}`}`,
    )
    this.name = 'RefusedValue'
  }
}

const LONGEST_SHOWN = 80

/** As it came: a thing or a list with what is in it. */
const shown = (received: unknown): string =>
  typeof received === 'object' ? (JSON.stringify(received) ?? '') : String(received)

function short(text: string): string {
  return text.length > LONGEST_SHOWN ? `${text.slice(0, LONGEST_SHOWN)} …` : text
}

/** Throws RefusedValue unless `value` is a whole number from low to high. */
export function requireInteger(field: string, value: number, low: number, high: number): number {
  if (!Number.isInteger(value) || value < low || value > high)
    throw new RefusedValue(field, `a whole number from ${low} to ${high}`, value)
  return value
}

/** Throws RefusedValue unless `value` is a finite number in [low, high]. */
export function requireNumber(field: string, value: number, low: number, high: number): number {
  if (!Number.isFinite(value) || value < low || value > high)
    throw new RefusedValue(field, `a number from ${low} to ${high}`, value)
  return value
}

/** For the end of an exhaustive switch: the compiler proves that it is never reached. */
export function unreachable(value: never): never {
  throw new Error(`unexpected case ${JSON.stringify(value)}`)
}

export type Attempt<T> =
  { readonly value: T; readonly refusal?: undefined } | { readonly value?: undefined; readonly refusal: RefusedValue }

/** What `work` gives, or why the core refused it. Any other error is thrown on, since it is ours to mend. */
export function attempt<T>(work: () => T): Attempt<T> {
  try {
    return { value: work() }
  } catch (error) {
    if (error instanceof RefusedValue) return { refusal: error }
    throw error
  }
}
