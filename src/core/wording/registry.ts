import { englishGb, englishUs } from './english'
import { french } from './french'
import { germanQuarters, germanStandard } from './german'
import type { Language } from './language'
import { spanish } from './spanish'

const registered = {
  'en-GB': englishGb,
  'en-US': englishUs,
  de: germanStandard,
  'de-quarters': germanQuarters,
  fr: french,
  es: spanish,
} satisfies Record<string, Language>

export type LanguageId = keyof typeof registered

export const languages: Readonly<Record<LanguageId, Language>> = registered

/** One table a language, for every place where it is spoken. */
export const inEach = <T>({
  en,
  de,
  fr,
  es,
}: Readonly<Record<'en' | 'de' | 'fr' | 'es', T>>): Record<LanguageId, T> => ({
  'en-GB': en,
  'en-US': en,
  de,
  'de-quarters': de,
  fr,
  es,
})

export const LANGUAGE_IDS = Object.keys(languages) as readonly LanguageId[]
