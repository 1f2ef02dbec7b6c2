import { said } from '../words/i18n'

/** A name and what is said of it, as the language puts them: "Herons: Half past", « Herons : Et demie ». */
export const titled = (name: string, rest: string | number): string => said('{0}: {1}', name, rest)

/** Somebody's words, in the quotation marks of the language. */
export const quoted = (words: string): string => said('“{0}”', words)
