import { asPart, inEnglish, isPart, told, type Told } from './told'

/** A value that the core will not work with: what was refused, what came, what is allowed. */
export class RefusedValue extends RangeError {
  /** The whole sentence, to be said in the adult's language; the message is its English. */
  readonly says: Told

  constructor(
    readonly asked: Told,
    readonly allowed: Told,
    /** What came: a value as it is, or words of ours (`asPart`). */
    readonly received: unknown,
  ) {
    const says = sentence(asked, allowed, received)
    super(inEnglish(says))
    this.name = 'RefusedValue'
    this.says = says
  }

  /** The whole sentence, with the name that the field has where it is filled in. */
  called(name: Told): Told {
    return sentence(name, this.allowed, this.received)
  }

  /** What was refused, as the code calls it. */
  get field(): string {
    return inEnglish(this.asked)
  }
}

function sentence(asked: Told, allowed: Told, received: unknown): Told {
  // An empty field of a form comes as NaN.
  if (Number.isNaN(received)) return told('{0} must be {1}; it is no number', asPart(asked), asPart(allowed))
  const came = isPart(received) ? received : short(shown(received)) || asPart(told('nothing'))
  return told('{0} must be {1}, not {2}', asPart(asked), asPart(allowed), came)
}

const LONGEST_SHOWN = 80

/** As it came: a thing or a list with what is in it. */
const shown = (received: unknown): string =>
  typeof received === 'object' ? (JSON.stringify(received) ?? '') : String(received)

function short(text: string): string {
  return text.length > LONGEST_SHOWN ? `${text.slice(0, LONGEST_SHOWN)} …` : text
}

/** Throws RefusedValue unless `value` is a whole number from low to high. */
export function requireInteger(field: Told, value: number, low: number, high: number): number {
  if (!Number.isInteger(value) || value < low || value > high)
    throw new RefusedValue(field, told('a whole number from {0} to {1}', low, high), value)
  return value
}

/** Throws RefusedValue unless `value` is a finite number in [low, high]. */
export function requireNumber(field: Told, value: number, low: number, high: number): number {
  if (!Number.isFinite(value) || value < low || value > high)
    throw new RefusedValue(field, told('a number from {0} to {1}', low, high), value)
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
