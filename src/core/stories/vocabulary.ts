import { type LanguageId, languages, say } from '../wording'
import { plainWord, tokensOf } from './tokens'

const vocabularies = new Map<LanguageId, ReadonlySet<string>>()

/** Every word that can stand in a time of a language: those that it says, and those that adults type beside them. */
export function vocabularyOf(language: LanguageId): ReadonlySet<string> {
  const known = vocabularies.get(language)
  if (known) return known
  const words = new Set<string>(EXTRA)
  for (const minute of SAID_MINUTES)
    for (const form of ['turns', 'minutes-past'] as const) {
      const said = say(minute, { language, form, options: { dayHalf: minute % 60 === 0 } })
      for (const { plain } of tokensOf(said)) words.add(plain)
    }
  for (const word of LANGUAGE_EXTRA[language.slice(0, 2)] ?? []) words.add(word)
  for (const word of [languages[language].noon, languages[language].midnight]) words.add(plainWord(word))
  vocabularies.set(language, words)
  return words
}

/**
 * Times that have all the words between them, to be said quickly: every minute of one hour, and every hour of the day at
 * o'clock, at half past and at quarter to, where the next hour is named.
 */
const SAID_MINUTES: readonly number[] = [
  ...Array.from({ length: 60 }, (_, minute) => minute),
  ...Array.from({ length: 24 }, (_, hour) => [0, 30, 45].map((minute) => hour * 60 + minute)).flat(),
]

const EXTRA = ['h', 'am', 'pm', 'a.m.', 'p.m.', 'a.m', 'p.m', 'a. m.', 'p. m.']

/** Words of times that are read but not said by us. */
const LANGUAGE_EXTRA: Readonly<Record<string, readonly string[]>> = {
  en: [
    'a',
    'an',
    'quarter',
    'half',
    'past',
    'after',
    'before',
    'to',
    'till',
    'til',
    'of',
    'oh',
    'hundred',
    'in',
    'the',
    'this',
    'morning',
    'afternoon',
    'evening',
    'at',
    'night',
    'midday',
    "o'clock",
    'minute',
    'minutes',
    'thirteen',
    'forty',
    'fifty',
  ],
  de: [
    'uhr',
    'viertel',
    'drei',
    'dreiviertel',
    'halb',
    'ein',
    'morgens',
    'fruh',
    'am',
    'morgen',
    'vormittags',
    'vormittag',
    'nachmittags',
    'nachmittag',
    'abends',
    'abend',
    'mittags',
    'mittag',
    'nachts',
    'mitternacht',
    'minute',
    'minuten',
    'in',
    'der',
    'nacht',
    'zwanzig',
    'dreissig',
    'vierzig',
    'funfzig',
  ],
  fr: [
    'heure',
    'heures',
    'et',
    'demie',
    'demi',
    'quart',
    'quarts',
    'moins',
    'le',
    'du',
    'matin',
    'soir',
    'de',
    "l'apres-midi",
    'midi',
    'minuit',
    'minutes',
    'minute',
  ],
  es: [
    'y',
    'media',
    'cuarto',
    'menos',
    'de',
    'la',
    'las',
    'tarde',
    'noche',
    'manana',
    'madrugada',
    'mediodia',
    'medianoche',
    'minutos',
    'minuto',
  ],
}
