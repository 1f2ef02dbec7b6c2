declare const TOLD: unique symbol

/**
 * A text for the adult, in English, to be said in their language by whoever shows it (`src/words`). Nothing shows it as
 * it is: the compiler takes it for no text. One without places is the English text itself.
 */
export interface Told {
  readonly [TOLD]: true
}

/** Somebody's own words, a number that is written as the language does, or another told text (`asPart`). */
export type ToldValue = string | number | Filling

/** A text with what fills its places {0}, {1} … */
export interface Filling {
  readonly text: string
  readonly values: readonly ToldValue[]
}

/**
 * A text for the adult; {0}, {1} … in it stand for the values.
 *
 * inEnglish(told('{0} of {1} right', 3, 4)) //=> '3 of 4 right'
 */
export const told = (text: string, ...values: readonly ToldValue[]): Told =>
  (values.length > 0 ? ({ text, values } satisfies Filling) : text) as unknown as Told

/** What a told text is made of. Within another one it is handed over like that, since it is no name of somebody's own. */
export function asPart(asked: Told): Filling {
  const made = asked as unknown as string | Filling
  return typeof made === 'string' ? { text: made, values: [] } : made
}

function filledIn({ text, values }: Filling): string {
  return text.replace(/\{(\d+)\}/g, (_, place: string) => {
    const value = values[Number(place)] ?? ''
    return typeof value === 'object' ? filledIn(value) : String(value)
  })
}

/**
 * A told text in English.
 *
 * inEnglish(told('{0} is next', asPart(told('Half past')))) //=> 'Half past is next'
 */
export const inEnglish = (asked: Told): string => filledIn(asPart(asked))
