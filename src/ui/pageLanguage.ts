import type { LanguageId } from '../core/wording'

/** What a part of a page that is for the children is marked with, so that it is read aloud in their language. */
export const pageLanguage = (language: LanguageId): string => (language === 'de-quarters' ? 'de' : language)
