import { said } from '#words'
import { type Told, asPart, capital } from '../../core/wording'
import { isPart } from '../../core/told'

/*
 * A sentence of ours that is kept, to be said in the language of whoever reads it. It is kept as JSON with what fills
 * its places. A name, and a sentence of an older version, is a plain text and is shown as it is.
 */

export const toKeep = (sentence: Told): string => JSON.stringify(asPart(sentence))

function read(text: string): unknown {
  try {
    return JSON.parse(text)
  } catch {
    return undefined
  }
}

/** What is kept, as it is said to whoever asks. Anybody can write anything into a file that is imported. */
export function keptText(text: string): string {
  const sentence = read(text)
  return isPart(sentence) ? capital(said(sentence.text, ...sentence.values)) : text
}
