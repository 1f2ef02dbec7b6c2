import { said } from '#words'
import { type Filling, type Told, asPart, capital } from '../../core/wording'

/*
 * A sentence of ours that is kept, to be said in the language of whoever reads it. It is kept as JSON with what fills
 * its places; one from an older version is a plain English text, and is shown as it is.
 */

export const toKeep = (sentence: Told): string => JSON.stringify(asPart(sentence))

/** What is kept, as it is said to whoever asks. */
export function keptText(text: string): string {
  if (!text.startsWith('{"text":')) return text
  const { text: sentence, values } = JSON.parse(text) as Filling
  return capital(said(sentence, ...values))
}
