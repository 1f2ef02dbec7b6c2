import { type LanguageId, languages, say } from '../wording'
import { plainWord, tokensOf } from './tokens'

const vocabularies = new Map<LanguageId, ReadonlySet<string>>()

/** Every word that can stand in a time of a language: those that it says, and those that adults type beside them. */
export function vocabularyOf(language: LanguageId): ReadonlySet<string> {
  const known = vocabularies.get(language)
  if (known) return known
  const words = new Set<string>(EXTRA)
  for (let minute = 0; minute < 1440; minute++)
    for (const form of ['turns', 'minutes-past'] as const) {
      const said = say(minute, { language, form, options: { dayHalf: minute % 60 === 0 } })
      for (const { plain } of tokensOf(said)) words.add(plain)
    }
  for (const word of LANGUAGE_EXTRA[language.slice(0, 2)] ?? []) words.add(word)
  for (const word of [languages[language].noon, languages[language].midnight]) words.add(plainWord(word))
  vocabularies.set(language, words)
  return words
}

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
