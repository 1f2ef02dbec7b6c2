import { ADULT_LANGUAGES, type AdultLanguageId, SOURCE_LANGUAGE } from './languages'

/*
 * Fills in a message of a catalogue. The catalogues are compiled by Lingui; its own runtime would ask `Intl` for a
 * number format at the first plural, which blocks a slow phone for more than a tenth of a second.
 */

/** A text, or what stands in the place of one: its name, how it is chosen, and the texts to choose from. */
type MessagePart = string | readonly [name: string, kind?: string, choices?: Readonly<Record<string, unknown>>]

/** As the catalogue has it: a text without places, or its parts. */
export type Message = string | readonly MessagePart[]

export type Values = Readonly<Record<string, unknown>>

/** A whole number as it is, one with tenths with the point or comma of the language. */
const written = (value: unknown, language: AdultLanguageId): string =>
  typeof value === 'number' ? String(value).replace('.', ADULT_LANGUAGES[language].decimalPoint) : String(value ?? '')

/** What stands in quotation marks has other ones inside: „vor“ is ‚vor‘ there. */
function quotedIn(before: unknown, text: string, language: AdultLanguageId): string {
  const [open, close, innerOpen, innerClose] = ADULT_LANGUAGES[language].quotes
  if (typeof before !== 'string' || !before.endsWith(open)) return text
  return text.replaceAll(open, innerOpen).replaceAll(close, innerClose)
}

/** Kept, since it is asked for at every plural. */
const rules = new Map<string, Intl.PluralRules>()

function rulesOf(language: string, type: Intl.PluralRuleType): Intl.PluralRules {
  const key = `${language} ${type}`
  const known = rules.get(key) ?? new Intl.PluralRules(language, { type })
  rules.set(key, known)
  return known
}

/** The text that goes with a value: one for exactly this number, for its plural form, for this word, or for all others. */
function chosen(
  kind: string,
  value: unknown,
  choices: Readonly<Record<string, unknown>>,
  language: AdultLanguageId,
): unknown {
  if (kind === 'select') return choices[String(value)] ?? choices.other
  const form = rulesOf(language, kind === 'selectordinal' ? 'ordinal' : 'cardinal').select(Number(value))
  return choices[String(value)] ?? choices[form] ?? choices.other
}

/** What ends with a point, such as a date, ends a sentence too: no second one follows. */
const joined = (text: string, more: string): string =>
  text.endsWith('.') && more.startsWith('.') && !more.startsWith('..') ? text + more.slice(1) : text + more

/**
 * A message with its places filled.
 *
 * filled(['Remove ', ['name'], '?'], { name: 'Bram' }, 'en') //=> 'Remove Bram?'
 */
export function filled(message: Message, values: Values, language: AdultLanguageId): string {
  if (typeof message === 'string') return message
  return message
    .map((token, i) => {
      if (typeof token === 'string') return token
      const [name, kind, choices] = token
      const value = values[name]
      if (!kind || !choices) return quotedIn(message[i - 1], written(value, language), language)
      const text = chosen(kind, value, choices, language) as Message
      // A hash sign stands for the number itself.
      return typeof text === 'string'
        ? text
        : filled(
            text.map((part) => (part === '#' ? ([name] as const) : part)),
            values,
            language,
          )
    })
    .reduce(joined, '')
}

/**
 * An English text as it stands in the code, with its places filled.
 *
 * filledAsWritten('{0} of {1}', { 0: 3, 1: 4 }) //=> '3 of 4'
 */
export const filledAsWritten = (text: string, values: Values): string =>
  text.replace(/(“?)\{(\w+)\}(\.(?!\.))?/g, (_, open: string, name: string, stop = '') =>
    joined(open + quotedIn(open, written(values[name], SOURCE_LANGUAGE), SOURCE_LANGUAGE), String(stop)),
  )
