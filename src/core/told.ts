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
  /** Which date the text is, where it is one (2026-11-28). */
  readonly date?: string
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

const isValue = (value: unknown): boolean => typeof value === 'string' || typeof value === 'number' || isPart(value)

/** Whether something that came from anywhere is a text with what fills its places, all through. */
export function isPart(value: unknown): value is Filling {
  if (typeof value !== 'object' || value === null || !('text' in value) || !('values' in value)) return false
  return typeof value.text === 'string' && Array.isArray(value.values) && value.values.every(isValue)
}

/** Somebody's own words, where a text of ours might stand: the name of their own activity. */
export const ownWords = (text: string): Told => told('{0}', text)

/**
 * Texts or names one after the other.
 *
 * inEnglish(told('Left out: {0}.', inARow([asPart(told('Quick check')), 'Bram']))) //=> 'Left out: Quick check, Bram.'
 */
export const inARow = (list: readonly ToldValue[], between = ', '): Filling => ({
  text: list.map((_, i) => `{${i}}`).join(between),
  values: list,
})

/**
 * A list as it is said in a sentence; `last` is "and" or "or".
 *
 * inEnglish(told('It could be {0}.', inAList(['7:00', '19:00'], 'or'))) //=> 'It could be 7:00 or 19:00.'
 */
export function inAList(list: readonly ToldValue[], last: 'and' | 'or' = 'and'): Filling {
  const end = list[list.length - 1]
  if (list.length < 2 || end === undefined) return inARow(list)
  const before = inARow(list.slice(0, -1))
  return asPart(last === 'and' ? told('{0} and {1}', before, end) : told('{0} or {1}', before, end))
}

/** Sentences one after the other. */
export const inSentences = (sentences: readonly Told[]): Told => {
  const { text, values } = inARow(sentences.map(asPart), ' ')
  return told(text, ...values)
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
