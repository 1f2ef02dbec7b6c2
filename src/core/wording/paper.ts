import { sayDate } from './dates'
import type { PrintedPhrase } from './printed/phrases'
import { PRINTED_IN } from './printed/registry'
import { languages } from './registry'
import { type Filling, type Told, asPart, inEnglish, told } from '../told'
import type { Wording } from './types'

/*
 * What is printed for the adult, in the group's language. It is apart from how times are said, since its tables are
 * long: a view that prints nothing does not fetch them.
 */

/**
 * What is printed for the adult, in the group's language, with its places filled in.
 *
 * printedAs('Answers: {0}', { language: 'de', form: 'turns' }, 'Domino') //=> 'Lösung: Domino'
 */
export function printedAs(phrase: PrintedPhrase, wording: Wording, ...values: (string | number)[]): string {
  return filledIn(PRINTED_IN[wording.language]?.phrases[phrase] ?? phrase, wording, values)
}

/** A text with its places filled: numbers with the point or comma of the language, French words run together. */
function filledIn(text: string, { language }: Wording, values: readonly (string | number)[]): string {
  // A number is written with the point or comma of its language; in a text it may be a time or a date.
  const written = (value: string | number) =>
    typeof value === 'number' ? String(value).replace('.', languages[language].decimalPoint) : value
  const join = language === 'fr' ? elided : (word: string, next: string) => `${word} ${next}`
  return text.replace(/(?:\b(de|que) )?\{(\d+)\}/g, (_, word: 'de' | 'que' | undefined, place: string) => {
    const value = written(values[Number(place)] ?? '')
    return word === undefined ? value : join(word, value)
  })
}

/** A thing, and what is said of it. A French colon has a space before it. */
export const saidOf = (thing: string, says: string, { language }: Wording): string =>
  `${thing}${language === 'fr' ? '\u00a0' : ''}: ${says}`

/** Whether what is printed for the adult is as it stands in the code. */
export const isEnglish = ({ language }: Wording): boolean => PRINTED_IN[language] === undefined

/** Beside the bar that shows whether a page came out at true size. */
export function barText(wording: Wording): string {
  return printedAs('This bar is 100 mm when printed at 100 %', wording)
}

/** "Bram, Tomas and Wren". */
export function listInWords(names: readonly string[], wording: Wording): string {
  const last = names[names.length - 1] ?? ''
  return names.length < 2 ? last : printedAs('{0} and {1}', wording, names.slice(0, -1).join(', '), last)
}

/** The name of a print, a rung, a material or a mistake in the group's language, or another text told of it. */
export function nameIn(wording: Wording, name: Told): string {
  return partIn(wording, asPart(name))
}

function partIn(wording: Wording, { text, values, date }: Filling): string {
  if (date !== undefined) return sayDate(date, wording.language, { year: true })
  const printed = PRINTED_IN[wording.language]
  const found = printed?.names[text] ?? printed?.phrases[text as PrintedPhrase] ?? text
  return filledIn(
    found,
    wording,
    values.map((value) => (typeof value === 'object' ? partIn(wording, value) : value)),
  )
}

/** A unit for so many: "page", "pages". All English ones take an s. */
export const unitFor = (unit: Told, count: number): Told => (count === 1 ? unit : told(`${inEnglish(unit)}s`))

/** A name as it stands inside a sentence: small at its beginning, except in German. */
export function nameWithin(wording: Wording, name: Told): string {
  const said = nameIn(wording, name)
  return wording.language.startsWith('de') ? said : `${said.charAt(0).toLowerCase()}${said.slice(1)}`
}

/** "Onze" and "oui" begin like a consonant in French. */
const VOWEL = /^(?!onz|oui)[aeiouàâæéèêëîïôœùûü]/i

/**
 * A French word that ends in e, before another one: "de Tavi" but "d’Odalys", "que Tavi" but "qu’Odalys".
 *
 * elided('de', 'Odalys') //=> 'd’Odalys'
 * elided('que', 'Tavi') //=> 'que Tavi'
 */
export function elided(word: 'de' | 'que', next: string): string {
  return VOWEL.test(next) ? `${word.slice(0, -1)}’${next}` : `${word} ${next}`
}
